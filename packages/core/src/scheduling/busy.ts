import type { Moment } from './moment';

/** When somebody or some place is taken: stretches in order, none over another. */
export class Busy {
  private readonly from: Moment[] = [];
  private readonly to: Moment[] = [];

  /** When what is in the way of `from` to `to` ends; nothing where nothing is. */
  until(from: Moment, to: Moment): Moment | undefined {
    const index = this.index(from);
    return (this.from[index] ?? Number.POSITIVE_INFINITY) < to ? this.to[index] : undefined;
  }

  take(from: Moment, to: Moment): void {
    const index = this.index(from);
    this.from.splice(index, 0, from);
    this.to.splice(index, 0, to);
  }

  /** The first that ends after `at`. */
  private index(at: Moment): number {
    let [low, high] = [0, this.to.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.to[middle] as Moment) > at) high = middle;
      else low = middle + 1;
    }
    return low;
  }
}
