import { inMillimetres, type Drawing, type Mark } from '@zabble/core';

/** Room kept around the drawing, in pixels: the stick with all its figures on its left, the width below. */
const STICK = { left: 106, width: 28 } as const;
const FACE_LEFT = 148;
export const FACE_RIGHT = 12;
const ABOVE = 22;
const BELOW = 58;
/** A letter of a name, in pixels, on the wide side. */
const LETTER = 7.8;
/** Figures nearer than this would touch. */
const LINE = 17;

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** From millimetres of the drawing to pixels of the screen. */
export interface Scale {
  readonly perMm: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly stick: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
}

/** Moves the group a text stands in: moved by its own place or transform it would be laid out anew each time. */
export const moved = (x: number, y: number): string => `translate(${x} ${y})`;

/** What is to be seen, in millimetres. */
export type Window = Pick<Drawing, 'x' | 'y' | 'width' | 'height'>;

/** So much of its own height is seen of a drawer from near, and of what is above and below it. */
const NEAR = 1.7;

/** A front from near: all of the face’s width, and as much above and below as there is room for, the front amidst it. */
export function nearTo(face: Window, front: Pick<Window, 'y' | 'height'>, { width, height }: Size): Window {
  const room = { width: Math.max(1, width - FACE_LEFT - FACE_RIGHT), height: Math.max(1, height - ABOVE - BELOW) };
  const high = Math.max(front.height * NEAR, (face.width * room.height) / room.width);
  return { x: face.x, width: face.width, y: front.y + (front.height - high) / 2, height: high };
}

/** The largest scale at which face and stick fit the space; the face alone where there is no stick beside it. */
export function fit(face: Window, { width, height }: Size, beside = FACE_LEFT): Scale {
  const perMm = Math.max(
    0.01,
    Math.min((width - beside - FACE_RIGHT) / face.width, (height - ABOVE - BELOW) / face.height),
  );
  const spare = width - beside - FACE_RIGHT - face.width * perMm;
  const aside = Math.max(0, spare) / 2;
  const left = aside + beside - face.x * perMm;
  const floor = height - BELOW + face.y * perMm;
  return {
    perMm,
    x: (mm) => left + mm * perMm,
    y: (mm) => floor - mm * perMm,
    stick: {
      left: aside + STICK.left,
      right: aside + STICK.left + STICK.width,
      top: floor - (face.y + face.height) * perMm,
      bottom: floor - face.y * perMm,
    },
  };
}

/** Whether everything stays where it is on the screen. */
export function sameScale(one: Scale, other: Scale): boolean {
  return one.perMm === other.perMm && one.x(0) === other.x(0) && one.y(0) === other.y(0);
}

/** A mark with the place of its figure, moved where figures would touch. */
export interface Placed {
  readonly mark: Mark;
  readonly at: number;
  readonly label: number;
}

/** Front edges that are labelled on the left of the stick: each front’s lower edge, and the top of the top one. */
export function edgeLabels(marks: readonly Mark[], scale: Scale): readonly Placed[] {
  const edges = marks.filter(({ kind }, index) => kind === 'front-bottom' || (kind === 'front-top' && index === 0));
  let last = -Infinity;
  return edges.flatMap((mark) => {
    const at = scale.y(inMillimetres(mark.y));
    if (at - last < LINE) return [];
    last = at;
    return { mark, at, label: Math.min(at, scale.stick.bottom - 9) };
  });
}

/** Edges whose figures the chosen drawer's own leave room for. */
export function besides(edges: readonly Placed[], own: readonly Placed[]): readonly Placed[] {
  return edges.filter(({ label }) => own.every((each) => Math.abs(each.label - label) >= LINE));
}

/** Every mark of one drawer, labelled on the left of the stick in place of the edges there. */
export function drawerLabels(marks: readonly Mark[], drawer: string | undefined, scale: Scale): readonly Placed[] {
  const own = marks.filter((mark) => mark.drawer === drawer);
  const middle = (own.length - 1) / 2;
  const centre = own.reduce((sum, mark) => sum + scale.y(inMillimetres(mark.y)), 0) / Math.max(1, own.length);
  let last = -Infinity;
  return own.map((mark, index) => {
    const at = scale.y(inMillimetres(mark.y));
    const wanted = Math.min(at, centre + (index - middle) * LINE);
    last = Math.max(wanted, last + LINE);
    return { mark, at, label: last };
  });
}

/** As much of a name as goes into `width` pixels at the drawing's text size. */
export function shortened(name: string, width: number): string {
  const most = Math.floor(width / LETTER);
  if (name.length <= most) return name;
  return most < 4 ? '' : `${name.slice(0, most - 1).trimEnd()}…`;
}
