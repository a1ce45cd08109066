import { grainRun, type GrainRun } from '../fronts';
import type { Bank, Case } from '../job';
import type { Source } from '../length';
import type { BankFacts } from './facts';
import type { BankPlan, DrawerPlan } from './types';

/** The fronts of one bank down a panel, by its own run or its case's; absent without a run or without heights. */
export function columnRun(
  { bank, path }: BankFacts,
  owner: Case,
  casePath: string,
  drawers: readonly DrawerPlan[],
): GrainRun | undefined {
  const own = bank.front.run;
  const run = own ?? owner.run;
  const blanks = drawers.flatMap((drawer) => {
    const height = drawer.parts.find(({ role }) => role === 'face')?.blank?.width ?? drawer.dimensions['front.height'];
    const from: Source = { kind: 'dimension', drawer: drawer.id, dimension: 'front.height' };
    return height ? [{ size: height.total, label: `front ${drawer.place + 1}`, from }] : [];
  });
  if (!run || blanks.length < drawers.length) return undefined;
  const gap = { gap: bank.front.gap, from: { kind: 'field', path: `${path}.front.gap` } as const };
  return grainRun({
    run,
    path: own ? `${path}.front.run` : `${casePath}.run`,
    blanks,
    gaps: drawers.slice(1).map(() => gap),
    ...bandOf(bank, path),
    meeting: ['bottom', 'top'],
  });
}

/** The fronts of a case's banks across one panel: one row of it. */
export function rowRun(owner: Case, casePath: string, banks: readonly BankPlan[]): GrainRun | undefined {
  const [first] = banks;
  if (!owner.run || !first) return undefined;
  const blanks = banks.flatMap(({ drawers: [drawer] }, index) => {
    const width = drawer?.parts.find(({ role }) => role === 'face')?.blank?.length ?? drawer?.dimensions['front.width'];
    const from: Source = { kind: 'dimension', drawer: drawer?.id ?? '', dimension: 'front.width' };
    return width ? [{ size: width.total, label: `fronts of bank ${index + 1}`, from }] : [];
  });
  return grainRun({
    run: owner.run,
    path: `${casePath}.run`,
    blanks,
    gaps: banks.slice(0, -1).map(({ bank, path }) => ({
      gap: bank.front.gap,
      from: { kind: 'field', path: `${path}.front.gap` },
    })),
    ...bandOf(first.bank, first.path),
    meeting: ['right', 'left'],
  });
}

function bandOf({ front }: Bank, path: string) {
  return { band: front.band, bandPath: `${path}.front.band.thickness` };
}
