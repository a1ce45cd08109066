import type { BankPlan, Step } from '@zabble/core';

export const STEPS: readonly { readonly id: Step; readonly name: string }[] = [
  { id: 'case', name: 'Case' },
  { id: 'measure', name: 'Measure' },
  { id: 'slides', name: 'Slides' },
  { id: 'divide', name: 'Divide' },
  { id: 'boxes', name: 'Boxes' },
  { id: 'fronts', name: 'Fronts' },
  { id: 'cut', name: 'Cut' },
  { id: 'fit', name: 'Fit' },
];

/** The views of the step Cut. */
export const CUT_VIEWS = [
  { id: 'saw', name: 'At the saw' },
  { id: 'sheets', name: 'Sheets' },
  { id: 'boards', name: 'Boards' },
  { id: 'rack', name: 'Rack' },
  { id: 'files', name: 'Files' },
] as const;
export type CutView = (typeof CUT_VIEWS)[number]['id'];

/** What opens a gate of a bank, as its button says it. */
export const GATE_WORDS = {
  slides: 'The slides are in hand',
  groove: 'The groove is tried',
  glued: 'The boxes are glued',
  hung: 'The boxes are hung',
} as const;

/** How a step stands: done, wanting something, or held, and by what. */
export interface Standing {
  readonly state: 'done' | 'wants' | 'held';
  readonly says: string;
}

export function standingOf(bank: BankPlan, step: Step): Standing {
  const stops = bank.findings.filter((finding) => finding.severity === 'stop');
  const own = stops.filter((finding) => finding.step === step).length;
  if (own > 0) return { state: 'wants', says: own === 1 ? '1 thing to mend' : `${own} things to mend` };
  return STANDINGS[step](bank, stops.length > 0);
}

const done = (says: string): Standing => ({ state: 'done', says });
const isPlanned = ({ bank }: BankPlan): boolean => bank.basis === 'planned';

/** How each step stands when nothing of its own is to mend; `stopped`: something is, in another. */
const STANDINGS: Readonly<Record<Step, (bank: BankPlan, stopped: boolean) => Standing>> = {
  case: ({ bank }) => done(`${bank.drawers.length === 1 ? '1 drawer' : `${bank.drawers.length} drawers`}`),
  measure: (bank) => (isPlanned(bank) ? { state: 'wants', says: 'planned sizes' } : done('as built')),
  slides: (bank) => done(slidesOf(bank)),
  divide: ({ drawers }) => done(drawers.length === 1 ? '1 front' : `${drawers.length} fronts`),
  boxes: ({ drawers }) => {
    const heights = new Set(drawers.map(({ dimensions }) => dimensions['box.height']?.total)).size;
    return done(heights === 1 ? '1 box height' : `${heights} box heights`);
  },
  fronts: (bank) => done(mountOf(bank)),
  cut: (bank, stopped) => {
    if (stopped) return { state: 'held', says: 'held by what is to mend' };
    return isPlanned(bank) ? { state: 'held', says: 'held until measured' } : done('ready for the saw');
  },
  fit: (bank, stopped) => {
    if (stopped) return { state: 'held', says: 'held by what is to mend' };
    if (isPlanned(bank)) return { state: 'held', says: 'held until measured' };
    return done(bank.bank.gates?.hung ? 'boxes hung' : 'to be hung');
  },
};

/** The length of the slides, or how many kinds there are. */
function slidesOf({ drawers }: BankPlan): string {
  const kinds = new Set(drawers.map(({ family }) => family.id)).size;
  return kinds === 1 ? '1 kind' : `${kinds} kinds`;
}

function mountOf({ bank, drawers }: BankPlan): string {
  const pulled = drawers.some(({ bores }) => bores.length > 0);
  return pulled ? `${bank.front.mount}, with pulls` : bank.front.mount;
}

/** The step that holds a field of the job. */
export function stepOfPath(path: string): Step {
  if (path.startsWith('log[')) return 'fit';
  if (/^cases\[\d+\]\.(stand|overhang|style)\b/.test(path)) return 'case';
  if (/\.(opening|buildOut)\b/.test(path) || /\.basis$/.test(path)) return 'measure';
  if (/\.front\b|^climate|\.run\b|\.rail$/.test(path)) return 'fronts';
  if (/^slides|\.slide\b/.test(path)) return 'slides';
  if (/^materials|\.(box|mounting)\b/.test(path)) return 'boxes';
  return 'divide';
}
