import {
  afterwards,
  alternatives,
  atWork,
  bestOf,
  bestOrder,
  buyingLate,
  buyingList,
  bySupplier,
  consequences,
  costDifference,
  costFindings,
  costOf,
  cutDocument,
  cutList,
  dayFindings,
  daysOf,
  ENGLISH,
  FINISH_ROWS,
  inOtherBasis,
  insteadPatches,
  layOut,
  learnedOf,
  millimetres,
  momentOf,
  NO_SETTINGS,
  OPERATION_IDS,
  patched,
  plan,
  planner,
  priceDocument,
  priceOf,
  quoteOf,
  readJobDocument,
  replaceable,
  sheetParts,
  sheetsToBuy,
  timesOf,
  turnBasis,
  wantedOf,
  wordsIn,
  writeMoment,
  type CostSettings,
  type JobDocument,
  type ShopRead,
} from './index';
import { chanceFrom } from './chance';

const NOW = { now: momentOf('2026-11-30', 610), zone: 0 };
const DAYS = ['2026-11-20', '2026-12-01', '2026-12-02', '2026-12-04', '2026-12-18', '2027-01-20'];

function read(document: object) {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error('It can’t be read.');
  const planned = plan(reading.job);
  return { job: reading.job, planned, words: wordsIn(ENGLISH, planned) };
}

/** A made-up shop that has these jobs, from one number. */
function shopOf(documents: readonly object[], seed: number): ShopRead {
  const chance = chanceFrom(seed);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(chance() * all.length)] as T;
  const some = <T>(all: readonly T[], share: number): readonly T[] => all.filter(() => chance() < share);
  const known = documents.map((document, at) => {
    const { job, planned } = read(document);
    return { id: `job${at}`, document, job, wanted: wantedOf(job, `job${at}`, costOf(job, planned, NO_SETTINGS)) };
  });
  const wanted = known.flatMap((each) => each.wanted.map((one) => ({ ...one, job: each.id })));
  const opening = (from: number, to: number) => [{ from, to }];
  const names = atWork({ ...EMPTY, jobs: known.map(jobRead) }, NOW).jobs.flatMap(({ tasks }) => tasks);
  return {
    calendar: {
      ...(chance() < 0.5 ? { week: [...Array(4).fill(opening(480, 1020)), opening(480, 720), [], []] } : {}),
      ...(chance() < 0.4 ? { closed: [{ from: '2026-12-03', to: '2026-12-03' }] } : {}),
      people: [
        { id: 'runa', name: 'Runa' },
        ...some([{ id: 'odd', name: 'Odd', off: [{ from: '2026-12-01', to: '2026-12-02' }] }], 0.6),
      ],
      ...(chance() < 0.5 ? { places: { bench: 2, finishing: 1 } } : {}),
      ...(chance() < 0.6 ? { temperature: pick([4, 12, 21]) } : {}),
    },
    costing: {
      ...(chance() < 0.5 ? { minutes: Object.fromEntries(some(OPERATION_IDS, 0.3).map((id) => [id, 7])) } : {}),
      ...(chance() < 0.5 ? { finishes: FINISH_ROWS.map((row) => ({ ...row, coats: row.coats + 1 })) } : {}),
      ...(chance() < 0.5
        ? {
            waste: 22,
            credit: 40,
            usual: { margin: { percent: 12, of: 'cost' }, tax: { percent: 25, how: 'added' }, people: pick([1, 2]) },
          }
        : {}),
    },
    prices: some(wanted, 0.8).map(({ key, unit }, at) => ({
      ...{ key, unit, cents: 900 + 31 * at, pack: at % 3 === 0 ? 10 : 1, date: pick(DAYS) },
      ...(chance() < 0.7 ? { supplier: pick(['Chandler', 'Timber yard']) } : {}),
    })),
    rack: known.flatMap(({ job }) =>
      job.materials.map(({ name, thickness }) => ({
        ...{ material: name, kind: 'off-cut', length: '900 mm', width: '500 mm', count: pick([1, 3]), price: 12.5 },
        ...(chance() < 0.5 ? { thickness: `${thickness / 1e6} mm` } : {}),
      })),
    ),
    drawer: some(wanted, 0.3).map(({ key }) => ({ key, count: pick([1, 6, 200]) })),
    had: some(wanted, 0.3).map(({ job, key }) => ({
      ...{ job, key, count: pick([1, 4]), is: pick(['aside', 'ordered', 'arrived'] as const) },
    })),
    onOrder: some(wanted, 0.3).map(({ job, key }) => ({
      ...{ job, key, supplier: pick(['Chandler', 'Timber yard']) },
      ...(chance() < 0.7 ? { expectedOn: pick(DAYS) } : {}),
    })),
    suppliers: [{ name: 'Chandler', leadDays: pick([1, 4, 9]) }, { name: 'Timber yard' }],
    ...(chance() < 0.5 ? { lead: pick([1, 6]) } : {}),
    jobs: known.map((each) => ({
      ...jobRead(each),
      ...(chance() < 0.8 ? { due: pick(DAYS) } : {}),
      fixed: Object.fromEntries(
        some(names, 0.04).map(({ id }) => [id.split('/').slice(1).join('/'), writeMoment(NOW.now + pick([600, 5000]))]),
      ),
    })),
  };
}

