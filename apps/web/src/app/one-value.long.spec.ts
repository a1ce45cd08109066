import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { By } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import {
  benchCards,
  cutRows,
  ENGLISH,
  partsOf,
  patched,
  plan,
  readJobDocument,
  wordsIn,
  type Asked,
  type JobDocument,
  type Patch,
} from '@zabble/core';
import { AtTheSaw } from './bench/cut/at-the-saw';
import { PartCard } from './bench/cut/part-card';
import { BoxesStep } from './bench/boxes/boxes-step';
import { DivideStep } from './bench/divide/divide-step';
import { FrontsStep } from './bench/fronts/fronts-step';
import { MeasureStep } from './bench/measure/measure-step';
import { Reckoning } from './bench/reckoning/reckoning';
import { SlidesStep } from './bench/slides/slides-step';
import { Figure } from './fields/figure';
import { JobActions } from './store/job/job.actions';
import { jobFeature } from './store/job/job.reducer';
import { writingOf } from './store/job/job.selectors';
import { logFeature } from './store/log/log.reducer';
import { selectBank, SessionActions, sessionFeature } from './store/session/session';
import { LAYOUT_SEARCH } from './workers/layout-worker';
import { WRITING } from './words/speech';

const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, '../../../../examples', `${name}.json`), 'utf8')) as JobDocument;

/** What is told of one thing, by where it stands. */
class Told {
  private readonly values = new Map<string, Map<string, string>>();

  add(thing: string, where: string, text: string): void {
    const at = this.values.get(thing) ?? new Map<string, string>();
    at.set(where, bare(text));
    this.values.set(thing, at);
  }

  get size(): number {
    return this.values.size;
  }

  /** Things told in more than one place. */
  get shared(): number {
    return [...this.values.values()].filter((at) => at.size > 1).length;
  }

  /** Things of which more than one value stands somewhere. */
  apart(): readonly (readonly [string, object])[] {
    return [...this.values].flatMap(([thing, at]) =>
      new Set(at.values()).size > 1 ? [[thing, Object.fromEntries(at)] as const] : [],
    );
  }
}

/** A size without its unit and its sign of rounding, fractions as they are written in plain text. */
function bare(text: string): string {
  return text
    .replaceAll('≈', '')
    .replace(/(in|mm)\s*$/, '')
    .replace(/\s+/g, ' ')
    .trim();
}

const SCREENS = [MeasureStep, SlidesStep, DivideStep, BoxesStep, FrontsStep, AtTheSaw] as readonly Type<unknown>[];

async function figuresOf(document: JobDocument, told: Told): Promise<void> {
  TestBed.resetTestingModule();
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer }),
      { provide: WRITING, useFactory: () => TestBed.inject(Store).selectSignal(writingOf) },
      { provide: LAYOUT_SEARCH, useValue: () => ({ postMessage: () => undefined, terminate: () => undefined }) },
    ],
  });
  const store = TestBed.inject(Store);
  const job = { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' };
  store.dispatch(JobActions.open({ id: 'j' }));
  store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
  const bank = store.selectSignal(selectBank);
  const asked = new Map<string, Asked>();
  for (const screen of SCREENS) {
    const fixture = TestBed.createComponent(screen);
    fixture.componentRef.setInput('bank', bank());
    await fixture.whenStable();
    for (const found of fixture.debugElement.queryAll(By.directive(Figure))) {
      const figure = found.componentInstance as Figure;
      const key = nameOf(figure.asked());
      const text = (found.nativeElement as HTMLElement).textContent ?? '';
      if (text.includes('–')) continue;
      told.add(key, screen.name, text);
      // What is heard is what is seen.
      const heard = (found.nativeElement as HTMLElement).querySelector('button')?.getAttribute('aria-label') ?? '';
      told.add(key, `${screen.name}, heard`, heard.slice(figure.label().length + 2));
      asked.set(key, figure.asked());
    }
    fixture.destroy();
  }
  const reckoning = TestBed.createComponent(Reckoning);
  for (const [key, each] of asked) {
    store.dispatch(SessionActions.asked({ asked: each }));
    reckoning.componentRef.setInput('bank', bank());
    await reckoning.whenStable();
    const element = reckoning.nativeElement as HTMLElement;
    told.add(key, 'reckoning', element.querySelector('[data-testid="reckoning-total"]')?.textContent ?? '');
  }
  const reading = readJobDocument(document);
  if (!reading.ok) return;
  const planned = plan(reading.job);
  // What is held has no size on its card.
  const free = partsOf(reading.job, planned).parts.filter(({ release }) => release === 'now');
  for (const part of free.slice(0, 8)) {
    const fixture = TestBed.createComponent(PartCard);
    fixture.componentRef.setInput('part', part);
    await fixture.whenStable();
    const [length, width] = [...(fixture.nativeElement as HTMLElement).querySelectorAll('z-size')];
    told.add(`${part.name} length`, 'part card', length?.textContent ?? '');
    told.add(`${part.name} width`, 'part card', width?.textContent ?? '');
    fixture.destroy();
  }
}

