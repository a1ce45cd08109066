import { readAt, readingAt } from '../job';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { inMillimetres } from '../length';
import { frontsAsHung } from '../fitting';
import { plan, readJobDocument } from '../plan';
import { one, told, IN_ENGLISH } from '../plan/plan.spec-data';
import { ENGLISH, wordsIn } from '../words';
import { benchCards } from './bench-card';
import { benchCardText } from './bench-card-text';

const width = (...value: unknown[]): Patch => ({ path: 'BANK.opening.width', value });
const height = (...value: unknown[]): Patch => ({ path: 'BANK.opening.height', value });
const at = (length: string, place?: string[], drawer?: string): object => ({
  length,
  ...(place ? { place } : {}),
  ...(drawer ? { drawer } : {}),
});
const errors = (...patches: Patch[]): readonly { path: string; says: string }[] => {
  const reading = readJobDocument(
    patched(
      sample,
      patches.map(({ path, value }) => ({ path: path.replace('BANK', BANK), value })),
    ),
  );
  return reading.ok ? [] : reading.errors.map(({ path, said }) => ({ path, says: IN_ENGLISH.say(said) }));
};

describe('readings with their place', () => {
  it('give the same sizes as the lengths alone', () => {
    const bare = one(width('600 mm', '602 mm'));
    const placed = one(width(at('600 mm', ['back', 'bottom']), at('602 mm', ['top', 'front'])));
    const sizes = ({ opening, drawers }: typeof bare): unknown => [
      opening.width.total,
      opening.taper.total,
      drawers.map(({ dimensions }) => Object.values(dimensions).map(({ total }) => total)),
    ];
    expect(sizes(placed)).toEqual(sizes(bare));
  });

  it('lead back to the field of the length, and say where the governing one was read', () => {
    const { opening } = one(width(at('600 mm', ['back', 'bottom']), '602 mm'));
    expect(opening.width.terms).toEqual([
      {
        label: { code: 'size-of-opening', params: { size: 'width', of: 2, at: { places: ['bottom', 'back'] } } },
        amount: 600_000_000,
        from: { kind: 'field', path: `${BANK}.opening.width[0].length` },
      },
    ]);
    expect(opening.taper.terms.map(({ from }) => from)).toEqual([
      { kind: 'field', path: `${BANK}.opening.width[1]` },
      { kind: 'field', path: `${BANK}.opening.width[0].length` },
    ]);
  });

  it('are told in findings by their place, by number where nobody said', () => {
    const says = (...patches: Patch[]): string =>
      told(one(...patches).findings.find(({ code }) => code === 'OPENING_TAPERED'));
    const said = says(width('600 mm', at('602 mm', ['back', 'top']), at('603 mm', undefined, 'd2'), '601.5 mm'));
    expect(said).toContain('1.0 mm a side at the top, back; 1.5 mm a side at drawer 2; 0.7 mm a side at reading 4');
    expect(said).not.toContain('reading 2');
    const apart = one(width(at('600 mm', ['top']), at('640 mm', ['bottom', 'front']))).findings;
    expect(told(apart.find(({ code }) => code === 'OPENING_IMPOSSIBLE'))).toContain(
      '(width: 600 mm at the top, 640 mm at the bottom, front)',
    );
  });

  it('are printed on the bench card once one of them has a place', () => {
    const card = (...patches: Patch[]): string => {
      const document = patched(
        sample,
        patches.map(({ path, value }) => ({ path: path.replace('BANK', BANK), value })),
      );
      const reading = readJobDocument(document);
      if (!reading.ok) throw new Error('sample');
      const planned = plan(reading.job);
      const words = wordsIn(ENGLISH, planned);
      return benchCards(reading.job, planned)
        .map((each) => benchCardText(each, words))
        .join('\n');
    };
    expect(card(width('600 mm', '602 mm'))).not.toContain('Read ');
    const printed = card(width('600 mm', at('602 mm', ['top', 'back'])), { path: 'BANK.name', value: 'By the door' });
    expect(printed).toContain('Read     width 600; 602 top, back | height 500 | depth 560');
    expect(printed).toContain('1.0 a side at the top, back');
    expect(printed).toContain('Rack, By the door');
  });

  it.each([
    [at('600 mm', ['top', 'bottom']), 'opening.width[0].place', 'read "top" and "bottom"'],
    [at('600 mm', ['front', 'back']), 'opening.width[0].place', 'a reading is taken at one of them'],
    [at('600 mm', ['inside']), 'opening.width[0].place[0]', 'it must be "top"'],
    [at('600 mm', undefined, 'd9'), 'opening.width[0].drawer', 'no drawer of this bank has this id'],
    [{ place: ['top'] }, 'opening.width[0].length', 'this field is missing'],
    [at('0 mm', ['top']), 'opening.width[0].length', 'it must be more than nothing'],
  ])('%j is refused with its path', (reading, path, says) => {
    const [first] = errors(width(reading));
    expect(first?.path).toBe(`${BANK}.${path}`);
    expect(first?.says).toContain(says);
  });

  it('tell left from right for fronts cut as the case hangs', () => {
    const tops = (...readings: Patch[]): unknown => {
      const { front } = sample.cases[0]!.banks[0]!;
      const gaps = { mount: 'inset', top: '2 mm', bottom: '2 mm', left: '2 mm', right: '2 mm', gap: '2 mm' };
      const inset = { path: 'BANK.front', value: { ...gaps, material: front.material } };
      const diagonals = { path: 'BANK.opening.diagonals', value: ['781 mm', '781 mm'] };
      return frontsAsHung(one(...readings, inset, diagonals)).map(({ outOfSquare }) => outOfSquare);
    };
    const [low, high] = [at('500 mm', ['right']), at('503 mm', ['left'])];
    expect(tops(height(low, high))).toEqual(tops(height('503 mm', '500 mm')));
    expect(tops(height(low, high))).not.toEqual(tops(height('500 mm', '503 mm')));
  });

  it('are told by drawer and ends, in one order', () => {
    const bank = one(width(at('600 mm', ['back', 'top']), at('600 mm', ['front'], 'd3'), '600 mm')).bank;
    expect([0, 1, 2].map((index) => readAt(bank.opening.width[index], bank.drawers))).toEqual([
      { places: ['top', 'back'] },
      { level: 2, places: ['front'] },
      { places: [] },
    ]);
    expect(readingAt(bank, 'width', 1)).toEqual({ index: 1, level: 2, places: ['front'] });
    expect(inMillimetres(one(width(at('599 mm', ['top']))).opening.width.total)).toBe(599);
  });
});
