import type { Part } from '../box';
import { inMillimetres, type Length, type Tally } from '../length';
import type { BankPlan, DrawerDimension, DrawerPlan, Plan } from './types';

/** Lengths in millimetres with at most six decimals, under the names docs/job-file.md gives them. */
type Sizes = Record<string, number | string>;

/** A plan as a plan file holds it: plain JSON, what can't be worked out left away. */
export function planDocument(plan: Plan) {
  return {
    format: 'zabble-plan',
    version: 1,
    cases: plan.cases.map(({ id, banks }) => ({ id, banks: banks.map(bankDocument) })),
  } as const;
}

export type PlanDocument = ReturnType<typeof planDocument>;

function bankDocument({ id, opening, drawers, spacers, findings }: BankPlan) {
  return {
    id,
    opening: {
      width: mm(opening.width),
      height: mm(opening.height),
      depth: mm(opening.depth),
      ...(opening.rack === undefined ? {} : { rack: inMillimetres(opening.rack) }),
    },
    drawers: drawers.map(drawerDocument),
    spacers: spacers.map(mm),
    findings: findings.map(({ code, severity, drawer, says }) => ({
      code,
      severity,
      ...(drawer === undefined ? {} : { drawer }),
      says,
    })),
  };
}

function drawerDocument(drawer: DrawerPlan) {
  return {
    id: drawer.id,
    front: { ...sizes(drawer, 'front'), thickness: inMillimetres(drawer.frontThickness) },
    bay: sizes(drawer, 'bay'),
    box: sizes(drawer, 'box'),
    inside: sizes(drawer, 'inside'),
    slide: {
      family: drawer.family.id,
      ...(drawer.nominal === undefined ? {} : { length: inMillimetres(drawer.nominal) }),
      ...sizes(drawer, 'slide'),
    },
    parts: drawer.parts.map(partDocument),
  };
}

function sizes(drawer: DrawerPlan, group: string): Sizes {
  const found: Sizes = {};
  for (const [name, size] of Object.entries(drawer.dimensions) as [DrawerDimension, Tally][])
    if (name.startsWith(`${group}.`)) found[name.slice(group.length + 1)] = mm(size);
  return found;
}

function partDocument({ role, count, length, width, thickness, material }: Part) {
  return {
    role,
    count,
    ...(length ? { length: mm(length) } : {}),
    ...(width ? { width: mm(width) } : {}),
    thickness: inMillimetres(thickness),
    material,
  };
}

function mm(size: Tally | { readonly total: Length }): number {
  return inMillimetres(size.total);
}
