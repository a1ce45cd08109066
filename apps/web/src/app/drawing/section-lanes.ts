import type { Measure } from '@zabble/core';

/** Between two dimension lines beside one another; a letter stands in it. In pixels. */
export const LANE = 20;
/** From the drawing to its first dimension line. */
const FIRST = 16;

/** Where a drawing stands in its picture, and how its millimetres are turned into pixels. */
export interface Placing {
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly right: number;
  readonly top: number;
  readonly foot: number;
}

/** A size outside the drawing: its line in a lane of its own, called by a letter. */
export interface Outside {
  readonly letter: string;
  readonly measure: Measure;
  /** The dimension line with a tick at either end. */
  readonly ends: string;
  /** From what is measured to its line, faint. */
  readonly leads: string;
  readonly letterX: number;
  readonly letterY: number;
}

/**
 * Uprights in lanes to the right of the drawing, levels in rows under it: none lies on the drawing or on another,
 * however shallow or short what is drawn.
 */
export function outside(measures: readonly Measure[], at: Placing): readonly Outside[] {
  const uprights = measures.filter(isUpright);
  const levels = measures.filter((each) => !isUpright(each));
  return [
    ...uprights.map((measure, lane) => upright(measure, lane, letterOf(lane), at)),
    ...levels.map((measure, row) => level(measure, row, letterOf(uprights.length + row), at)),
  ];
}

/** Room that lanes take to the right, and rows below. */
export function roomOutside(measures: readonly Measure[]): { readonly right: number; readonly below: number } {
  const uprights = measures.filter(isUpright).length;
  const room = (lanes: number): number => (lanes === 0 ? 0 : FIRST + lanes * LANE);
  return { right: room(uprights), below: room(measures.length - uprights) };
}

function isUpright({ x1, x2 }: Measure): boolean {
  return x1 === x2;
}

function upright(measure: Measure, lane: number, letter: string, { x, y, right, top }: Placing): Outside {
  const [from, line] = [x(measure.x1), right + FIRST + lane * LANE];
  const [low, high] = [y(measure.y1), y(measure.y2)];
  return {
    letter,
    measure,
    ends: `M${line - 4} ${low}h8M${line} ${low}L${line} ${high}M${line - 4} ${high}h8`,
    leads: `M${from} ${low}H${line}M${from} ${high}H${line}`,
    letterX: line,
    letterY: top - 6,
  };
}

function level(measure: Measure, row: number, letter: string, { x, y, foot }: Placing): Outside {
  const [from, line] = [y(measure.y1), foot + FIRST + row * LANE];
  const [left, right] = [x(measure.x1), x(measure.x2)];
  return {
    letter,
    measure,
    ends: `M${left} ${line - 4}v8M${left} ${line}H${right}M${right} ${line - 4}v8`,
    leads: `M${left} ${from}V${line}M${right} ${from}V${line}`,
    letterX: right + 12,
    letterY: line + 5,
  };
}

function letterOf(index: number): string {
  return String.fromCharCode(65 + index);
}
