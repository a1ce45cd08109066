import { MEMBERS } from '../casework';
import { type BandOf, type Edge, type Job, type MemberEdge } from '../job';
import { inMillimetres, type Length, type Said } from '../length';
import type { DoorPlan } from '../doors';
import { everyDoor } from '../pullouts';
import type { BankPlan, CasePlan } from '../plan';
import { said } from '../words';
import { metres, type Amount } from './amount';
import type { Costed } from './costed';

/** Edge band on one edge of some pieces alike. */
export interface Banded {
  /** Of the piece; what its edge is covered with is called by it. */
  readonly material: string;
  readonly thickness: Length;
  readonly length: Amount;
  readonly called: Said;
}

/** Every edge that is banded, as long as it is when the piece is done: of members, doors and fronts of one piece. */
export function bandedEdgesOf({ job, plan }: Costed): readonly Banded[] {
  return plan.cases.flatMap((owner) => {
    const called = said('text', { text: owner.name });
    return [
      ...ofMembers(job, owner, called),
      ...everyDoor(owner.doors, owner.things).flatMap((door) => ofDoor(door, called)),
      ...owner.banks.flatMap((bank) => ofFronts(bank, said('cost/bank', { name: bank.bank.name ?? owner.name }))),
    ];
  });
}

/** Uprights have their long edges in front and behind; what lies has them there too: its ends are told left and right, top and bottom. */
const ALONG: readonly MemberEdge[] = ['front', 'back'];

function ofMembers(job: Job, { id, casework }: CasePlan, called: Said): readonly Banded[] {
  const band = job.cases.find((each) => each.id === id)?.build?.band;
  if (!band || !casework) return [];
  return casework.members.flatMap(({ role, count, length, width, material }) =>
    (band.members[MEMBERS[role].written] ?? []).map((edge) => ({
      ...{ material, thickness: band.thickness, called },
      length: metres((ALONG.includes(edge) ? length : width).total, count),
    })),
  );
}

function ofEdges(
  band: BandOf<Length>,
  material: string,
  { across, up }: { readonly across: Length; readonly up: Length },
  called: Said,
): readonly Banded[] {
  const long = (edge: Edge): Length => (edge === 'top' || edge === 'bottom' ? across : up);
  return band.edges.map((edge) => ({ material, thickness: band.thickness, called, length: metres(long(edge)) }));
}

function ofDoor({ door, leaves }: DoorPlan, called: Said): readonly Banded[] {
  const { band, material } = door;
  if (!band || door.frame) return [];
  return leaves.flatMap(({ width, height }) =>
    ofEdges(band, material, { across: width.total, up: height.total }, called),
  );
}

function ofFronts({ bank, drawers }: BankPlan, called: Said): readonly Banded[] {
  const { band, frame } = bank.front;
  if (!band || frame) return [];
  return drawers.flatMap(({ dimensions, frontMaterial }) => {
    const [across, up] = [dimensions['front.width']?.total, dimensions['front.height']?.total];
    return across === undefined || up === undefined ? [] : ofEdges(band, frontMaterial, { across, up }, called);
  });
}

export const bandKey = ({ material, thickness }: Banded): string => `band:${material}:${inMillimetres(thickness)}`;
