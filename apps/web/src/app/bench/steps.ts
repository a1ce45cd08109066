import { said, type BankPlan, type Gates, type SaidAs, type StandingCode, type Step } from '@zabble/core';

export const STEPS: readonly Step[] = ['case', 'measure', 'slides', 'divide', 'boxes', 'fronts', 'cut', 'fit', 'price'];

/** The views of the step Cut. */
export const CUT_VIEWS = ['saw', 'sheets', 'boards', 'rack', 'files'] as const;
export type CutView = (typeof CUT_VIEWS)[number];

/** The gates of a bank. */
export type GateName = keyof Gates;

/** How a step stands: done, with something to mend, wanting something else, or held. */
export interface Standing {
  readonly state: 'done' | 'mend' | 'wants' | 'held';
  readonly said: SaidAs<StandingCode>;
}

export function standingOf(bank: BankPlan, step: Step): Standing {
  const stops = bank.findings.filter((finding) => finding.severity === 'stop');
  const count = stops.filter((finding) => finding.step === step).length;
  if (count > 0) return { state: 'mend', said: said('standing/to-mend', { count }) };
  // One that holds nothing (a case that tips) keeps no part from the saw.
  return STANDINGS[step](
    bank,
    stops.some(({ holds }) => holds !== 'nothing'),
  );
}

const done = (what: SaidAs<StandingCode>): Standing => ({ state: 'done', said: what });
const held = (by: 'standing/held-by-stops' | 'standing/held-until-measured'): Standing => ({
  state: 'held',
  said: said(by),
});
const isPlanned = ({ bank }: BankPlan): boolean => bank.basis === 'planned';

/** How each step stands when nothing of its own is to mend; `stopped`: something is, in another. */
const STANDINGS: Readonly<Record<Step, (bank: BankPlan, stopped: boolean) => Standing>> = {
  case: ({ bank }) => done(said('standing/drawers', { count: bank.drawers.length })),
  measure: (bank) =>
    isPlanned(bank) ? { state: 'wants', said: said('standing/planned') } : done(said('standing/as-built')),
  slides: ({ drawers }) =>
    done(said('standing/kinds', { count: new Set(drawers.map(({ family }) => family.id)).size })),
  divide: ({ bank, drawers }) =>
    done(said(bank.front.mount === 'none' ? 'standing/trays' : 'standing/fronts', { count: drawers.length })),
  boxes: ({ drawers }) => {
    const heights = new Set(drawers.map(({ dimensions }) => dimensions['box.height']?.total)).size;
    return done(said('standing/heights', { count: heights }));
  },
  fronts: ({ bank, drawers }) =>
    done(
      said('standing/mount', {
        mount: bank.front.mount,
        pulls: drawers.some(({ bores }) => bores.length > 0),
      }),
    ),
  cut: (bank, stopped) => {
    if (stopped) return held('standing/held-by-stops');
    return isPlanned(bank) ? held('standing/held-until-measured') : done(said('standing/ready'));
  },
  fit: (bank, stopped) => {
    if (stopped) return held('standing/held-by-stops');
    if (isPlanned(bank)) return held('standing/held-until-measured');
    return done(said(bank.bank.gates?.hung ? 'standing/hung' : 'standing/to-be-hung'));
  },
  price: (bank) => done(said(isPlanned(bank) ? 'standing/forecast' : 'standing/as-built')),
};

/** The step that holds a field of the job. */
export function stepOfPath(path: string): Step {
  if (path.startsWith('log[')) return 'fit';
  if (/^cases\[\d+\]\.(stand|overhang|style)\b/.test(path)) return 'case';
  if (/\.(opening|buildOut)\b/.test(path) || /\.basis$/.test(path)) return 'measure';
  if (/\.front\b|^climate|\.run\b|\.rail$/.test(path)) return 'fronts';
  if (/^slides|\.slide\b/.test(path)) return 'slides';
  if (/^(survey|finish|pricing)\b|\.(price|price_per)$/.test(path)) return 'price';
  if (/^materials|\.(box|mounting)\b/.test(path)) return 'boxes';
  return 'divide';
}
