import { createHash } from 'node:crypto';
import {
  assembly,
  benchCards,
  benchCardText,
  boardList,
  boxFits,
  boxFixingRows,
  boxFixings,
  boxSteps,
  caseCards,
  caseCardText,
  caseFixings,
  caseStockOf,
  compareHinges,
  costFindings,
  costOf,
  cutList,
  cutRows,
  doorSteps,
  drawCase,
  drawCaseFace,
  drawCaseStick,
  drawCaseTemplates,
  drawCorner,
  drawExploded,
  drawFace,
  drawHanging,
  drawHingeTemplates,
  drawLid,
  drawLidGauges,
  drawOpening,
  drawPanel,
  drawPart,
  drawRoom,
  drawRow,
  drawSection,
  drawSlideHoles,
  drawStickPaper,
  drawTemplates,
  drawTiltOut,
  drawTiltTemplates,
  ENGLISH,
  frontPanels,
  frontSteps,
  hangSteps,
  hingeTable,
  memberParts,
  millimetres,
  NO_SETTINGS,
  partsOf,
  plan,
  planDocument,
  priceDocument,
  priceOf,
  readJobDocument,
  roomOnPaper,
  sawCuts,
  sawSettings,
  smallFaces,
  solidOf,
  stagesSaid,
  wordsIn,
  type BankPlan,
  type Cost,
  type PriceBook,
  type Words,
} from './index';
import { elseOf, filesOf, madeOf, openedOf, workOf, type Read } from './told-more.spec-data';

/** Made-up prices of all a job takes: each another, so that none stands for another; every second by the pack of ten. */
function pricesOf({ lines }: Cost): PriceBook {
  return new Map(
    lines.map(({ key, unit }, at) => [
      key,
      priceOf({ key, unit, cents: 1000 + 37 * at, pack: at % 2 === 0 ? 1 : 10, date: '2026-06-01' }),
    ]),
  );
}

/** What each room tells of a job, as screen and paper have it, each worked out as it is asked for. */
export type Told = Readonly<Record<'plan' | 'sums' | 'findings' | 'cut' | (typeof REST)[number], () => unknown>>;
export const REST = [
  ...(['price', 'cards', 'bench', 'drawn', 'solid'] as const),
  ...(['files', 'opened', 'made', 'work', 'else', 'boxes'] as const),
] as const;

/** Nothing where the job can't be read. */
export function toldOf(document: object): Told | undefined {
  const read = readJobDocument(document);
  if (!read.ok) return undefined;
  const { job } = read;
  const planned = plan(job);
  const all = { job, planned, words: wordsIn(ENGLISH, planned), document };
  return {
    plan: () => planDocument(planned, all.words),
    // Every amount with what it is the sum of, and where that was written.
    sums: () => planned.cases,
    findings: () => planned.cases.map(({ findings, banks }) => [findings, ...banks.map((bank) => bank.findings)]),
    cut: () => cutOf(all),
    price: () => pricedOf(all),
    cards: () => cardsOf(all),
    bench: () => benchOf(all),
    drawn: () => planned.cases.map((_, at) => drawnOf(all, at)),
    solid: () => solidsOf(all),
    files: () => filesOf(all),
    opened: () => openedOf(all),
    made: () => madeOf(all),
    work: () => workOf(all),
    else: () => elseOf(all),
    boxes: () => boxSteps(job, planned),
  };
}

function cardsOf({ job, planned, words }: Read): string {
  return [
    ...caseCards(job, planned).map((card) => caseCardText(card, words)),
    ...benchCards(job, planned).map((card) => benchCardText(card, words)),
  ].join('\n');
}

function cutOf({ job, planned, words }: Read): unknown {
  const { parts } = partsOf(job, planned);
  return [
    cutList(job, planned),
    boardList(job, planned),
    cutRows(job, planned, words),
    frontPanels(job, planned, parts),
    memberParts(job, planned),
    sawSettings(parts),
    sawCuts(parts, millimetres(3)),
    parts.map((part) => drawPart(part, 'x', words)),
  ];
}

function pricedOf({ job, planned, words }: Read): unknown {
  const prices = pricesOf(costOf(job, planned, NO_SETTINGS));
  const cost = costOf(job, planned, { ...NO_SETTINGS, prices });
  return priceDocument(cost, costFindings(job, planned, cost, '2026-11-01'), words);
}

function benchOf({ job, planned }: Read): unknown {
  const done = new Set<string>();
  return planned.cases.map((owner) => [
    owner.doors.map((door) => [doorSteps(door), compareHinges(door, hingeTable(job))]),
    owner.banks.map((bank) => {
      const steps = hangSteps(bank);
      const drawn = steps.map((step) => [drawHanging(bank, step, done), drawSlideHoles(bank, step)]);
      const fixed = bank.drawers.map((drawer) => boxFixings(job, bank, drawer));
      return [steps, frontSteps(bank), drawn, fixed, boxFixingRows(fixed.flat())];
    }),
    boxFits(job, planned),
    owner.casework && assembly(owner.casework, caseFixings(job, owner).fixings),
    caseFixings(job, owner),
  ]);
}

function drawnOf({ job, planned, words }: Read, at: number): unknown {
  const [owner, written] = [planned.cases[at], job.cases[at]];
  if (!owner || !written) return undefined;
  const { casework, doors, things, banks } = owner;
  const stock = caseStockOf(job, written, owner.path);
  const room = drawRoom(job, planned, owner);
  return [
    [drawCaseFace(owner, written), smallFaces(owner), room, room && roomOnPaper(room)],
    banks.map((bank) => bankDrawn(bank, words)),
    written.run && drawRow(owner, written.run),
    banks.map((bank) => drawCorner(bank, written.style)),
    casework && [
      ...(['front', 'plan', 'section'] as const).map((view) => drawCase(casework, view)),
      ...(['across', 'up'] as const).map((way) => drawCaseStick(casework, way, words)),
      drawExploded(casework),
      stock && drawCaseTemplates(stock, casework, words),
    ],
    [drawHingeTemplates(doors, words), drawLidGauges(things, words), drawTiltTemplates(things, words)],
    things.map((thing) =>
      thing.kind === 'lid' ? drawLid(thing, 75, 20) : thing.kind === 'tilt-out' ? drawTiltOut(thing) : undefined,
    ),
  ];
}

const bankDrawn = (bank: BankPlan, words: Words): unknown => [
  [drawFace(bank), drawOpening(bank), drawPanel(bank), drawStickPaper(bank, words), drawTemplates(bank, words)],
  bank.drawers.map(({ id }) => drawSection(bank, id)),
];

function solidsOf({ job, planned }: Read): unknown {
  return planned.cases.map((owner) => {
    const solid = solidOf(job, planned, owner);
    return [solid, stagesSaid(solid)];
  });
}

/** A short name for what is told: another one as soon as anything of it is another. Numbers to a millionth. */
export function digest(told: unknown): string {
  const text = JSON.stringify(told, (_, value: unknown) => {
    if (value instanceof Map) return [...(value as ReadonlyMap<unknown, unknown>)];
    if (typeof value === 'bigint') return `${value}n`;
    if (value instanceof Set) return [...(value as ReadonlySet<unknown>)];
    return typeof value === 'number' && !Number.isInteger(value) ? Number(value.toFixed(6)) : value;
  });
  return createHash('sha256')
    .update(text ?? '')
    .digest('hex')
    .slice(0, 8);
}
