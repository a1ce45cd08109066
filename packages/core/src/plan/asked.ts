import type { PartRole } from '../box';
import type { Tally } from '../length';
import type { BankPlan, DrawerDimension } from './types';

/** A number of a bank's plan that can be asked for its sum. */
export type Asked =
  | { readonly kind: 'dimension'; readonly drawer?: string; readonly dimension: string }
  | {
      readonly kind: 'part';
      readonly drawer: string;
      readonly role: PartRole;
      readonly size: 'length' | 'width';
    }
  | { readonly kind: 'spacer'; readonly index: number };

/** The sum behind a number of the plan; undefined where the plan has no such number (any more). */
export function tallyOf(bank: BankPlan, asked: Asked): Tally | undefined {
  if (asked.kind === 'spacer') return bank.spacers[asked.index];
  const drawer = bank.drawers.find(({ id }) => id === asked.drawer);
  if (asked.kind === 'part') {
    const parts = [...(drawer?.parts ?? []), ...bank.carriers.filter((each) => each.drawer === asked.drawer)];
    return parts.find(({ role }) => role === asked.role)?.[asked.size];
  }
  if (asked.drawer !== undefined) return drawer?.dimensions[asked.dimension as DrawerDimension];
  const { width, height, depth, taper } = bank.opening;
  const ofBank: Readonly<Record<string, Tally>> = {
    'opening.width': width,
    'opening.height': height,
    'opening.depth': depth,
    'opening.taper': taper,
    share: bank.share,
  };
  return ofBank[asked.dimension];
}
