import type { DayTask } from '@zabble/core';
import type {
  CustomSeriesRenderItemAPI as Api,
  CustomSeriesRenderItemParams as Params,
  CustomSeriesRenderItemReturn as Shape,
} from 'echarts/types/dist/shared';
import type { Ink } from '../ui/chart-axis';

/** Pixels of one lane. */
export const LANE = 34;
/** Room for the names of rows. */
export const LEFT = 132;

type Row = readonly number[];

/** A kind of shape of the chart, drawn once for each row of figures; unless it is told otherwise it hears no pointer. */
export function series(
  id: string,
  data: readonly Row[],
  renderItem: (params: Params, api: Api) => Shape,
  { hears = false, outside = false }: { readonly hears?: boolean; readonly outside?: boolean } = {},
) {
  const figures = data.map((each) => [...each]);
  return { id, type: 'custom' as const, data: figures, renderItem, silent: !hears, clip: !outside, animation: false };
}

const text = (ink: Ink, size: number, colour: string) => ({ fontFamily: 'Barlow', fontSize: size, fill: ink(colour) });
const across = (api: Api, dimension: number): number => api.coord([api.value(dimension), 0])[0] ?? 0;
const down = (api: Api, lane: number): number => api.coord([0, lane])[1] ?? 0;

/** Names of the days over the chart. */
export const heads = (names: readonly string[], ink: Ink) =>
  series(
    'heads',
    names.map((_, index) => [index, 0]),
    (params, api) => {
      const [wide = 60] = api.size?.([1, 0]) as number[];
      const style = { ...text(ink, 13, 'soft'), text: names[params.dataIndex] ?? '', width: wide - 8 };
      return { type: 'text', x: across(api, 0) + 4, y: 10, style: { ...style, overflow: 'truncate' } };
    },
    { outside: true },
  );

/** Names of the rows at the left, a line over each. */
export const rowNames = (
  rows: readonly { readonly name: string; readonly first: number; readonly lanes: number }[],
  days: number,
  ink: Ink,
) =>
  series(
    'rows',
    rows.map(({ first, lanes }) => [0, first, lanes]),
    (params, api) => {
      const row = rows[params.dataIndex];
      const y = down(api, Number(api.value(1)));
      const [end = 0] = api.coord([days, 0]);
      const style = {
        ...text(ink, 14, 'ink'),
        fontWeight: 600,
        text: row?.name ?? '',
        width: LEFT - 10,
        lineHeight: 16,
      };
      const room = { height: (row?.lanes ?? 1) * LANE - 8, overflow: 'break', lineOverflow: 'truncate', ellipsis: '…' };
      return {
        type: 'group',
        children: [
          { type: 'line', shape: { x1: 0, y1: y, x2: end, y2: y }, style: { stroke: ink('edge'), lineWidth: 1 } },
          { type: 'text', x: 0, y: y + 6, style: { ...style, ...room } },
        ],
      } as Shape;
    },
    { outside: true },
  );

/** What stands by itself: from, until, in which lane. */
export const waits = (data: readonly Row[], ink: Ink) =>
  series('waits', data, (_, api) => {
    const [x1, x2] = [across(api, 0), across(api, 1)];
    const pathData = hatched(x1, down(api, Number(api.value(2))) + LANE - 11, Math.max(0, x2 - x1));
    return { type: 'path', shape: { pathData }, style: { stroke: ink('soft'), lineWidth: 1, fill: 'none' } } as Shape;
  });

const HATCH = { high: 8, step: 5 };

/** Slanting lines in a strip, as a path. */
function hatched(x: number, y: number, wide: number): string {
  const { high, step } = HATCH;
  if (wide <= 0) return 'M0 0';
  let path = `M${x} ${y + high}L${x + wide} ${y + high}`;
  for (let at = 0; at < wide; at += step)
    path += `M${x + at} ${y + high}L${Math.min(x + at + high, x + wide)} ${y + Math.max(0, high - (wide - at))}`;
  return path;
}

/** Promised dates: where, from which lane, over how many. */
export const dueLines = (data: readonly Row[], ink: Ink) =>
  series('due', data, (_, api) => {
    const [x, y] = [across(api, 0), down(api, Number(api.value(1)))];
    const shape = { x1: x, y1: y, x2: x, y2: y + Number(api.value(2)) * LANE };
    return { type: 'line', shape, style: { stroke: ink('lead'), lineWidth: 3, lineDash: [6, 3] } };
  });

/** What is ordered is here: where, in which lane. */
export const goods = (data: readonly Row[], ink: Ink) =>
  series('goods', data, (_, api) => {
    const [x, y] = [across(api, 0), down(api, Number(api.value(1))) + 1];
    const points = [
      [x - 5, y],
      [x + 5, y],
      [x, y + 8],
    ];
    return { type: 'polygon', shape: { points }, style: { fill: ink('chalk') } };
  });

/** A line over all lanes. */
export const upright = (
  id: string,
  data: readonly Row[],
  lanes: number,
  style: { readonly stroke: string; readonly lineDash?: number[] },
) =>
  series(id, data, (_, api) => {
    const [x, top] = [across(api, 0), down(api, 0)];
    return {
      type: 'line',
      shape: { x1: x, y1: top, x2: x, y2: top + lanes * LANE },
      style: { ...style, lineWidth: 2 },
    };
  });

/** What a bar is drawn by. */
export interface BarDrawn {
  readonly task: DayTask;
  readonly called: string;
  readonly isChosen: boolean;
  /** Where its words may go to, as a day of the chart. */
  readonly until: number;
}

const LEAST = { words: 34, bar: 5 };
/** A shape that takes the place of words which were moved would be moved as they were. */
const AT_ITS_PLACE = { x: 0, y: 0 };

/** Bars of tasks: from, until, in which lane. */
export const bars = (data: readonly Row[], drawn: readonly BarDrawn[], ink: Ink) =>
  series(
    'bars',
    data,
    (params, api) => {
      const own = drawn[params.dataIndex];
      return own ? bar(own, api, ink) : undefined;
    },
    { hears: true },
  );

function bar({ task, called, isChosen, until }: BarDrawn, api: Api, ink: Ink): Shape {
  const [x, end] = [across(api, 0), across(api, 1)];
  const y = down(api, Number(api.value(2))) + 4;
  const [width, height] = [Math.max(LEAST.bar, end - x - 1), LANE - 14];
  const room = (api.coord([until, 0])[0] ?? 0) - x;
  const edge = { stroke: ink(isChosen ? 'chalk' : 'edge'), lineWidth: isChosen ? 3 : 1 };
  const way = { shape: { x, y: y + height - 4, width, height: 4 }, style: { fill: ink('ink') } };
  const dot = { shape: { cx: x + 2, cy: y, r: 4 }, style: { fill: ink(task.missed === undefined ? 'ink' : 'lead') } };
  const words = { ...text(ink, 12, 'ink'), text: called, width: room - 8, overflow: 'truncate' };
  return {
    type: 'group',
    children: [
      {
        type: 'rect',
        shape: { x, y, width, height, r: 2 },
        style: { fill: ink(task.stands.running ? 'chalk-wash' : 'sheet'), ...edge },
      },
      ...(task.longest ? [{ type: 'rect', ...AT_ITS_PLACE, ...way }] : []),
      ...(task.fixed === undefined ? [] : [{ type: 'circle', ...AT_ITS_PLACE, ...dot }]),
      ...(room < LEAST.words ? [] : [{ type: 'text', x: x + 5, y: y + 3, style: words }]),
    ],
  } as Shape;
}
