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
  /** Names of the parts that are done with this step. */
  readonly parts: readonly string[];
  /** Trimming the sheet's edge square, before all else. */
  readonly trims?: true;
}

/** A part or an off-cut where it lies; `across`: it is turned, its length across the sheet. */
export interface LaidOut extends Lying {
  readonly piece?: string;
  readonly turned: boolean;
}

/** What lengths a cut takes: the blade, and what is trimmed off a sheet's edges. */
export type Blade = Pick<SawRules, 'kerf' | 'trim'>;

/**
 * A sheet's cuts in the order they are made: its edges trimmed, then of all panels that lie ready the next cut that needs
 * no new setting; where there is none, one the same way with the largest setting.
 */
export function stepsOf(sheet: SheetLayout, { kerf, trim }: Blade): readonly SawStep[] {
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
          parts: [],
          trims: true,
        }));
  return [...trimmed, ...scheduled(readyIn(sheet.panel, inner, kerf))];
}

/** How often the saw is set anew along the way, trimming not counted. */
export function movesOf(steps: readonly SawStep[]): number {
  const cuts = steps.filter(({ trims }) => !trims);
  return cuts.filter((step, at) => !sameSetting(step, cuts[at - 1])).length;
}

function sameSetting(a: SawStep, b: SawStep | undefined): boolean {
  return b !== undefined && a.direction === b.direction && a.setting === b.setting;
}

/** A panel's cuts, each with the panels it sets free. */
interface Ready {
  readonly cuts: readonly (SawStep & { readonly frees: readonly Ready[] })[];
}

function scheduled(ready: readonly Ready[]): readonly SawStep[] {
  let open = ready.filter(({ cuts }) => cuts.length > 0);
  const steps: SawStep[] = [];
  while (open.length > 0) {
    const last = steps.at(-1);
    const firsts = open.flatMap(({ cuts: [first] }) => first ?? []);
    const same = firsts.find((step) => sameSetting(step, last));
    const turned = (step: SawStep): number => (last && step.direction !== last.direction ? 1 : 0);
    const [best] = same ? [same] : [...firsts].sort((a, b) => turned(a) - turned(b) || b.setting - a.setting);
    if (!best) break;
    const { frees, ...step } = best;
    steps.push(step);
    open = [...open.map((each) => (each.cuts[0] === best ? { cuts: each.cuts.slice(1) } : each)), ...frees].filter(
      ({ cuts }) => cuts.length > 0,
    );
  }
  return steps;
}

/** Where every part and off-cut lies in its sheet. */
export function lyingIn(sheet: SheetLayout, { kerf, trim }: Blade): readonly LaidOut[] {
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

/** What is to be cut of a panel; one that needs no cut is ready as what lies in it. */
function readyIn(panel: SawnPanel, at: Lying, kerf: Length): readonly Ready[] {
  if (panel.kind !== 'cuts') return [];
  const { direction } = panel;
  const children = placed(panel, at, kerf);
  const whole = direction === 'rip' ? at.wide : at.long;
  const used = children.reduce((sum, { size }) => sum + size, 0) + kerf * (children.length - 1);
  const cuts: Ready['cuts'][number][] = [];
  const given = new Map<number, { readonly parts: readonly string[]; readonly frees: readonly Ready[] }>();
  children.forEach(({ panel: child, at: place }, index) =>
    given.set(index, { parts: uncutIn(child), frees: readyIn(child, place, kerf) }),
  );
  const add = (index: number): void => {
    const before = cuts.at(-1);
    const { parts = [], frees = [] } = given.get(index) ?? {};
    if (before)
      cuts[cuts.length - 1] = { ...before, parts: [...before.parts, ...parts], frees: [...before.frees, ...frees] };
  };
  for (const [index, { panel: child, at: piece, size }] of children.entries()) {
    // The last one is what the cut before it leaves, but for dust thinner than the blade that may have to come off.
    const left = index === children.length - 1 && (whole === used || child.kind === 'rest');
    const before = cuts.at(-1);
    if (!left && before?.setting === size)
      cuts[cuts.length - 1] = { ...before, times: before.times + 1, pieces: [...before.pieces, piece] };
    else if (!left) cuts.push({ direction, setting: size, times: 1, panel: at, pieces: [piece], parts: [], frees: [] });
    add(index);
  }
  return cuts.length > 0 ? [{ cuts }] : children.flatMap(({ panel: child, at: place }) => readyIn(child, place, kerf));
}

/** The parts that a panel is without another cut. */
function uncutIn(panel: SawnPanel): readonly string[] {
  if (panel.kind === 'part') return [panel.piece];
  return [];
}
