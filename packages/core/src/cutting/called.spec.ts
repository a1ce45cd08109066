import type { JobDocument } from '../job';
import { patched } from '../reading';
import { sample } from '../job/sample.spec-data';
import { plan, readJobDocument } from '../plan';
import { partsOf } from './parts';
import { IN_ENGLISH } from '../plan/plan.spec-data';
import { bankTelling, caseTelling, drawerOfJob, ownerOfPart, partOfJob, partsServed } from './called';
import { demo } from '../plan/plan.spec-data';

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

describe('what a part belongs to', () => {
  const several = planOf(named({ name: 'Port', banks: ['Left'] }, { name: 'Starboard', banks: [undefined] }));

  it('is its drawer, or its case', () => {
    const whole = planOf(demo('signal-locker'));
    const { parts } = partsOf(whole.job, whole.plan);
    const owner = (name: RegExp) => {
      const said = ownerOfPart(
        whole.plan,
        parts.find((each) => name.test(each.name))!,
      );
      return said && IN_ENGLISH.say(said);
    };
    expect(owner(/^c1\/case-side-left/)).toBe('Locker');
    expect(owner(/^c1\/b1\/d2\/side 1/)).toMatch(/Flags/);
    expect(ownerOfPart({ cases: [] }, parts[0]!)).toBeUndefined();
  });

  it('a case is told where there are several, by what tells it from the others', () => {
    expect(caseTelling(several.plan, 'c2')).toEqual(['Starboard']);
    expect(caseTelling(several.plan, 'nowhere')).toEqual([]);
    expect(caseTelling(planOf(sample).plan, 'c1')).toEqual([]);
    const alike = planOf(named({ name: 'Port', banks: [undefined] }, { name: 'Port', banks: [undefined] }));
    expect(caseTelling(alike.plan, 'c2')).toEqual(['c2']);
  });

  it('parts are told by their kind, each drawer of them once, members with how many', () => {
    const { parts } = partsOf(several.job, several.plan);
    const sides = parts.filter(({ use }) => use.role === 'side').map(({ use }) => use);
    const { params } = partsServed(several.plan, [
      ...sides,
      { role: 'extra', path: '', place: 0, node: undefined },
    ]) as {
      params: { parts: { part: { code: string }; of: { bank: string[]; place: number }[] }[] };
    };
    expect(params.parts.map(({ part, of }) => [part.code, of.length])).toEqual([
      ['part/side', 6],
      ['part/extra', 0],
    ]);
    expect(params.parts[0]!.of.map(({ bank, place }) => [...bank, place])).toEqual(
      ['Port', 'Starboard'].flatMap((name) => [0, 1, 2].map((place) => [name, place])),
    );
    const member = (role: 'case-bottom' | 'shelf', node?: string, count?: number) =>
      ({ role, path: '', place: 0, node, ...(count === undefined ? {} : { count }) }) as never;
    const members = partsServed(several.plan, [
      member('case-bottom'),
      member('case-bottom'),
      member('shelf', 'a'),
      member('shelf', 'b', 3),
    ]) as unknown as { params: { parts: { part: { code: string; params: object } }[] } };
    expect(members.params.parts.map(({ part }) => part.code)).toEqual(['part/case-bottom', 'part-named', 'part-named']);
    expect(members.params.parts[0]!.part.params).toEqual({ count: 2 });
  });
});

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

it('a part of a list is called as there, with its number where there are several; a drawer by its name where it has one', () => {
  const extra = (count: number) => ({ id: `x${count}`, name: 'Cleat', material: sample.materials[0]!.id, count });
  const size = { length: '400 mm', width: '90 mm' };
  const listed = planOf({ ...sample, cutting: { extra: [1, 2].map((count) => ({ ...extra(count), ...size })) } });
  const { parts } = partsOf(listed.job, listed.plan);
  const extras = parts.filter(({ use }) => use.role === 'extra').map((part) => partOfJob(listed.plan, part));
  expect(extras).toEqual([
    { code: 'part-called', params: { called: 'Cleat' } },
    { code: 'part-called', params: { called: 'Cleat', number: 1 } },
    { code: 'part-called', params: { called: 'Cleat', number: 2 } },
  ]);
  const called = planOf(patched(sample, [{ path: 'cases[0].banks[0].drawers[1].name', value: 'Twine' }]));
  const drawers = new Map(
    partsOf(called.job, called.plan).parts.map((part) => {
      const { drawer } = (drawerOfJob(called.plan, part)?.params ?? {}) as { drawer?: object };
      return [part.use.place, drawer];
    }),
  );
  expect([drawers.get(0), drawers.get(1)]).toEqual([{ place: 0 }, { place: 1, name: 'Twine' }]);
});
