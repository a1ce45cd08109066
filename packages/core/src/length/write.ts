import { INCH, MILLIMETRE, type Length, type Unit } from './length';

/** How a length is shown. Rounding is for showing only. */
export interface Showing {
  readonly unit: Unit;
  /** The finest step shown. */
  readonly step: Length;
  /** `down` for parts that must not be over-long and for openings; `nearest` for gaps. */
  readonly round?: 'nearest' | 'down';
}

/** A length ready to be set: a sign, a whole number and, in inches, a fraction in lowest terms. */
export interface Shown {
  readonly sign: '' | '−';
  /** Whole inches (absent when only a fraction is left), or millimetres with their decimals. */
  readonly whole: string;
  readonly fraction?: { readonly top: number; readonly bottom: number };
  readonly unit: Unit;
  /** False when the shown value was rounded. */
  readonly exact: boolean;
}

const SIXTY_FOURTH = INCH / 64;

/** The length to the nearest (or next lower) step in the unit asked for. */
export function showLength(length: Length, showing: Showing): Shown {
  const size = Math.abs(length);
  const step = showing.unit === 'in' ? inchStep(showing.step) : showing.step;
  const steps = showing.round === 'down' ? Math.floor(size / step) : Math.floor(size / step + 0.5);
  const shown = steps * step;
  const common = { sign: length < 0 && shown > 0 ? '−' : '', unit: showing.unit, exact: shown === size } as const;
  if (showing.unit === 'mm') return { ...common, whole: (shown / MILLIMETRE).toFixed(decimals(step)) };
  const inches = Math.floor(shown / INCH);
  const rest = shown - inches * INCH;
  if (rest === 0) return { ...common, whole: String(inches) };
  const fraction = lowest(Math.round(rest / SIXTY_FOURTH), 64);
  return { ...common, whole: inches === 0 ? '' : String(inches), fraction };
}

/** As one line of plain text: `23 7/8`, `−1/2`, `606.5`; with `mark`, `≈ ` stands before a rounded value. */
export function writeLength(
  length: Length,
  showing: Showing,
  options: { unit?: boolean; mark?: boolean } = {},
): string {
  const { sign, whole, fraction, unit, exact } = showLength(length, showing);
  const part = fraction ? `${fraction.top}/${fraction.bottom}` : '';
  const number = [whole, part].filter((text) => text !== '').join(' ');
  return `${options.mark && !exact ? '≈ ' : ''}${sign}${number}${options.unit ? ` ${unit}` : ''}`;
}

/** The length exactly, as a job file holds it: sixty-fourths of an inch where `unit` is inches and they serve, else millimetres. */
export function writeExact(length: Length, unit: Unit): string {
  if (unit === 'in' && length % SIXTY_FOURTH === 0)
    return writeLength(length, { unit: 'in', step: SIXTY_FOURTH as Length }, { unit: true });
  const text = (length / MILLIMETRE).toFixed(6).replace(/\.?0+$/, '');
  return `${text} mm`;
}

/** The same without its unit where that is the one asked for: as a field shows what it keeps. */
export function writeBare(length: Length, unit: Unit): string {
  const exact = writeExact(length, unit);
  return exact.endsWith(` ${unit}`) ? exact.slice(0, -unit.length - 1) : exact;
}

/** Inch fractions are halves of halves: a step off that grid is shown in thirty-seconds. */
function inchStep(step: Length): number {
  return [64, 32, 16, 8, 4, 2, 1].map((parts) => INCH / parts).find((each) => each === step) ?? INCH / 32;
}

function decimals(step: number): number {
  const text = (step / MILLIMETRE).toFixed(6).replace(/0+$/, '');
  return Math.min(3, text.length - text.indexOf('.') - 1);
}

function lowest(top: number, bottom: number): { top: number; bottom: number } {
  return top % 2 === 0 && bottom > 1 ? lowest(top / 2, bottom / 2) : { top, bottom };
}
