import { BANK, sample } from '../job/sample.spec-data';
import { patched, type Patch } from '../reading';
import { partsOf } from '../cutting';
import { drawTemplates } from '../drawing';
import { boxFixingRows, frontScrews } from '../fixing';
import { ENGLISH, wordsIn } from '../words';
import { inMillimetres, millimetres, nm } from '../length';
import { bankHardware, boxFixings, plan, readJobDocument, type DrawerPlan } from '../plan';

function made(...patches: readonly Patch[]) {
  const reading = readJobDocument(
    patched(
      sample,
      patches.map(({ path, value }) => ({ path: `${BANK}.${path}`, value })),
    ),
  );
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const planned = plan(reading.job);
  const bank = planned.cases[0]!.banks[0]!;
  const of = (place: number) => boxFixings(reading.job, bank, bank.drawers[place]!);
  const parts = partsOf(reading.job, planned).parts;
  return { job: reading.job, bank, of, parts };
}

const told = (fixings: ReturnType<typeof boxFixings>): readonly string[] =>
  fixings.map(
    ({ kind, one, other, count, long, glue }) =>
      `${one}>${other}: ${count} ${kind}${long === undefined ? '' : ` ${inMillimetres(long)}`}${glue ? ' +glue' : ''}`,
  );
const size = (drawer: DrawerPlan, name: keyof DrawerPlan['dimensions']): number => drawer.dimensions[name]!.total;

