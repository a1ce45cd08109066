import { gapsAcross, grainRun, lap, type FrontTree, type GrainRun } from '../fronts';
import type { Bank, Case } from '../job';
import {
  minus,
  plus,
  tally,
  unlessZero,
  type Length,
  type Source,
  type Tally,
  label,
  ofDimension,
  ofField,
} from '../length';
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
    const height =
      drawer.parts.find(({ role }) => role === 'drawer-front')?.blank?.width ?? drawer.dimensions['front.height'];
    const from: Source = ofDimension('front.height', drawer.id);
    return height ? [{ size: height.total, label: label('front-of', { place: drawer.place }), from }] : [];
  });
  if (!run || blanks.length < drawers.length) return undefined;
  const gap = { gap: tally(plus('gap', bank.front.gap, ofField(`${path}.front.gap`))) };
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
    const width =
      drawer?.parts.find(({ role }) => role === 'drawer-front')?.blank?.length ?? drawer?.dimensions['front.width'];
    const from: Source = ofDimension('front.width', drawer?.id ?? '');
    return width ? [{ size: width.total, label: label('fronts-of-bank', { place: index }), from }] : [];
  });
  return grainRun({
    run: owner.run,
    path: `${casePath}.run`,
    blanks,
    gaps: banks.slice(1).map((bank, index) => ({ gap: between(owner, casePath, banks[index] as BankPlan, bank) })),
    ...bandOf(first.bank, first.path),
    meeting: ['right', 'left'],
  });
}

/** What hangs at the front of a case that is told how it is made, across one panel: its fronts, and its doors beside them. */
export function wholeRun(owner: Case, casePath: string, tree: FrontTree | undefined): GrainRun | undefined {
  if (!owner.run || !tree || tree.kind === 'face') return undefined;
  return grainRun({
    run: owner.run,
    path: `${casePath}.run`,
    blanks: widest(tree).map((size) => ({ size, label: 'front-or-leaf' })),
    // Each face has bands of its own: they are in what stands between the blanks.
    gaps: gapsAcross(tree).map((gap) => ({ gap: tally(plus('gap', gap)) })),
    band: undefined,
    bandPath: '',
    meeting: ['right', 'left'],
  });
}

/** The widths that make a tree as wide as it is. */
function widest(tree: FrontTree): readonly Length[] {
  if (tree.kind === 'face') return [tree.face.blank.width];
  const all = tree.children.map(widest);
  if (tree.along === 'x') return all.flat();
  const sum = (widths: readonly Length[]): number => widths.reduce((total, each) => total + each, 0);
  return all.reduce((most, each) => (sum(each) > sum(most) ? each : most));
}

/** What stands open between two neighbouring fronts: the divider less what both lap it; the gap where none is given. */
function between(owner: Case, casePath: string, left: BankPlan, right: BankPlan): Tally {
  const own = left.bank.divider;
  const divider = own ?? owner.divider;
  const field = ofField;
  if (divider === undefined) return tally(plus('gap', left.bank.front.gap, field(`${left.path}.front.gap`)));
  return tally(
    plus('divider', divider, field(own === undefined ? `${casePath}.divider` : `${left.path}.divider`)),
    unlessZero(minus('lap-at-left-it', lap(left.bank.front, 'right'), field(`${left.path}.front.right`))),
    unlessZero(minus('lap-at-right-it', lap(right.bank.front, 'left'), field(`${right.path}.front.left`))),
  );
}

function bandOf({ front }: Bank, path: string) {
  return { band: front.band, bandPath: `${path}.front.band.thickness` };
}
