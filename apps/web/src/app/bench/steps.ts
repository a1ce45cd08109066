import type { BankPlan, Step } from '@zabble/core';

export const STEPS: readonly { readonly id: Step; readonly name: string }[] = [
  { id: 'measure', name: 'Measure' },
  { id: 'divide', name: 'Divide' },
  { id: 'boxes', name: 'Boxes' },
  { id: 'fronts', name: 'Fronts' },
  { id: 'cut', name: 'Cut' },
];

/** How a step stands: done, wanting something, or held, and by what. */
export interface Standing {
  readonly state: 'done' | 'wants' | 'held';
  readonly says: string;
}

export function standingOf(bank: BankPlan, step: Step): Standing {
  const stops = bank.findings.filter((finding) => finding.severity === 'stop');
  const own = stops.filter((finding) => finding.step === step).length;
  if (own > 0) return { state: 'wants', says: own === 1 ? '1 thing to mend' : `${own} things to mend` };
  const planned = bank.bank.basis === 'planned';
  if (step === 'measure')
    return planned ? { state: 'wants', says: 'planned sizes' } : { state: 'done', says: 'as built' };
  if (step === 'cut') {
    if (stops.length > 0) return { state: 'held', says: 'held by what is to mend' };
    return planned ? { state: 'held', says: 'held until measured' } : { state: 'done', says: 'ready for the saw' };
  }
  if (step === 'divide')
    return { state: 'done', says: bank.drawers.length === 1 ? '1 front' : `${bank.drawers.length} fronts` };
  if (step === 'fronts') return { state: 'done', says: mountOf(bank) };
  const heights = new Set(bank.drawers.map(({ dimensions }) => dimensions['box.height']?.total)).size;
  return { state: 'done', says: heights === 1 ? '1 box height' : `${heights} box heights` };
}

function mountOf({ bank, drawers }: BankPlan): string {
  const pulled = drawers.some(({ bores }) => bores.length > 0);
  return pulled ? `${bank.front.mount}, with pulls` : bank.front.mount;
}

/** The step that holds a field of the job. */
export function stepOfPath(path: string): Step {
  if (/\.(opening|buildOut)\b/.test(path) || /\.basis$/.test(path)) return 'measure';
  if (/\.front\b|^climate|\.run\b|\.rail$/.test(path)) return 'fronts';
  if (/^materials|^slides|\.(box|slide|mounting)\b/.test(path)) return 'boxes';
  return 'divide';
}
