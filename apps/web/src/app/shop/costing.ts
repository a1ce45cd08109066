import { computed, inject, Injectable, signal } from '@angular/core';
import type { BookPrice, CostingKept, LearnedByShop } from '@zabble/contract';
import {
  FINISH_ROWS,
  type FinishRow,
  NO_SHOP_COSTING,
  priceOf,
  USUAL_WASTE,
  type Learned,
  type CostSettings,
  type OperationId,
  type PriceBook,
  type ShopCosting,
  type UsualPricing,
} from '@zabble/core';
import { asking, keepingSaid } from '../server-api/asking';
import { CostingApi } from '../server-api/costing-api';

const NOTHING: CostingKept = { settings: NO_SHOP_COSTING, revision: 0, prices: [] };

/** What the shop’s prices are made with, asked for once and kept on the server. */
@Injectable({ providedIn: 'root' })
export class ShopCostingState {
  private readonly api = inject(CostingApi);
  private readonly kept = signal<CostingKept>(NOTHING);
  readonly says = signal('');
  /** It was answered, or can’t be: no price is told before, which would be another a moment later. */
  readonly answered = signal(false);
  /** What the shop’s jobs taught, once it was asked for. */
  readonly learned = signal<LearnedByShop>({ minutes: {} });
  private readonly ask = asking(this.says);
  private readonly lookAgain = asking(keepingSaid(this.says));
  readonly prices = computed((): readonly BookPrice[] => this.kept().prices);
  readonly said = computed((): ShopCosting => this.kept().settings);
  readonly book = computed((): PriceBook => new Map(this.prices().map((row) => [row.key, priceOf(row)])));

  constructor() {
    this.look();
  }

  /** As a price is reckoned with them on a day. */
  readonly settings = computed((): CostSettings => {
    const { usual = {}, minutes = {}, finishes = FINISH_ROWS, waste = USUAL_WASTE, credit = 0 } = this.said();
    return { prices: this.book(), usual, minutes, finishes, waste, credit };
  });

  /** `then`: once they are in the book. */
  keep(prices: readonly BookPrice[], then?: () => void): void {
    this.ask(this.api.keep(prices), (kept) => {
      this.kept.set(kept);
      then?.();
    });
  }

  drop(key: string): void {
    this.ask(this.api.drop([key]), (kept) => this.kept.set(kept));
  }

  /** Minutes of an operation; without them those made up hold. */
  sayMinutes(id: OperationId, minutes: number | undefined): void {
    const { [id]: _, ...others } = this.said().minutes ?? {};
    this.say({ ...this.said(), minutes: minutes === undefined ? others : { ...others, [id]: minutes } });
  }

  sayUsual(usual: UsualPricing): void {
    this.say({ ...this.said(), usual });
  }

  /** Nothing said: as they ship. */
  sayFinishes(finishes: readonly FinishRow[] | undefined): void {
    const { finishes: _, ...others } = this.said();
    this.say(finishes ? { ...others, finishes } : others);
  }

  /** Percent lost of sheets, or credited for off-cuts that are kept; nothing said: as usual. */
  sayPercent(of: 'waste' | 'credit', percent: number | undefined): void {
    const { [of]: _, ...others } = this.said();
    this.say(percent === undefined ? others : { ...others, [of]: percent });
  }

  fetchLearned(): void {
    this.ask(this.api.learned(), (learned) => this.learned.set(learned));
  }

  /** What a job that is done teaches. */
  settle(job: string, learned: Learned, done: () => void): void {
    this.ask(this.api.settle(job, learned), (all) => {
      this.learned.set(all);
      done();
    });
  }

  private say(settings: ShopCosting): void {
    this.ask(
      this.api.say(settings, this.kept().revision),
      (kept) => this.kept.set(kept),
      () => this.look(),
    );
  }

  private look(): void {
    const taken = (kept: CostingKept): void => {
      this.kept.set(kept);
      this.answered.set(true);
    };
    this.lookAgain(this.api.read(), taken, () => this.answered.set(true));
  }
}
