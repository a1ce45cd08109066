import { computed, inject, Injectable, signal } from '@angular/core';
import type { Arrived, BuyingKept, Order, OrderWishLine } from '@zabble/contract';
import { hadBy } from '@zabble/contract/had';
import {
  buyingLate,
  buyingList,
  bySupplier,
  decimal,
  readStockItem,
  said,
  shown,
  type Awaited,
  type BuyLine,
  type FromSupplier,
  type Had,
  type LateFinding,
  type Length,
  type StockItemOf,
} from '@zabble/core';
import type { Observable } from 'rxjs';
import { Who } from '../device/who';
import { handOver } from '../device/hand-over';
import { asking, keepingSaid } from '../server-api/asking';
import { BuyingApi } from '../server-api/buying-api';
import { newId } from '../server-api/new-id';
import { RackApi } from '../server-api/rack-api';
import { ShopCostingState } from '../shop/costing';
import { Suppliers } from '../shop/suppliers';
import { Speech } from '../words/speech';
import { ChosenJobs } from './chosen-jobs';

const NOTHING: BuyingKept = { revision: 0, drawer: [], aside: [], orders: [] };
/** Counts are kept to a millionth; what is bought covers what is wanted, so it is rounded up. */
const MILLIONTH = 1_000_000;
const upTo = (many: number): number => Math.ceil(many * MILLIONTH - 1e-9) / MILLIONTH;

/** What is bought for the chosen jobs: the list, orders and arrivals, each as the server has it. */
@Injectable()
export class BuyingState {
  private readonly api = inject(BuyingApi);
  private readonly rackApi = inject(RackApi);
  private readonly costing = inject(ShopCostingState);
  private readonly speech = inject(Speech);
  private readonly who = inject(Who);
  readonly suppliers = inject(Suppliers);
  readonly jobs = inject(ChosenJobs);
  readonly says = signal('');
  /** What was done last, in words. */
  readonly done = signal('');
  readonly kept = signal<BuyingKept>(NOTHING);
  readonly answered = signal(false);
  private readonly rack = signal<readonly StockItemOf<Length>[]>([]);
  private readonly ask = asking(this.says);
  private readonly lookAgain = asking(keepingSaid(this.says));
  /** The day everything is wanted by, as `2026-12-01`; nothing where none is said. */
  readonly by = signal('');
  /** An order that is on its way: pressed twice it is the same. */
  private readonly underway = new Map<string, string>();

  readonly lines = computed((): readonly BuyLine[] => {
    const { drawer } = this.kept();
    return buyingList(this.jobs.wanted(), {
      prices: this.costing.book(),
      rack: this.rack(),
      drawer: new Map(drawer.map(({ key, count }) => [key, decimal(count)])),
      had: this.had(),
    });
  });
  readonly from = computed((): readonly FromSupplier[] => bySupplier(this.lines(), this.suppliers.rows()));
  /** What nothing is short of. */
  readonly there = computed(() => this.lines().filter(({ packs }) => packs === 0));
  /** What lies in the drawer for these jobs: what the rack has is for layouts to take. */
  readonly layable = computed(() =>
    this.lines().filter(({ kind, store }) => store.n > 0n && kind !== 'sheets' && kind !== 'wood'),
  );
  readonly late = computed((): readonly LateFinding[] => {
    const by = this.by();
    return by === '' ? [] : buyingLate(this.from(), this.awaited(), { today: today(), by });
  });

  constructor() {
    this.look();
    this.ask(this.rackApi.stock(), ({ items }) =>
      this.rack.set(
        items.flatMap(({ item }) => {
          const reading = readStockItem(item);
          return reading.ok ? [reading.item] : [];
        }),
      ),
    );
  }

  look(): void {
    this.lookAgain(this.api.read(), (kept) => {
      this.kept.set(kept);
      this.answered.set(true);
    });
  }

  /** Who sells it, in the price book. */
  soldBy({ key, unit, price }: BuyLine, supplier: string): void {
    if (!price) return;
    const { cents, date } = price;
    const row = { key, unit, pack: shown(price.pack), cents, ...(date === undefined ? {} : { date }) };
    this.costing.keep([{ ...row, ...(supplier === '' ? {} : { supplier }) }]);
  }

