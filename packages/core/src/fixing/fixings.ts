import type { Body, CaseStock, CaseworkPlan, MemberRole } from '../casework';
import type { LaidFixing, Material } from '../job';
import { add, nm, subtract, type Length } from '../length';
import { jointsOf, lengthOf, type Joint } from './joints';
import { FIXING_ROWS, GLUED, isHard, longOf, spaced, spacedOnStrip, type Entered, type Spaced } from './rules';

/** What holds one joint of a case. */
export interface Fixing {
  readonly kind: LaidFixing;
  readonly joint: Joint;
  /** Where along the joint, in the case's own measures; none where it is only glued. */
  readonly places: readonly Length[];
  readonly glue: boolean;
  /** Length of a screw or brad, where one of the list holds. */
  readonly long?: Length;
  /** Of pocket screws: coarse in sheet and soft wood, fine in hard, which is bored first. */
  readonly thread?: 'coarse' | 'fine';
  /** In slots: what it holds moves with the seasons. */
  readonly slotted?: true;
}

const FRAME: ReadonlySet<MemberRole> = new Set<MemberRole>([
  'frame-stile',
  'frame-rail',
  'frame-middle-stile',
  'frame-middle-rail',
]);

/** What holds every joint of a case, in the order of its members. Pure; bound by the pairs of members. */
export function fixingsOf(stock: CaseStock, casework: Pick<CaseworkPlan, 'bodies'>): readonly Fixing[] {
  return jointsOf(casework).map((joint) => fixingOf(stock, joint));
}

function fixingOf(stock: CaseStock, joint: Joint): Fixing {
  const kind = kindOf(stock, joint);
  if (kind === 'glue') return { kind, joint, places: [], glue: true };
  const { places, glue } = spacedOf(kind, joint);
  const long = lengthIn(stock, kind, joint);
  return {
    ...{ kind, joint, places: places.map((place) => add(joint.along.from, place)) },
    glue: glue || GLUED.has(kind),
    ...(long === undefined ? {} : { long }),
    ...(kind === 'pocket-screw' ? { thread: isHard(materialOf(stock, joint.other)) ? 'fine' : 'coarse' } : {}),
    ...(joint.one.role === 'worktop' && materialOf(stock, joint.one)?.kind === 'solid' ? { slotted: true } : {}),
  };
}

function kindOf({ build }: CaseStock, joint: Joint): LaidFixing {
  const { kind, one, other, letIn } = joint;
  if (one.role === 'worktop') return isUpright(other) ? 'pocket-screw' : 'screw';
  if (one.role === 'filler') return 'screw';
  if (kind === 'laid') return one.role === 'case-back' ? ofBack(build.back) : 'brad';
  return letIn > 0 ? 'glue' : ofEnd(build, one);
}

/** In a groove it is only glued, or moves. */
function ofBack(back: CaseStock['build']['back']): LaidFixing {
  return back?.fixing ?? (back?.kind === 'grooved' ? 'glue' : 'brad');
}

/** Glue alone on a butt end holds nothing. */
function ofEnd({ frame, joint }: CaseStock['build'], { role }: Body): LaidFixing {
  const told = FRAME.has(role) ? frame?.fixing : role === 'kick-board' ? undefined : joint?.fixing;
  return told === undefined || told === 'glue' ? 'pocket-screw' : told;
}

function isUpright({ role, y, z }: Body): boolean {
  return role === 'stretcher' && y.to - y.from > z.to - z.from;
}

function spacedOf(kind: Exclude<LaidFixing, 'glue'>, joint: Joint): Spaced {
  if (joint.one.role === 'filler') return spacedOnStrip(lengthOf(joint));
  return spaced(lengthOf(joint), FIXING_ROWS[kind]);
}

function lengthIn(stock: CaseStock, kind: LaidFixing, joint: Joint): Length | undefined {
  const { one, other } = joint;
  // A pocket stands in the part itself.
  if (kind === 'pocket-screw') return longOf(kind, thick(one.role === 'worktop' ? other : one), 'edge', stock.unit);
  const [first, second] = isThroughOne(joint) ? [one, other] : [other, one];
  return longOf(kind, thickThrough(first, joint), entered(stock, second, joint), stock.unit);
}

/** What is laid on is fixed through itself; what butts, through what it butts against; tops and fillers, from inside. */
export function isThroughOne({ kind, one }: Joint): boolean {
  return kind === 'laid' && one.role !== 'worktop' && one.role !== 'filler';
}

function entered(stock: CaseStock, body: Body, { kind, one, axes }: Joint): Entered {
  if (one.role === 'worktop') return { face: thick(one) };
  return kind === 'end' && axes.through !== 'z' && materialOf(stock, body)?.kind === 'solid' ? 'end-grain' : 'edge';
}

function thickThrough(body: Body, { axes: { through } }: Joint): Length {
  return subtract(body[through].to, body[through].from);
}

function thick({ x, y, z }: Body): Length {
  return nm(Math.min(x.to - x.from, y.to - y.from, z.to - z.from));
}

function materialOf({ materials }: CaseStock, { material }: Body): Material | undefined {
  return materials.find(({ id }) => id === material);
}
