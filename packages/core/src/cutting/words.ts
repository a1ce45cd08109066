import type { Role } from '../box';
import { CARRIER_ROLES, type CarrierRole } from '../mounting';
import type { Plan } from '../plan';
import type { CutPart } from './parts';
import type { Release } from './release';

/** What parts are called, one and several. */
export const PART_WORDS: Readonly<
  Record<Role | CarrierRole | 'extra', { readonly one: string; readonly many: string }>
> = {
  side: { one: 'side', many: 'sides' },
  front: { one: 'box front', many: 'box fronts' },
  back: { one: 'back', many: 'backs' },
  bottom: { one: 'bottom', many: 'bottoms' },
  muntin: { one: 'muntin', many: 'muntins' },
  face: { one: 'drawer front', many: 'drawer fronts' },
  stile: { one: 'stile', many: 'stiles' },
  rail: { one: 'front rail', many: 'front rails' },
  panel: { one: 'panel', many: 'panels' },
  'build-out': { one: 'build-out', many: 'build-outs' },
  runner: { one: 'runner', many: 'runners' },
  batten: { one: 'batten', many: 'battens' },
  kicker: { one: 'kicker', many: 'kickers' },
  extra: { one: 'extra part', many: 'extra parts' },
};

/** When a part may be cut: as it is printed in the place of its size, and as a sentence. */
export const WHEN: Readonly<Record<Release, { readonly printed: string; readonly says: string }>> = {
  now: { printed: 'cut now', says: 'may be cut now' },
  forecast: { printed: 'HOLD: opening', says: 'held until the opening is measured as built' },
  mend: { printed: 'HOLD: mend', says: 'held by what is to mend' },
  slides: { printed: 'HOLD: slides', says: 'held until the slides are in hand' },
  groove: { printed: 'HOLD: groove', says: 'held until the groove is cut and tried' },
  glued: {
    printed: 'HOLD: boxes glued',
    says: 'held until the boxes are glued: an applied bottom fits the box as it is',
  },
  hung: { printed: 'HOLD: boxes hung', says: 'held until the boxes are hung and trued' },
};

/** What one part is called among its drawer's: `side 1`, `runner left`. */
export function partWords({ name, use }: Pick<CutPart, 'name' | 'use'>): string {
  const number = /\s\d+$/.exec(name)?.[0] ?? '';
  const side = CARRIER_ROLES.has(use.role) ? (/ (left|right)(?= \d+$|$)/.exec(name)?.[0] ?? '') : '';
  return `${PART_WORDS[use.role].one}${side}${number}`;
}

/** A part in a few words: `3 side 1`, with the bank (and case) before it where the job has several. */
export function partTitle(plan: Plan, part: CutPart): string {
  const { name, use, called } = part;
  if (use.role === 'extra')
    return called === undefined ? partWords(part) : `${called}${/\s\d+$/.exec(name)?.[0] ?? ''}`;
  return [...bankWords(plan, use.path), use.place + 1, partWords(part)].join(' ');
}

/** Longer names are cut short where they only tell parts apart. */
const SHORT = 18;

/** What tells the bank at `path` from the others of the job: its case where there are several, and its name or its id. */
export function bankWords({ cases }: Pick<Plan, 'cases'>, path: string): readonly string[] {
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
export function drawerTitle({ cases }: Pick<Plan, 'cases'>, { use }: CutPart): string {
  const bank = cases.flatMap(({ banks }) => banks).find(({ path }) => path === use.path);
  if (!bank) return '';
  const words = bankWords({ cases }, use.path).join(' ');
  const name = bank.drawers[use.place]?.name;
  return `${words === '' ? 'Drawer' : `${words}, drawer`} ${use.place + 1}${name ? `, ${name}` : ''}`;
}
