import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { isOld, shown, type BuyLine, type FromSupplier } from '@zabble/core';
import { CentsPipe } from '../shop/cents';
import { CountedPipe, unitCalled } from '../shop/counted';
import { PriceCell } from '../shop/price-cell';
import { Says } from '../ui/says';
import { Say } from '../words/say';
import { BuyingState } from './buying-state';
import { JobChoice } from './job-choice';

/** One list over the chosen jobs, by who sells it: what is wanted, what there is, how many packs are to be ordered. */
@Component({
  selector: 'z-to-buy',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, CountedPipe, JobChoice, PriceCell, Say, Says],
  templateUrl: './to-buy.html',
})
export class ToBuy {
  protected readonly state = inject(BuyingState);
  protected readonly open = signal('');
  /** Left out of the next order. */
  protected readonly left = signal<ReadonlySet<string>>(new Set());

  protected turn({ id }: BuyLine): void {
    this.open.set(this.open() === id ? '' : id);
  }

  protected leave({ id }: BuyLine): void {
    const left = new Set(this.left());
    if (!left.delete(id)) left.add(id);
    this.left.set(left);
  }

  protected taken({ lines }: FromSupplier): readonly BuyLine[] {
    return lines.filter(({ id }) => !this.left().has(id));
  }

  protected total(from: FromSupplier): number {
    return this.taken(from).reduce((sum, { total = 0 }) => sum + total, 0);
  }

  /** `3`, or `2 packs of 100`. */
  protected packs({ packs, pack: each, unit }: BuyLine): string {
    const pack = shown(each);
    // Sold by measure.
    if (pack < 1) return `${pack} ${unitCalled(unit, pack)}`;
    if (pack === 1) return `${packs} ${unitCalled(unit, packs)}`.trim();
    const of = `${pack} ${unitCalled(unit, pack)}`.trim();
    return packs === 1 ? $localize`1 pack of ${of}` : $localize`${packs} packs of ${of}`;
  }

  /** What a job has, of all kinds, and what lies there. */
  protected has({ had: { aside, ordered, arrived }, store }: BuyLine): readonly string[] {
    const told = (amount: typeof store, word: string): readonly string[] =>
      amount.n > 0n ? [`${shown(amount)} ${word}`] : [];
    return [
      ...told(store, $localize`lie there`),
      ...told(aside, $localize`laid aside`),
      ...told(ordered, $localize`ordered`),
      ...told(arrived, $localize`arrived`),
    ];
  }

  /** By the day this device has. */
  protected isOld({ price }: BuyLine): boolean {
    return price !== undefined && isOld(price, new Date().toISOString().slice(0, 10));
  }

  protected some({ n }: BuyLine['short']): boolean {
    return n > 0n;
  }
}
