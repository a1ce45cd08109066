import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  type ElementRef,
  inject,
  input,
  output,
  viewChild,
  type OnDestroy,
} from '@angular/core';
import { closesOn, type Days, type DayTask, type Hours, type Moment } from '@zabble/core';
import { CustomChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { init, use, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { ThemeChoice } from '../device/theme';
import { inkNow, type Ink } from '../ui/chart-axis';
import { Speech } from '../words/speech';
import { dayName } from './clock';
import { bars, dueLines, goods, heads, LANE, LEFT, rowNames, upright, waits } from './week-series';
import type { WeekAxis } from './week-axis';
import type { Lanes } from './week-rows';

use([CustomChart, GridComponent, SVGRenderer]);

const TOP = 34;
const FOOT = 12;
const DAY = 1440;

/** A bar that was taken hold of and is carried. */
interface Held {
  readonly task: DayTask;
  /** From its beginning to where it was taken. */
  readonly off: number;
  moved: boolean;
}

/** Tasks as bars over the days that are worked on: what stands by itself hatched, the longest way underlined, dates as lines. */
@Component({
  selector: 'z-week-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div
    #chart
    class="w-full touch-pan-y overflow-hidden"
    role="group"
    tabindex="0"
    i18n-aria-label
    aria-label="The weeks: up and down choose a task, left and right try it earlier or later, Enter fixes it, Escape leaves it"
    [style.height.px]="height()"
    (keydown)="key($event)"
  ></div>`,
  host: { class: 'block' },
})
export class WeekChart implements OnDestroy {
  readonly days = input.required<Days>();
  readonly hours = input.required<Hours>();
  readonly lanes = input.required<Lanes>();
  readonly axis = input.required<WeekAxis>();
  readonly chosen = input<string>();
  readonly byJob = input(true);
  readonly choose = output<DayTask>();
  /** Dragged, or moved by keys: to begin then. */
  readonly moved = output<{ readonly task: DayTask; readonly at: Moment }>();
  readonly fixed = output();
  readonly left = output();
  private readonly theme = inject(ThemeChoice);
  private readonly speech = inject(Speech);
  private readonly place = viewChild.required<ElementRef<HTMLElement>>('chart');
  private chart: EChartsType | undefined;
  private held: Held | undefined;
  private readonly observer = new ResizeObserver(() => this.chart?.resize());
  protected readonly height = computed(() => TOP + FOOT + this.lanes().count * LANE);

  constructor() {
    effect(() => {
      this.theme.theme();
      const element = this.place().nativeElement;
      const option = this.option(inkNow());
      this.height();
      if (!this.chart) {
        this.chart = init(element, undefined, { renderer: 'svg' });
        this.observer.observe(element);
        this.listen(this.chart);
      }
      this.chart.setOption(option, true);
      queueMicrotask(() => this.chart?.resize());
    });
  }

  ngOnDestroy(): void {
    this.observer.disconnect();
    this.chart?.dispose();
  }

  protected key(event: KeyboardEvent): void {
    const all = [...this.days().tasks];
    const at = all.findIndex(({ task }) => task.id === this.chosen());
    const own = all[at];
    const hour = event.shiftKey ? 8 : 1;
    const moves: Readonly<Record<string, () => void>> = {
      ArrowDown: () => this.pick(all[Math.min(all.length - 1, at + 1)]),
      ArrowUp: () => this.pick(all[Math.max(0, at - 1)]),
      ArrowRight: () => own && this.step(own, hour),
      ArrowLeft: () => own && this.step(own, -hour),
      Enter: () => this.fixed.emit(),
      Escape: () => this.left.emit(),
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    move();
  }

  private by = { id: '', hours: 0 };

  /** Each press an hour further from where it stands, eight with Shift. */
  private step(task: DayTask, hours: number): void {
    this.by =
      this.by.id === task.task.id ? { id: task.task.id, hours: this.by.hours + hours } : { id: task.task.id, hours };
    const perDay = 8;
    const at = this.axis().moment(this.axis().at(task.start) + this.by.hours / perDay);
    this.moved.emit({ task, at: Math.max(this.days().now, at) });
  }

  private pick(task: DayTask | undefined): void {
    this.by = { id: '', hours: 0 };
    if (task) this.choose.emit(task);
  }

  private listen(chart: EChartsType): void {
    chart.on('mousedown', ({ seriesId, dataIndex, event }) => {
      const bar = seriesId === 'bars' ? this.lanes().bars[dataIndex ?? -1] : undefined;
      if (!bar) return;
      const x = this.pointed(event?.offsetX ?? 0);
      this.held = { task: bar.task, off: x - this.axis().at(bar.task.start), moved: false };
    });
    const ground = chart.getZr();
    ground.on('mousemove', ({ offsetX }) => {
      if (!this.held) return;
      const at = this.pointed(offsetX) - this.held.off;
      const least = 0.04;
      if (Math.abs(at - this.axis().at(this.held.task.start)) > least) this.held.moved = true;
      if (this.held.moved) this.ghost(at);
    });
    ground.on('mouseup', ({ offsetX }) => {
      const { held } = this;
      this.held = undefined;
      if (!held) return;
      this.choose.emit(held.task);
      if (held.moved)
        this.moved.emit({
          task: held.task,
          at: Math.max(this.days().now, this.axis().moment(this.pointed(offsetX) - held.off)),
        });
      this.ghost(undefined);
    });
  }

  private pointed(x: number): number {
    return Number(this.chart?.convertFromPixel({ xAxisIndex: 0 }, x) ?? 0);
  }

  /** Where the bar that is carried would begin. */
  private ghost(at: number | undefined): void {
    this.chart?.setOption({ series: [{ id: 'ghost', data: at === undefined ? [] : [[at]] }] });
  }

  private option(ink: Ink) {
    const { rows, count } = this.lanes();
    const { days } = this.axis();
    const line = { lineStyle: { color: ink('edge') } };
    return {
      animation: false,
      grid: { left: LEFT, right: 8, top: TOP, bottom: FOOT },
      xAxis: {
        ...{ type: 'value' as const, min: 0, max: days.length, interval: 1, position: 'top' as const },
        ...{ axisLabel: { show: false }, axisTick: { show: false }, axisLine: line },
        splitLine: { lineStyle: { color: ink('line') } },
      },
      yAxis: { type: 'value' as const, min: 0, max: Math.max(1, count), inverse: true, show: false },
      series: [
        heads(
          days.map(({ day }) => dayName(day * DAY)),
          ink,
        ),
        rowNames(rows, days.length, ink),
        ...this.work(ink),
        dueLines(this.due(), ink),
        goods(this.goods(), ink),
        upright('now', [[this.axis().at(this.days().now)]], count, { stroke: ink('chalk') }),
        upright('ghost', [], count, { stroke: ink('ink'), lineDash: [3, 3] }),
      ],
    };
  }

  /** Bars, and what stands by itself after them. */
  private work(ink: Ink) {
    const axis = this.axis();
    const all = this.lanes().bars;
    const stands = all.map(({ task, lane }) => [
      axis.at(task.end),
      axis.at(task.end + (task.task.stands?.minutes ?? 0)),
      lane,
    ]);
    const drawn = all.map(({ task, lane }) => {
      const next = all.find((other) => other.lane === lane && other.task.start >= task.end);
      return {
        ...{ task, called: this.speech.say(task.task.called), isChosen: task.task.id === this.chosen() },
        until: next ? axis.at(next.task.start) : axis.days.length,
      };
    });
    return [
      waits(stands, ink),
      bars(
        all.map(({ task, lane }) => [axis.at(task.start), axis.at(task.end), lane]),
        drawn,
        ink,
      ),
    ];
  }

  private due(): readonly (readonly number[])[] {
    if (!this.byJob()) return [];
    return this.days().jobs.flatMap(({ job, due }) => {
      const row = this.lanes().rows.find(({ id }) => id === job);
      return due === undefined || !row ? [] : [[this.axis().at(closesOn(this.hours(), due)), row.first, row.lanes]];
    });
  }

  /** Where what is ordered arrives: at the first task that wants it. */
  private goods(): readonly (readonly number[])[] {
    const lanes = new Map(this.lanes().bars.map(({ task, lane }) => [task.task.id, lane]));
    const { goods: all, tasks } = this.days();
    return all.flatMap(({ here, for: called, job }) => {
      const first = tasks.find(({ task }) => task.job === job && task.called === called);
      const lane = first && lanes.get(first.task.id);
      return lane === undefined ? [] : [[this.axis().at(here), lane]];
    });
  }
}
