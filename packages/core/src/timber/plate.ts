/** Poisson's ratio of the plate sums. */
const POISSON = 0.3;
/** Stiffness of plywood in shear, pascals; from memory (500 to 700 MPa). */
const PLYWOOD_SHEAR = 600e6;
/** Terms of the series: the fifth power of the odd ones falls under a millionth soon. */
const LAST_TERM = 25;

/**
 * `β` of the centre deflection `w = β·q·a⁴/D` of a rectangular plate, edges simply supported, under a uniform load, for
 * long over short side. Lévy's series (Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells, art. 30; from
 * memory, checked against Navier's double series in the tests).
 */
export function plateCoefficient(longOverShort: number): number {
  let sum = 0;
  for (let m = 1; m <= LAST_TERM; m += 2) {
    const alpha = (m * Math.PI * longOverShort) / 2;
    const sign = m % 4 === 1 ? 1 : -1;
    sum += (sign / m ** 5) * (1 - fallOff(alpha));
  }
  return (4 / Math.PI ** 5) * sum;
}

/** `(α·tanh α + 2)/(2·cosh α)`, nothing for a long plate. */
function fallOff(alpha: number): number {
  return alpha > 300 ? 0 : (alpha * Math.tanh(alpha) + 2) / (2 * Math.cosh(alpha));
}

/** A loaded rectangle, metres and pascals. */
export interface Panel {
  readonly across: number;
  readonly long: number;
  readonly thickness: number;
  /** Uniform load. */
  readonly load: number;
  /** Elasticity along the grain, which runs across the box, and the other way. */
  readonly stiffAcross: number;
  readonly stiffLong: number;
}

/** Centre deflection of a plate alike every way: `β·q·a⁴/D`, `D = E·t³/(12(1 − ν²))`. In metres. */
export function plateSag({ across, long, thickness, load, stiffAcross }: Panel): number {
  const [short, longer] = [Math.min(across, long), Math.max(across, long)];
  const rigidity = (stiffAcross * thickness ** 3) / (12 * (1 - POISSON ** 2));
  return (plateCoefficient(longer / short) * load * short ** 4) / rigidity;
}

/**
 * The same of a sheet that is stiffer along its face grain: the first term of Navier's series for an orthotropic plate,
 * within three per cent of the whole series.
 */
export function grainPlateSag({ across, long, thickness, load, stiffAcross, stiffLong }: Panel): number {
  const cube = thickness ** 3;
  const [dx, dy] = [(stiffAcross * cube) / 12, (stiffLong * cube) / 12];
  const twist = POISSON * dy + (PLYWOOD_SHEAR * cube) / 6;
  const bending = dx / across ** 4 + (2 * twist) / (across ** 2 * long ** 2) + dy / long ** 4;
  return (16 * load) / (Math.PI ** 6 * bending);
}

/** A strip across the box, held at its two ends: the beam's `5·q·L⁴/(384·E·I)` for a unit of width. */
export function stripSag({ across, thickness, load, stiffAcross }: Panel): number {
  return (5 * load * across ** 4) / (32 * stiffAcross * thickness ** 3);
}