// Common practice, reckoned here by hand.
describe('what holds a box', () => {
  it('is what goes with its corner, or what is told; glue alone holds no butt end', () => {
    const butt = { path: 'box.corner', value: { joint: 'butt-sides-run' } };
    const corner = (...patches: readonly Patch[]): string | undefined => told(made(...patches).of(0))[0];
    expect(corner({ path: 'box.corner', value: { joint: 'through' } })).toBe('box-front>side: 0 glue +glue');
    // Sides measured at 11.8 mm into an edge: 11.8 + 25 = 36.8, the list has 35.
    expect(corner(butt)).toMatch(/^box-front>side: \d+ screw 35 \+glue$/);
    expect(corner(butt, { path: 'box.fixing', value: 'glue' })).toMatch(/ screw 35 \+glue$/);
    expect(corner(butt, { path: 'box.fixing', value: 'brad' })).toMatch(/ brad 35 \+glue$/);
    expect(corner({ path: 'box.corner', value: { joint: 'pocket-screw' } })).toMatch(/ pocket-screw 25$/);
    expect(
      corner({ path: 'box.corner', value: { joint: 'rabbet', depth: '6 mm' } }, { path: 'box.fixing', value: 'brad' }),
    ).toMatch(/ brad 35 \+glue$/);
  });

  it('stands in the part it goes through, at half of what it enters', () => {
    const { of, parts, bank } = made({ path: 'box.corner', value: { joint: 'butt-sides-run' } });
    const [front, back] = of(0);
    expect(front!.on).toBe('side');
    expect([...new Set(front!.marks.map(({ along }) => inMillimetres(along)))]).toEqual([5.9]);
    const side = parts.find(({ use }) => use.role === 'side' && use.place === 0)!;
    expect([...new Set(back!.marks.map(({ along }) => side.length.total - along))]).toEqual([millimetres(5.9)]);
    expect(side.fixings).toHaveLength(front!.marks.length + back!.marks.length);
    // Two sides, both ends: every joint counted.
    expect(front!.count).toBe(2 * front!.marks.length);
    expect(size(bank.drawers[0]!, 'box.height')).toBeGreaterThan(side.fixings!.at(-1)!.in);
    const ends = made({ path: 'box.corner', value: { joint: 'butt-ends-run' } }).of(0)[0]!;
    expect(ends.on).toBe('box-front');
  });

  it('is brads on all edges of a bottom below, none of one in grooves', () => {
    const below = made({ path: 'box.bottomFit', value: 'applied' });
    const bottom = below.of(0).filter(({ one }) => one === 'bottom');
    expect(bottom.map(({ other, joints }) => `${other} ${joints}`)).toEqual(['side 2', 'box-front 1', 'back 1']);
    const part = below.parts.find(({ use }) => use.role === 'bottom' && use.place === 0)!;
    expect(part.fixings).toHaveLength(bottom.reduce((sum, { count }) => sum + count, 0));
    for (const { along, in: inwards } of part.fixings!) {
      const edge = Math.min(along, part.length.total - along, inwards, part.width.total - inwards);
      expect(inMillimetres(edge as never)).toBe(5.9);
    }
    expect(
      made()
        .of(0)
        .some(({ one }) => one === 'bottom'),
    ).toBe(false);
  });

  it('takes four screws in a front, six in a high or wide one, clear of groove, slide and pull', () => {
    const { of, bank } = made();
    bank.drawers.forEach((drawer, place) => {
      const front = of(place).find(({ one }) => one === 'drawer-front')!;
      const high = size(drawer, 'front.height') > millimetres(200) || size(drawer, 'front.width') > millimetres(900);
      expect(front.count).toBe(high ? 6 : 4);
      expect(front.long!).toBeLessThanOrEqual(size(drawer, 'screw.front'));
      const line = size(drawer, 'slide.centreY') - size(drawer, 'box.bottomY');
      for (const { in: up } of front.marks) {
        expect(up).toBeGreaterThanOrEqual(millimetres(25));
        expect(size(drawer, 'box.height') - up).toBeGreaterThanOrEqual(millimetres(25));
        if (drawer.family.seat === 'side') expect(Math.abs(up - line)).toBeGreaterThanOrEqual(millimetres(25));
      }
    });
    const placed = bank.drawers.filter((_, place) =>
      of(place).some(({ one, marks }) => one === 'drawer-front' && marks.length > 0),
    );
    expect(placed.length).toBeGreaterThan(0);
    const onBox = (...patches: readonly Patch[]): boolean =>
      made(...patches)
        .of(0)
        .some(({ one, other }) => one === 'drawer-front' && other === 'box-front');
    expect(onBox()).toBe(true);
    expect(onBox({ path: 'front.asBox', value: true })).toBe(false);
    expect(onBox({ path: 'front', value: { mount: 'none' } })).toBe(false);
    expect(onBox({ path: 'opening.width', value: ['20 mm'] })).toBe(false);
  });

  it('goes through the face that is the box’s own front into its sides, at their middles', () => {
    const butt = { path: 'box.corner', value: { joint: 'butt-sides-run' } };
    const { of, bank, parts } = made(butt, { path: 'front.asBox', value: true });
    const [front] = of(0);
    expect(told(of(0))[0]).toMatch(/^drawer-front>side: \d+ screw \d+ \+glue$/);
    expect(front!.on).toBe('drawer-front');
    const [drawer] = bank.drawers;
    const [left, right] = [...new Set(front!.marks.map(({ along }) => along))].sort((a, b) => a - b);
    // Over the whole front the box lies in the middle: laps alike.
    expect(left! + right!).toBe(size(drawer!, 'front.width'));
    expect(right! - left!).toBe(size(drawer!, 'box.width') - millimetres(11.8));
    const up = size(drawer!, 'box.bottomY') - size(drawer!, 'front.bottomY');
    for (const { in: inwards } of front!.marks) {
      expect(inwards).toBeGreaterThan(up);
      expect(inwards).toBeLessThan(up + size(drawer!, 'box.height'));
    }
    const face = parts.find(({ use }) => use.role === 'drawer-front' && use.place === 0)!;
    expect(face.fixings).toHaveLength(front!.count);
    const tongue = { path: 'box.corner', value: { joint: 'half-blind', depth: '6 mm' } };
    expect(told(made(tongue, { path: 'front.asBox', value: true }).of(0))[0]).toBe('drawer-front>side: 0 glue +glue');
  });

  it('has the screws of a front in fewer rows where three do not go', () => {
    const on = { unit: 'mm', width: millimetres(500), floor: millimetres(12), longest: millimetres(29) } as const;
    const rowsOf = (height: number, front: number): readonly number[] => {
      const sizes = { height: millimetres(height), front: { width: millimetres(520), height: millimetres(front) } };
      const { marks, count } = frontScrews({ ...on, ...sizes, at: { x: nm(0), y: nm(0) }, bores: [] });
      const rows = [...new Set(marks.map(({ in: up }) => up))];
      return [count, rows.length, marks.length];
    };
    expect(rowsOf(200, 230)).toEqual([6, 3, 6]);
    expect(rowsOf(110, 230)).toEqual([6, 2, 6]);
    expect(rowsOf(70, 230)).toEqual([6, 1, 6]);
    expect(rowsOf(70, 90)).toEqual([4, 1, 4]);
    // Nothing is 25 mm clear of the groove and of the edge.
    expect(rowsOf(60, 90)).toEqual([4, 0, 0]);
  });

  it('comes together over a bank, with slides and their screws', () => {
    const { bank, of } = made({ path: 'box.corner', value: { joint: 'butt-sides-run' } });
    const rows = boxFixingRows(bank.drawers.flatMap((_, place) => of(place)));
    const joints = rows.filter(({ one }) => one === 'box-front').reduce((sum, row) => sum + row.joints, 0);
    expect(joints).toBe(2 * bank.drawers.length);
    const count = (kind: string) => bankHardware(bank).find((row) => row.kind === kind)?.count;
    expect(count('slide')).toBe(bank.drawers.length);
    const long = (bank.drawers[0]!.nominal ?? 0) > millimetres(500);
    expect(count('slide-screw')).toBe(bank.drawers.length * 2 * (3 + (long ? 4 : 3)));
    // Under the box: two a lock, four a runner.
    const under = made({ path: 'slide.family', value: 'undermount-16' }, { path: 'slide.length', value: undefined });
    const of2 = (kind: string) => bankHardware(under.bank).find((row) => row.kind === kind)?.count;
    expect([of2('lock-screw'), of2('runner-screw')]).toEqual([
      4 * under.bank.drawers.length,
      8 * under.bank.drawers.length,
    ]);
  });

  it('is on brackets of a pull-out that carries a door: their holes as far over its edge as that laps the floor', () => {
    const front = {
      ...sample.cases[0]!.banks[0]!.front,
      bottom: '12 mm',
      brackets: { up: ['40 mm', '120 mm'], in: '8 mm' },
    };
    const base = [
      { path: 'front', value: front },
      { path: 'slide', value: { family: 'tray-base' } },
      { path: 'drawers', value: [{ id: 'd1' }] },
    ];
    const { bank, of, parts } = made(...base);
    const [drawer] = bank.drawers;
    const [width, box] = [size(drawer!, 'front.width'), size(drawer!, 'box.width')];
    // y + bottom lap; equal laps: y + (face − opening) / 2 comes to the same. Common practice.
    const ys = drawer!.brackets.map(({ y }) => inMillimetres(y.total));
    expect(ys).toEqual([52, 52, 132, 132]);
    const [left, right] = drawer!.brackets.map(({ x }) => x.total);
    expect(left! + right!).toBe(width);
    expect(right! - left!).toBe(box - 2 * millimetres(8));
    const held = of(0).filter(({ one }) => one === 'drawer-front');
    expect(held.map(({ other, count, on }) => `${other} ${count} ${on}`)).toEqual(['side 4 drawer-front']);
    expect(parts.find(({ use }) => use.role === 'drawer-front')!.fixings).toHaveLength(4);
    const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
    const template = drawTemplates(bank, words).find(({ title }) => title.code === 'template/brackets')!;
    expect(template.says.map(words.say).join()).toContain('52.0 mm and 132.0 mm up from the lower edge');
    // A hole over the face's upper edge is nobody's.
    const over = made({ path: 'front', value: { ...front, brackets: { up: ['9000 mm'] } } }, ...base.slice(1));
    expect(over.bank.drawers[0]!.brackets).toEqual([]);
  });

  it('bevels the lower edge of a pull that is made, by its angle over its thickness', () => {
    const pull = { school: 'centre', purchase: '10 mm', kind: 'made' };
    const wood = { material: 'front', length: '100 mm', height: '16 mm' };
    const cuts = (angle?: number) =>
      made({ path: 'front.pull', value: { ...pull, made: { ...wood, ...(angle === undefined ? {} : { angle }) } } })
        .parts.filter(({ use }) => use.role === 'pull')
        .flatMap(({ machining }) => machining);
    expect(cuts()).toEqual([]);
    const [cut] = cuts(45);
    const thickness = made().job.materials.find(({ id }) => id === 'front')!.thickness;
    expect(cut).toMatchObject({ kind: 'bevel', where: 'lower edge', sizes: { depth: { total: thickness } } });
    expect(cuts(30)[0]!.sizes['depth']!.total).toBe(Math.round(thickness * Math.tan(Math.PI / 6)));
  });
});