function nameOf(asked: Asked): string {
  switch (asked.kind) {
    case 'part':
      return `part ${asked.drawer} ${asked.role} ${asked.size}`;
    case 'spacer':
      return `spacer ${asked.index}`;
    case 'member':
      return `member ${asked.case} ${asked.row} ${asked.size}`;
    case 'compartment':
      return `compartment ${asked.case} ${asked.compartment} ${asked.size}`;
    case 'dimension':
      return [asked.drawer ?? '', asked.dimension].join(' ').trim();
  }
}

/** What the card of the first bank and the cut list as a file say of the same. */
function written(document: JobDocument, told: Told): void {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const planned = plan(reading.job);
  const words = wordsIn(ENGLISH, planned);
  const [card] = benchCards(reading.job, planned);
  const [bank] = planned.cases[0]!.banks;
  const columns = [
    [2, 'front.width'],
    [3, 'front.height'],
    [5, 'box.height'],
    [6, 'box.length'],
    [7, 'inside.clearHeight'],
    [9, 'slide.lowerEdgeY'],
    [10, 'slide.setback'],
  ] as const;
  card!.drawers.rows.forEach((row, place) => {
    for (const [column, dimension] of columns)
      told.add(`${bank!.drawers[place]!.id} ${dimension}`, 'bench card', words.say(row[column]!));
    const [width = ''] = words.say(row[4]!).split(' +0');
    told.add(`${bank!.drawers[place]!.id} box.width`, 'bench card', width);
  });
  const [headings, ...rows] = cutRows(reading.job, planned, words);
  const at = (name: string): number => headings!.findIndex((each) => each.startsWith(`${name}_`));
  for (const row of rows)
    for (const part of (row.at(-1) ?? '').split('; ')) {
      told.add(`${part} length`, 'cut list, CSV', row[at('length')]!);
      told.add(`${part} width`, 'cut list, CSV', row[at('width')]!);
    }
}

const BANK = 'cases[0].banks[0]';
/** Sizes that fall on no step of their job. */
const odd: readonly Patch[] = [
  { path: `${BANK}.opening.width`, value: ['611.37 mm', '611.93 mm'] },
  { path: `${BANK}.opening.height`, value: ['761.19 mm'] },
  { path: `${BANK}.box.ease`, value: '0.41 mm' },
  { path: `${BANK}.basis`, value: 'as-built' },
];

describe('one value for one thing', () => {
  it.each([
    ['notions-bank', demo('notions-bank')],
    ['flag-chest', demo('flag-chest')],
    ['rope-bench', demo('rope-bench')],
    ['notions-bank off every step', patched(demo('notions-bank'), odd)],
    ['flag-chest off every step', patched(demo('flag-chest'), odd)],
  ])('on screen, in its sum, on the card and in the list: %s', async (_, document) => {
    const told = new Told();
    await figuresOf(document, told);
    written(document, told);
    expect(told.size).toBeGreaterThan(40);
    expect(told.shared).toBeGreaterThan(40);
    expect(told.apart()).toEqual([]);
  });
});
