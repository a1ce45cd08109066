import fc from 'fast-check';
import { inches, millimetres } from '..';
import { plan, readJobDocument } from './plan';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const INSET = {
  mount: 'inset',
  top: '2 mm',
  bottom: '2 mm',
  left: '2 mm',
  right: '2 mm',
  gap: '2 mm',
  material: 'ash19',
};

function planned(more: object, over: object = {}) {
  const bank = wholeBank('b1', 'lower', 3, { slide: { family: 'undermount-16', lengths: 'in' }, ...more });
  const read = readJobDocument(wholeJob({ ...WHOLE_CASE, ...over }, [bank]));
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const [owner] = plan(read.job).cases;
  const place = owner!.casework!.front.compartments.find(({ id }) => id === 'lower')!;
  return { bank: owner!.banks[0]!, place, carriers: owner!.banks[0]!.carriers };
}

describe('strips behind a face frame', () => {
  it('two at the back, from the case’s floor to the underside of what is above, 3 1/2 in wide: common practice', () => {
    const { carriers, place, bank } = planned({ mounting: { behind: 'strips' } });
    const strips = carriers.filter(({ role }) => role === 'strip');
    expect(strips.map(({ side, end }) => [side, end])).toEqual([
      ['left', 'rear'],
      ['right', 'rear'],
    ]);
    for (const strip of strips) {
      expect(strip.length.total).toBe(place.ceiling - place.floor);
      expect([strip.width.total, strip.material]).toEqual([inches(7, 2), 'ply18']);
    }
    // Left and right apart: the frame's edge less the wall.
    expect(strips.map(({ line }) => line!.total)).toEqual([
      place.x - place.left,
      place.right - place.x - place.width.total,
    ]);
    const [mark] = strips[0]!.marks!;
    const edge = bank.drawers[0]!.dimensions['slide.lowerEdgeY']!.total;
    expect([mark!.drawer, mark!.y.total]).toEqual(['d1', edge + place.y - place.floor]);
  });

  it('two more in front where fronts are set in, behind the frame by front and set-back less the frame', () => {
    const { carriers } = planned({ mounting: { behind: 'strips' }, front: INSET });
    const front = carriers.filter(({ end }) => end === 'front');
    expect(front).toHaveLength(2);
    // 3/4 in of front and frame; 3 mm of set-back.
    expect(front[0]!.behindFrame!.total).toBe(millimetres(3));
    // Strip of 17.7, side of 11.8, less 3.
    expect(front[0]!.screw!.total).toBe(millimetres(26.5));
  });

  it('or blocks at the walls, as long as the slide, thick as the frame’s edge stands before the wall', () => {
    const { carriers, bank } = planned({ mounting: { behind: 'blocking' }, buildOut: { rest: 'planed' } });
    const blocks = carriers.filter(({ role }) => role === 'blocking');
    expect(blocks).toHaveLength(6);
    expect(blocks.every(({ length }) => length.total === bank.drawers[0]!.nominal)).toBe(true);
    expect(blocks.filter(({ side }) => side === 'left')[0]!.thickness).toBe(bank.bank.buildOut!.left);
    expect(planned({}).carriers).toEqual([]);
  });
});

describe('wooden runners behind a face frame', () => {
  const runners = (more: object = {}) => planned({ slide: { family: 'wood-runner' }, ...more });

  it('guides stand between them, from a runner’s top to the next one’s underside', () => {
    const { carriers, bank } = runners();
    const guides = carriers.filter(({ role, side }) => role === 'guide' && side === 'left');
    expect(guides).toHaveLength(3);
    const [top, middle, low] = bank.drawers.map(({ dimensions }) => dimensions);
    const thick = top!['runner.thickness']!.total;
    expect(guides[2]!.width.total).toBe(middle!['slide.lowerEdgeY']!.total - low!['slide.lowerEdgeY']!.total - thick);
    expect(guides[0]!.thickness).toBe(bank.bank.buildOut!.left);
    expect(carriers.filter(({ role }) => role === 'kicker')).toHaveLength(2);
  });

  it('runners and guides fill the wall from the lowest runner up, however many drawers', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), (count) => {
        const drawers = Array.from({ length: count }, (_, index) => ({ id: `d${index}` }));
        const { carriers, bank } = runners({ drawers });
        const left = carriers.filter(({ side }) => side === 'left');
        const high = left.filter(({ role }) => role === 'runner').reduce((sum, { thickness }) => sum + thickness, 0);
        const between = left.filter(({ role }) => role === 'guide').reduce((sum, { width }) => sum + width.total, 0);
        expect(high + between).toBe(bank.opening.height.total);
      }),
      { numRuns: 6 },
    );
  });
});
