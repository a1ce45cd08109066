import type { Role } from '../box';
import type { Plan } from '../plan';
import type { CutPart } from './parts';
import type { Release } from './release';

/** What parts are called, one and several. */
export const PART_WORDS: Readonly<Record<Role | 'extra', { readonly one: string; readonly many: string }>> = {
  side: { one: 'side', many: 'sides' },
  front: { one: 'box front', many: 'box fronts' },
  back: { one: 'back', many: 'backs' },
  bottom: { one: 'bottom', many: 'bottoms' },
  muntin: { one: 'muntin', many: 'muntins' },
  face: { one: 'drawer front', many: 'drawer fronts' },
  stile: { one: 'stile', many: 'stiles' },
  rail: { one: 'front rail', many: 'front rails' },
  panel: { one: 'panel', many: 'panels' },
  extra: { one: 'extra part', many: 'extra parts' },
};

/** When a part may be cut: as it is printed in the place of its size, and as a sentence. */
export const WHEN: Readonly<Record<Release, { readonly printed: string; readonly says: string }>> = {
  now: { printed: 'cut now', says: 'may be cut now' },
  forecast: { printed: 'HOLD: opening', says: 'held until the opening is measured as built' },
  mend: { printed: 'HOLD: mend', says: 'held by what is to mend' },
  slides: { printed: 'HOLD: slides', says: 'held until the slides are in hand' },
  groove: { printed: 'HOLD: groove', says: 'held until the groove is cut and tried' },
  hung: { printed: 'HOLD: boxes hung', says: 'held until the boxes are hung and trued' },
};

/** A part in a few words: `3 side 1`, with the bank (and case) before it where the job has several. */
export function partTitle({ cases }: Plan, { name, use, called }: CutPart): string {
  const number = /\s\d+$/.exec(name)?.[0] ?? '';
  if (use.role === 'extra') return `${called ?? PART_WORDS.extra.one}${number}`;
  const banks = cases.reduce((sum, each) => sum + each.banks.length, 0);
  const before = [...(cases.length > 1 ? [use.case] : []), ...(banks > 1 ? [use.bank] : [])];
  return [...before, use.place + 1, `${PART_WORDS[use.role].one}${number}`].join(' ');
}

/** What a drawer is called: its number, its name where it has one, and its bank where there are several. */
export function drawerTitle({ cases }: Plan, { use }: CutPart): string {
  const bank = cases.flatMap(({ banks }) => banks).find(({ path }) => path === use.path);
  if (!bank) return '';
  const several = cases.reduce((sum, each) => sum + each.banks.length, 0) > 1;
  const name = bank.drawers[use.place]?.name;
  return `${several ? `Bank ${use.bank}, drawer` : 'Drawer'} ${use.place + 1}${name ? `, ${name}` : ''}`;
}
