import {
  ChangeDetectionStrategy,
  Component,
  effect,
  inject,
  input,
  viewChild,
  type ElementRef,
  type OnDestroy,
} from '@angular/core';
import type { Cost } from '@zabble/core';
import { BarChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { init, use, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { ThemeChoice } from '../../device/theme';
import { ShopMoney } from '../../shop/money';
import { inkNow, type Ink } from '../../ui/chart-axis';
import { begun, Speech } from '../../words/speech';

use([BarChart, GridComponent, SVGRenderer]);

interface Piece {
  readonly name: string;
  readonly amount: number;
  /** Of another way of making it. */
  readonly other: number;
}

/** What the price consists of, the greatest piece above; beside it, where there is one, another way of making it. */
@Component({
  selector: 'z-price-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<figure class="flex flex-col gap-1">
    <div #chart class="h-80 w-full" role="img" i18n-aria-label aria-label="What the price consists of"></div>
    <figcaption class="caption">{{ other() ? beside : alone }}</figcaption>
  </figure>`,
})
export class PriceChart implements OnDestroy {
  readonly cost = input<Cost>();
  readonly other = input<Cost>();
  protected readonly alone = $localize`Each piece with its share of what is paid.`;
  protected readonly beside = $localize`Each piece now, and in full ink as it would be.`;
  private readonly speech = inject(Speech);
  private readonly money = inject(ShopMoney);
  private readonly theme = inject(ThemeChoice);
  private readonly place = viewChild.required<ElementRef<HTMLElement>>('chart');
  private chart: EChartsType | undefined;
  private readonly observer = new ResizeObserver(() => this.chart?.resize());

  constructor() {
    effect(() => {
      this.theme.theme();
      const [cost, other] = [this.cost(), this.other()];
      const element = this.place().nativeElement;
      this.chart ??= init(element, undefined, { renderer: 'svg' });
      this.observer.observe(element);
      if (!cost) return;
      const drawn = { total: cost.totals.total, ink: inkNow(), say: this.money.say, both: other !== undefined };
      this.chart.setOption(optionOf(this.pieces(cost, other), drawn), true);
    });
  }

  ngOnDestroy(): void {
    this.observer.disconnect();
    this.chart?.dispose();
  }

  private pieces(cost: Cost, other: Cost | undefined): readonly Piece[] {
    const others = other ? this.amounts(other) : [];
    return this.amounts(cost)
      .map(({ name, amount }, index) => ({ name, amount, other: others[index]?.amount ?? 0 }))
      .filter(({ amount, other: so }) => amount > 0 || so > 0);
  }

  /** The same pieces of every price, in the same order. */
  private amounts({ totals }: Cost): readonly Omit<Piece, 'other'>[] {
    return [
      ...totals.cost.terms.map(({ called, amount }) => ({ name: begun(this.speech.say(called)), amount })),
      { name: $localize`Overhead`, amount: totals.overhead },
      { name: $localize`Risk`, amount: totals.risk.amount },
      { name: $localize`Margin less discount`, amount: totals.margin - totals.discount },
      { name: $localize`Tax`, amount: totals.tax },
    ];
  }
}

interface Drawn {
  readonly total: number;
  readonly ink: Ink;
  readonly say: (amount: number) => string;
  readonly both: boolean;
}

/** Bars, as a share is read from their length; the amount stands beside each, and alone its share of the whole. */
function optionOf(all: readonly Piece[], { total, ink, say, both }: Drawn) {
  const pieces = [...all].sort((one, other) => one.amount - other.amount);
  const text = { color: ink('ink'), fontSize: both ? 12 : 14, fontFamily: 'Barlow' };
  const share = (amount: number): string => (both || total <= 0 ? '' : `  ${Math.round((100 * amount) / total)} %`);
  const bars = (of: 'amount' | 'other', colour: string) => ({
    ...{ type: 'bar' as const, barMaxWidth: both ? 14 : 22, itemStyle: { color: ink(colour) } },
    data: pieces.map((piece) => piece[of] / 100),
    label: {
      ...{ ...text, show: true, position: 'right' as const },
      formatter: ({ dataIndex }: { readonly dataIndex: number }) => {
        const amount = pieces[dataIndex]?.[of] ?? 0;
        return `${say(amount / 100)}${share(amount)}`;
      },
    },
  });
  return {
    animation: false,
    grid: { left: 8, right: 150, top: 4, bottom: 4, containLabel: true },
    xAxis: { type: 'value' as const, show: false },
    yAxis: {
      ...{ type: 'category' as const, data: pieces.map(({ name }) => name), axisLabel: { ...text, fontSize: 14 } },
      ...{ axisLine: { show: false }, axisTick: { show: false } },
    },
    // The lower one of a pair comes first.
    series: both ? [bars('other', 'ink'), bars('amount', 'edge')] : [bars('amount', 'edge')],
  };
}
