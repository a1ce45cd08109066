import type { DeviceQuery, DeviceReading } from '@zabble/contract';

/** A measuring device: each call is its next reading. A real one would answer in its place. */
export type Device = (at: DeviceQuery) => DeviceReading;

/** What a stand-in makes up, in millimetres. */
interface Row {
  readonly device: DeviceReading['device'];
  /** What a built size is off its plan: at least, at most. */
  readonly built: { readonly least: number; readonly most: number };
  /** What one place is off another at most, and a reading off the truth. */
  readonly taper: number;
  readonly noise: number;
  /** Steps to a millimetre that it shows. */
  readonly shows: number;
  /** Readings to one per cent of battery, and what a fresh one shows. */
  readonly perCent: number;
  readonly fresh: number;
}

/** A case a little narrow more often than wide; sheets and boxes a little off, the small battery soon low. */
const LASER: Row = {
  device: 'laser',
  built: { least: -2, most: 1 },
  taper: 0.7,
  noise: 0.25,
  shows: 10,
  perCent: 120,
  fresh: 96,
};
const CALIPER: Row = {
  device: 'caliper',
  built: { least: -0.3, most: 0.1 },
  taper: 0.08,
  noise: 0.02,
  shows: 100,
  perCent: 8,
  fresh: 31,
};

/** A stand-in for a laser measure. `chance` gives numbers from 0 up to 1. */
export const simulatedLaser = (chance: () => number): Device => simulated(LASER, chance);

/** A stand-in for a digital caliper, for what is thin: sheets, grooves, gaps. */
export const simulatedCaliper = (chance: () => number): Device => simulated(CALIPER, chance);

/**
 * It reads a made-up thing that is off the size known so far by a little, the same little for the same size and place
 * each time, with noise on every reading, and its battery runs low.
 */
function simulated({ device, built, taper, noise, shows, perCent, fresh }: Row, chance: () => number): Device {
  let number = 0;
  return ({ about, place }) => {
    number += 1;
    const off = built.least + (built.most - built.least) * scattered(about) + taper * scattered(about * 7 + place + 1);
    const shaken = noise * (chance() + chance() - 1);
    return {
      device,
      simulated: true,
      number,
      mm: Math.max(0, Math.round((about + off + shaken) * shows) / shows),
      battery: Math.max(1, fresh - Math.floor(number / perCent)),
    };
  };
}

/** From 0 up to 1, scattered but the same for the same number. */
function scattered(seed: number): number {
  const wave = Math.sin(seed * 12.9898) * 43_758.5453;
  return wave - Math.floor(wave);
}
