import { readJobDocument, plan } from '../plan';
import { recordLines } from './record-lines';
import { stepsDone } from './steps-done';
import { doorSteps } from './door-steps';
import { WHOLE_CASE, wholeBank, wholeJob } from '../plan/whole-case.spec-data';
import { ENGLISH, wordsIn } from '../words';
import { inMillimetres, millimetres } from '../length';

const FRAMELESS = {
  build: {
    ...{ width: '1000 mm', height: '900 mm', depth: '560 mm', panel: 'ply18', joint: { kind: 'butt' } },
    back: { kind: 'applied', material: 'ply6' },
  },
  layout: { id: 'front', across: [{ id: 'left', size: '300 mm' }, { id: 'right' }] },
};
const DOOR = {
  ...{ id: 'o1', over: 'right', mount: 'overlay', top: '16 mm', bottom: '16 mm', left: '16 mm', right: '16 mm' },
  ...{ gap: '3 mm', material: 'ply18', hinge: { family: 'cup-110-full', side: 'left' } },
};
const done = (id: string, of: object, undone = false) => ({
  ...{ id, kind: 'step', at: `2026-11-2${id}T09:00:00Z`, step: 'left/cups', ...of },
  ...(undone ? { undone } : {}),
});

function hung(door: object, log: readonly object[] = []) {
  const bank = wholeBank('t1', 'left', 3, {});
  const of = { ...WHOLE_CASE, ...FRAMELESS, style: 'frameless', doors: [{ ...DOOR, ...door }] };
  const read = readJobDocument({ ...wholeJob(of, [bank], { unit: 'mm' }), log });
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  return { job: read.job, door: plan(read.job).cases[0]!.doors[0]! };
}
const stepsOf = (door: object) => doorSteps(hung(door).door);

// Common practice.
describe('hanging a door', () => {
  it('puts hinges in, plates in the case, hangs the leaf, and opens it before what stands behind', () => {
    const steps = stepsOf({ pull: {} });
    expect(steps.map(({ name }) => name)).toEqual(['left/cups', 'left/plates', 'left/hang-door', 'left/pull', 'open']);
    const [cups, plates] = steps;
    const { leaves, hinge } = hung({}).door;
    const [leaf] = leaves;
    expect(cups!.line!.total).toBe(leaf!.cup!.tab!.total + millimetres(17.5));
    expect(plates!.back).toBe(hinge.plate!.back);
    // Plates are told over the case's floor, cups over the leaf's lower edge.
    expect(plates!.heights!.map(({ total }) => total - leaf!.y)).toEqual(cups!.heights!.map(({ total }) => total));
  });

  it('goes leaf by leaf, and by the kind of hinge', () => {
    expect(stepsOf({ leaves: 2, hinge: undefined }).map(({ name }) => name)).toEqual([
      ...['left/cups', 'left/plates', 'left/hang-door', 'right/cups', 'right/plates', 'right/hang-door', 'open'],
    ]);
    const butt = stepsOf({ hinge: { family: 'butt' } });
    expect(butt.map(({ kind }) => kind)).toEqual(['hinges', 'hang-door', 'open']);
    expect(butt[0]!.heights!.length).toBeGreaterThan(1);
    expect(stepsOf({ hinge: { family: 'piano' } })[0]!.heights).toBeUndefined();
    const inset = { mount: 'inset', top: '2 mm', bottom: '2 mm', left: '2 mm', right: '2 mm' };
    const plates = stepsOf({ ...inset, hinge: { family: 'cup-110-inset' } }).find(({ kind }) => kind === 'plates')!;
    expect(inMillimetres(plates.back!)).toBeCloseTo(37 + inMillimetres(hung(inset).door.thickness), 3);
  });

  it('is done, taken back and told in the record as a door’s', () => {
    const { job } = hung({}, [done('1', { door: 'c1/o1' }), done('2', { bank: 'c1/t1' })]);
    expect([...stepsDone(job.log!, 'c1/o1').keys()]).toEqual(['left/cups']);
    const taken = hung({}, [done('1', { door: 'c1/o1' }), done('2', { door: 'c1/o1' }, true)]).job;
    expect(stepsDone(taken.log!, 'c1/o1').size).toBe(0);
    const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
    const [line] = recordLines(job);
    expect(`${words.say(line!.where!)}: ${words.say(line!.said)}`).toMatch(/door “o1”: done: hinges in the leaf$/);
  });

  it('is of a bank or of a door, never of both or neither', () => {
    const read = (of: object) => {
      const bank = wholeBank('t1', 'left', 3, {});
      return readJobDocument({ ...wholeJob(WHOLE_CASE, [bank]), log: [done('1', of)] });
    };
    expect([read({ bank: 'c1/t1' }).ok, read({ door: 'c1/o1' }).ok]).toEqual([true, true]);
    for (const where of [{}, { bank: 'c1/t1', door: 'c1/o1' }]) {
      const wrong = read(where);
      expect(wrong.ok ? [] : wrong.errors.map(({ path, said }) => `${path} ${said.code}`)).toEqual([
        'log[0] bank-or-door',
      ]);
    }
  });
});
