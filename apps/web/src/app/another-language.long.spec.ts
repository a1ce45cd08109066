import { INVENTED } from './words/invented.spec-data';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, reflectComponentType, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import {
  patched,
  plan,
  readJobDocument,
  smallFaces,
  type JobDocument,
  type LogEntryDocument,
  type SmallFace,
} from '@zabble/core';
import { ActionSearch } from './bench/actions/action-search';
import { KeySheet } from './bench/actions/key-sheet';
import { ShellActions } from './bench/actions/shell-actions';
import { BenchHeader } from './bench/bench-header';
import { BoxesStep } from './bench/boxes/boxes-step';
import { CaseStep } from './bench/case/case-step';
import { NoDrawers } from './bench/case/no-drawers';
import { VersionsBoard } from './bench/versions/versions-board';
import { ConflictBar } from './bench/conflict-bar';
import { AtTheSaw } from './bench/cut/at-the-saw';
import { BoardsView } from './bench/cut/boards-view';
import { CutSide } from './bench/cut/cut-side';
import { FilesView } from './bench/cut/files-view';
import { RackView } from './bench/cut/rack-view';
import { SheetsView } from './bench/cut/sheets-view';
import { DrawingPane } from './bench/drawing-pane';
import { SolidView } from './drawing/solid/solid-view';
import { STAGE_MAKER } from './drawing/solid/stage-maker';
import { DivideStep } from './bench/divide/divide-step';
import { FindingsBoard } from './bench/findings/findings-board';
import { Findings } from './bench/findings/findings-list';
import { BoxFits } from './bench/fit/box-fits';
import { FrontsView } from './bench/fit/fronts-view';
import { MeasureBack } from './bench/fit/measure-back';
import { PaperView } from './bench/fit/paper-view';
import { RecordView } from './bench/fit/record-view';
import { StepWalk } from './bench/fit/step-walk';
import { FitStep } from './bench/fit/fit-step';
import { FrontsStep } from './bench/fronts/fronts-step';
import { MaterialsBoard } from './bench/materials/materials-board';
import { PriceBookView } from './shop/price-book';
import { PriceDecided } from './bench/price/price-decided';
import { PriceInstead } from './bench/price/price-instead';
import { PriceAfter } from './bench/price/price-after';
import { PriceHours } from './bench/price/price-hours';
import { PriceStep } from './bench/price/price-step';
import { PriceVariants } from './bench/price/price-variants';
import { QuotesView } from './bench/price/quotes-view';
import { bought } from './buying/bought.spec-data';
import { BuyingState } from './buying/buying-state';
import { ChosenJobs } from './buying/chosen-jobs';
import { DrawerView } from './buying/drawer-view';
import { OrdersView } from './buying/orders-view';
import { SuppliersView } from './buying/suppliers-view';
import { ToBuy } from './buying/to-buy';
import { ShopClock } from './days/clock';
import { DaysState } from './days/days-state';
import { HoursView } from './days/hours-view';
import { JobsAtWork } from './days/jobs-at-work';
import { OutView } from './days/out-view';
import { TakenView } from './days/taken-view';
import { TaskLog } from './days/task-log';
import { TodayPage } from './days/today-page';
import { TrialView } from './days/trial-view';
import { WeeksView } from './days/weeks-view';
import { DaysRun } from './workers/days-run';
import { DAYS_SEARCH } from './workers/days-search';
import { CustomersView } from './settings/customers-view';
import { FinishesView } from './settings/finishes-view';
import { MinutesView } from './settings/minutes-view';
import { UsualView } from './settings/usual-view';
import { PrintPlace } from './bench/print/print-place';
import { MeasureStep } from './bench/measure/measure-step';
import { Reckoning } from './bench/reckoning/reckoning';
import { SlidesStep } from './bench/slides/slides-step';
import { StepTabs } from './bench/step-tabs';
import { BankDrawing } from './drawing/bank-drawing';
import { JobsActions, jobsFeature } from './jobs/jobs-store';
import { JobsPage } from './jobs/jobs-page';
import { NetworkPage } from './network/network-page';
import { ShopCostingState } from './shop/costing';
import { ShopNetwork } from './shop/network';
import { NewJobSheet } from './jobs/new-job-sheet';
import { LessonsView } from './record/lessons-view';
import { RecordSearch } from './record/record-search';
import { JobActions } from './store/job/job.actions';
import { jobFeature } from './store/job/job.reducer';
import { selectPlan, writingOf } from './store/job/job.selectors';
import { LogActions } from './store/log/log.actions';
import { logFeature } from './store/log/log.reducer';
import { selectBank, SessionActions, sessionFeature } from './store/session/session';
import type { DaysNews, DaysOrder } from './workers/days-messages';
import { LAYOUT_SEARCH } from './workers/layout-worker';
import { OPEN_PDF } from './workers/pdf-pages';
import { LANGUAGE, WRITING } from './words/speech';

