import type { Unit } from './length';

/** What else is measured besides lengths. A job file holds it in metric units, named in the field. */
export type Quantity = 'weight' | 'density' | 'stiffness' | 'temperature' | 'room';

/** How a quantity is told in a job of inches: `value = (metric − zero) / per`. */
interface Told {
  readonly metric: string;
  readonly inches: string;
  readonly per: number;
  readonly zero?: number;
}

/** One pound in kilograms, exactly: international yard and pound agreement, 1959 (NIST SP 811). */
const POUND = 0.453_592_37;
/** One cubic foot in litres: 0.3048 m cubed, exactly. */
const CUBIC_FOOT = 28.316_846_592;

const TOLD: Readonly<Record<Quantity, Told>> = {
  weight: { metric: 'kg', inches: 'lb', per: POUND },
  density: { metric: 'kg/m³', inches: 'lb/cu ft', per: (1000 * POUND) / CUBIC_FOOT },
  // A million pounds of force per square inch: 4.448 221 615 260 5 N over 0.0254 m squared (NIST SP 811).
  stiffness: { metric: 'GPa', inches: 'Mpsi', per: (1e6 * 4.448_221_615_260_5) / 0.0254 ** 2 / 1e9 },
  temperature: { metric: '°C', inches: '°F', per: 5 / 9, zero: -160 / 9 },
  room: { metric: 'l', inches: 'cu ft', per: CUBIC_FOOT },
};

/** The unit a quantity is told in, in a job of this unit. */
export function unitOf(quantity: Quantity, unit: Unit): string {
  return unit === 'in' ? TOLD[quantity].inches : TOLD[quantity].metric;
}

/** A metric value as a job of this unit tells it. Not rounded. */
export function asTold(metric: number, quantity: Quantity, unit: Unit): number {
  const { per, zero = 0 } = TOLD[quantity];
  return unit === 'in' ? (metric - zero) / per : metric;
}

/** The metric value of what was told in a job of this unit, to a millionth. */
export function fromTold(told: number, quantity: Quantity, unit: Unit): number {
  const { per, zero = 0 } = TOLD[quantity];
  return unit === 'in' ? Math.round((told * per + zero) * 1e6) / 1e6 : told;
}

/** Decimals a quantity is told with in a sentence. */
const DECIMALS: Readonly<Record<Quantity, Readonly<Record<Unit, number>>>> = {
  weight: { in: 1, mm: 1 },
  density: { in: 1, mm: 0 },
  stiffness: { in: 2, mm: 1 },
  temperature: { in: 0, mm: 0 },
  room: { in: 2, mm: 0 },
};

/** A metric value in a sentence: as a job of this unit tells it, with its unit. */
export function writeQuantity(metric: number, quantity: Quantity, unit: Unit): string {
  return `${asTold(metric, quantity, unit).toFixed(DECIMALS[quantity][unit])} ${unitOf(quantity, unit)}`;
}
