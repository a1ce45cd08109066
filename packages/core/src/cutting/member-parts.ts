import { memberCuts, memberName, MEMBERS, seenFace, type Member } from '../casework';
import { fixingMarks, fixingsOf } from '../fixing';
import { partOf, writeAddress, type Case, type Job, type MemberEdge } from '../job';
import { add, minus, ofField, tally, ZERO } from '../length';
import { caseStockOf, type CasePlan, type Plan } from '../plan';
import { memberRelease } from './case-release';
import { doorWork, isOfDoor, plateCuts, seenOfDoor } from './door-work';
import type { CutMaterial, CutPart } from './cut-part';

/** Every piece the cases of a plan are made of, case by case. */
export function memberParts(job: Job, plan: Plan): readonly CutPart[] {
  return plan.cases.flatMap((each) => {
    const owner = job.cases.find(({ id }) => id === each.id);
    if (!owner) return [];
    const of = [...each.doors, ...each.things].flatMap(({ members }) => members);
    const members = [...(each.casework?.members ?? []), ...of];
    const around = { job, owner, plan: each, workOf: worked(job, owner, each) };
    return members.flatMap((member) => piecesOf(around, member, numbering(members, member)));
  });
}

interface Around {
  readonly job: Job;
  readonly owner: Case;
  readonly plan: CasePlan;
  /** What is worked into the piece of a row that stands at a place, and what holds it. */
  readonly workOf: (member: Member, place: number) => Pick<CutPart, 'cuts' | 'fixings'>;
}

/** Found on the finished member, by its place among all of its name; a banded edge is sawn so much further in. */
function worked(job: Job, owner: Case, plan: CasePlan): Around['workOf'] {
  const stock = caseStockOf(job, owner, plan.path);
  const { casework } = plan;
  if (!stock || !casework) return () => ({});
  const held = fixingsOf(stock, casework);
  return ({ role, node }, place) => {
    const body = casework.bodies.filter((each) => each.role === role && each.node === node)[place];
    if (!body) return {};
    const off = bandOff(owner, plan.path, role);
    const all = [...memberCuts({ stock, ...casework }, body), ...plateCuts(plan, body)];
    const cuts = all.map((cut) => ({
      ...cut,
      in: tally(...cut.in.terms, off('front')),
      along: tally(...cut.along.terms, off('left') ?? off('bottom')),
    }));
    const fixings = fixingMarks(held, body).map((mark) => ({
      ...mark,
      in: add(mark.in, off('front')?.amount ?? ZERO),
      along: add(mark.along, (off('left') ?? off('bottom'))?.amount ?? ZERO),
    }));
    return { ...(cuts.length > 0 ? { cuts } : {}), ...(fixings.length > 0 ? { fixings } : {}) };
  };
}

/** What the band on an edge of a kind of member takes of it as it is sawn. */
function bandOff({ build }: Case, path: string, role: Member['role']) {
  const band = build?.band;
  const edges = band?.members[MEMBERS[role].written] ?? [];
  return (edge: MemberEdge) =>
    band && edges.includes(edge)
      ? minus('edge-band', band.thickness, ofField(`${path}.build.band.thickness`))
      : undefined;
}

/** Rows of one name are numbered through: aprons across come before those front to back. */
function numbering(members: readonly Member[], member: Member) {
  const alike = members.filter(({ role, node }) => role === member.role && node === member.node);
  const before = alike.slice(0, alike.indexOf(member)).reduce((sum, { count }) => sum + count, 0);
  return { of: alike.reduce((sum, { count }) => sum + count, 0), before };
}

function piecesOf(
  { job, owner, plan, workOf }: Around,
  member: Member,
  { of, before }: { readonly of: number; readonly before: number },
): readonly CutPart[] {
  const { role, node, count, length, width, blank } = member;
  const material = materialOf(job, member);
  if (!material) return [];
  return Array.from({ length: count }, (_, index) => ({
    name: writeAddress({ case: owner.id, part: partOf(memberName(member), of, before + index + 1) }),
    use: {
      ...{ case: owner.id, bank: '', path: plan.path, drawer: '', place: 0, role },
      ...(node === undefined ? {} : { node }),
    },
    material,
    ...(blank ?? { length, width }),
    ...(blank ? { finished: { length, width } } : {}),
    machining: [],
    ...(isOfDoor(role) ? doorWork(job, plan, member, before + index) : workOf(member, before + index)),
    ...seenOf(role),
    bores: [],
    mayTurn: MEMBERS[role].anyGrain ?? (MEMBERS[role].mayTurn && material.grain !== true),
    release: memberRelease(job, owner, plan, member),
  }));
}

function seenOf(role: Member['role']): Pick<CutPart, 'seen'> {
  const seen = isOfDoor(role) ? seenOfDoor(role) : seenFace(role);
  return seen ? { seen } : {};
}

/** A leg is planed as thick as it is wide, which no material of the job need be. */
function materialOf(job: Job, { role, material: id, thickness }: Member): CutMaterial | undefined {
  const material = job.materials.find((each) => each.id === id);
  if (role !== 'leg' || !material || material.thickness === thickness) return material;
  return { id: `(leg ${thickness})`, name: '', kind: 'solid', thickness, planedFor: 'leg' };
}
