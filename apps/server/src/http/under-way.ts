/** What is being answered for a device or a session just now, so that it ends when that is let in no more. */
export class UnderWay {
  readonly #ends = new Map<string, Set<() => void>>();

  /** Keeps how to end something until it is done; answers what says so. */
  add(of: string, end: () => void): () => void {
    const ends = this.#ends.get(of) ?? new Set();
    this.#ends.set(of, ends.add(end));
    return () => {
      ends.delete(end);
      if (ends.size === 0 && this.#ends.get(of) === ends) this.#ends.delete(of);
    };
  }

  end(of: string): void {
    for (const end of [...(this.#ends.get(of) ?? [])]) end();
  }
}
