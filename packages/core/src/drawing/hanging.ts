import { spacerStands, type HangStep } from '../fitting';
import { inMillimetres } from '../length';
import type { BankPlan } from '../plan';
import type { Box, Drawing, Shape } from './shapes';

/** How wide a slide and a spacer are drawn, seen from the front, in millimetres. */
const SLIDE = 14;
const SPACER = 46;

/** Steps with the box in its place. */
const BOX_IN: ReadonlySet<HangStep['kind']> = new Set<HangStep['kind']>(['test', 'lock', 'stand']);

/**
 * The opening from the front at one step of the hanging: slides that hang already, the one in hand with the spacer it
 * sits on, or the box that is tried.
 */
export function drawHanging(plan: BankPlan, step: HangStep, done: ReadonlySet<string>): Drawing {
  const [width, height] = [inMillimetres(plan.opening.width.total), inMillimetres(plan.opening.height.total)];
  const opening: Box = { kind: 'box', role: 'opening', x: 0, y: 0, width, height };
  const slides = plan.drawers.flatMap(({ id, place, dimensions, family }): readonly Box[] => {
    const edge = dimensions['slide.lowerEdgeY'];
    if (!edge) return [];
    const at = { y: inMillimetres(edge.total), width: SLIDE, height: Math.max(4, inMillimetres(family.profile)) };
    return (['left', 'right'] as const).flatMap((side): readonly Box[] => {
      const now = step.place === place && step.kind === side;
      if (!now && !done.has(`${id}/${side}`)) return [];
      const x = side === 'left' ? 0 : width - SLIDE;
      return [{ kind: 'box', role: now ? 'slide' : 'hung-slide', drawer: id, x, ...at }];
    });
  });
  return {
    x: 0,
    y: 0,
    width,
    height,
    shapes: [opening, ...slides, ...spacersOf(plan, step, width), ...boxOf(plan, step, width)],
  };
}

function spacersOf(plan: BankPlan, { kind, place, by }: HangStep, width: number): readonly Shape[] {
  const stands = place === undefined ? undefined : spacerStands(plan, place);
  if (!stands || by !== undefined || !['spacer', 'left', 'right'].includes(kind)) return [];
  const [y, to] = [inMillimetres(stands.from), inMillimetres(stands.to)];
  const at = { y, width: SPACER, height: to - y };
  const left: Box = { kind: 'box', role: 'spacer', x: 0, ...at };
  const right: Box = { kind: 'box', role: 'spacer', x: width - SPACER, ...at };
  return [...(kind === 'right' ? [] : [left]), ...(kind === 'left' ? [] : [right])];
}

function boxOf({ drawers }: BankPlan, { kind, place, by }: HangStep, width: number): readonly Shape[] {
  const drawer = drawers[place ?? -1];
  const [wide, high, low] = (['box.width', 'box.height', 'box.bottomY'] as const).map(
    (name) => drawer?.dimensions[name],
  );
  if (!drawer || !wide || !high || !low || !(BOX_IN.has(kind) || by === 'standing')) return [];
  const across = inMillimetres(wide.total);
  const at = { y: inMillimetres(low.total), height: inMillimetres(high.total), width: across };
  return [{ kind: 'box', role: 'drawer-box', drawer: drawer.id, x: (width - across) / 2, ...at }];
}

/**
 * The slide in hand from the side, front edge of the case at the left: how far it stands back, and the holes of the row
 * it covers. Nothing where no slide is hung, or its row is not known.
 */
export function drawSlideHoles(plan: BankPlan, { kind, place, setback, holes }: HangStep): Drawing | undefined {
  const drawer = plan.drawers[place ?? -1];
  if (!drawer?.nominal || !setback || !holes || (kind !== 'left' && kind !== 'right' && kind !== 'lock'))
    return undefined;
  const [back, long] = [inMillimetres(setback.total), inMillimetres(drawer.nominal)];
  const height = Math.max(4, inMillimetres(drawer.family.profile));
  const rail: Box = { kind: 'box', role: 'slide', drawer: drawer.id, x: back, y: 0, width: long, height };
  const [first, pitch] = [inMillimetres(holes.first.total), inMillimetres(holes.pitch)];
  const bores = Array.from({ length: holes.count }, (_, index): Shape => ({
    kind: 'circle',
    role: 'bore',
    x: first + index * pitch,
    y: height / 2,
    diameter: Math.min(5, height / 3),
  }));
  const edge: Shape = { kind: 'line', role: 'edge', x1: 0, x2: 0, y1: -height / 2, y2: 1.5 * height };
  return { x: 0, y: -height / 2, width: back + long, height: 2 * height, shapes: [edge, rail, ...bores] };
}
