/** Lets so many in at once, and so many more wait for their turn. */
export class Turns {
  private within = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(private readonly atOnce: number) {}

  get waits(): number {
    return this.waiting.length;
  }

  /** Waits for a turn; who is told off while waiting rejects with the reason. Whoever got one gives it back with `leave`. */
  enter(signal: AbortSignal): Promise<void> {
    if (this.within < this.atOnce) {
      this.within += 1;
      return Promise.resolve();
    }
    return new Promise((resolve, reject) => {
      const go = (): void => {
        signal.removeEventListener('abort', gone);
        resolve();
      };
      const gone = (): void => {
        this.waiting.splice(this.waiting.indexOf(go), 1);
        reject(signal.reason as Error);
      };
      signal.addEventListener('abort', gone, { once: true });
      this.waiting.push(go);
    });
  }

  /** Gives the turn to the next, or back. */
  leave(): void {
    const next = this.waiting.shift();
    if (next) next();
    else this.within -= 1;
  }
}
