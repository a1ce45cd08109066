import { IN_ENGLISH } from './plan.spec-data';
import fc from 'fast-check';
import { readJobDocument, readJobFile } from './plan';
import { patched, valueAt, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';

/** The errors of the sample with patches applied, one line each. */
function errors(...patches: Patch[]): string[] {
  const reading = readJobDocument(patched(sample, patches));
  return reading.ok ? [] : reading.errors.map(({ path, said }) => `${path}: ${IN_ENGLISH.say(said)}`);
}
const at = (path: string, value: unknown): Patch => ({ path: path.replace('BANK', BANK), value });

describe('reading a job', () => {
  it('reads a sound one and keeps every field', () => {
    const extra = {
      notes: 'n',
      customer: 'c',
      step: '0.5 mm',
      slides: [
        {
          id: 'own',
          like: 'undermount-16',
          name: 'Own',
          insideDeduction: '41 mm',
          lengths: { mm: { list: ['400 mm'] } },
        },
      ],
    };
    const reading = readJobDocument({ ...sample, ...extra });
    expect(reading).toMatchObject({
      ok: true,
      job: { notes: 'n', customer: 'c', step: 500_000, slides: [{ insideDeduction: 41_000_000 }] },
    });
  });

  it.each<[Patch, string]>([
    [
      at('BANK.opening.width[0]', '24 1/0 in'),
      `${BANK}.opening.width[0]: read "24 1/0 in": the fraction 1/0 divides by nothing`,
    ],
    [at('BANK.opening.width[0]', 600), `${BANK}.opening.width[0]: read 600: a length is written as text with its unit`],
    [at('BANK.opening.width', []), `${BANK}.opening.width: a list of 1 to 100 is wanted and this one has 0`],
    [at('BANK.opening.width[0]', '0 mm'), `it must be more than nothing`],
    [at('BANK.opening.diagonals', ['1 mm']), `a list of 2 is wanted`],
    [at('BANK.opening', undefined), `${BANK}.opening: this field is missing`],
    [at('BANK.front.mount', 'lipped'), `${BANK}.front.mount: read "lipped": it must be "overlay", "inset" or "none"`],
    [at('BANK.front.colour', 'red'), `${BANK}.front.colour: there is no field of this name`],
    [at('BANK.front.material', 'oak'), `${BANK}.front.material: read "oak": no material of the job has this id`],
    [at('BANK.box.back', 'oak'), `${BANK}.box.back: read "oak"`],
    [at('BANK.drawers[1].box', { sides: 'oak' }), `${BANK}.drawers[1].box.sides: read "oak"`],
    [at('BANK.drawers[1].front', { gap: '3 mm' }), `${BANK}.drawers[1].front.gap: there is no field`],
    [at('BANK.drawers[1].id', 'd1'), `${BANK}.drawers[1].id: read "d1": ${BANK}.drawers[0] has this id already`],
    [at('BANK.drawers[1].sameAs', 'd9'), `${BANK}.drawers[1].sameAs: read "d9": no drawer of this bank`],
    [at('BANK.drawers[1].sameAs', 'd2'), `the ties run in a circle`],
    [at('BANK.drawers', []), `${BANK}.drawers: a list of 1 to 60`],
    [at('BANK.division.step', undefined), `${BANK}.division.step: this field is missing: scheme "step" needs it`],
    [at('BANK.division.increment', undefined), `${BANK}.division.increment: this field is missing`],
    [at('BANK.division.increment', '0 mm'), `it must be more than nothing`],
    [at('BANK.division.makeup', { drawer: 'd9' }), `${BANK}.division.makeup.drawer: read "d9"`],
    [at('BANK.division.makeup', 'middle'), `it must be "bottom" or "top"`],
    [at('BANK.box.corner.joint', 'rabbet'), `${BANK}.box.corner.depth: this field is missing: joint "rabbet" needs it`],
    [at('BANK.box.corner.back', { joint: 'half-blind' }), `${BANK}.box.corner.back.depth: this field is missing`],
    [at('BANK.box.groove', undefined), `${BANK}.box.groove: this field is missing: a captured bottom needs it`],
    [at('BANK.box.play', undefined), `${BANK}.box.play: this field is missing`],
    [at('BANK.slide.family', 'magnetic'), `${BANK}.slide.family: read "magnetic": there is no slide family`],
    [at('BANK.slide.length', '501 mm'), `${BANK}.slide.length: this length is not on the list of side-ball-bearing`],
    [at('BANK.drawers[0].slide', { family: 'x' }), `${BANK}.drawers[0].slide.family: read "x"`],
    [at('BANK.mounting', { rise: 'most' }), `${BANK}.mounting.rise: read "most"`],
    [at('slides', [{ id: 'own', like: 'nothing' }]), `slides[0].like: read "nothing"`],
    [at('slides', [{ id: 'side-light', like: 'side-light' }]), `slides[0].id: read "side-light": a built-in row`],
    [
      at('slides', [{ id: 'own', like: 'side-light', basis: 'inside' }]),
      `slides[0].insideDeduction: this field is missing`,
    ],
    [at('unit', 'cubit'), `unit: read "cubit"`],
    [at('name', ''), `name: read "": it must not be empty`],
    [at('name', 'a\u0000b'), `it holds control characters`],
    [at('materials[0].price', -1), `materials[0].price: read -1`],
    [at('format', 'other'), `format: it must be "zabble-job"`],
    [at('version', 2), `version: read 2: written by a newer Zabble`],
    [at('version', '1'), `version: read "1"`],
  ])('says what is wrong and where: %j', (patch, says) => {
    const found = errors(patch);
    expect(found.join('\n')).toContain(says);
    expect(found.every((line) => !line.includes('\n'))).toBe(true);
  });

  it('takes a text as long as it may be, and no longer', () => {
    expect(errors(at('name', 'x'.repeat(200)))).toEqual([]);
    expect(errors(at('name', 'x'.repeat(201)))).toEqual([expect.stringContaining('longer than 200 characters')]);
    expect(errors(at('BANK.drawers[0].id', 'x'.repeat(40)))).toEqual([]);
    expect(errors(at('BANK.drawers[0].id', 'x'.repeat(41)))).toHaveLength(1);
  });

  it('says a tied group’s two different locks, and takes one alike', () => {
    const tie = at('BANK.drawers[1].sameAs', 'd1');
    const lock = (i: number, height: string): Patch => at(`BANK.drawers[${i}].height`, height);
    expect(errors(tie, lock(0, '100 mm'), lock(1, '101 mm'))).toHaveLength(1);
    expect(errors(tie, lock(0, '100 mm'), lock(1, '10 cm'))).toEqual([]);
  });

  it('says everything wrong at once', () => {
    expect(errors(at('unit', 'x'), at('BANK.rail', 'y'), at('BANK.odd', 1))).toHaveLength(3);
  });

  it.each([
    ['', 'empty'],
    ['{', 'not JSON'],
    ['{"a":1,\n}', 'not JSON'],
    ['[]', 'one object'],
    ['null', 'one object'],
    ['"x"', 'one object'],
    ['{}', 'format'],
    ['['.repeat(200_000), 'not JSON'],
    [`${'['.repeat(50_000)}${']'.repeat(50_000)}`, 'one object'],
    ['{"__proto__":{"format":"zabble-job"}}', 'format'],
    ['x'.repeat(65_000_000), 'never over'],
  ])('a file of %.30s… is refused with one sentence', (text, says) => {
    const reading = readJobFile(text);
    expect(
      reading.ok ? [] : reading.errors.map((each) => `${each.path}: ${IN_ENGLISH.say(each.said)}`).join('|'),
    ).toContain(says);
  });

  it('takes no field from a prototype', () => {
    const text = JSON.stringify(sample).replace('"name"', '"__proto__":{"polluted":1},"name"');
    const reading = readJobFile(text);
    expect(reading.ok ? [] : reading.errors.map(({ path }) => path)).toContain('__proto__');
    expect(({} as { polluted?: number }).polluted).toBeUndefined();
  });

  it('lists only so many errors of a very broken file', () => {
    const junk = Object.fromEntries(Array.from({ length: 5000 }, (_, i) => [`junk${i}`, i]));
    expect(errors(at('BANK.junk', junk)).length).toBeLessThan(60);
    const reading = readJobDocument({ ...sample, ...junk });
    expect(reading.ok ? 0 : reading.errors.length).toBe(51);
  });

  it('never throws on any JSON', () => {
    fc.assert(
      fc.property(
        fc.jsonValue(),
        fc.constantFrom('cases', 'materials', 'BANK.box', 'BANK.drawers', 'BANK.opening', 'slides'),
        (value, path) => {
          expect(typeof readJobDocument(patched(sample, [at(path, value)])).ok).toBe('boolean');
        },
      ),
      { numRuns: 1000 },
    );
  });
});

describe('patches', () => {
  it('set, add and take away, leaving what they don’t touch', () => {
    const after = patched(sample, [
      at('BANK.opening.width[2]', '599 mm'),
      at('BANK.opening.width[0]', undefined),
      at('customer', 'x'),
    ]);
    expect(valueAt(after, `${BANK}.opening.width`)).toEqual(['600.5 mm', '599 mm']);
    expect(after.customer).toBe('x');
    expect(after.materials).toBe(sample.materials);
    expect(valueAt(patched(after, [at('customer', undefined)]), 'customer')).toBeUndefined();
    expect(valueAt(sample, 'constructor')).toBeUndefined();
  });
});
