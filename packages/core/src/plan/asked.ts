import type { PartRole } from '../box';
import type { CaseworkPlan } from '../casework';
import type { Tally } from '../length';
import type { BankPlan, DrawerDimension, Plan } from './types';

/** A number of a bank's plan that can be asked for its sum. */
export type Asked =
  | { readonly kind: 'dimension'; readonly drawer?: string; readonly dimension: string }
  | {
      readonly kind: 'part';
      readonly drawer: string;
      readonly role: PartRole;
      readonly size: 'length' | 'width';
    }
  | { readonly kind: 'spacer'; readonly index: number }
  /** By the path of its case, and its row among the members there. */
  | { readonly kind: 'member'; readonly case: string; readonly row: number; readonly size: 'length' | 'width' }
  | {
      readonly kind: 'compartment';
      readonly case: string;
      readonly compartment: string;
      readonly size: 'width' | 'height' | 'depth';
    };

export type AskedOfBank = Exclude<Asked, { readonly kind: 'member' | 'compartment' }>;

/** The sum behind a number of a bank's plan; undefined where the plan has no such number (any more). */
export function tallyOf(bank: BankPlan, asked: AskedOfBank): Tally | undefined {
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

/** The same of anything in a plan: a member of a case as it is sawn, or a compartment of it, has no bank. */
export function tallyIn(plan: Plan | undefined, bank: BankPlan | undefined, asked: Asked): Tally | undefined {
  if (asked.kind !== 'member' && asked.kind !== 'compartment') return bank && tallyOf(bank, asked);
  const casework = plan?.cases.find(({ path }) => path === asked.case)?.casework;
  return casework && (asked.kind === 'member' ? ofMember(casework, asked) : ofCompartment(casework, asked));
}

function ofMember({ members }: CaseworkPlan, { row, size }: Extract<Asked, { kind: 'member' }>): Tally | undefined {
  const member = members[row];
  return (member?.blank ?? member)?.[size];
}

function ofCompartment(
  { openings }: CaseworkPlan,
  { compartment: id, size }: Extract<Asked, { kind: 'compartment' }>,
): Tally | undefined {
  const opening = openings.find(({ compartment }) => compartment.id === id);
  return size === 'depth' ? opening?.depth : opening?.compartment[size];
}
