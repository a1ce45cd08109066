import { memberCuts, memberName, MEMBERS, seenFace, type Member, type MemberCut } from '../casework';
import { partOf, writeAddress, type Case, type Job, type MemberEdge } from '../job';
import { minus, ofField, tally } from '../length';
import { caseStockOf, type CasePlan, type Plan } from '../plan';
import { memberRelease } from './case-release';
import type { CutMaterial, CutPart } from './cut-part';

/** Every piece the cases of a plan are made of, case by case. */
export function memberParts(job: Job, plan: Plan): readonly CutPart[] {
  return plan.cases.flatMap((each) => {
    const owner = job.cases.find(({ id }) => id === each.id);
    if (!owner) return [];
    const members = each.casework?.members ?? [];
    const around = { job, owner, plan: each, cutsOf: worked(job, owner, each) };
    return members.flatMap((member) => piecesOf(around, member, numbering(members, member)));
  });
}

interface Around {
  readonly job: Job;
  readonly owner: Case;
  readonly plan: CasePlan;
  /** What is worked into the piece of a row that stands at a place. */
  readonly cutsOf: (member: Member, index: number) => readonly MemberCut[];
}

/** Cuts are found on the finished member; a banded edge is sawn so much further in. */
function worked(job: Job, owner: Case, plan: CasePlan): Around['cutsOf'] {
  const stock = caseStockOf(job, owner, plan.path);
  const { casework } = plan;
  if (!stock || !casework) return () => [];
  return ({ role, node }, index) => {
    const body = casework.bodies.find((each) => each.role === role && each.node === node && each.index === index);
    const band = owner.build?.band;
    const edges = band?.members[MEMBERS[role].written] ?? [];
    const off = (edge: MemberEdge) =>
      band && edges.includes(edge)
        ? minus('edge-band', band.thickness, ofField(`${plan.path}.build.band.thickness`))
        : undefined;
    const cuts = body ? memberCuts({ stock, ...casework }, body) : [];
    if (edges.length === 0) return cuts;
    return cuts.map((cut) => ({
      ...cut,
      in: tally(...cut.in.terms, off('front')),
      along: tally(...cut.along.terms, off('left') ?? off('bottom')),
    }));
  };
}

/** Rows of one name are numbered through: aprons across come before those front to back. */
function numbering(members: readonly Member[], member: Member) {
  const alike = members.filter(({ role, node }) => role === member.role && node === member.node);
  const before = alike.slice(0, alike.indexOf(member)).reduce((sum, { count }) => sum + count, 0);
  return { of: alike.reduce((sum, { count }) => sum + count, 0), before };
}

function piecesOf(
  { job, owner, plan, cutsOf }: Around,
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
    ...withCuts(cutsOf(member, index), member),
    bores: [],
    mayTurn: MEMBERS[role].anyGrain ?? (MEMBERS[role].mayTurn && material.grain !== true),
    release: memberRelease(owner, plan, member),
  }));
}

function withCuts(cuts: readonly MemberCut[], { role }: Member): Pick<CutPart, 'cuts' | 'seen'> {
  const seen = seenFace(role);
  return { ...(cuts.length > 0 ? { cuts } : {}), ...(seen ? { seen } : {}) };
}

/** A leg is planed as thick as it is wide, which no material of the job need be. */
function materialOf(job: Job, { role, material: id, thickness }: Member): CutMaterial | undefined {
  const material = job.materials.find((each) => each.id === id);
  if (role !== 'leg' || !material || material.thickness === thickness) return material;
  return { id: `(leg ${thickness})`, name: '', kind: 'solid', thickness, planedFor: 'leg' };
}
