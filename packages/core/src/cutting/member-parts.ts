import { MEMBERS, type Member } from '../casework';
import { partOf, writeAddress, type Case, type Job } from '../job';
import type { CasePlan, Plan } from '../plan';
import { memberRelease } from './case-release';
import type { CutMaterial, CutPart } from './cut-part';

/** Every piece the cases of a plan are made of, case by case. */
export function memberParts(job: Job, plan: Plan): readonly CutPart[] {
  return plan.cases.flatMap((each) => {
    const owner = job.cases.find(({ id }) => id === each.id);
    const members = each.casework?.members ?? [];
    return owner ? members.flatMap((member) => piecesOf(job, owner, each, member, numbering(members, member))) : [];
  });
}

/** Rows of one name are numbered through: aprons across come before those front to back. */
function numbering(members: readonly Member[], member: Member) {
  const alike = members.filter(({ role, node }) => role === member.role && node === member.node);
  const before = alike.slice(0, alike.indexOf(member)).reduce((sum, { count }) => sum + count, 0);
  return { of: alike.reduce((sum, { count }) => sum + count, 0), before };
}

function piecesOf(
  job: Job,
  owner: Case,
  plan: CasePlan,
  member: Member,
  { of, before }: { readonly of: number; readonly before: number },
): readonly CutPart[] {
  const { role, node, count, length, width, blank } = member;
  const material = materialOf(job, member);
  if (!material) return [];
  const kind = [MEMBERS[role].written, ...(node === undefined ? [] : [node])].join(' ');
  return Array.from({ length: count }, (_, index) => ({
    name: writeAddress({ case: owner.id, part: partOf(kind, of, before + index + 1) }),
    use: {
      ...{ case: owner.id, bank: '', path: plan.path, drawer: '', place: 0, role },
      ...(node === undefined ? {} : { node }),
    },
    material,
    ...(blank ?? { length, width }),
    ...(blank ? { finished: { length, width } } : {}),
    machining: [],
    bores: [],
    mayTurn: MEMBERS[role].anyGrain ?? (MEMBERS[role].mayTurn && material.grain !== true),
    release: memberRelease(owner, plan, member),
  }));
}

/** A leg is planed as thick as it is wide, which no material of the job need be. */
function materialOf(job: Job, { role, material: id, thickness }: Member): CutMaterial | undefined {
  const material = job.materials.find((each) => each.id === id);
  if (role !== 'leg' || !material || material.thickness === thickness) return material;
  return { id: `(leg ${thickness})`, name: '', kind: 'solid', thickness, planedFor: 'leg' };
}
