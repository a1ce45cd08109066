import { ShopMoney } from '../../shop/money';
import { Speech } from '../../words/speech';
import {
  ChangeDetectionStrategy,
  Component,
  effect,
  type ElementRef,
  inject,
  input,
  viewChild,
  type OnDestroy,
} from '@angular/core';
import { asTold, unitOf, type SlideComparison, type Unit, type Words } from '@zabble/core';
import { ScatterChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { init, use, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { ThemeChoice } from '../../device/theme';
import { chartAxis, inkNow, type Ink } from '../../ui/chart-axis';
import { labelSides, type Side } from './label-places';

use([ScatterChart, GridComponent, SVGRenderer]);

/** What each litre inside costs in slides: every family that can be built, by the price of its pairs and the room it leaves. */
@Component({
  selector: 'z-slide-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<figure class="flex flex-col gap-1">
    <div
      #chart
      class="h-80 w-full overflow-hidden"
      role="img"
      i18n-aria-label
      aria-label="Room inside against the price of the pairs"
    ></div>
    <figcaption i18n class="caption">
      Up: room inside all boxes. Right: price of all pairs. Hollow: something would have to be mended first. The one in
      use is marked.
    </figcaption>
  </figure>`,
})
export class SlideChart implements OnDestroy {
  private readonly speech = inject(Speech);
  private readonly money = inject(ShopMoney);
  readonly rows = input.required<readonly SlideComparison[]>();
  readonly used = input.required<string>();
  private readonly theme = inject(ThemeChoice);
  private readonly place = viewChild.required<ElementRef<HTMLElement>>('chart');
  private chart: EChartsType | undefined;
  private readonly observer = new ResizeObserver(() => this.chart?.resize());

  constructor() {
    effect(() => {
      this.theme.theme();
      const element = this.place().nativeElement;
      this.chart ??= init(element, undefined, { renderer: 'svg' });
      this.observer.observe(element);
      this.chart.setOption(optionOf(this.rows(), this.used(), inkNow(), this.speech.words(), this.money.say));
    });
  }

  ngOnDestroy(): void {
    this.observer.disconnect();
    this.chart?.dispose();
  }
}

/** The plot inside the axes, in pixels; as wide as the step panel usually leaves it. */
const PLOT = { width: 560, height: 250 };

function optionOf(
  rows: readonly SlideComparison[],
  used: string,
  ink: Ink,
  { say, unit }: Words,
  price: (amount: number) => string,
) {
  const prices = axis($localize`price of all pairs`, ink);
  const shown = apart(rows, used);
  const sides = sidesOf(shown, say);
  return {
    animation: false,
    grid: { left: 52, right: 20, top: 16, bottom: 48 },
    xAxis: { ...prices, axisLabel: { ...prices.axisLabel, formatter: price } },
    yAxis: {
      ...axis($localize`room inside, ${unitOf('room', unit)}`, ink),
      boundaryGap: ['12%', '8%'] as [string, string],
    },
    series: [
      {
        type: 'scatter' as const,
        symbolSize: 12,
        data: shown.map((row, index) => ({
          ...pointOf(row, row.family.id === used, ink, unit),
          label: labelOf(say(row.family.called), row.family.id === used, sides[index] ?? 'right', ink),
        })),
      },
    ],
  };
}

/** Families that can be had, the one in use first; of several at the same place one stands for them. */
function apart(rows: readonly SlideComparison[], used: string): readonly SlideComparison[] {
  const first = [...rows].sort((a, b) => Number(b.family.id === used) - Number(a.family.id === used));
  const places = new Map<string, SlideComparison>();
  for (const row of first) {
    const place = `${row.cost} ${row.volume.toFixed(0)}`;
    if (row.volume > 0 && !places.has(place)) places.set(place, row);
  }
  return [...places.values()];
}

/** Room at both ends, so that no name is cut off. */
function axis(name: string, ink: Ink) {
  return { ...chartAxis(name, ink), scale: true, boundaryGap: ['0%', '8%'] as [string, string] };
}

function pointOf({ cost, volume, stops }: SlideComparison, inUse: boolean, ink: Ink, unit: Unit) {
  const line = inUse ? 'chalk' : stops.length > 0 ? 'edge' : 'ink';
  return {
    value: [cost, Math.round(asTold(volume, 'room', unit) * 100) / 100],
    itemStyle: { color: ink(stops.length > 0 ? 'sheet' : line), borderColor: ink(line), borderWidth: 2 },
  };
}

function labelOf(formatter: string, inUse: boolean, position: Side, ink: Ink) {
  return {
    show: true,
    position,
    formatter,
    color: ink(inUse ? 'chalk' : 'ink'),
    fontWeight: inUse ? (600 as const) : (400 as const),
    fontSize: 13,
    fontFamily: 'Barlow',
  };
}

function sidesOf(rows: readonly SlideComparison[], say: Words['say']): readonly Side[] {
  const across = rows.map(({ cost }) => cost);
  const up = rows.map(({ volume }) => volume);
  const part = (value: number, all: readonly number[]): number =>
    (value - Math.min(...all)) / Math.max(1, Math.max(...all) - Math.min(...all));
  const points = rows.map(({ family, cost, volume }) => ({
    x: part(cost, across) * PLOT.width,
    y: (1 - part(volume, up)) * PLOT.height,
    name: say(family.called),
  }));
  return labelSides(points, PLOT.width);
}
