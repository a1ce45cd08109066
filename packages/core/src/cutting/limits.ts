import type { LimitsOf } from '../job';
import type { Length } from '../length';
import type { SawStep } from '../sheets';

/** Whether a cut of a sheet is more than the shop's saw takes: a rip longer, a crosscut wider. */
export function isPastSaw({ direction, panel }: SawStep, limits: LimitsOf<Length> | undefined): boolean {
  const most = direction === 'rip' ? limits?.rip : limits?.crosscut;
  const cut = direction === 'rip' ? panel.long : panel.wide;
  return most !== undefined && cut > most;
}

/** Whether a length is more than the stop takes: such parts are stacked, one end flushed, and cut together. */
export function isPastStop(length: Length, limits: LimitsOf<Length> | undefined): boolean {
  return limits?.stop !== undefined && length > limits.stop;
}
