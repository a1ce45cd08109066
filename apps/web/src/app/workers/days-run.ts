import {
  atWork,
  better,
  dayFindings,
  daysOf,
  type AtWork,
  type DayFinding,
  type Days,
  type Schedule,
} from '@zabble/core';
import type { DaysNews, DaysOrder } from './days-messages';

/** So long it looks before it listens again, and so long it leaves the processor to the page, in milliseconds. */
const SLICE = 40;
const REST = 10;
/** So often at most a better one is told. */
const OFTEN = 400;
/** After so long what is wrong with the best is told, though a better one is looked for. */
const SOON = 1500;
/** Orders tried of a change that is only looked at. */
const TRY = 40_000;

type Wish = Extract<DaysOrder, { readonly kind: 'plan' | 'try' }>;

/** A search that goes on: what is wished, of which work, and the best of it so far. */
interface Going {
  readonly wish: Wish;
  readonly work: AtWork;
  readonly search: ReturnType<typeof better>;
  best: Found | undefined;
  /** When the best was told last. */
  told: number | undefined;
  readonly began: number;
  /** What is wrong was told of an order that is so late. */
  wrongTold: string | undefined;
}

interface Found {
  readonly schedule: Schedule;
  readonly tried: number;
  readonly of: number;
}

/** Tells the first order of work at once, then better ones; after a moment what is wrong with the best so far, and at the end with the best. */
export class DaysRun {
  private going: Going | undefined;
  private stopped = false;
  /** The best order of work that was told last. */
  private planned: Schedule['placed'] = [];

  constructor(private readonly tell: (news: DaysNews) => void) {}

  take(order: DaysOrder): void {
    if (order.kind === 'stop') {
      this.stopped = true;
      return;
    }
    this.stopped = false;
    const work = atWork(order.read, order.now);
    // A change that is only looked at begins with what is planned: all else as it is, as far as it can be.
    const search =
      order.kind === 'plan' ? better(work.problem) : better(work.problem, { tries: TRY, seen: this.planned });
    const began = performance.now();
    this.going = { wish: order, work, search, best: undefined, told: undefined, began, wrongTold: undefined };
    this.slice(this.going);
  }

  private slice(going: Going): void {
    // Something newer was asked for meanwhile.
    if (this.going !== going) return;
    if (this.look(going) || (this.stopped && going.best)) {
      this.finish(going);
      return;
    }
    if (going.best && (going.told === undefined || performance.now() - going.told > OFTEN)) {
      going.told = performance.now();
      this.tellSoFar(going, going.best);
    }
    setTimeout(() => this.slice(going), REST);
  }

  /** True where there is nothing left to look for. The first order is not kept waiting for. */
  private look(going: Going): boolean {
    const end = performance.now() + SLICE;
    while (performance.now() < end && !(this.stopped && going.best)) {
      const first = going.best === undefined;
      const { done, value } = going.search.next();
      if (done) {
        going.best = { schedule: value, tried: going.best?.of ?? 0, of: going.best?.of ?? 0 };
        return true;
      }
      going.best = value;
      if (first) return false;
    }
    return false;
  }

  private tellSoFar(going: Going, best: Found): void {
    const news = this.news(going, best);
    const so = howLate(best.schedule);
    const isSoon = performance.now() - going.began < SOON;
    if (going.wish.kind === 'try' || isSoon || so === going.wrongTold) this.tell({ ...news, last: false });
    else {
      going.wrongTold = so;
      this.tell({ ...news, findings: wrongWith(going, news.days), last: false });
    }
  }

  private finish(going: Going): void {
    if (!going.best) return;
    const news = this.news(going, going.best);
    this.tell({ ...news, findings: going.wish.kind === 'plan' ? wrongWith(going, news.days) : [], last: true });
  }

  private news({ wish: { kind, id }, work }: Going, { schedule, tried, of }: Found): Omit<DaysNews, 'last'> {
    if (kind === 'plan') this.planned = schedule.placed;
    return { kind, id, days: daysOf(work, schedule), tried, of };
  }
}

const wrongWith = ({ wish: { read, now }, work }: Going, days: Days): readonly DayFinding[] =>
  dayFindings(read, now, work, days);

const howLate = ({ missed, late }: Schedule): string => `${missed}/${late}`;
