import type { Moment } from './moment';

/** When somebody or some place is taken: stretches in order, none over another; room for so many, used again and again. */
export class Busy {
  private readonly from: Float64Array;
  private readonly to: Float64Array;
  private count = 0;

  constructor(most: number) {
    this.from = new Float64Array(most);
    this.to = new Float64Array(most);
  }

  clear(): void {
    this.count = 0;
  }

  /** When what is in the way of `from` to `to` ends; nothing (0) where nothing is. */
  until(from: Moment, to: Moment): Moment {
    const index = this.index(from);
    return index < this.count && to > (this.from[index] as Moment) ? (this.to[index] as Moment) : 0;
  }

  /** What touches is one stretch. */
  take(from: Moment, to: Moment): void {
    const index = this.index(from);
    const joinsLast = index > 0 && this.to[index - 1] === from;
    const joinsNext = index < this.count && to >= (this.from[index] as Moment);
    if (joinsLast && joinsNext) {
      this.to[index - 1] = this.to[index] as Moment;
      this.shift(index + 1, index);
    } else if (joinsLast) this.to[index - 1] = to;
    else if (joinsNext) this.from[index] = from;
    else {
      this.shift(index, index + 1);
      this.from[index] = from;
      this.to[index] = to;
    }
  }

  private shift(from: number, to: number): void {
    if (from < this.count) {
      this.from.copyWithin(to, from, this.count);
      this.to.copyWithin(to, from, this.count);
    }
    this.count += to - from;
  }

  /** The first that ends after `at`; mostly what is looked for comes after all that is there. */
  private index(at: Moment): number {
    if (this.count === 0 || at >= (this.to[this.count - 1] as Moment)) return this.count;
    let [low, high] = [0, this.count - 1];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (at < (this.to[middle] as Moment)) high = middle;
      else low = middle + 1;
    }
    return low;
  }
}
