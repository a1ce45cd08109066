import { doorBefore, type Lid, type TiltOut } from '../pullouts';
import { leafName, type BankPlan, type CasePlan, type Plan } from '../plan';
import { reachedAmong, type Way, type World } from '../travel';
import { amountOf, kindOf, travelOf, turningOf, type Motion } from './motion';

const MM = 1e6;

/** The world a case moves in; nothing of one nobody told how it is made. */
export function worldOf({ worlds }: Plan, { id }: CasePlan): World | undefined {
  return worlds.find(({ solids }) => solids.some(({ name }) => name === id));
}

/** How everything in a case opens, in the order of the file. */
export function motionsOf(plan: Plan, owner: CasePlan): readonly Motion[] {
  const world = worldOf(plan, owner);
  if (!world) return owner.banks.flatMap((bank) => untold(owner, bank));
  const own = [...world.ways, ...world.lids].filter(({ mover: { name } }) => name.startsWith(`${owner.id}/`));
  return own.map((way) => motionOf(owner, way));
}

function motionOf(owner: CasePlan, { mover, travel, stoppedBy }: Way): Motion {
  const kind = kindOf(owner, mover);
  const shared = {
    ...{ name: mover.name, kind, behind: behindOf(owner, mover.name) },
    ...(stoppedBy === undefined ? {} : { stoppedBy }),
  };
  const thing = owner.things.find(({ id }) => mover.name === `${owner.id}/${id}`);
  if (thing?.kind === 'lid') return { ...shared, ...lidTurning(thing), reach: travel };
  if (mover.kind === 'leaf') return { ...shared, turning: turningOf(mover), full: mover.full, reach: travel };
  if (thing?.kind !== 'tilt-out') return { ...shared, full: mover.full / MM, reach: travel / MM };
  const of = tiltTurning(thing);
  return { ...shared, ...of, reach: travel < mover.full ? amountOf(of, travel) : thing.angle };
}

/** About its lower edge, where the case's front plane is. */
function tiltTurning({ door, angle: full }: TiltOut) {
  const [leaf] = door.leaves;
  const face = door.door.mount === 'inset' ? 0 : door.thickness / MM;
  const turning = { axis: 'x', at: (leaf?.y ?? 0) / MM, back: 0, hand: 1 } as const;
  return { turning, tilts: { high: (leaf?.height.total ?? 0) / MM, face }, full };
}

function lidTurning({ line, opens: full }: Lid) {
  const turning = { axis: 'x', at: line.up / MM, back: line.back / MM, hand: -1 } as const;
  return { turning, full };
}

/** Leaves a tray stands behind. */
function behindOf(owner: CasePlan, name: string): readonly string[] {
  const bank = owner.banks.find(({ id }) => name.startsWith(`${owner.id}/${id}/`))?.bank;
  const door = bank && owner.casework && doorBefore(owner.doors, owner.casework, bank);
  return (door?.leaves ?? []).map(({ hinged }) => leafName(owner.id, door, hinged));
}

/** Drawers in an opening without a case: nothing stands in their way. */
function untold({ id: owner }: CasePlan, { id, bank, drawers }: BankPlan): readonly Motion[] {
  return drawers.flatMap((drawer): readonly Motion[] => {
    const travel = drawer.dimensions['slide.travel']?.total;
    if (travel === undefined) return [];
    const kind = bank.front.mount === 'none' ? 'tray' : 'drawer';
    return [{ name: `${owner}/${id}/${drawer.id}`, kind, full: travel / MM, reach: travel / MM, behind: [] }];
  });
}

/** How far one of them comes while others stand open by their amounts, and what stops it. */
export function reachNow(
  plan: Plan,
  owner: CasePlan,
  motions: readonly Motion[],
  name: string,
  open: ReadonlyMap<string, number>,
): Pick<Motion, 'reach' | 'stoppedBy'> | undefined {
  const motion = motions.find((each) => each.name === name);
  const world = worldOf(plan, owner);
  // A lid meets nothing of what else opens.
  if (!motion || !world || motion.kind === 'lid') return motion;
  const opened = new Map(
    motions.flatMap((each) => {
      const amount = open.get(each.name) ?? 0;
      return amount > 0 ? [[each.name, travelOf(each, amount)] as const] : [];
    }),
  );
  const found = reachedAmong(world, name, opened);
  if (!found?.stoppedBy) return { reach: motion.full };
  return { reach: Math.min(motion.full, amountOf(motion, found.travel)), stoppedBy: found.stoppedBy };
}
