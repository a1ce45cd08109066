import type { Arrived, GateOpened } from '@zabble/contract';
import { gatesOf, plan, readJobDocument, withGates, withReadings } from '@zabble/core';
import { Refusal } from '../http/refusal';
import type { JobService } from '../jobs/service';
import type { LogService } from '../log/service';
import type { ShopId } from '../whose/shop';

/** So often somebody else’s change may come between. */
const TRIES = 4;

/** What a job has in hand, by the keys of prices. */
export type InHand = (job: string) => ReadonlySet<string>;

/** Opens the gates of jobs that wait for nothing but what is in hand. */
export class GateOpening {
  constructor(
    private readonly jobs: JobService,
    private readonly log: LogService,
  ) {}

  /** Of each of these jobs; one that is gone or can’t be read is told, and stops none of the others. */
  async open(shop: ShopId, jobs: readonly string[], hand: InHand, by?: string): Promise<Omit<Arrived, 'kept'>> {
    const opened: GateOpened[] = [];
    const notOpened: string[] = [];
    for (const job of new Set(jobs)) {
      const done = await this.openOf(shop, job, hand(job), by);
      if (done) opened.push(...done);
      else notOpened.push(job);
    }
    return { opened, notOpened };
  }

  /** What was opened; undefined where nothing could be. */
  private async openOf(
    shop: ShopId,
    id: string,
    hand: ReadonlySet<string>,
    by: string | undefined,
  ): Promise<readonly GateOpened[] | undefined> {
    for (let tried = 1; tried <= TRIES; tried += 1)
      try {
        const { document, revision } = await this.jobs.read(shop, id);
        const entries = await this.log.whole(shop, id);
        const reading = readJobDocument(entries.length > 0 ? { ...document, log: entries } : document);
        if (!reading.ok) return undefined;
        const job = withReadings(reading.job);
        const gates = gatesOf(job, plan(job), hand);
        if (gates.length === 0) return [];
        const deed = { at: new Date().toISOString(), ...(by ? { by } : {}) };
        await this.jobs.replace(shop, id, { revision, document: withGates(document, gates, deed) });
        return gates.map(({ gate }) => ({ job: id, name: job.name, gate }));
      } catch (problem) {
        if (!(problem instanceof Refusal)) throw problem;
        if (problem.problem.status !== 409) return undefined;
      }
    return undefined;
  }
}
