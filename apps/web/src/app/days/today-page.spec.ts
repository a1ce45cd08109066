import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ActivatedRoute, Router } from '@angular/router';
import { provideStore } from '@ngrx/store';
import type { CalendarKept, Role } from '@zabble/contract';
import type { DayTask, LogEntryDocument } from '@zabble/core';
import { Session } from '../device/session';
import { ShopClock } from './clock';
import { DaysState } from './days-state';
import { TaskLog } from './task-log';
import { TodayPage } from './today-page';

/** As an order of work has it that was made before it was begun. */
const task = {
  task: { id: 'j/survey', job: 'j', kind: 'survey', parts: [], hand: [], called: { code: 'task/survey', params: {} } },
  ...{ jobName: 'Flag chest', minutes: 30, start: 29_934_000, held: 'nothing', people: [], stands: { running: false } },
} as unknown as DayTask;

function shown(log: readonly LogEntryDocument[], role?: Role) {
  const kept = signal({ read: { jobs: [{ id: 'j', document: { log } }] }, calendar: {} } as unknown as CalendarKept);
  const [write, add] = [jest.fn(() => ({ minutes: 0, entries: [] })), jest.fn()];
  const state = { kept, days: signal(undefined), people: signal([]), add };
  const clock = { now: signal({ now: 29_934_000 }), look: () => ({ now: 29_934_000 }), moment: () => 29_934_000 };
  TestBed.overrideComponent(TodayPage, {
    set: {
      template: '<z-now-task [task]="task" [names]="[]" [inHand]="inHand(task)" />',
      providers: [
        { provide: DaysState, useValue: state },
        { provide: ShopClock, useValue: clock },
        { provide: TaskLog, useValue: { says: signal(''), sendWaiting: () => undefined, write } },
      ],
    },
  });
  TestBed.configureTestingModule({
    providers: [
      provideStore(),
      { provide: Session, useValue: { role: signal(role), person: signal(undefined) } },
      { provide: Router, useValue: {} },
      { provide: ActivatedRoute, useValue: { snapshot: { queryParamMap: new Map() } } },
    ],
  });
  const fixture = TestBed.createComponent(TodayPage);
  const page = Object.assign(fixture.componentInstance, { task }) as unknown as {
    inHand: (task: DayTask) => boolean;
    wrote: (task: DayTask, did: 'begin') => void;
  };
  return { page, write, add };
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
    expect(shown(log).page.inHand(task)).toBe(inHand);
  });

  it.each([
    ['helper', 1],
    ['looker', 0],
  ] as const)('by a %s is written %d times: who looks on leaves nothing behind on the device', (role, times) => {
    const { page, write, add } = shown(did(), role);
    page.wrote(task, 'begin');
    expect([write.mock.calls.length, add.mock.calls.length]).toEqual([times, times]);
  });
});
