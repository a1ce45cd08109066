import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import { said } from '@zabble/core';
import { Piscina } from 'piscina';
import { refuse } from '../http/refusal';
import type { Printed, PrintOrder } from './make';

/** How a print is followed: told off when nobody waits for it any more, and heard of while it is made. */
export interface Following {
  readonly signal: AbortSignal;
  readonly onPages: (pages: number) => void;
}

/** Prints orders one after the other. */
export interface Printer {
  print(order: Omit<PrintOrder, 'fonts'>, following: Following): Promise<Printed>;
}

/** So many wait for their turn at most; more are told to come again. */
const MOST_WAITING = 8;
/** No print takes longer, in milliseconds; the largest job that can be sent takes a third of it. */
const LONGEST = 120_000;
/** No worker takes more memory, in megabytes. */
const MOST_MEMORY = 700;
/** A worker that rests so long is let go, with its fonts, in milliseconds. */
const IDLE = 120_000;

/**
 * Prints in threads beside the server, which goes on answering meanwhile. Refuses where too many wait (503), where a
 * print takes too long (503) or more memory than there is for it (413).
 */
export class PrinterThreads implements Printer {
  private readonly pool: Piscina<{ order: PrintOrder; port: unknown }, Printed>;

  /** `worker` is the file of the worker, `fonts` the folder of the font packages. */
  constructor(
    worker: string,
    private readonly fonts: string,
    private readonly longest = LONGEST,
  ) {
    this.pool = new Piscina({
      filename: worker,
      // Ready before the first asks: to begin one takes longer than to print a page.
      minThreads: 1,
      maxThreads: Math.max(1, availableParallelism() - 1),
      maxQueue: MOST_WAITING,
      idleTimeout: IDLE,
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
    });
  }

  async print(order: Omit<PrintOrder, 'fonts'>, { signal, onPages }: Following): Promise<Printed> {
    if (this.pool.queueSize >= MOST_WAITING) throw refuse(503, said('print-busy'));
    const { port1, port2 } = new MessageChannel();
    port1.on('message', onPages);
    const late = AbortSignal.timeout(this.longest);
    try {
      return await this.pool.run(
        { order: { ...order, fonts: this.fonts }, port: port2 },
        { transferList: [port2], signal: AbortSignal.any([signal, late]) },
      );
    } catch (problem) {
      if (late.aborted) throw refuse(503, said('print-too-long', { seconds: this.longest / 1000 }));
      if ((problem as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY') throw refuse(413, said('print-too-big'));
      throw problem;
    } finally {
      port1.close();
    }
  }

  end(): Promise<void> {
    return this.pool.destroy();
  }
}
