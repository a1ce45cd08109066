import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ActivatedRoute, Router } from '@angular/router';
import { provideStore } from '@ngrx/store';
import type { CalendarKept } from '@zabble/contract';
import type { DayTask, LogEntryDocument } from '@zabble/core';
import { ShopClock } from './clock';
import { DaysState } from './days-state';
import { TaskLog } from './task-log';
import { TodayPage } from './today-page';

/** As an order of work has it that was made before it was begun. */
const task = {
  task: { id: 'j/survey', job: 'j', kind: 'survey', parts: [], hand: [], called: { code: 'task/survey', params: {} } },
  ...{ jobName: 'Flag chest', minutes: 30, start: 29_934_000, held: 'nothing', people: [], stands: { running: false } },
} as unknown as DayTask;

function shown(log: readonly LogEntryDocument[]) {
  const kept = signal({ read: { jobs: [{ id: 'j', document: { log } }] }, calendar: {} } as unknown as CalendarKept);
  const state = { kept, days: signal(undefined), people: signal([]) };
  const clock = { now: signal({ now: 29_934_000 }) };
  TestBed.overrideComponent(TodayPage, {
    set: {
      template: '<z-now-task [task]="task" [names]="[]" [inHand]="inHand(task)" />',
      providers: [
        { provide: DaysState, useValue: state },
        { provide: ShopClock, useValue: clock },
        { provide: TaskLog, useValue: { says: signal(''), sendWaiting: () => undefined } },
      ],
    },
  });
  TestBed.configureTestingModule({
    providers: [
      provideStore(),
      { provide: Router, useValue: {} },
      { provide: ActivatedRoute, useValue: { snapshot: { queryParamMap: new Map() } } },
    ],
  });
  const fixture = TestBed.createComponent(TodayPage);
  return Object.assign(fixture.componentInstance, { task }) as unknown as { inHand: (task: DayTask) => boolean };
}

const did = (...all: readonly ('begin' | 'pause' | 'done' | 'undone')[]): readonly LogEntryDocument[] =>
  all.map((each, at) => ({ id: `${at}`, at: '2026-11-30T08:00:00Z', kind: 'task', task: 'survey', did: each }));

describe('a task that is pressed', () => {
  it.each([
    [did('begin'), true],
    [did('begin', 'pause'), false],
    [did('begin', 'pause', 'begin'), true],
    [did('begin', 'done', 'undone'), false],
    [did(), false],
  ])('is in hand by the record, before its order of work is made anew (%#)', (log, inHand) => {
    expect(shown(log).inHand(task)).toBe(inHand);
  });
});
