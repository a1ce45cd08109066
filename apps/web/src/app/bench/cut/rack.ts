import { computed, inject, Injectable, signal } from '@angular/core';
import type { PriceList, StockEntry, StockList } from '@zabble/contract';
import { readFileLength, ZERO, type Length, type RackItem, type StockItemOf } from '@zabble/core';
import type { Observable } from 'rxjs';
import { asking } from '../../server-api/asking';
import { RackApi, type Booked } from '../../server-api/rack-api';

/** What stands in the rack, as the server last told it. */
@Injectable({ providedIn: 'root' })
export class Rack {
  private readonly api = inject(RackApi);
  readonly entries = signal<readonly StockEntry[] | undefined>(undefined);
  readonly prices = signal<PriceList | undefined>(undefined);
  readonly says = signal('');
  private readonly ask = asking(this.says);
  /** Sheets and off-cuts as a layout takes them. */
  readonly items = computed((): readonly RackItem[] => (this.entries() ?? []).flatMap(asRackItem));

  fetch(): void {
    this.take(this.api.stock());
  }

  fetchPrices(): void {
    this.ask(this.api.prices(), (list) => this.prices.set(list));
  }

  refreshPrices(): void {
    this.ask(this.api.refreshPrices(), (list) => this.prices.set(list));
  }

  keep(id: string, item: StockItemOf<string>): void {
    this.take(this.api.keep(id, item));
  }

  /** So many more or fewer of an item; it goes with its last. */
  change(id: string, by: number): void {
    this.take(this.api.change(id, by));
  }

  add(items: readonly StockItemOf<string>[], then?: () => void): void {
    this.take(this.api.add(items), then);
  }

  /** Books the layout; what follows is done only when the rack has it. */
  book(booked: Booked, then: () => void): void {
    this.take(this.api.book(booked), then);
  }

  undo(id: string, then: () => void): void {
    this.take(this.api.undo(id), then);
  }

  private take(answer: Observable<StockList>, then?: () => void): void {
    this.ask(answer, ({ items }) => {
      this.entries.set(items);
      then?.();
    });
  }
}

/** Boards are for solid wood, whose parts are not laid out. */
function asRackItem({ id, item }: StockEntry): readonly RackItem[] {
  if (item.kind === 'board') return [];
  const [length, width] = [lengthIn(item.length), lengthIn(item.width)];
  return length > 0 && width > 0 ? [{ id, material: item.material, length, width, count: item.count }] : [];
}

/** A length as the rack writes it; nothing where it can't be read. */
export function lengthIn(text: string): Length {
  const read = readFileLength(text);
  return read.ok ? read.value : ZERO;
}
