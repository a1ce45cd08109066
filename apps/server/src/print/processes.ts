import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import type { PrintOrder } from './make';
import type { FromPrinting } from './worker';

/** No process takes more memory, in megabytes. */
const MOST_MEMORY = 700;

/** A process ended before it answered. */
export class Lost extends Error {}

/** Hears what a process says, and says whether that was the last. */
type Heard = (said: FromPrinting) => 'last' | 'more';

/** Processes of one program beside the server, some of them ready: to begin one takes longer than to print a page. */
export class Processes {
  private readonly resting: ChildProcess[] = [];
  private readonly all = new Set<ChildProcess>();
  private ended = false;

  /** `program` is the file they run. */
  constructor(private readonly program: string) {
    this.ready();
  }

  /**
   * Gives an order to one of them and hears what it says until it says the last; kept for the next then. One that is told
   * off is ended at once. Rejects with the signal’s reason, or with `Lost` where the process ended by itself.
   */
  async run(order: PrintOrder, heard: Heard, signal: AbortSignal): Promise<void> {
    signal.throwIfAborted();
    const child = this.resting.pop() ?? this.begun();
    try {
      await answered(child, order, heard, signal);
      this.resting.push(child);
    } catch (problem) {
      child.kill('SIGKILL');
      throw problem;
    } finally {
      this.ready();
    }
  }

  /** Ends them all, now. */
  async end(): Promise<void> {
    this.ended = true;
    await Promise.all(
      [...this.all].map((child) => {
        child.kill('SIGKILL');
        return once(child, 'exit');
      }),
    );
  }

  /** One is ready when this returns, for as long as they are wanted at all. */
  private ready(): void {
    if (this.resting.length === 0 && !this.ended) this.resting.push(this.begun());
  }

  private begun(): ChildProcess {
    const child = fork(this.program, {
      serialization: 'advanced',
      execArgv: [`--max-old-space-size=${MOST_MEMORY}`],
      // Nothing of the server’s own goes along, its database least of all.
      env: {},
    });
    this.all.add(child);
    child.once('exit', () => this.forget(child));
    child.once('error', () => this.forget(child));
    return child;
  }

  private forget(child: ChildProcess): void {
    this.all.delete(child);
    const at = this.resting.indexOf(child);
    if (at >= 0) this.resting.splice(at, 1);
  }
}

/** Resolves when the child said the last. */
async function answered(child: ChildProcess, order: PrintOrder, heard: Heard, signal: AbortSignal): Promise<void> {
  const over = new AbortController();
  const { signal: until } = over;
  const exit = once(child, 'exit', { signal: until }).then(() => Promise.reject(new Lost()));
  const told = once(signal, 'abort', { signal: until }).then(() => Promise.reject(signal.reason as Error));
  const last = new Promise<void>((resolve, reject) => {
    child.on('message', (said: FromPrinting) => void (heard(said) === 'last' && resolve()));
    child.send(order, (problem) => void (problem && reject(new Lost())));
  });
  try {
    await Promise.race([last, exit, told]);
  } finally {
    over.abort();
    child.removeAllListeners('message');
    await Promise.allSettled([exit, told]);
  }
}
