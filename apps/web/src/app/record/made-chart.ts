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
import { inMillimetres, over, type Length, type MadeSize } from '@zabble/core';
import { ScatterChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { init, use, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { ThemeChoice } from '../device/theme';
import { chartAxis, inkNow, type Ink } from '../ui/chart-axis';

use([ScatterChart, GridComponent, MarkLineComponent, SVGRenderer]);

/** How far each came out from its plan, in the order they were measured: nought is as planned. */
@Component({
  selector: 'z-made-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<figure class="flex flex-col gap-1">
    <div
      #chart
      class="h-64 w-full overflow-hidden"
      role="img"
      i18n-aria-label
      aria-label="Off the plan, reading by reading"
    ></div>
    <figcaption i18n class="caption">
      Up: millimetres over the plan. Right: the newest readings, one after the other. The dashed line is the average of
      all.
    </figcaption>
  </figure>`,
})
export class MadeChart implements OnDestroy {
  readonly made = input.required<readonly MadeSize[]>();
  /** Over all readings, drawn or not. */
  readonly mean = input.required<Length>();
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
      this.chart.setOption(optionOf(this.made(), this.mean(), inkNow()), true);
    });
  }

  ngOnDestroy(): void {
    this.observer.disconnect();
    this.chart?.dispose();
  }
}

function optionOf(made: readonly MadeSize[], average: Length, ink: Ink) {
  const points = made.map((each, index) => [index + 1, inMillimetres(over(each))]);
  const line = (yAxis: number, colour: string, type: 'solid' | 'dashed') => ({
    yAxis,
    lineStyle: { color: ink(colour), type, width: 1.5 },
    label: { show: false },
  });
  return {
    animation: false,
    grid: { left: 56, right: 16, top: 12, bottom: 40 },
    xAxis: { ...chartAxis('reading', ink), minInterval: 1, min: 0, max: points.length + 1 },
    yAxis: chartAxis($localize`mm over the plan`, ink),
    series: [
      {
        type: 'scatter' as const,
        symbolSize: 9,
        itemStyle: { color: ink('ink') },
        data: points,
        markLine: {
          silent: true,
          symbol: 'none',
          data: [line(0, 'edge', 'solid'), line(inMillimetres(average), 'chalk', 'dashed')],
        },
      },
    ],
  };
}