const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, '../../../../examples', `${name}.json`), 'utf8')) as JobDocument;

const BANK = 'cases[0].banks[0]';

/** The same job changed elsewhere: sizes, choices, readings, a list. */
const otherOf = (document: JobDocument): JobDocument =>
  patched(document, [
    { path: `${BANK}.front.mount`, value: 'inset' },
    { path: `${BANK}.division`, value: { scheme: 'step', step: '1 in' } },
    { path: `${BANK}.opening.width[0]`, value: '40 in' },
    { path: `${BANK}.drawers[0].contents`, value: undefined },
    { path: 'materials[0].grain', value: false },
  ]);

/** One entry of each kind. */
const AT = { id: 'e', at: '2026-11-02T08:00:00Z', by: 'ბ' };
const LOG = [
  {
    ...AT,
    kind: 'reading',
    what: 'width',
    bank: 'c1/b1',
    drawer: 'd1',
    place: 'front',
    length: '20 in',
    against: '21 in',
    device: 'laser',
  },
  { ...AT, kind: 'step', bank: 'c1/b1', step: 'd1/spacer' },
  { ...AT, kind: 'fault', bank: 'c1/b1', fault: 'runs-hard' },
  { ...AT, kind: 'note', bank: 'c1/b1', text: '1' },
  { ...AT, kind: 'time', minutes: 75, operation: 'cut' },
  { ...AT, kind: 'task', task: 'cut-boxes', did: 'done' },
  { ...AT, kind: 'task', task: 'coat-after1-2', did: 'undone' },
] as readonly LogEntryDocument[];

type Screen = readonly [Type<unknown>, Readonly<Record<string, unknown>>?];

const OF_DAYS: readonly Type<unknown>[] = [TodayPage, WeeksView, TrialView, JobsAtWork, HoursView, TakenView, OutView];

/** Screens of a job: each is given the bank when it asks for one. */
const SCREENS: readonly Screen[] = [
  [BenchHeader],
  [StepTabs, { job: 'j', current: 'measure' }],
  [BankDrawing, { withPulls: true }],
  [DrawingPane],
  [Findings, { step: 'boxes' }],
  [Findings, { step: 'measure' }],
  [FindingsBoard],
  [Reckoning],
  [ActionSearch],
  [KeySheet],
  [MaterialsBoard],
  [CaseStep],
  [SolidView],
  [NoDrawers],
  [MeasureStep],
  [SlidesStep],
  [DivideStep],
  [BoxesStep],
  [FrontsStep],
  [AtTheSaw],
  [BoardsView],
  [SheetsView],
  [RackView],
  [FilesView],
  [CutSide],
  [FitStep],
  [PriceStep],
  [PriceHours],
  [PriceDecided],
  [PriceVariants],
  [PriceInstead],
  [PriceAfter],
  [PriceBookView],
  [QuotesView],
  [BoxFits],
  [MeasureBack],
  [StepWalk, { which: 'hang' }],
  [StepWalk, { which: 'fronts' }],
  [FrontsView],
  [RecordView],
  [PaperView],
  [PrintPlace, { back: 'boxes' }],
  [ConflictBar],
  [VersionsBoard],
  [JobsPage],
  [NetworkPage],
  [NewJobSheet],
  [RecordSearch],
  [ToBuy],
  [OrdersView],
  [DrawerView],
  [SuppliersView],
  [UsualView],
  [MinutesView],
  [FinishesView],
  [CustomersView],
  [LessonsView],
  ...OF_DAYS.map((screen): Screen => [screen]),
];

const nothing = () => undefined;
globalThis.ResizeObserver = class {
  observe = nothing;
  disconnect = nothing;
  unobserve = nothing;
};
// Solids could be drawn here.
HTMLCanvasElement.prototype.getContext = ((kind: string) => (kind === 'webgl2' ? {} : null)) as never;
Element.prototype.scrollIntoView = nothing;
window.matchMedia = () =>
  ({ matches: false, addEventListener: nothing, removeEventListener: nothing }) as unknown as MediaQueryList;

function facesOf(document: JobDocument): readonly SmallFace[] {
  const reading = readJobDocument(document);
  return reading.ok ? plan(reading.job).cases.flatMap(smallFaces) : [];
}

