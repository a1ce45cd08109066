import { INCH, MILLIMETRE, type Length, type Unit } from './length';
import { FINE, roundingOf, type SizeKind } from './size-kind';

/** How a job writes its lengths. */
export interface Showing {
  readonly unit: Unit;
  /** The finest step shown. */
  readonly step: Length;
}

/** A length ready to be set: a sign, a whole number and, in inches, a fraction in lowest terms. */
export interface Shown {
  readonly sign: '' | '−';
  /** Whole inches (absent when only a fraction is left), thousandths of one, or millimetres with their decimals. */
  readonly whole: string;
  readonly fraction?: { readonly top: number; readonly bottom: number };
  readonly unit: Unit;
  /** False when the shown value was rounded. */
  readonly exact: boolean;
}

const SIXTY_FOURTH = INCH / 64;

/** What is shown of a length of this kind: rounded as its kind is, its sign kept. Whole nanometres. */
export function shownLength(length: Length, kind: SizeKind, { unit, step }: Showing): Length {
  const rounding = roundingOf(kind, length, unit, unit === 'in' ? inchStep(step) : step);
  return roundedTo(length, rounding.step, rounding.way);
}

/** The length as it is shown in the unit and step of a job. The one rule for every size on screen, paper, card and file. */
export function showLength(length: Length, kind: SizeKind, { unit, step }: Showing): Shown {
  const rounding = roundingOf(kind, length, unit, unit === 'in' ? inchStep(step) : step);
  const shown = Math.abs(roundedTo(length, rounding.step, rounding.way));
  const common = {
    sign: length < 0 && shown > 0 ? '−' : '',
    unit,
    exact: shown === Math.abs(length),
  } as const;
  if (unit === 'mm') return { ...common, whole: decimal(shown / MILLIMETRE, rounding.step / MILLIMETRE, kind) };
  if (rounding.step === FINE.in) return { ...common, whole: (shown / INCH).toFixed(3) };
  const inches = Math.floor(shown / INCH);
  const rest = shown - inches * INCH;
  if (rest === 0) return { ...common, whole: String(inches) };
  const fraction = lowest(Math.round(rest / SIXTY_FOURTH), 64);
  return { ...common, whole: inches === 0 ? '' : String(inches), fraction };
}

/** As one line of plain text: `23 7/8`, `−1/2`, `606.5`; with `mark`, `≈ ` stands before a rounded value. */
export function writeLength(
  length: Length,
  kind: SizeKind,
  showing: Showing,
  options: { unit?: boolean; mark?: boolean } = {},
): string {
  const { sign, whole, fraction, unit, exact } = showLength(length, kind, showing);
  const part = fraction ? `${fraction.top}/${fraction.bottom}` : '';
  const number = [whole, part].filter((text) => text !== '').join(' ');
  return `${options.mark && !exact ? '≈ ' : ''}${sign}${number}${options.unit ? ` ${unit}` : ''}`;
}

/** The length exactly, as a job file holds it: sixty-fourths of an inch where `unit` is inches and they serve, else millimetres. */
export function writeExact(length: Length, unit: Unit): string {
  if (unit === 'in' && length % SIXTY_FOURTH === 0)
    // A file has a plain hyphen before what is less than nothing.
    return writeLength(length, 'reading', { unit: 'in', step: SIXTY_FOURTH as Length }, { unit: true }).replace(
      '−',
      '-',
    );
  const text = (length / MILLIMETRE).toFixed(6).replace(/\.?0+$/, '');
  return `${text} mm`;
}

/** The same without its unit where that is the one asked for: as a field shows what it keeps. */
export function writeBare(length: Length, unit: Unit): string {
  const exact = writeExact(length, unit);
  return exact.endsWith(` ${unit}`) ? exact.slice(0, -unit.length - 1) : exact;
}

function roundedTo(length: Length, step: number, way: 'down' | 'nearest'): Length {
  const size = Math.abs(length);
  const steps = way === 'down' ? Math.floor(size / step) : Math.floor(size / step + 0.5);
  // Never a negative nought.
  return (Math.sign(length) * steps * step + 0) as Length;
}

/** Millimetres with as many decimals as their step has; a reading with no more than were read. */
function decimal(size: number, step: number, kind: SizeKind): string {
  const text = step.toFixed(6).replace(/0+$/, '');
  const shown = size.toFixed(Math.min(3, text.length - text.indexOf('.') - 1));
  return kind === 'reading' && shown.includes('.') ? shown.replace(/\.?0+$/, '') : shown;
}

/** Inch fractions are halves of halves: a step off that grid is shown in sixty-fourths. */
function inchStep(step: Length): Length {
  return ([64, 32, 16, 8, 4, 2, 1].map((parts) => INCH / parts).find((each) => each === step) ??
    SIXTY_FOURTH) as Length;
}

function lowest(top: number, bottom: number): { top: number; bottom: number } {
  return top % 2 === 0 && bottom > 1 ? lowest(top / 2, bottom / 2) : { top, bottom };
}
