import { availableParallelism } from 'node:os';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { Printed, PrintOrder } from './make';
import { Lost, Processes } from './processes';
import { Turns } from './turns';
import type { FromPrinting } from './worker';

/** How a print is followed: told off when nobody waits for it any more, and heard of while it is made. */
export interface Following {
  readonly signal: AbortSignal;
  readonly onPages: (pages: number) => void;
}

/** Prints orders one after the other. */
export interface Printer {
  /** So many wait for their turn now. */
  readonly waiting: number;
  print(order: Omit<PrintOrder, 'fonts'>, following: Following): Promise<Printed>;
}

/** So many wait for their turn at most; more are told to come again. */
const MOST_WAITING = 8;
/** No print takes longer, in milliseconds; the largest job that can be sent takes a third of it. */
const LONGEST = 120_000;

/**
 * Prints in processes beside the server, which goes on answering meanwhile. Not in threads: one that is ended while it
 * packs something may take the whole server with it. Refuses where too many wait (503), where a print takes too long
 * (503), and where its process ends before it is done, most likely for want of memory (413).
 */
export class PrinterProcesses implements Printer {
  private readonly turns = new Turns(Math.max(1, availableParallelism() - 1));
  private readonly processes: Processes;

  /** `worker` is the file of the worker, `fonts` the folder of the font packages. */
  constructor(
    worker: string,
    private readonly fonts: string,
    private readonly longest = LONGEST,
  ) {
    this.processes = new Processes(worker);
  }

  get waiting(): number {
    return this.turns.waits;
  }

  async print(order: Omit<PrintOrder, 'fonts'>, { signal, onPages }: Following): Promise<Printed> {
    if (this.turns.waits >= MOST_WAITING) throw refuse(503, said('print-busy'));
    const late = AbortSignal.timeout(this.longest);
    const either = AbortSignal.any([signal, late]);
    try {
      await this.turns.enter(either);
      return await this.printed({ ...order, fonts: this.fonts }, onPages, either).finally(() => this.turns.leave());
    } catch (problem) {
      if (problem === late.reason) throw refuse(503, said('print-too-long', { seconds: this.longest / 1000 }));
      throw problem instanceof Lost ? refuse(413, said('print-too-big')) : problem;
    }
  }

  end(): Promise<void> {
    return this.processes.end();
  }

  private async printed(order: PrintOrder, onPages: Following['onPages'], signal: AbortSignal): Promise<Printed> {
    let last: Exclude<FromPrinting, { readonly pages: number }> | undefined;
    const heard = (said: FromPrinting): 'last' | 'more' => {
      if ('pages' in said) onPages(said.pages);
      else last = said;
      return last ? 'last' : 'more';
    };
    await this.processes.run(order, heard, signal);
    if (last && 'printed' in last) return last.printed;
    throw new Error(last?.failed.message);
  }
}
