import { Clipboard } from '@angular/cdk/clipboard';
import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { Order, OrderLine } from '@zabble/contract';
import { CSV, orderedCents, orderLabel, orderRows, orderText, readOrderLabel } from '@zabble/core';
import Papa from 'papaparse';
import { handOver } from '../device/hand-over';
import { CentsPipe } from '../shop/cents';
import { unitCalled } from '../shop/counted';
import { ShopCostingState } from '../shop/costing';
import { Says } from '../ui/says';
import { dayIn } from '../words/day';
import { Say } from '../words/say';
import { LANGUAGE, Speech } from '../words/speech';
import { BuyingState } from './buying-state';
import { ChosenJobs } from './chosen-jobs';

const STATES: Readonly<Record<Order['state'] | 'here', string>> = {
  asked: $localize`no answer yet`,
  ordered: $localize`ordered`,
  refused: $localize`refused`,
  off: $localize`called off`,
  here: $localize`all of it is here`,
};

/** Orders as they stand: what was answered, what is here by a press or by its label, and each as a file. */
@Component({
  selector: 'z-orders-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, Say, Says],
  templateUrl: './orders-view.html',
  host: { class: 'flex flex-col gap-4' },
})
export class OrdersView {
  protected readonly state = inject(BuyingState);
  protected readonly jobs = inject(ChosenJobs);
  private readonly costing = inject(ShopCostingState);
  private readonly speech = inject(Speech);
  private readonly clipboard = inject(Clipboard);
  private readonly locale = inject(LANGUAGE).locale;
  protected readonly wrong = signal('');

  protected standing(order: Order): string {
    return STATES[this.isHere(order) ? 'here' : order.state];
  }

  protected isHere({ lines, state }: Order): boolean {
    return state === 'ordered' && lines.every(({ arrivedOn }) => arrivedOn !== undefined);
  }

  protected isAwaited(order: Order): boolean {
    return (order.state === 'ordered' || order.state === 'asked') && !this.isHere(order);
  }

  protected someHere({ lines }: Order): boolean {
    return lines.some(({ arrivedOn }) => arrivedOn !== undefined);
  }

  protected day(moment: string): string {
    return dayIn(this.locale, moment);
  }

  protected label(order: Order, line: OrderLine): string {
    return orderLabel(order, line);
  }

  protected packs({ packs, pack, unit }: OrderLine): string {
    if (pack === 1) return `${packs} ${unitCalled(unit, packs)}`.trim();
    return `${packs} × ${pack} ${unitCalled(unit, pack)}`.trim();
  }

  protected forWhom({ for: of }: OrderLine): string {
    return of.map(({ job }) => this.jobs.nameOf(job)).join(', ');
  }

  protected total({ lines }: Order): number {
    return lines.reduce((sum, line) => sum + (orderedCents(line) ?? 0), 0);
  }

  /** A label of a line, read by a scanner or by a person: what it names is here. */
  protected scanned(field: HTMLInputElement): void {
    const text = field.value;
    if (text.trim() === '') return;
    const read = readOrderLabel(text);
    const order = read && this.state.kept().orders.find(({ number }) => number === read.number);
    const line = read && order?.lines.find((each) => each.line === read.line);
    const said = JSON.stringify(text.trim());
    if (!read) return this.wrong.set($localize`Read ${said}\: a label is the order and its line, as 7-2.`);
    if (!order || !line)
      return this.wrong.set($localize`Read ${said}\: there is no such order, or no such line in it.`);
    if (order.state !== 'ordered' && order.state !== 'asked')
      return this.wrong.set($localize`Read ${said}\: order ${order.number} is ${STATES[order.state]}.`);
    this.wrong.set('');
    field.value = '';
    if (line.arrivedOn) return this.wrong.set($localize`${line.what}, ${said}, was here already.`);
    this.state.arrived(order, [line.line]);
  }

  /** Prices a supplier answered with, to be taken into the book. */
  protected answered({ answer }: Order): readonly { readonly key: string; readonly is: number }[] {
    if (answer?.code !== 'buy/wrong-price') return [];
    return (answer.params as { readonly prices: readonly { readonly key: string; readonly is: number }[] }).prices;
  }

  protected takePrices(order: Order): void {
    const date = new Date().toISOString().slice(0, 10);
    const { supplier } = order;
    this.costing.keep(
      this.answered(order).flatMap(({ key, is: cents }) => {
        const line = order.lines.find((each) => each.key === key);
        return line ? [{ key, unit: line.unit, pack: line.pack, cents, supplier, date }] : [];
      }),
      () => this.state.done.set($localize`Its prices are in the book: order again from the list.`),
    );
  }

  protected csv(order: Order): void {
    const text = Papa.unparse(orderRows(order, this.speech.words()) as string[][], CSV);
    handOver($localize`order-${order.number}` + '.csv', new Blob([text], { type: 'text/csv' }));
  }

  protected copy(order: Order): void {
    const done = this.clipboard.copy(orderText(order, this.speech.words()));
    if (done) this.state.done.set($localize`Order ${order.number} is copied as text.`);
    else this.state.says.set($localize`This browser does not let text be copied: take the list as CSV.`);
  }
}
