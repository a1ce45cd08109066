import { ROLES } from '../box';
import { isMember, MEMBERS, type MemberRole } from '../casework';
import type { Plan } from '../plan';
import type { Said } from '../length';
import { said, type PartParams, type SaidAs } from '../words';
import type { CutMaterial, CutPart } from './cut-part';
import type { SawCut } from './saw-cuts';

/** What one part is called among its drawer's: `side 1`, `runner left`. */
export function partSaid(part: Pick<CutPart, 'name' | 'use'>): SaidAs<'part-named'> {
  return said('part-named', named(part));
}

function named({ name, use }: Pick<CutPart, 'name' | 'use'>): PartParams {
  const number = numberOf(name);
  if (isMember(use.role)) return memberNamed(use.role, use.node, number);
  const side =
    use.role !== 'extra' && ROLES[use.role].of === 'carrier' ? / (left|right)(?= \d+$|$)/.exec(name)?.[1] : undefined;
  return {
    part: `part/${use.role}`,
    ...(side === undefined ? {} : { side: side as 'left' | 'right' }),
    ...(number === undefined ? {} : { number }),
  };
}

/** A part of a case, told by where it stands where there are several: “divider right of left”. */
function memberNamed(role: MemberRole, node: string | undefined, number: number | undefined): PartParams {
  const { at } = MEMBERS[role];
  return {
    part: `part/${role}`,
    ...(at && node !== undefined ? { at, node } : {}),
    ...(number === undefined ? {} : { number }),
  };
}

function numberOf(name: string): number | undefined {
  const found = /\s(\d+)$/.exec(name)?.[1];
  return found === undefined ? undefined : Number(found);
}

/** A part in a few words: `3 side 1`, with the bank (and case) before it where the job has several. */
export function partOfJob(plan: Plan, part: CutPart): Said {
  const { name, use, called } = part;
  const number = numberOf(name);
  if (isMember(use.role)) return said('part-of-case', { ...named(part), case: caseTelling(plan, use.case) });
  if (use.role !== 'extra')
    return said('part-of-job', { ...named(part), bank: bankTelling(plan, use.path), place: use.place });
  return called === undefined
    ? partSaid(part)
    : said('part-called', number === undefined ? { called } : { called, number });
}

/** Longer names are cut short where they only tell parts apart. */
const SHORT = 18;

/** What tells the bank at `path` from the others of the job: its case where there are several, and its name or its id. */
export function bankTelling({ cases }: Pick<Plan, 'cases'>, path: string): readonly string[] {
  const owner = cases.find(({ banks }) => banks.some((bank) => bank.path === path));
  const bank = owner?.banks.find((each) => each.path === path);
  const banks = cases.reduce((sum, each) => sum + each.banks.length, 0);
  if (!owner || !bank || banks < 2) return [];
  const alone = owner.banks.length === 1 && cases.length > 1;
  return [
    ...(cases.length > 1 ? [telling(owner, cases)] : []),
    ...(alone
      ? []
      : [
          telling(
            { id: bank.id, name: bank.bank.name },
            owner.banks.map((each) => each.bank),
          ),
        ]),
  ];
}

/** What tells a case from the others of the job, where there are several. */
export function caseTelling({ cases }: Pick<Plan, 'cases'>, id: string): readonly string[] {
  const owner = cases.find((each) => each.id === id);
  return owner && cases.length > 1 ? [telling(owner, cases)] : [];
}

/** What a sticker says a part belongs to: its drawer, or its case. */
export function ownerOfPart(plan: Pick<Plan, 'cases'>, part: CutPart): Said | undefined {
  const owner = isMember(part.use.role) ? plan.cases.find(({ id }) => id === part.use.case) : undefined;
  return owner ? said('text', { text: owner.name }) : drawerOfJob(plan, part);
}

/** A name cut short where it is long; the id where there is none, or where two would be called alike. */
function telling(one: Called, all: readonly Called[]): string {
  const short = ({ id, name = '' }: Called): string =>
    name.trim() === '' ? id : name.length > SHORT ? `${name.slice(0, SHORT - 1)}…` : name;
  const alike = all.filter((each) => short(each) === short(one)).length > 1;
  return alike ? one.id : short(one);
}

interface Called {
  readonly id: string;
  readonly name?: string | undefined;
}

/** What a drawer is called: its number, its name where it has one, and its bank where there are several. */
export function drawerOfJob({ cases }: Pick<Plan, 'cases'>, { use }: CutPart): SaidAs<'drawer-of-job'> | undefined {
  const bank = cases.flatMap(({ banks }) => banks).find(({ path }) => path === use.path);
  if (!bank) return undefined;
  const name = bank.drawers[use.place]?.name;
  return said('drawer-of-job', {
    bank: bankTelling({ cases }, use.path),
    drawer: name === undefined ? { place: use.place } : { place: use.place, name },
  });
}

/** What a part is cut from, as it is called. */
export function materialCalled({ name, planedFor }: CutMaterial): Said {
  return planedFor === undefined ? said('text', { text: name }) : said(`planed/${planedFor}`);
}

/** Parts told by their kind, each with the drawers it is of. */
export function partsServed(
  plan: Pick<Plan, 'cases'>,
  uses: readonly (Pick<CutPart['use'], 'role' | 'path' | 'place' | 'node'> & { readonly count?: number })[],
): SaidAs<'paper/served'> {
  const ofCase = new Map<string, { role: MemberRole; node: string | undefined; count: number }>();
  for (const { role, node, count = 1 } of uses)
    if (isMember(role)) {
      const key = `${role} ${node ?? ''}`;
      ofCase.set(key, { role, node, count: (ofCase.get(key)?.count ?? 0) + count });
    }
  const roles = [...new Set(uses.map(({ role }) => role))].filter((role) => !isMember(role));
  const parts = roles.map((role) => {
    const own = role === 'extra' ? [] : uses.filter((use) => use.role === role);
    // Two sides of a drawer are told as one drawer.
    const drawers = new Map(
      own.map(({ path, place }) => [`${path} ${place}`, { bank: bankTelling(plan, path), place }]),
    );
    return { part: said(`part/${role}`, { count: 2 }), of: [...drawers.values()] };
  });
  const named = [...ofCase.values()].map(({ role, node, count }) => ({
    part:
      count === 1 || node !== undefined
        ? said('part-named', memberNamed(role, node, undefined))
        : said(`part/${role}`, { count }),
    of: [],
  }));
  return said('paper/served', { parts: [...parts, ...named] });
}

/** A cut by the blade: its settings, and in which parts it is made. */
export function sawCutSaid(plan: Pick<Plan, 'cases'>, { parts, kind, ...cut }: SawCut): SaidAs<'saw-cut'> {
  return said('saw-cut', {
    ...cut,
    kind: `cut/${kind}`,
    served: partsServed(
      plan,
      parts.map(({ use }) => use),
    ),
    count: parts.length,
  });
}
