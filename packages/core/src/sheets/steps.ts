import { nm, subtract, type Length } from '../length';
import type { Direction, SawnPanel, SawRules, SheetLayout } from './types';

/** A panel where it lies in its sheet: from the sheet's corner, along its length and across. */
export interface Lying {
  readonly x: Length;
  readonly y: Length;
  readonly long: Length;
  readonly wide: Length;
}

/** What one setting of the saw does to one panel: cuts side by side, each against the same fence. */
export interface SawStep {
  readonly direction: Direction;
  /** Distance of fence or stop. */
  readonly setting: Length;
  /** How many pieces of that size it takes off. */
  readonly times: number;
  /** The panel that is cut, and what comes off it. */
  readonly panel: Lying;
  readonly pieces: readonly Lying[];
  /** Trimming the sheet's edge square, before all else. */
  readonly trims?: true;
}

/** A part or an off-cut where it lies; `across`: it is turned, its length across the sheet. */
export interface LaidOut extends Lying {
  readonly piece?: string;
  readonly turned: boolean;
}

/** A sheet's cuts in the order they are made: its edges trimmed, then panel by panel, every cut of one before its parts. */
export function stepsOf(sheet: SheetLayout, { kerf, trim }: SawRules): readonly SawStep[] {
  const whole: Lying = { x: nm(0), y: nm(0), long: sheet.length, wide: sheet.width };
  const inner = innerOf(sheet, trim);
  const trimmed: readonly SawStep[] =
    trim === 0
      ? []
      : (['rip', 'cross'] as const).map((direction) => ({
          direction,
          setting: trim,
          times: 2,
          panel: whole,
          pieces: [inner],
          trims: true,
        }));
  return [...trimmed, ...cutsOf(sheet.panel, inner, kerf)];
}

/** Where every part and off-cut lies in its sheet. */
export function lyingIn(sheet: SheetLayout, { kerf, trim }: SawRules): readonly LaidOut[] {
  return lying(sheet.panel, innerOf(sheet, trim), kerf);
}

function innerOf({ length, width }: SheetLayout, trim: Length): Lying {
  return { x: trim, y: trim, long: subtract(length, trim, trim), wide: subtract(width, trim, trim) };
}

function lying(panel: SawnPanel, at: Lying, kerf: Length): readonly LaidOut[] {
  if (panel.kind === 'part') return [{ ...at, piece: panel.piece, turned: panel.turned }];
  if (panel.kind === 'rest') return [{ ...at, turned: false }];
  return placed(panel, at, kerf).flatMap(({ panel: child, at: place }) => lying(child, place, kerf));
}

type Cuts = Extract<SawnPanel, { kind: 'cuts' }>;

/** The children side by side, a kerf between each two. */
function placed({ direction, children }: Cuts, at: Lying, kerf: Length) {
  let gone = 0;
  return children.map(({ size, panel }) => {
    const place: Lying =
      direction === 'rip' ? { ...at, y: nm(at.y + gone), wide: size } : { ...at, x: nm(at.x + gone), long: size };
    gone += size + kerf;
    return { panel, at: place, size };
  });
}

function cutsOf(panel: SawnPanel, at: Lying, kerf: Length): readonly SawStep[] {
  if (panel.kind !== 'cuts') return [];
  const { direction } = panel;
  const children = placed(panel, at, kerf);
  const whole = direction === 'rip' ? at.wide : at.long;
  const used = children.reduce((sum, { size }) => sum + size, 0) + kerf * (children.length - 1);
  const steps: SawStep[] = [];
  for (const [index, { panel: child, at: piece, size }] of children.entries()) {
    // The last one is what the cut before it leaves, but for dust thinner than the blade that may have to come off.
    const last = index === children.length - 1;
    if (last && (whole === used || child.kind === 'rest')) continue;
    const before = steps.at(-1);
    if (before?.setting === size)
      steps[steps.length - 1] = { ...before, times: before.times + 1, pieces: [...before.pieces, piece] };
    else steps.push({ direction, setting: size, times: 1, panel: at, pieces: [piece] });
  }
  return [...steps, ...children.flatMap(({ panel: child, at: piece }) => cutsOf(child, piece, kerf))];
}
