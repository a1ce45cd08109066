import type { Role } from '@zabble/contract';

/** From most to least. */
export const ROLE_NAMES: readonly { readonly id: Role; readonly name: string }[] = [
  { id: 'owner', name: $localize`owner` },
  { id: 'maker', name: $localize`maker` },
  { id: 'helper', name: $localize`helper` },
  { id: 'looker', name: $localize`looks on` },
];

/** What each may do, told to who is to be it. */
export const ROLE_DOES: Readonly<Record<Role, string>> = {
  owner: $localize`As an owner you do everything, and say who else belongs to the shop.`,
  maker: $localize`As a maker you plan, price, buy and build: everything but saying who belongs to the shop.`,
  helper: $localize`As a helper you see the jobs, and write their record: steps, sizes that were measured back, faults, photographs, time.`,
  looker: $localize`You see the shop’s jobs and change nothing.`,
};

export const roleName = (role: Role): string => ROLE_NAMES.find(({ id }) => id === role)?.name ?? role;
