import type { JobDocument } from '../job';
import { patched } from '../reading';
import { sample } from '../job/sample.spec-data';
import { plan, readJobDocument } from '../plan';
import { partsOf } from './parts';
import { IN_ENGLISH } from '../plan/plan.spec-data';
import { bankTelling, drawerOfJob, partOfJob } from './called';

const [owner] = sample.cases;
const [bank] = owner!.banks;
const planOf = (document: JobDocument) => {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return { job: reading.job, plan: plan(reading.job) };
};
const named = (...cases: { name: string; banks: (string | undefined)[] }[]): JobDocument => ({
  ...sample,
  cases: cases.map(({ name, banks }, c) => ({
    ...owner!,
    id: `c${c + 1}`,
    name,
    banks: banks.map((each, b) => ({ ...bank!, id: `b${b + 1}`, ...(each === undefined ? {} : { name: each }) })),
  })),
});
const words = (document: JobDocument): string[] => {
  const whole = planOf(document).plan;
  return whole.cases.flatMap(({ banks }) => banks.map(({ path }) => bankTelling(whole, path).join(' ')));
};

describe('what tells a bank from the others', () => {
  it('is nothing where it is the only one', () => {
    expect(words(sample)).toEqual(['']);
  });

  it('is its name, or its id where it has none or another is called alike', () => {
    expect(words(named({ name: 'Bench', banks: ['Left', undefined] }))).toEqual(['Left', 'b2']);
    expect(words(named({ name: 'Bench', banks: ['Left', 'Left'] }))).toEqual(['b1', 'b2']);
    const long = 'A very long name of a bank, the';
    expect(words(named({ name: 'Bench', banks: [`${long} first`, 'Right'] }))).toEqual(['A very long name …', 'Right']);
    expect(words(named({ name: 'Bench', banks: [`${long} first`, `${long} second`] }))).toEqual(['b1', 'b2']);
  });

  it('has its case before it where there are several, and that is enough where it has one bank', () => {
    expect(words(named({ name: 'Port', banks: ['Left', 'Right'] }, { name: 'Middle', banks: [undefined] }))).toEqual([
      'Port Left',
      'Port Right',
      'Middle',
    ]);
    expect(words(named({ name: 'Port', banks: [undefined] }, { name: 'Port', banks: [undefined] }))).toEqual([
      'c1',
      'c2',
    ]);
  });

  it('stands before a part and its drawer', () => {
    const document = patched(named({ name: 'Bench', banks: ['Left', 'Right'] }), [
      { path: 'cases[0].banks[0].drawers[1].name', value: 'Awls' },
    ]);
    const whole = planOf(document);
    const part = partsOf(whole.job, whole.plan).parts.find(({ name }) => name.startsWith('c1/b1/d2/side'))!;
    expect(IN_ENGLISH.say(partOfJob(whole.plan, part))).toMatch(/^Left 2 side/);
    expect(IN_ENGLISH.say(drawerOfJob(whole.plan, part)!)).toBe('Left, drawer 2, Awls');
  });
});
