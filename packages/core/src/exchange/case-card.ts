import { cupLine, type DoorPlan } from '../doors';
import { cutList, partsOf, sawCuts, sawCutSaid, sawOf, sawSettings, type CutPart, type Release } from '../cutting';
import { squareDiagonal } from '../drawing';
import { assembly, fixingSaid, neededSaid, type AssemblyStep } from '../fixing';
import { groupFindings, type Severity } from '../findings';
import { MEMBERS, type CaseworkPlan } from '../casework';
import type { BuildOf, Job } from '../job';
import { add, nm, subtract, ZERO, type Length, type Said } from '../length';
import { caseFixings, type CasePlan, type Plan } from '../plan';
import { said } from '../words';
import { partsTable, type CardFact, type CardTable } from './bench-card';

/** One step of putting a case together, in words: what goes in, and how it is held. */
export interface CardStep {
  readonly parts: readonly Said[];
  readonly held: readonly Said[];
}

/** What stands on the bench card of a case, before any language or paper. */
export interface CaseCard {
  readonly job: string;
  readonly owner: string;
  readonly id: string;
  readonly basis: Said;
  readonly facts: readonly CardFact[];
  readonly steps: readonly CardStep[];
  readonly parts: CardTable;
  readonly findings: readonly { readonly severity: Severity; readonly said: Said }[];
}

/** A card for every case that is told how it is made, in their order. */
export function caseCards(job: Job, plan: Plan): readonly CaseCard[] {
  return plan.cases.flatMap((each) => {
    const build = job.cases.find(({ id }) => id === each.id)?.build;
    return build && each.casework ? [caseCardOf(job, plan, each, { build, casework: each.casework })] : [];
  });
}

/** How a case is made, and what follows from it. */
interface Made {
  readonly build: BuildOf<Length>;
  readonly casework: CaseworkPlan;
}

function caseCardOf(job: Job, plan: Plan, each: CasePlan, made: Made): CaseCard {
  const { casework } = made;
  const bare: Plan = { ...plan, cases: [{ ...each, banks: [] }] };
  const own = { ...job, cutting: { ...job.cutting, extra: [] } };
  const parts = partsOf(own, bare).parts;
  const { fixings, hardware } = caseFixings(job, each);
  const free = parts.filter(({ release }) => release === 'now');
  return {
    ...{ job: job.name, owner: each.name, id: each.id },
    basis: said('card/case-basis', { surveyed: free.length > 0 }),
    facts: [
      sizeFact(casework),
      fact('square', said('card/square', { diagonal: squareDiagonal(casework) })),
      ...feetFacts(made),
      ...levelFacts(job, plan, each),
      ...blockFacts(casework),
      ...sharpFacts(made),
      ...atBottomFacts(casework),
      ...each.doors.map(doorFact),
      ...edgingFacts(made),
      ...alikeFacts(free),
      ...sawCuts(free, sawOf(job).kerf).map((cut) => fact('blade', sawCutSaid(bare, cut))),
      fact('fixings', said('card/fixings', { needed: neededSaid(fixings, hardware) })),
      ...waitFacts(parts),
    ],
    steps: assembly(casework, fixings).map(stepOf),
    parts: partsTable(cutList(own, bare).groups),
    findings: groupFindings(each.findings).map((group) => ({ severity: group.finding.severity, said: group.said })),
  };
}

function fact(
  head:
    | 'case'
    | 'square'
    | 'floor'
    | 'level'
    | 'blocks'
    | 'sharp'
    | 'measure'
    | 'edging'
    | 'door'
    | 'alike'
    | 'blade'
    | 'fixings'
    | 'waits',
  what: Said,
): CardFact {
  return { head: said(`card-head/${head}`), said: what };
}

function stepOf({ roles, fixings }: AssemblyStep): CardStep {
  return {
    parts: roles.map(({ role, count }) => said(`part/${role}`, { count })),
    held: fixings.map(fixingSaid),
  };
}

/** Leaves, and how each is bored and hung: before the trays it closes are. */
function doorFact({ id, hinge, leaves, opens }: DoorPlan): CardFact {
  return fact(
    'door',
    said('card/door', {
      ...{ door: id, hinge: hinge.called, opens },
      leaves: leaves.map(({ width, height, hinged, hinges, cup }) => {
        const line = cup && cupLine(cup, hinge);
        return {
          ...{ width: width.total, height: height.total, hinged, at: hinges.map(({ total }) => total) },
          tab: cup?.tab?.total,
          plate: cup?.plate,
          line: line?.total,
        };
      }),
    }),
  );
}

function sizeFact({ outline }: CaseworkPlan): CardFact {
  const { width, height, depth, inside, floor, ceiling, panel } = outline;
  return fact(
    'case',
    said('card/case', {
      ...{ width: width.total, height, depth, inside: inside.total },
      ...{ clear: nm(width.total - 2 * panel), high: subtract(ceiling, floor) },
    }),
  );
}

/** How high each corner stands off a floor that falls away: feet are set to it, a plinth or the sides are shimmed by it. */
function feetFacts({ build: { floor, stands } }: Made): readonly CardFact[] {
  if (!floor || floor.every((each) => each === 0)) return [];
  const set = stands?.kind === 'feet' || stands?.kind === 'casters';
  const base = set ? (stands.height ?? ZERO) : ZERO;
  return [fact('floor', said('card/floor', { set, heights: floor.map((falls) => add(base, falls)) }))];
}

