import type { Case, Job } from '../job';
import { meetingsOf, reached, roomOf, type Reached, type RoomPlan, type Way, type World } from '../travel';
import { lidMeetings, lidWays } from './lids';
import { leafInWay, leafName, movesOf, type Behind, type CaseMoves } from './movers';
import type { CasePlan } from './types';

const EMPTY: RoomPlan = { solids: [], movers: [] };

/** What moves in a job and what it meets. Pure, and bound by movers times what stands in their way. */
export function worldsOf(job: Job, cases: readonly CasePlan[]): readonly World[] {
  const each = job.cases.flatMap((owner, index) => {
    const plan = cases[index];
    return plan?.casework ? [{ owner, plan, moves: movesOf(job, owner, plan) }] : [];
  });
  const placed = each.filter(({ owner }) => owner.at !== undefined);
  const alone = each.filter(({ owner }) => owner.at === undefined);
  const room = job.room ? roomOf(job.room) : EMPTY;
  const together = placed.length > 0 ? [worldOf(placed, room, job.room !== undefined)] : [];
  return [...together, ...alone.map((one) => worldOf([one], EMPTY, false))];
}

interface Standing {
  readonly owner: Case;
  readonly plan: CasePlan;
  readonly moves: CaseMoves;
}

function worldOf(cases: readonly Standing[], { solids, movers }: RoomPlan, room: boolean): World {
  const all = [...cases.flatMap(({ moves }) => moves.solids), ...solids];
  const trays = new Map(cases.flatMap(({ moves }) => moves.behind).map((each) => [each.mover.name, each]));
  const found = new Map<string, Way>();
  const moving = [...cases.flatMap(({ moves }) => moves.movers), ...movers];
  // Leaves first: a tray comes out past them as far as each opens alone.
  const inTurn = [...moving].sort((a, b) => Number(trays.has(a.name)) - Number(trays.has(b.name)));
  for (const mover of inTurn) {
    const tray = trays.get(mover.name);
    const way = (tray && heldBy(tray, found)) ?? reached(mover, all);
    found.set(mover.name, { mover, ...way });
  }
  const ways = moving.flatMap(({ name }) => found.get(name) ?? []);
  const lids = cases.flatMap(({ owner, plan }) => lidWays(owner, plan, all));
  const overLids = cases.flatMap(({ owner, plan }) => lidMeetings(owner, plan, lids, ways));
  const meetings = [...meetingsOf(ways.map((way) => [way.mover, way] as const)), ...overLids];
  return { solids: all, ways, lids, room, meetings };
}

/** A leaf that stands before the opening farther than the tray stands from its edge keeps it in. */
function heldBy({ owner, door, edges }: Behind, found: ReadonlyMap<string, Way>): Reached | undefined {
  for (const leaf of door.leaves) {
    const name = leafName(owner, door, leaf.hinged);
    const opened = found.get(name)?.travel ?? 0;
    const by = leafInWay(door, leaf, opened) - edges[leaf.hinged];
    if (by > 0) return { travel: 0, stoppedBy: name, keptIn: { side: leaf.hinged, by } };
  }
  return undefined;
}
