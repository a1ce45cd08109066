import { OPENING_SIZES, writeExact, type BankPlan, type Patch, type Unit } from '@zabble/core';
import { freeId } from './drawer-edits';

/** Patches for what is done to the drawers of a bank as a whole. */
export function lockPatch(bank: BankPlan, place: number, unit: Unit): Patch {
  const drawer = bank.drawers[place];
  const path = `${bank.path}.drawers[${place}].height`;
  const height = drawer?.dimensions['front.height']?.total;
  if (bank.bank.drawers[place]?.height !== undefined || height === undefined) return { path, value: undefined };
  return { path, value: writeExact(height, unit) };
}

/** A new drawer at the foot of the bank. */
export function addPatch(bank: BankPlan): Patch {
  return { path: `${bank.path}.drawers[${bank.drawers.length}]`, value: { id: freeId(bank) } };
}

/** The drawer away, and with it every tie to it, lines carried across from it and the makeup it may have been. */
export function removePatches(bank: BankPlan, place: number, neighbours: readonly BankPlan[] = []): readonly Patch[] {
  const gone = bank.drawers[place]?.id;
  const ties = bank.bank.drawers.flatMap((drawer, index) =>
    (['sameAs', 'boxSameAs'] as const).flatMap((tie) =>
      drawer[tie] === gone ? [{ path: `${bank.path}.drawers[${index}].${tie}`, value: undefined }] : [],
    ),
  );
  const lines = neighbours.flatMap((other) =>
    other.bank.drawers.flatMap(({ line }, index) =>
      line?.bank === bank.id && line.drawer === gone
        ? [{ path: `${other.path}.drawers[${index}].line`, value: undefined }]
        : [],
    ),
  );
  const { makeup } = bank.bank.division;
  const named = typeof makeup === 'object' && makeup.drawer === gone;
  const rest = named ? [{ path: `${bank.path}.division.makeup`, value: 'bottom' }] : [];
  const readings = levelsAway(bank, gone);
  return [...ties, ...lines, ...rest, ...readings, { path: `${bank.path}.drawers[${place}]`, value: undefined }];
}

/** A reading at the level of a drawer that goes keeps its length and its place. */
function levelsAway({ bank, path }: BankPlan, gone: string | undefined): readonly Patch[] {
  return (['opening', 'aside'] as const).flatMap((which) =>
    OPENING_SIZES.flatMap((size) =>
      (bank[which]?.[size] ?? []).flatMap((reading, index) =>
        typeof reading === 'object' && gone !== undefined && reading.drawer === gone
          ? [{ path: `${path}.${which}.${size}[${index}].drawer`, value: undefined }]
          : [],
      ),
    ),
  );
}

/** What a scheme needs beside its name, so that choosing it gives a plan at once. */
export function schemePatches(bank: BankPlan, scheme: string, unit: Unit): readonly Patch[] {
  const { step, ratio, increment } = bank.bank.division;
  const at = (field: string, value: unknown): Patch => ({ path: `${bank.path}.division.${field}`, value });
  const patches: Patch[] = [];
  if (scheme === 'step' && step === undefined) patches.push(at('step', unit === 'in' ? '1/2 in' : '15 mm'));
  if (scheme === 'ratio' && ratio === undefined) patches.push(at('ratio', 1.2));
  if (increment === undefined) patches.push(at('increment', unit === 'in' ? '1/16 in' : '1 mm'));
  if (scheme === 'manual') patches.push(...allByHand(bank, unit));
  // By hand every height but one is given: under another scheme these would be locks nobody set.
  else if (bank.bank.division.scheme === 'manual') patches.push(...allFree(bank));
  return patches;
}

function allFree({ bank, path }: BankPlan): readonly Patch[] {
  return bank.drawers.flatMap(({ height }, place) =>
    height === undefined ? [] : [{ path: `${path}.drawers[${place}].height`, value: undefined }],
  );
}

/** By hand, every height stands as it is now but the one that takes the rest. */
function allByHand(bank: BankPlan, unit: Unit): readonly Patch[] {
  const open = bank.drawers.find(({ makeup }) => makeup) ?? bank.drawers.at(-1);
  const tied = open && bank.bank.drawers[open.place]?.sameAs;
  return bank.drawers.flatMap(({ place, id, dimensions }) => {
    const height = dimensions['front.height']?.total;
    if (id === open?.id || id === tied || height === undefined || bank.bank.drawers[place]?.height !== undefined)
      return [];
    if (bank.bank.drawers[place]?.sameAs !== undefined) return [];
    return [{ path: `${bank.path}.drawers[${place}].height`, value: writeExact(height, unit) }];
  });
}
