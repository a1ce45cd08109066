import type { Body, Member, Span } from '../casework';
import type { Material, WorkBoardOf } from '../job';
import {
  inches,
  millimetres,
  minus,
  minusTimes,
  nm,
  ofField,
  plus,
  tally,
  ZERO,
  type Length,
  type Tally,
  type Term,
  type Unit,
} from '../length';
import type { ThingStock, WorkBoard } from './things';

/** Common practice: what a slot is higher, and a board narrower, than the other; how much of it may come out. */
const SLOT_PLAY: Readonly<Record<Unit, Length>> = { in: inches(1, 8), mm: millimetres(3) };
const SIDE_PLAY = inches(1, 16);
const MOST_OUT = { of: 3, in: 5 } as const;

type Written = WorkBoardOf<Length>;
type Edge = NonNullable<Written['edging']>['edges'][number];

/** How high a slot a board of a thickness wants. */
export const slotOf = (thickness: Length, unit: Unit): Length => nm(thickness + SLOT_PLAY[unit]);

/** A work board in its slot; nothing where that has no place. Breadboard edging is what its panel is less on those edges. */
export function planBoard({ stock, casework }: ThingStock, written: Written, path: string): WorkBoard | undefined {
  const place = casework.openings.find(({ compartment: { id } }) => id === written.compartment);
  const material = stock.materials.find(({ id }) => id === written.material);
  if (!place || !material) return undefined;
  const { compartment, buildOut, depth } = place;
  const width = tally(...compartment.width.terms, minus('goes-in-with', SIDE_PLAY));
  const length = tally(plus('length-board', written.length, ofField(`${path}.length`)));
  const guides = (['left', 'right'] as const).flatMap((side) =>
    buildOut[side] > 0 ? [{ side, by: buildOut[side] }] : [],
  );
  const thickness = material.thickness;
  const finished = { width, length, thickness };
  const edgingOf = stock.materials.find(({ id }) => id === written.edging?.material);
  const beside = guides.map((each) => ({ ...each, member: guide(stock, written, each.by, tally(...depth.terms)) }));
  const { x, y } = compartment;
  const at = { x, y, end: nm(x + compartment.width.total), depth: depth.total };
  return {
    ...{ kind: 'board', id: written.id, path, compartment: written.compartment, width, length, thickness },
    members: [...boardMembers(stock, written, path, finished), ...beside.map(({ member }) => member)],
    bodies: bodiesOf(written, at, { ...finished, edgingOf }, beside),
    slot: { wants: slotOf(thickness, stock.unit), has: compartment.height.total, depth: depth.total },
    out: nm(Math.floor((written.length * MOST_OUT.of) / MOST_OUT.in)),
    bears: written.load_kg ?? 0,
  };
}

interface Finished {
  readonly width: Tally;
  readonly length: Tally;
  readonly thickness: Length;
}

function boardMembers(
  { materials }: ThingStock['stock'],
  { id, material, edging }: Written,
  path: string,
  { width, length, thickness }: Finished,
): readonly Member[] {
  const has = (edge: Edge): boolean => edging?.edges.includes(edge) ?? false;
  const taken = (...edges: readonly Edge[]): Term | undefined => {
    const times = edges.filter(has).length;
    return edging && times > 0 ? minusTimes('edging', times, edging.width, ofField(`${path}.edging.width`)) : undefined;
  };
  const panel: Member = {
    ...{ role: 'work-board', count: 1, node: id, material, thickness },
    length: tally(...width.terms, taken('left', 'right')),
    width: tally(...length.terms, taken('front', 'back')),
  };
  const wood = materials.find((each) => each.id === edging?.material);
  if (!edging || !wood) return [panel];
  const wide = tally(plus('edging', edging.width, ofField(`${path}.edging.width`)));
  const shared = { role: 'board-edging', node: id, material: edging.material, thickness: wood.thickness } as const;
  const row = (count: number, long: Tally): readonly Member[] =>
    count > 0 ? [{ ...shared, count, length: long, width: wide }] : [];
  const along = edging.corner === 'mitre' ? length : tally(...length.terms, taken('front', 'back'));
  const times = (...edges: readonly Edge[]): number => edges.filter(has).length;
  return [panel, ...row(times('front', 'back'), width), ...row(times('left', 'right'), along)];
}

/** Fills what the wall stands back behind the frame, beside the board. */
function guide({ build, materials }: ThingStock['stock'], { id }: Written, by: Length, length: Tally): Member {
  const thickness = materials.find((each) => each.id === build.panel)?.thickness ?? ZERO;
  const width = tally(plus('beside-frame', by));
  return { role: 'board-guide', count: 1, node: id, material: build.panel, thickness, length, width };
}

/** Its slot: from the left, over the floor, to the right, and how deep. */
interface At {
  readonly x: Length;
  readonly y: Length;
  readonly end: Length;
  readonly depth: Length;
}

const span = (from: number, to: number): Span => ({ from: nm(from), to: nm(to) });

/** Where its pieces lie, pushed in: the panel within its edging, front edge before back, left before right; guides beside it. */
function bodiesOf(
  { id, material, edging }: Written,
  { x, y, end, depth }: At,
  { width, length, thickness, edgingOf }: Finished & { readonly edgingOf: Material | undefined },
  guides: readonly { readonly side: 'left' | 'right'; readonly by: Length; readonly member: Member }[],
): readonly Body[] {
  const wide = (edge: Edge): number => (edging?.edges.includes(edge) ? edging.width : 0);
  const [right, back, up] = [x + width.total, length.total, span(y, y + thickness)];
  const edged = span(y, y + (edgingOf?.thickness ?? thickness));
  const inner = { x: span(x + wide('left'), right - wide('right')), z: span(wide('front'), back - wide('back')) };
  const whole = { x: span(x, right), z: span(0, back) };
  const beside = edging?.corner === 'mitre' ? whole.z : inner.z;
  const strips: Readonly<Record<Edge, Pick<Body, 'x' | 'z'>>> = {
    front: { x: whole.x, z: span(0, wide('front')) },
    back: { x: whole.x, z: span(back - wide('back'), back) },
    left: { x: span(x, x + wide('left')), z: beside },
    right: { x: span(right - wide('right'), right), z: beside },
  };
  const edges = (['front', 'back', 'left', 'right'] as const).filter((edge) => wide(edge) > 0);
  return [
    { role: 'work-board', index: 0, node: id, material, y: up, ...inner },
    ...edges.map((edge, index): Body => {
      const own = { role: 'board-edging', index, node: id, material: edging?.material ?? material } as const;
      return { ...own, y: edged, ...strips[edge] };
    }),
    ...guides.map(({ side, by, member }, index): Body => {
      const at = side === 'left' ? span(x - by, x) : span(end, end + by);
      const high = span(y, y + member.thickness);
      return { role: 'board-guide', index, node: id, material: member.material, x: at, y: high, z: span(0, depth) };
    }),
  ];
}
