import { inMillimetres, millimetres, nm } from '../length';
import { plan, readJobDocument } from '../plan';
import { wholeBank, wholeJob } from '../plan/whole-case.spec-data';
import { drawRow } from '../drawing/panel';
import { grainRuns } from '../cutting/grain-runs';
import { bestOf, partsOf, rulesOf, sawOf } from '../cutting';
import { layOut, lyingIn } from '../sheets';

const FRONT = {
  ...{ mount: 'overlay', top: '8 mm', bottom: '8 mm', left: '8 mm', right: '7 mm', gap: '3 mm' },
  ...{ material: 'ply18', grain: 'up' },
};
const DOOR = {
  ...{ id: 'o1', over: 'right', mount: 'overlay', top: '8 mm', bottom: '8 mm', left: '7 mm', right: '8 mm' },
  ...{ gap: '3 mm', material: 'ply18', hinge: { family: 'cup-110-full' } },
};

/** A pair over a bank, beside the other: its column is parted from the top down, the pair in it from side to side. */
const STACKED = {
  layout: {
    id: 'front',
    across: [
      { id: 'left', size: '400 mm' },
      { id: 'r', down: [{ id: 'right', size: '300 mm' }, { id: 'low' }] },
    ],
  },
};
const stackedBank = wholeBank('b2', 'low', 2, { front: { ...FRONT, left: '7 mm', right: '8 mm' } });

function cased(door: object = {}, front: object = {}, over: object = {}, more: readonly object[] = []) {
  const owner = {
    ...{ style: 'frameless', run: { kerf: '3 mm', trim: '10 mm' }, doors: [{ ...DOOR, ...door }] },
    build: {
      ...{ width: '1000 mm', height: '900 mm', depth: '560 mm', panel: 'ply18', joint: { kind: 'butt' } },
      back: { kind: 'applied', material: 'ply6' },
    },
    layout: { id: 'front', across: [{ id: 'left', size: '400 mm' }, { id: 'right' }] },
    ...over,
  };
  const bank = wholeBank('b1', 'left', 3, { front: { ...FRONT, ...front } });
  const read = readJobDocument(wholeJob(owner, [bank, ...more], { unit: 'mm', saw: { kerf: '3 mm' } }));
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  const { parts } = partsOf(read.job, made);
  return { job: read.job, plan: made.cases[0]!, parts, runs: grainRuns(read.job, made, parts) };
}

// Common practice: what is cut one after the other with the gap's own kerf runs on across the divider.
describe('fronts and doors of a whole case from one panel', () => {
  it('lie as they hang, with the true gap across the divider', () => {
    const { plan: whole, runs, parts } = cased();
    const divider = whole.casework!.bodies.find(({ role }) => role === 'divider')!;
    const open = divider.x.to - divider.x.from - millimetres(14);
    expect(whole.run!.jumps.map(({ total }) => total)).toEqual([open - millimetres(3)]);
    const [run] = runs;
    expect(runs).toHaveLength(1);
    expect(run!.names.map((name) => name.split('/').slice(1).join('/'))).toEqual([
      ...['b1/d1/face', 'b1/d2/face', 'b1/d3/face', 'door o1'],
    ]);
    const sized = (name: string) => parts.find((part) => part.name.endsWith(name))!;
    const [front, leaf] = [sized('b1/d1/face'), sized('door o1')];
    // The grain runs along the sheet: as high as the door and trim, as wide as both, a cut and trim.
    expect(run!.piece.width).toBe(front.width.total + leaf.width.total + millimetres(13));
    expect(whole.run!.panel.total).toBe(run!.piece.width);
    const high = ['d1', 'd2', 'd3'].reduce((sum, id) => sum + sized(`b1/${id}/face`).length.total, 6_000_000);
    expect(run!.piece.length).toBe(Math.max(high, leaf.length.total) + millimetres(10));
  });

  it('lie on the sheet so, whatever of them is cut already', () => {
    const pair = { leaves: 2, hinge: undefined };
    const ways = [cased(), cased(pair), cased(pair, {}, STACKED, [stackedBank])];
    for (const { job, plan: whole, parts } of ways)
      for (const gone of [
        [],
        ['door o1'],
        ['door o1 1'],
        ['b1/d2/face'],
        ['b1/d1/face', 'b1/d2/face', 'b1/d3/face'],
        ['b2/d1/face', 'b2/d2/face'],
      ]) {
        const left = parts.filter(({ name }) => !gone.some((each) => name.endsWith(each)));
        const made = { unit: 'mm', step: millimetres(0.5), cases: [whole], worlds: [] } as const;
        for (const { names, piece } of grainRuns(job, made, left)) {
          const rules = { ...rulesOf(sawOf(job)), trim: nm(0) };
          const sheet = { length: piece.length, width: piece.width };
          const task = { pieces: [{ ...piece, mayTurn: false }], rules, stock: [{ id: 's', ...sheet, count: 1 }] };
          const { layout } = bestOf(layOut(task), 10)!;
          const lying = lyingIn(layout.sheets[0]!, rules).filter((each) => each.piece);
          expect(lying.map((each) => each.piece)).toEqual(names);
          for (const { piece: name, long, wide } of lying) {
            const part = parts.find((each) => each.name === name)!;
            expect([name, long, wide]).toEqual([name, part.length.total, part.width.total]);
          }
        }
      }
  });

  it('takes a pair leaf by leaf; what is framed, of other stock or grained across stays apart', () => {
    expect(cased({ leaves: 2, hinge: undefined }).runs[0]!.names.slice(-2)).toEqual(['c1/door o1 1', 'c1/door o1 2']);
    const framed = { frame: { stile: '57 mm', groove: '10 mm', panel: 'ply6' } };
    for (const apart of [cased(framed), cased({ material: 'ash19' }), cased({}, { grain: 'across' })])
      expect(apart.runs.flatMap(({ names }) => names).some((name) => name.includes('door'))).toBe(false);
  });

  it('is drawn as it is cut: nothing overlaps, all of it on the panel', () => {
    const { plan: whole, job } = cased({ leaves: 2, hinge: undefined });
    const drawing = drawRow(whole, job.cases[0]!.run!)!;
    const boxes = drawing.shapes.flatMap((shape) => (shape.kind === 'box' && shape.role === 'front' ? [shape] : []));
    expect(boxes).toHaveLength(5);
    for (const [index, one] of boxes.entries()) {
      expect(one.x).toBeGreaterThanOrEqual(0);
      expect(one.x + one.width).toBeLessThanOrEqual(drawing.width + 1e-6);
      expect(one.y + one.height).toBeLessThanOrEqual(drawing.height + 1e-6);
      for (const other of boxes.slice(index + 1)) {
        const beside = one.x + one.width <= other.x + 1e-6 || other.x + other.width <= one.x + 1e-6;
        const over = one.y + one.height <= other.y + 1e-6 || other.y + other.height <= one.y + 1e-6;
        expect(beside || over).toBe(true);
      }
    }
    expect(inMillimetres(whole.run!.panel.total)).toBeCloseTo(drawing.width, 6);
  });
});