async function shown([screen, inputs = {}]: Screen, document: JobDocument): Promise<HTMLElement> {
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      provideStore({
        job: jobFeature.reducer,
        jobs: jobsFeature.reducer,
        log: logFeature.reducer,
        session: sessionFeature.reducer,
      }),
      ...[ChosenJobs, BuyingState, ShopClock, DaysState, TaskLog],
      { provide: DAYS_SEARCH, useValue: sought },
      { provide: DialogRef, useValue: { close: () => undefined } },
      {
        provide: DIALOG_DATA,
        useFactory: () => (screen === MaterialsBoard ? { what: '' } : TestBed.inject(ShellActions).all),
      },
      { provide: LANGUAGE, useValue: INVENTED },
      { provide: WRITING, useFactory: () => TestBed.inject(Store).selectSignal(writingOf) },
      { provide: STAGE_MAKER, useValue: () => new Promise(() => undefined) },
      { provide: OPEN_PDF, useValue: () => Promise.reject(new Error('no PDF here')) },
      { provide: LAYOUT_SEARCH, useValue: () => ({ postMessage: () => undefined, terminate: () => undefined }) },
    ],
  });
  const store = TestBed.inject(Store);
  const job = { id: 'j', revision: 1, document, createdAt: AT.at, updatedAt: AT.at };
  store.dispatch(JobActions.open({ id: 'j' }));
  store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
  const { name, customer = '', unit } = document;
  const listed = { id: 'j', revision: 1, createdAt: AT.at, updatedAt: AT.at, deletedAt: null, name, customer, unit };
  store.dispatch(
    JobsActions.came({ list: { items: [{ ...listed, faces: facesOf(document) }], next: 'older', settling: true } }),
  );
  store.dispatch(
    LogActions.heard({
      job: 'j',
      kept: LOG.map((entry, seq) => ({ seq: seq + 1, entry: { ...entry, id: `e${seq}` } })),
    }),
  );
  // Of a whole case one compartment is worked on.
  if (document.cases[0]?.layout) store.dispatch(SessionActions.nodeChosen({ node: { case: 'c1', id: 'rope' } }));
  TestBed.inject(ShopCostingState).answered.set(true);
  if (OF_BUYING.includes(screen)) bought(document);
  if (screen === NetworkPage) reached(document.unit === 'in');
  if (screen === ConflictBar)
    store.dispatch(JobActions.conflictFound({ kept: { ...job, document: otherOf(document) } }));
  const fixture = TestBed.createComponent(screen);
  const asks = fixture.componentRef.instance as Record<string, unknown>;
  if ('bank' in asks && isInput(screen, 'bank'))
    fixture.componentRef.setInput('bank', store.selectSignal(selectBank)());
  if (isInput(screen, 'owner')) fixture.componentRef.setInput('owner', store.selectSignal(selectPlan)()?.cases[0]);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  if (OF_DAYS.includes(screen)) atWork(fixture.debugElement.injector.get(DaysState), document);
  await fixture.whenStable();
  const element = fixture.nativeElement as HTMLElement;
  for (const each of element.querySelectorAll<HTMLElement>('details, [aria-expanded="false"]')) {
    if (each instanceof HTMLDetailsElement) each.open = true;
    else each.click();
    await fixture.whenStable();
  }
  return element;
}

/** An order of work that is the first and the last. */
const sought = (told: (news: DaysNews) => void) => {
  const run = new DaysRun(told);
  return {
    order: (order: DaysOrder) => {
      run.take(order);
      // The first will do.
      run.take({ kind: 'stop' });
    },
    end: () => undefined,
  };
};

/** Two who work, a job that is late, something that was done just now, and a change that is looked at. */
function atWork(state: DaysState, document: JobDocument): void {
  const now = Date.now();
  const ago = (minutes: number): string => new Date(now - minutes * 60_000).toISOString();
  const log = [
    { id: 't1', kind: 'task', task: 'cut-boxes', did: 'done', at: ago(30) },
    { id: 't2', kind: 'time', minutes: 40, operation: 'cut', at: ago(30) },
    { id: 't3', kind: 'task', task: 'box', did: 'done', at: ago(10) },
    { id: 't4', kind: 'task', task: 'hang', did: 'begin', at: ago(5), by: 'ბ' },
    { id: 't5', kind: 'fault', fault: 'runs-hard', at: ago(2) },
  ] as const;
  const finish = [{ parts: ['face', 'side'], row: 'enamel', faces: 'show', when: 'after' }] as const;
  const people = [
    { id: 'a', name: 'ბ', off: [{ from: '2027-01-01', to: '2027-01-02' }] },
    { id: 'b', name: 'გ' },
  ];
  const own = { ...document, finish: finish.map((group) => ({ ...group, parts: [...group.parts] })), log: [...log] };
  const calendar = { people, temperature: 4 };
  state.take({
    ...{ revision: 1, calendar, feed: '1', by: { j: 'quote' } },
    read: {
      ...{ calendar, costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [] },
      jobs: [{ id: 'j', document: own, due: '2026-01-02', fixed: { front: '2026-01-02T08:00' } }],
    },
  });
  const [task] = state.days()?.tasks ?? [];
  if (task) state.try(task, '2030-01-01T08:00');
}

