import {
  atWork,
  buyingList,
  compareBottoms,
  compareSlides,
  costOf,
  cutList,
  drawCase,
  drawPart,
  drawStickPaper,
  drawTemplates,
  dxfOf,
  frontsAsHung,
  gatesOf,
  groupFindings,
  missingFromSheet,
  momentOf,
  NO_SETTINGS,
  partsOf,
  quoteOf,
  reachNow,
  recordLines,
  sheetsToBuy,
  slideTable,
  solidOf,
  stepsDone,
  svgOf,
  wantedOf,
  withReadings,
  type Drawing,
  type Job,
  type JobDocument,
  type Plan,
  type Words,
} from './index';

export interface Read {
  readonly job: Job;
  readonly planned: Plan;
  readonly words: Words;
  readonly document: object;
}

/** Drawings as the files others take. */
export function filesOf({ job, planned, words }: Read): unknown {
  const drawings: readonly Drawing[] = [
    ...partsOf(job, planned).parts.map((part) => drawPart(part, part.name, words)),
    ...planned.cases.flatMap(({ casework, banks }) => [
      ...(casework ? (['front', 'plan', 'section'] as const).map((view) => drawCase(casework, view)) : []),
      ...banks.flatMap((bank) => [
        drawStickPaper(bank, words),
        ...drawTemplates(bank, words).map((each) => each.drawing),
      ]),
    ]),
  ];
  return drawings.map((each, at) => [svgOf(each, `drawing ${at}`), dxfOf(each, job.unit)]);
}

/** How far each of what opens comes while one stands half open: every third of them in turn. */
export function openedOf({ job, planned }: Read): unknown {
  return planned.cases.map((owner) => {
    const { motions } = solidOf(job, planned, owner);
    const some = motions.filter((_, at) => at % 3 === 0);
    return motions.flatMap(({ name }) =>
      some.map((other) => reachNow(planned, owner, motions, name, new Map([[other.name, other.full / 2]]))),
    );
  });
}

/** What follows from what was measured and done. */
export function madeOf({ job, planned }: Read): unknown {
  return [
    ...[withReadings(job), recordLines(job), gatesOf(job, planned, new Set(['slide:side-ball-bearing']))],
    planned.cases.map(({ id, doors, banks }) => [
      doors.map((door) => [...stepsDone(job.log ?? [], `${id}/${door.id}`).keys()]),
      banks.map((bank) => [frontsAsHung(bank), [...stepsDone(job.log ?? [], `${id}/${bank.id}`).keys()]]),
    ]),
  ];
}

/** What it is bought, quoted and done by. */
export function workOf({ job, planned, words, document }: Read): unknown {
  const cost = costOf(job, planned, NO_SETTINGS);
  const wanted = wantedOf(job, 'job', cost);
  const shop = {
    ...{ calendar: {}, costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [] },
    jobs: [{ id: 'job', document: document as JobDocument, fixed: {} }],
  };
  const { problem, jobs } = atWork(shop, { now: momentOf('2026-11-30', 480), zone: 0 });
  return [
    ...[wanted, quoteOf({ job, plan: planned, cost, words }, 'whole'), problem, jobs.map(({ tasks }) => tasks)],
    buyingList([{ job: 'job', name: job.name, wanted }], { prices: new Map(), had: [], rack: [], drawer: new Map() }),
    sheetsToBuy(cutList(job, planned).groups, []),
  ];
}

/** What else there is to choose from, of the first bank. */
export function elseOf({ job, planned, document }: Read): unknown {
  const path = 'cases[0].banks[0]';
  const table = slideTable(job);
  return [
    ...[compareSlides(job, path), compareBottoms(document as JobDocument, path)],
    job.slides?.map((own) => missingFromSheet(own, table.get(own.like)!, job.unit)),
    planned.cases.map(({ findings }) => groupFindings(findings)),
  ];
}
