import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { DayTask, LogEntryDocument } from '@zabble/core';
import { USUAL_HOURS } from '@zabble/core';
import { Outbox } from '../device/outbox';
import { TaskLog } from './task-log';

const task = { task: { id: 'j/hang', job: 'j', kind: 'hang', parts: [] } } as unknown as DayTask;
const WHEN = { now: 29_934_000, hours: USUAL_HOURS };

/** An outbox that keeps what it is given in memory. */
class Kept {
  waiting: readonly LogEntryDocument[] = [];
  readonly read = () => Promise.resolve({ waiting: this.waiting, refused: [] });
  readonly write = (_job: string, { waiting }: { readonly waiting: readonly LogEntryDocument[] }) => {
    this.waiting = waiting;
    return Promise.resolve(true);
  };
}

function begun() {
  const outbox = new Kept();
  TestBed.configureTestingModule({
    providers: [
      ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), TaskLog],
      { provide: Outbox, useValue: outbox },
    ],
  });
  const [log, server] = [TestBed.inject(TaskLog), TestBed.inject(HttpTestingController)];
  /** What is sent next, as soon as it is. */
  const sent = async () => {
    for (let turn = 0; turn < 20; turn += 1) {
      const [found] = server.match(({ method }) => method === 'POST');
      if (found) return found;
      await Promise.resolve();
    }
    throw new Error('nothing is sent');
  };
  return { log, outbox, sent };
}

describe('what is done of tasks', () => {
  it('is kept while the server is not reached, and sent by itself as the network comes back', async () => {
    const { log, outbox, sent } = begun();
    log.write(task, 'begin', WHEN);
    (await sent()).error(new ProgressEvent('error'));
    await TestBed.inject(TaskLog)['turn'];
    expect(log.says()).not.toBe('');
    expect(outbox.waiting.map((entry) => entry.kind)).toEqual(['task']);
    window.dispatchEvent(new Event('online'));
    const again = await sent();
    const { entries } = again.request.body as { entries: readonly LogEntryDocument[] };
    expect(entries.map(({ id }) => id)).toEqual(outbox.waiting.map(({ id }) => id));
    again.flush({ kept: [{ id: entries[0]?.id, seq: 1 }], refused: [] });
    await TestBed.inject(TaskLog)['turn'];
    expect([log.says(), outbox.waiting]).toEqual(['', []]);
  });
});