const jobRead = ({ id, document }: { readonly id: string; readonly document: object }) => ({
  ...{ id, document: document as JobDocument, fixed: {} },
});
const EMPTY: ShopRead = {
  ...{ calendar: {}, costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [], jobs: [] },
};

/** With tasks of it begun, left, done and taken back. */
function marked(document: object, seed: number): object {
  const chance = chanceFrom(seed);
  const [job] = atWork({ ...EMPTY, jobs: [jobRead({ id: 'job', document })] }, NOW).jobs;
  const log = [...((document as JobDocument).log ?? [])] as object[];
  const mark = (task: string, did: string): void => {
    const at = `2026-11-${28 + Math.floor(log.length / 40)}T${String(8 + Math.floor((log.length % 40) / 4)).padStart(2, '0')}:20:00Z`;
    log.push({ id: `m${log.length}`, kind: 'task', task, did, at, ...(chance() < 0.5 ? { by: 'Odd' } : {}) });
  };
  for (const { id } of job?.tasks ?? []) {
    const task = id.split('/').slice(1).join('/');
    const kind = chance();
    if (kind < 0.3) mark(task, 'begin');
    if (kind < 0.15) mark(task, 'pause');
    if (kind > 0.1 && kind < 0.25) mark(task, 'done');
    if (kind > 0.2 && kind < 0.24) mark(task, 'undone');
  }
  const next = { ...document, log: log.slice(0, 90) };
  return readJobDocument(next).ok ? next : document;
}

/** The days of a made-up shop with these jobs: tasks, orders, findings, and what is bought of whom. */
export function dayByDay(some: readonly object[], seed: number): unknown {
  const documents = some.map((document, at) => marked(document, seed + at));
  const shop = shopOf(documents, seed);
  const work = atWork(shop, NOW);
  const days = daysOf(work, bestOrder(work.problem, { tries: 60 }));
  const wanted = documents.map((document, at) => {
    const { job, planned } = read(document);
    return { job: `job${at}`, name: job.name, wanted: wantedOf(job, `job${at}`, costOf(job, planned, NO_SETTINGS)) };
  });
  const from = bySupplier(
    buyingList(wanted, {
      prices: new Map(shop.prices.map((row) => [row.key, priceOf(row)])),
      ...{ had: [], rack: [], drawer: new Map() },
    }),
    shop.suppliers,
  );
  return [
    ...[work.jobs, work.problem, days, dayFindings(shop, NOW, work, days), from],
    buyingLate(from, [], { today: '2026-11-30', by: '2026-12-03' }),
    work.jobs.map(({ tasks }) => tasks.map((task) => timesOf(task, 77))),
  ];
}

/** What a job costs with all a shop may say, what else it came to, and how it is cut out of what there is. */
export function paidFor(document: object, seed: number): unknown {
  const { job, planned, words } = read(document);
  const shop = shopOf([document], seed);
  const settings: CostSettings = {
    ...{ ...NO_SETTINGS, ...shop.costing, today: '2026-12-01' },
    prices: new Map(shop.prices.map((row) => [row.key, priceOf(row)])),
  };
  const [plain, cost] = [costOf(job, planned, NO_SETTINGS), costOf(job, planned, settings)];
  const spent = [
    { operation: 'cut', minutes: 95 } as const,
    { operation: 'hang', minutes: 30 } as const,
    { minutes: 7 },
  ];
  const bought = cost.lines.flatMap(({ key }, at) => (at % 2 === 0 ? [{ key, cents: 1234 + at }] : []));
  const quoted = plain.lines.map(({ key, what }, at) => ({ key, what, cents: 1000 + at }));
  const rack = job.materials.map(({ id, name }) => ({
    ...{ id: `rack/${id}`, material: name, length: millimetres(900), width: millimetres(400), count: 2 },
  }));
  const taken = sheetParts(job, planned, 'all', rack).flatMap(({ material, task }) =>
    (bestOf(layOut(task, seed), 20)?.layout.sheets ?? []).map((sheet) => ({ material: material.id, sheet })),
  );
  return [
    ...[priceDocument(cost, costFindings(job, planned, cost, '2026-12-01'), words), costDifference(plain, cost)],
    ...[afterwards(cost, spent, { quoted, bought }), learnedOf(job, planned, cost, spent)],
    (['sum', 'parts', 'whole'] as const).map((detail) => quoteOf({ job, plan: planned, cost, words }, detail)),
    cutDocument(job, planned, words, { tries: 20, seed }, rack),
    sheetsToBuy(cutList(job, planned).groups, taken),
  ];
}

/** What else a job could be: its bank divided otherwise, by its other basis, with other slides, hinges, materials. */
export function otherwise(document: object): unknown {
  const { job, planned } = read(document);
  const path = 'cases[0].banks[0]';
  const basis = patched(job, turnBasis(job, path));
  const found = replaceable(document as JobDocument, planned);
  const again = planner();
  return [
    ...[alternatives(job, path), inOtherBasis(job, path), turnBasis(job, path), found],
    consequences(planned, plan(basis)),
    found.map(({ kind, from }, at) => {
      const to = found.filter((each) => each.kind === kind)[(at + 1) % 2]?.from ?? 'other';
      const patches = insteadPatches(document as JobDocument, planned, { kind, from, to });
      const other = readJobDocument(patched(document, patches));
      return [patches, other.ok && consequences(again(job), again(other.job))];
    }),
  ];
}
