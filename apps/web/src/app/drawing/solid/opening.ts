import { reachNow, type CasePlan, type Motion, type Plan } from '@zabble/core';

/** How far things stand open, by their addresses: millimetres, or degrees. What is not there is shut. */
export type Open = ReadonlyMap<string, number>;

/** A thing that was opened as far as it comes, and what stopped it. */
export interface Stopped {
  readonly name: string;
  readonly by: string;
}

/** What is opened and shut, and what follows from it. */
export interface Opening {
  readonly plan: Plan;
  readonly owner: CasePlan;
  readonly motions: readonly Motion[];
}

/** Nearer than this to where it is stopped is stopped: a hundredth of a millimetre or degree. */
const AT = 0.01;

/**
 * What stands open when one thing is opened so far, and no farther than it comes. Doors before it are opened first, as far
 * as they come; shutting a door pushes in what stands behind it.
 */
export function opened(opening: Opening, open: Open, name: string, amount: number): Open {
  const motion = opening.motions.find((each) => each.name === name);
  if (!motion) return open;
  const next = new Map(open);
  if (amount > 0) for (const leaf of motion.behind) if (!next.has(leaf)) put(opening, next, leaf, Infinity);
  put(opening, next, name, amount);
  if (motion.kind === 'door' && (next.get(name) ?? 0) < motion.reach - AT)
    for (const tray of opening.motions) if (tray.behind.includes(name)) next.delete(tray.name);
  return next;
}

function put({ plan, owner, motions }: Opening, open: Map<string, number>, name: string, amount: number): void {
  open.delete(name);
  const reach = reachNow(plan, owner, motions, name, open)?.reach ?? 0;
  const to = Math.min(amount, reach);
  if (to > 0) open.set(name, to);
}

/** Everything as far as it comes, one after the other, in the order of the file: what meets another stops before it. */
export function allOpened(opening: Opening): Open {
  return opening.motions.reduce<Open>((open, { name }) => opened(opening, open, name, Infinity), new Map());
}

/** What stands as far open as it comes and is stopped before all its way; of what does not come at all, what was tried. */
export function stoppedIn(
  { plan, owner, motions }: Opening,
  open: Open,
  tried: ReadonlySet<string>,
): readonly Stopped[] {
  return motions.flatMap(({ name, full }): readonly Stopped[] => {
    const amount = open.get(name) ?? 0;
    if (amount >= full - AT || (amount === 0 && !tried.has(name))) return [];
    const others = new Map([...open].filter(([each]) => each !== name));
    const now = reachNow(plan, owner, motions, name, others);
    return now?.stoppedBy !== undefined && amount >= now.reach - AT ? [{ name, by: now.stoppedBy }] : [];
  });
}
