import { inject, Injectable, signal } from '@angular/core';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { timesOf, workedBetween, type DayTask, type Hours, type LogEntryDocument, type Moment } from '@zabble/core';
import { Outbox } from '../device/outbox';
import { Who } from '../device/who';
import { LogApi } from '../server-api/log-api';
import { MOST_ENTRIES } from '@zabble/contract/routes';
import { newId } from '../server-api/new-id';
import { ChangeUnanswered } from '../server-api/own-requests';
import { isAway, sentenceOf } from '../server-api/problem';
import { Sending } from '../server-api/sending';
import { EMPTY, firstValueFrom, Subject, tap } from 'rxjs';
import { nameOf } from './days-state';

export type TaskDeed = 'begin' | 'pause' | 'done' | 'undone';

/** What was written of a task, and how long it took. */
export interface Written {
  readonly minutes: number;
  readonly entries: readonly LogEntryDocument[];
}

/** Writes what is done of tasks to the logs of their jobs: kept on the device first, then sent; what was not sent is tried again. */
@Injectable()
export class TaskLog {
  private readonly api = inject(LogApi);
  private readonly outbox = inject(Outbox);
  private readonly who = inject(Who);
  readonly says = signal('');
  private readonly sending = new Sending();
  private readonly notReached = new Subject<void>();
  /** Jobs of which something waits here for a server that was not reached. */
  private readonly missing = new Set<string>();
  private readonly sendAgain = rxMethod<unknown>(tap(() => this.sendWaiting([...this.missing])));
  /** One after the other: a pause follows its begin. */
  private turn: Promise<unknown> = Promise.resolve();

  constructor() {
    this.sendAgain(this.sending.due(EMPTY, this.notReached));
  }

  /** `since`: when it was begun last, where it is under way. Sent by and by. */
  write(
    task: DayTask,
    did: TaskDeed,
    {
      by,
      since,
      now,
      hours,
    }: { readonly by?: string; readonly since?: Moment; readonly now: Moment; readonly hours: Hours },
  ): Written {
    const { at, by: here } = this.who.deed();
    const who = by ?? here;
    const deed = { at, ...(who === undefined || who === '' ? {} : { by: who }) };
    const minutes = since === undefined || did === 'begin' ? 0 : workedBetween(hours, since, now);
    const mark = { id: newId(), ...deed, kind: 'task' as const, task: nameOf(task), did };
    const spent = isDesk(task) ? [{ minutes }] : timesOf(task.task, minutes);
    const times = minutes > 0 ? spent.map((each) => ({ id: newId(), ...deed, kind: 'time' as const, ...each })) : [];
    const entries: readonly LogEntryDocument[] = [mark, ...times];
    this.turn = this.turn.then(() => this.send(task.task.job, entries));
    return { minutes, entries };
  }

  /** What waits on this device of these jobs. */
  sendWaiting(jobs: readonly string[]): void {
    for (const job of jobs) this.turn = this.turn.then(() => this.send(job, []));
  }

  private async send(job: string, entries: readonly LogEntryDocument[]): Promise<void> {
    const { waiting, refused } = await this.outbox.read(job);
    const all = [...waiting, ...entries];
    const now = all.slice(0, MOST_ENTRIES);
    if (all.length === 0) return;
    if (entries.length > 0 && !(await this.outbox.write(job, { waiting: all, refused })))
      this.says.set($localize`This browser keeps nothing: what is not sent is lost when the page is left.`);
    try {
      const { kept, refused: not } = await firstValueFrom(this.api.add(job, now));
      this.sending.reached();
      this.missing.delete(job);
      const had = new Set(kept.map(({ id }) => id));
      const why = new Map(not.map(({ index, says }) => [now[index]?.id ?? '', says]));
      await this.outbox.write(job, {
        waiting: all.filter(({ id }) => !had.has(id) && !why.has(id)),
        refused: [
          ...refused,
          ...all.flatMap((entry) => (why.has(entry.id) ? [{ entry, says: why.get(entry.id) ?? '' }] : [])),
        ],
      });
      this.says.set(
        not.length > 0
          ? $localize`The server does not take it: ${not[0]?.says ?? ''} It stands in the record of its job.`
          : '',
      );
    } catch (problem) {
      this.notSent(job, problem);
    }
  }

  private notSent(job: string, problem: unknown): void {
    if (!isAway(problem, 500) && !(problem instanceof ChangeUnanswered)) return this.says.set(sentenceOf(problem));
    this.says.set($localize`The server is not reached: what you pressed is kept on this device and sent later.`);
    this.missing.add(job);
    this.notReached.next();
  }
}

/** Surveying and ordering are counted by no price: their time is of the job. */
const isDesk = ({ task }: DayTask): boolean => task.kind === 'survey' || task.kind === 'order';
