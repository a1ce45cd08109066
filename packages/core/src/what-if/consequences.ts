import type { Finding } from '../findings';
import type { Length } from '../length';
import type { BankPlan, DrawerDimension, DrawerPlan, Plan } from '../plan';

/** What is told of a bank when something in its job changes. */
export type ToldOfBank = 'opening.width' | 'opening.height' | 'opening.depth';

/** One size that came out different, for one drawer or several alike; a size that can't be worked out is absent. */
export interface SizeChange {
  /** Path of the bank. */
  readonly bank: string;
  /** Places of the drawers, from 0; none where it is the bank's own size. */
  readonly places: readonly number[];
  readonly size: DrawerDimension | ToldOfBank | 'slide.nominal';
  readonly before?: Length;
  readonly after?: Length;
}

/** What follows from going over from one plan to another. */
export interface Consequences {
  readonly sizes: readonly SizeChange[];
  /** Findings that are no longer there, and those that are new. */
  readonly gone: readonly Finding[];
  readonly come: readonly Finding[];
}

/** The sizes a builder asks after, in the order of the work; what lies between them follows. */
const TOLD: readonly DrawerDimension[] = [
  'front.width',
  'front.height',
  'box.width',
  'box.height',
  'box.length',
  'inside.clearHeight',
];

/** Compares the banks that stand at the same path in both plans, drawer by drawer of the same id. */
export function consequences(before: Plan, after: Plan): Consequences {
  const found = pairs(before, after).map(([was, is]) => bankConsequences(was, is));
  return {
    sizes: found.flatMap(({ sizes }) => sizes),
    gone: found.flatMap(({ gone }) => gone),
    come: found.flatMap(({ come }) => come),
  };
}

function pairs(before: Plan, after: Plan): readonly (readonly [BankPlan, BankPlan])[] {
  const was = new Map(before.cases.flatMap(({ banks }) => banks).map((bank) => [bank.path, bank]));
  return after.cases.flatMap(({ banks }) =>
    banks.flatMap((bank) => {
      const other = was.get(bank.path);
      return other ? [[other, bank] as const] : [];
    }),
  );
}

/** What follows for one bank. */
export function bankConsequences(before: BankPlan, after: BankPlan): Consequences {
  return {
    sizes: [...openingChanges(before, after), ...drawerChanges(before, after)],
    gone: without(before.findings, after.findings),
    come: without(after.findings, before.findings),
  };
}

function openingChanges(before: BankPlan, after: BankPlan): readonly SizeChange[] {
  return (['width', 'height', 'depth'] as const).flatMap((size): readonly SizeChange[] => {
    const [was, is] = [before.opening[size].total, after.opening[size].total];
    return was === is ? [] : [{ bank: after.path, places: [], size: `opening.${size}`, before: was, after: is }];
  });
}

function drawerChanges(before: BankPlan, after: BankPlan): readonly SizeChange[] {
  const was = new Map(before.drawers.map((drawer) => [drawer.id, drawer]));
  const sizes = ['slide.nominal', ...TOLD] as const;
  const changes = new Map<string, SizeChange>();
  for (const size of sizes)
    for (const drawer of after.drawers) {
      const [from, to] = [sizeOf(was.get(drawer.id), size), sizeOf(drawer, size)];
      if (from === to) continue;
      const key = `${size} ${from} ${to}`;
      const places = [...(changes.get(key)?.places ?? []), drawer.place];
      changes.set(key, {
        bank: after.path,
        places,
        size,
        ...(from === undefined ? {} : { before: from }),
        ...(to === undefined ? {} : { after: to }),
      });
    }
  return [...changes.values()];
}

function sizeOf(drawer: DrawerPlan | undefined, size: DrawerDimension | 'slide.nominal'): Length | undefined {
  return size === 'slide.nominal' ? drawer?.nominal : drawer?.dimensions[size]?.total;
}

/** Findings of cases and banks that are no longer there, and those that are new, as they come in the plan. */
export function findingsBetween(before: Plan, after: Plan): Pick<Consequences, 'gone' | 'come'> {
  const all = ({ cases }: Plan): readonly Finding[] =>
    cases.flatMap(({ findings, banks }) => [...findings, ...banks.flatMap((bank) => bank.findings)]);
  return { gone: without(all(before), all(after)), come: without(all(after), all(before)) };
}

/** The findings of one list whose kind, drawer and gravity are not in the other. */
function without(some: readonly Finding[], others: readonly Finding[]): readonly Finding[] {
  const known = new Set(others.map(keyOf));
  return some.filter((finding) => !known.has(keyOf(finding)));
}

function keyOf({ code, drawer, severity }: Finding): string {
  return `${code} ${drawer ?? ''} ${severity}`;
}