  /** Of one supplier, what of these lines is to be ordered. */
  order(supplier: string, lines: readonly BuyLine[]): void {
    const wish = { revision: this.kept().revision, supplier, lines: lines.map((line) => this.wished(line)) };
    const text = JSON.stringify(wish);
    const id = this.underway.get(text) ?? newId();
    this.underway.set(text, id);
    this.ask(
      this.api.order({ id, ...wish, ...this.byWhom() }),
      (kept) => {
        this.underway.delete(text);
        this.kept.set(kept);
        const made = kept.orders.find((order) => order.id === id);
        if (made) this.done.set(madeSaid(made));
      },
      () => this.look(),
    );
  }

  /** Out of the drawer, for the jobs that want it. */
  layAside(): void {
    const of = this.layable().flatMap(({ key, of: jobs }) =>
      jobs.flatMap(({ job, store }) => (store.n > 0n ? [{ job, key, count: shown(store) }] : [])),
    );
    this.ask(
      this.api.layAside({ id: newId(), of, ...this.byWhom() }),
      (answer) => this.arrivedAs(answer, $localize`It is laid aside.`),
      () => this.look(),
    );
  }

  putBack(id: string): void {
    this.take(this.api.putBack(id));
  }

  count(row: { readonly key: string; readonly what: string; readonly unit: string }, was: number, count: number): void {
    this.take(this.api.count({ ...row, was, count }));
  }

  askAgain({ id }: Order): void {
    this.take(this.api.ask(id));
  }

  callOff({ id }: Order): void {
    this.take(this.api.callOff(id));
  }

  arrived({ id, number }: Order, lines?: readonly number[]): void {
    this.ask(this.api.arrived(id, { ...(lines ? { lines: [...lines] } : {}), ...this.byWhom() }), (answer) =>
      this.arrivedAs(answer, $localize`Of order ${number} it is marked as here.`),
    );
  }

  notArrived({ id }: Order, lines: readonly number[]): void {
    this.ask(this.api.notArrived(id, { lines: [...lines] }), (kept) => {
      this.kept.set(kept);
      this.done.set($localize`It is awaited again. Gates it opened stay open: shut them in their job.`);
    });
  }

  pdf({ id, number }: Order, paper: string): void {
    this.ask(this.api.pdf(id, paper), (file) => handOver($localize`order-${number}` + '.pdf', file));
  }

  private arrivedAs({ kept, opened, notOpened }: Arrived, what: string): void {
    this.kept.set(kept);
    this.jobs.again([...new Set(opened.map(({ job }) => job))]);
    const gates = opened.map(({ name, gate }) =>
      gate === 'slides' ? $localize`The slides of ${name} are in hand.` : $localize`The hinges of ${name} are in hand.`,
    );
    const shut = notOpened.map(
      (job) => $localize`The gates of ${this.jobs.nameOf(job)} could not be opened: look at that job.`,
    );
    this.done.set([what, ...new Set(gates), ...shut].join(' '));
  }

  private take(answer: Observable<BuyingKept>): void {
    this.ask(
      answer,
      (kept) => this.kept.set(kept),
      () => this.look(),
    );
  }

  /** Who does it, where this device knows. */
  private byWhom(): { readonly by?: string } {
    const name = this.who.name().slice(0, 60);
    return name === '' ? {} : { by: name };
  }

  private wished({ key, what, unit, pack, packs, packCents, of }: BuyLine): OrderWishLine {
    return {
      ...{ key, what: this.speech.say(what).slice(0, 300), unit, packs, pack: shown(pack) },
      ...(packCents === undefined ? {} : { cents: packCents }),
      for: of.flatMap(({ job, short }) => (short.n > 0n ? [{ job, count: upTo(shown(short)) }] : [])),
    };
  }

  private readonly had = computed((): readonly Had[] =>
    hadBy(this.kept()).map(({ count, ...each }) => ({ ...each, count: decimal(count) })),
  );

  private readonly awaited = computed((): readonly Awaited[] =>
    this.kept()
      .orders.filter(({ state }) => state === 'ordered')
      .flatMap(({ lines, expectedOn }) =>
        lines
          .filter(({ arrivedOn, for: of }) => !arrivedOn && of.some(({ job }) => this.jobs.ids().includes(job)))
          .map(({ what }) => ({ what: said('text', { text: what }), ...(expectedOn ? { expectedOn } : {}) })),
      ),
  );
}

/** What became of an order: made only where it is. */
function madeSaid({ number, supplier, state }: Order): string {
  if (state === 'refused') return $localize`Order ${number} to ${supplier} was refused\: why stands at Orders.`;
  if (state === 'asked') return $localize`Order ${number} to ${supplier} is not answered yet\: see Orders.`;
  return $localize`Order ${number} to ${supplier} is made.`;
}

/** As the device has it. */
const today = (): string => new Date().toISOString().slice(0, 10);