/** Beside a higher one it is raised by what its top is lower, where both are told where they stand. */
function levelFacts(job: Job, { cases }: Plan, own: CasePlan): readonly CardFact[] {
  const topOf = ({ id, casework }: CasePlan): number | undefined => {
    const at = job.cases.find((each) => each.id === id)?.at;
    return at && casework ? (at.y ?? ZERO) + casework.outline.height : undefined;
  };
  const mine = topOf(own);
  const tops = cases.flatMap((each) => (each === own ? [] : [{ name: each.name, top: topOf(each) ?? -Infinity }]));
  const highest = tops.sort((one, other) => other.top - one.top)[0];
  if (mine === undefined || !highest || highest.top <= mine) return [];
  return [fact('level', said('card/level', { other: highest.name, by: nm(highest.top - mine) }))];
}

/** What is sawn to stand between: under every fixed shelf and rail, and between the walls beside every divider. */
function blockFacts({ front }: CaseworkPlan): readonly CardFact[] {
  const under = front.shelves.flatMap(({ node, left, right, y }) => {
    const below = front.compartments.filter((each) => each.left < right && each.right > left && each.ceiling < y);
    const nearest = [...below].sort((one, other) => other.ceiling - one.ceiling)[0];
    return nearest ? [{ node, size: subtract(nearest.ceiling, nearest.floor) }] : [];
  });
  const beside = front.dividers.flatMap(({ node, x }) => {
    const left = front.compartments.find((each) => each.right === x);
    return left ? [{ node, size: subtract(left.right, left.left) }] : [];
  });
  if (under.length + beside.length === 0) return [];
  return [fact('blocks', said('card/blocks', { under, beside }))];
}

/** Edges that meet in glue, a rabbet or a dado. */
function sharpFacts({ build, casework }: Made): readonly CardFact[] {
  const edges = [
    ...(build.frame ? (['behind-frame', 'frame-inside'] as const) : []),
    ...(build.back && build.back.kind !== 'none' ? (['at-back'] as const) : []),
    ...(casework.outline.letIn > 0 ? (['let-in'] as const) : (['butt'] as const)),
    ...(build.worktop?.trim ? (['worktop-trim'] as const) : []),
  ];
  return [fact('sharp', said('card/sharp', { edges }))];
}

/** Edging: cut over, glued on and trimmed flush. */
function edgingFacts({ build: { band }, casework }: Made): readonly CardFact[] {
  if (!band) return [];
  const rows = casework.members.flatMap(({ role, count, length, width, thickness }) =>
    (band.members[MEMBERS[role].written] ?? []).map((edge) => ({
      wide: add(thickness, band.over ?? ZERO),
      long: nm(count * (edge === 'front' || edge === 'back' ? length.total : width.total)),
    })),
  );
  return [...new Set(rows.map(({ wide }) => wide))].map((wide) =>
    fact(
      'edging',
      said('card/edging', {
        ...{ thickness: band.thickness, wide, over: band.over ?? ZERO },
        long: add(...rows.filter((row) => row.wide === wide).map(({ long }) => long)),
      }),
    ),
  );
}

/** What runs between the sides is measured where they are held to size. */
function atBottomFacts({ members }: CaseworkPlan): readonly CardFact[] {
  const rows = members.filter(({ role }) => role === 'stretcher' || role === 'cleat');
  if (rows.length === 0) return [];
  const roles = [...new Set(rows.map(({ role }) => role))];
  return [
    fact(
      'measure',
      said('card/at-bottom', {
        parts: roles.map((role) => said(`part/${role}`, { count: 2 })),
        length: rows[0]?.length.total ?? nm(0),
      }),
    ),
  ];
}

/** Parts alike to the hair are cut against one fence or stop, one after the other. */
function alikeFacts(parts: readonly CutPart[]): readonly CardFact[] {
  const { fences, stops } = sawSettings(parts);
  const several = (settings: typeof fences, kind: 'fence' | 'stop') =>
    settings
      .filter((each) => each.parts.length > 1)
      .map((each) => ({ kind, size: each.size, parts: rolesOf(each.parts) }));
  return [...several(fences, 'fence'), ...several(stops, 'stop')].map((gang) =>
    fact('alike', said('card/alike', gang)),
  );
}

function rolesOf(parts: readonly CutPart[]): readonly Said[] {
  const counts = new Map<CutPart['use']['role'], number>();
  for (const { use } of parts) counts.set(use.role, (counts.get(use.role) ?? 0) + 1);
  return [...counts].map(([role, count]) => said(`part/${role}`, { count }));
}

function waitFacts(parts: readonly CutPart[]): readonly CardFact[] {
  const held = new Map<Release, CutPart[]>();
  for (const part of parts)
    if (part.release !== 'now') held.set(part.release, [...(held.get(part.release) ?? []), part]);
  return [...held].map(([release, waiting]) =>
    fact('waits', said('card/waits', { when: said(`when/${release}`), parts: rolesOf(waiting) })),
  );
}