/** Somebody’s phone is let in and a code is shown; or nobody is. */
function reached(open: boolean): void {
  const network = TestBed.inject(ShopNetwork);
  network.fetch = () => undefined;
  network.hideCode = () => undefined;
  const [address, device] = ['192.0.2.7', { id: 'd', name: '№ 1', letInAt: AT.at, seenAt: AT.at }];
  network.state.set({
    near: true,
    open,
    address: open ? address : null,
    addresses: open ? [address] : [],
    devices: open ? [device] : [],
  });
  if (open)
    network.code.set({
      code: '123456',
      until: '2999-01-01T00:00:00Z',
      page: address,
      outline: 'M0 0h1v1z',
      across: 21,
    });
}

function isInput(screen: Type<unknown>, name: string): boolean {
  return (
    name in (reflectComponentType(screen)?.inputs ?? []).reduce((all, { propName }) => ({ ...all, [propName]: 1 }), {})
  );
}

/** All that is read or heard of it, but for what a file holds as it stands. */
function said(element: HTMLElement): readonly string[] {
  const heard = ['aria-label', 'title', 'placeholder', 'alt', 'aria-valuetext'];
  const texts: string[] = [];
  const walk = document.createTreeWalker(element, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT);
  for (let node: Node | null = walk.currentNode; node; node = walk.nextNode()) {
    if (node instanceof Element) {
      texts.push(...heard.flatMap((name) => node.getAttribute(name) ?? []));
      if (node.ariaLabel) texts.push(node.ariaLabel);
    } else if (!['STYLE', 'SCRIPT', 'CODE'].includes(node.parentElement?.tagName ?? ''))
      texts.push(node.textContent ?? '');
  }
  return texts;
}

/** The fields of a job that hold a person’s own words. */
const WRITTEN = ['id', 'name', 'customer', 'notes', 'what', 'from', 'by', 'wrong', 'reason'];

/** Words of English in a text, but for what a person wrote, and for units. */
function english(texts: readonly string[], job: JobDocument): readonly string[] {
  const written: string[] = [];
  JSON.stringify(job, (key, value: unknown) => {
    if (typeof value === 'string' && WRITTEN.includes(key)) written.push(value);
    return value;
  });
  written.sort((a, b) => b.length - a.length);
  const units = ['in', 'mm', 'kg', 'lb', 'cu', 'ft', 'GPa', 'Mpsi'];
  return texts.filter((text) =>
    written
      .reduce((rest, each) => rest.replaceAll(each, ' '), text)
      .match(/[a-z]{2,}/gi)
      // Codes of currencies are the same everywhere.
      ?.some((word) => !units.includes(word) && !/^[A-Z]{3}$/.test(word)),
  );
}

const spoilt = patched(demo('notions-bank'), [
  { path: `${BANK}.drawers[0].height`, value: '1 in' },
  { path: `${BANK}.box.ease`, value: '3 mm' },
  { path: `${BANK}.basis`, value: 'planned' },
]);

/** Screens that tell of banks side by side with dividers between them, which one of the jobs has. */
const OF_BANKS: readonly Type<unknown>[] = [CaseStep, DivideStep, FrontsStep, DrawingPane, FindingsBoard];

const OF_BUYING: readonly Type<unknown>[] = [ToBuy, OrdersView, DrawerView];

/** Screens that tell of a case that is planned whole, which one of the jobs is. */
const OF_CASES: readonly Type<unknown>[] = [
  ...OF_BANKS,
  ...[AtTheSaw, MeasureStep, NoDrawers, FilesView, BoardsView, SheetsView],
];

const JOBS = [
  ['flag-chest', demo('flag-chest')],
  ['rope-bench', demo('rope-bench')],
  ['splicing-bench', demo('splicing-bench')],
  ['one with much to mend', spoilt],
] as const;

const SCREENS_OF: Readonly<Record<string, readonly Type<unknown>[]>> = {
  'rope-bench': OF_BANKS,
  'splicing-bench': OF_CASES,
};

describe('screens in a language that is invented', () => {
  it.each(SCREENS.map((screen) => [screen[0].name, screen] as const))('%s', async (_, screen) => {
    for (const [name, job] of JOBS.filter(([of]) => SCREENS_OF[of]?.includes(screen[0]) ?? true)) {
      TestBed.resetTestingModule();
      expect([name, english(said(await shown(screen, job)), job)]).toEqual([name, []]);
    }
  });
});
