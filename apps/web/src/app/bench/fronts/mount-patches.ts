import {
  dividerLap,
  inches,
  millimetres,
  railOf,
  writeExact,
  type BankPlan,
  type Length,
  type Patch,
  type Unit,
} from '@zabble/core';

type Mount = 'overlay' | 'inset';

/** What is usual round fronts: laps and the gap of overlay ones, the reveals of inset ones. Common practice. */
const USUAL = {
  overlay: { in: { edge: '1/2 in', gap: '1/8 in' }, mm: { edge: '12 mm', gap: '3 mm' } },
  inset: { in: { edge: '3/32 in', gap: '3/32 in' }, mm: { edge: '2.5 mm', gap: '2.5 mm' } },
} as const;

/** A bank among its neighbours, as its laps need it. */
export interface Placed {
  readonly first: boolean;
  readonly last: boolean;
  readonly divider: Length | undefined;
}

/**
 * The sizes that go with turning fronts from overlay to inset or back: laps are no gaps. A divider is lapped by half of
 * what the gap leaves of it; between inset fronts a rail keeps a reveal above and below.
 */
export function mountPatches({ bank, path }: BankPlan, mount: Mount, placed: Placed, unit: Unit) {
  const reveal = unit === 'in' ? inches(3, 32) : millimetres(2.5);
  const gap = unit === 'in' ? inches(1, 8) : millimetres(3);
  const { edge, gap: between } = USUAL[mount][unit];
  const shared =
    mount === 'overlay' && placed.divider !== undefined && placed.divider > gap
      ? writeExact(dividerLap(placed.divider, gap), unit)
      : edge;
  const rail = railOf(bank);
  const over = mount === 'inset' && rail > 0 ? writeExact((rail + 2 * reveal) as Length, unit) : between;
  const sizes = {
    top: edge,
    bottom: edge,
    left: placed.first ? edge : shared,
    right: placed.last ? edge : shared,
    gap: over,
  };
  const patches: readonly Patch[] = Object.entries(sizes).map(([field, value]) => ({
    path: `${path}.front.${field}`,
    value,
  }));
  const what = mount === 'overlay' ? $localize`laps` : $localize`gaps at the opening`;
  const says = $localize`Laps are no gaps: the ${what} are ${edge} now${shared === edge ? '' : $localize`, ${shared} on dividers`}, and ${over} stands between fronts.`;
  return { patches, says };
}
