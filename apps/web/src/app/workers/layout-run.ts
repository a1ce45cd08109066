import { layOut, type Found } from '@zabble/core';
import type { LayoutNews, LayoutOrder, MaterialTask } from './layout-messages';

/** So long it looks before it listens again, in milliseconds. */
const SLICE = 40;
/** And so long it leaves the processor to the page, which on a machine of two cores has no other. */
const REST = 10;
/** Where so long nothing better was found, it rests though it might look on, in milliseconds. */
const QUIET = 2_500;

interface Search {
  readonly material: string;
  readonly steps: Generator<Found, void, undefined>;
  told: Found | undefined;
  ended: boolean;
}

/** Lays out several materials by turns, tells every betterment, and rests when its time is over or nothing is left. */
export class LayoutRun {
  private searches: Search[] = [];
  private until = 0;
  private bettered = 0;
  private quiet = QUIET;
  private going = false;

  constructor(private readonly tell: (news: LayoutNews) => void) {}

  take(order: LayoutOrder): void {
    if (order.kind === 'stop') {
      this.until = 0;
      return;
    }
    if (order.kind === 'begin') this.searches = order.tasks.map((task) => begun(task, order.seed));
    this.bettered = performance.now();
    this.until = this.bettered + order.patience;
    this.quiet = order.kind === 'more' ? order.patience : QUIET;
    if (this.going) return;
    this.going = true;
    this.slice(true);
  }

  /** The first look gives every material a layout, whatever time there is. */
  private slice(first = false): void {
    const end = performance.now() + SLICE;
    for (const search of this.searches) if (first || !search.told) this.step(search);
    let left = this.searches.filter(({ ended }) => !ended);
    while (left.length > 0 && performance.now() < end) {
      for (const search of left) this.step(search);
      left = left.filter(({ ended }) => !ended);
    }
    for (const { material, told } of left) if (told) this.tell({ kind: 'tried', material, tried: told.tried });
    const until = Math.min(this.until, this.bettered + this.quiet);
    if (left.length > 0 && performance.now() < until) setTimeout(() => this.slice(), REST);
    else {
      this.going = false;
      this.tell({ kind: 'resting' });
    }
  }

  private step(search: Search): void {
    const { value, done } = search.steps.next();
    if (done || !value) {
      search.ended = true;
      return;
    }
    const before = search.told;
    search.told = value;
    if (before?.layout === value.layout) return;
    this.bettered = performance.now();
    this.tell({ kind: 'found', material: search.material, found: value });
  }
}

function begun({ material, task }: MaterialTask, seed: number): Search {
  return { material, steps: layOut(task, seed), told: undefined, ended: false };
}
