import { said } from '@zabble/core';
import { Piscina } from 'piscina';
import { refuse } from '../http/refusal';
import type { Looking, Question } from '../found/question';
import type { Looked } from './looking-on';
import type { LookingData } from './worker';

/** So many questions are answered beside each other; so many more that nobody may wait for any more are let stand. */
const AT_ONCE = 3;
const MOST_WAITING = 200;

/**
 * Looks things up in a thread of its own with a database connection of its own, so that who saves does not wait for those
 * who search. Refuses where too many wait (503). A question is never broken off: that would end the thread, and one that
 * may be broken off would have to be answered by itself.
 */
export class LookingThread implements Looking {
  private readonly pool: Piscina<Question, Looked>;
  private readonly asked = new Uint32Array(new SharedArrayBuffer(Uint32Array.BYTES_PER_ELEMENT));

  /** `worker` is the file of the thread's program. */
  constructor(worker: string, databaseUrl: string) {
    this.pool = new Piscina({
      filename: worker,
      minThreads: 1,
      maxThreads: 1,
      concurrentTasksPerWorker: AT_ONCE,
      // Its database is heard, and it settles, while it waits for a question.
      atomics: 'disabled',
      workerData: { databaseUrl, asked: this.asked } satisfies LookingData,
    });
  }

  /** Something was asked of the server, whatever it was: where much is, the thread leaves the machine to it. */
  heard(): void {
    Atomics.add(this.asked, 0, 1);
  }

  async ask(question: Question): Promise<string> {
    if (this.pool.queueSize >= MOST_WAITING) throw refuse(503, said('too-busy'));
    const looked = await this.pool.run(question);
    if ('text' in looked) return looked.text;
    const { message, code } = looked.failed;
    throw Object.assign(new Error(message), code === undefined ? {} : { code });
  }

  end(): Promise<void> {
    return this.pool.destroy();
  }
}
