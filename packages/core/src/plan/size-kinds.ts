import type { SizeKind, Term } from '../length';
import type { Asked } from './asked';
import type { DrawerDimension } from './types';

/** What each derived dimension of a drawer is, for showing it. */
const OF_DRAWER: Readonly<Record<DrawerDimension, SizeKind>> = {
  'front.width': 'part',
  'front.height': 'part',
  'front.bottomY': 'spacer',
  'front.growth': 'gap',
  'bay.bottomY': 'spacer',
  'bay.height': 'opening',
  'box.width': 'part',
  'box.height': 'part',
  'box.length': 'part',
  'box.bottomY': 'spacer',
  'inside.width': 'opening',
  'inside.length': 'opening',
  'inside.wallHeight': 'opening',
  'inside.clearHeight': 'opening',
  'slide.centreY': 'spacer',
  'slide.lowerEdgeY': 'spacer',
  'slide.setback': 'gap',
  'slide.travel': 'gap',
  'slide.hidden': 'gap',
  'slide.firstHole': 'reading',
  'runner.left': 'part',
  'runner.right': 'part',
  'runner.thickness': 'part',
  'runner.kicker': 'gap',
  'runner.groove': 'gap',
  'screw.slide': 'part',
  'screw.front': 'part',
  'screw.pull': 'part',
};

/** Those of a bank, and what a drawer has besides. */
const OTHERS: Readonly<Record<string, SizeKind>> = {
  'opening.width': 'opening',
  'opening.height': 'opening',
  'opening.depth': 'opening',
  'opening.taper': 'gap',
  share: 'opening',
  'slide.nominal': 'reading',
};

/** What a derived dimension is, by its name in a plan; a difference where it has no name of its own. */
export function kindOfDimension(name: string): SizeKind {
  return OF_DRAWER[name as DrawerDimension] ?? OTHERS[name] ?? 'gap';
}

/** What a number of the plan is that can be asked for its sum. */
export function kindOfAsked(asked: Asked): SizeKind {
  if (asked.kind === 'dimension') return kindOfDimension(asked.dimension);
  if (asked.kind === 'compartment') return 'opening';
  return asked.kind === 'spacer' ? 'spacer' : 'part';
}

/** What a term of a sum is: as it was written or read where a person said it, else as figures of rows are shown. */
export function kindOfTerm({ from }: Pick<Term, 'from'>): SizeKind {
  if (from === undefined) return 'gap';
  if (from.kind === 'dimension') return kindOfDimension(from.dimension);
  return from.kind === 'field' ? 'reading' : 'gap';
}
