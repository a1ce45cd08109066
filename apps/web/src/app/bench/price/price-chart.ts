import {
  ChangeDetectionStrategy,
  Component,
  effect,
  inject,
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
import { PriceState } from './price-state';

use([BarChart, GridComponent, SVGRenderer]);

interface Piece {
  readonly name: string;
  readonly amount: number;
}

/** What the price consists of, the greatest piece above: where a builder saves, and where not. */
@Component({
  selector: 'z-price-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<figure class="flex flex-col gap-1">
    <div #chart class="h-80 w-full" role="img" i18n-aria-label aria-label="What the price consists of"></div>
    <figcaption i18n class="caption">Each piece with its share of what is paid.</figcaption>
  </figure>`,
})
export class PriceChart implements OnDestroy {
  private readonly cost = inject(PriceState).cost;
  private readonly speech = inject(Speech);
  private readonly money = inject(ShopMoney);
  private readonly theme = inject(ThemeChoice);
  private readonly place = viewChild.required<ElementRef<HTMLElement>>('chart');
  private chart: EChartsType | undefined;
  private readonly observer = new ResizeObserver(() => this.chart?.resize());

  constructor() {
    effect(() => {
      this.theme.theme();
      const cost = this.cost();
      const element = this.place().nativeElement;
      this.chart ??= init(element, undefined, { renderer: 'svg' });
      this.observer.observe(element);
      if (cost) this.chart.setOption(optionOf(this.pieces(cost), cost.totals.total, inkNow(), this.money.say));
    });
  }

  ngOnDestroy(): void {
    this.observer.disconnect();
    this.chart?.dispose();
  }

  private pieces({ totals }: Cost): readonly Piece[] {
    return [
      ...totals.cost.terms.map(({ called, amount }) => ({ name: begun(this.speech.say(called)), amount })),
      { name: $localize`Overhead`, amount: totals.overhead },
      { name: $localize`Risk`, amount: totals.risk.amount },
      { name: $localize`Margin less discount`, amount: totals.margin - totals.discount },
      { name: $localize`Tax`, amount: totals.tax },
    ].filter(({ amount }) => amount > 0);
  }
}

/** Bars, as a share is read from their length; the amount and its share of the whole beside each. */
function optionOf(all: readonly Piece[], total: number, ink: Ink, say: (amount: number) => string) {
  const pieces = [...all].sort((one, other) => one.amount - other.amount);
  const text = { color: ink('ink'), fontSize: 14, fontFamily: 'Barlow' };
  return {
    animation: false,
    grid: { left: 8, right: 150, top: 4, bottom: 4, containLabel: true },
    xAxis: { type: 'value' as const, show: false },
    yAxis: {
      ...{ type: 'category' as const, data: pieces.map(({ name }) => name), axisLabel: text },
      ...{ axisLine: { show: false }, axisTick: { show: false } },
    },
    series: [
      {
        ...{ type: 'bar' as const, barMaxWidth: 22, itemStyle: { color: ink('edge') } },
        data: pieces.map(({ amount }) => amount / 100),
        label: {
          ...{ ...text, show: true, position: 'right' as const },
          formatter: ({ dataIndex }: { readonly dataIndex: number }) => {
            const amount = pieces[dataIndex]?.amount ?? 0;
            return `${say(amount / 100)}  ${total > 0 ? Math.round((100 * amount) / total) : 0} %`;
          },
        },
      },
    ],
  };
}
