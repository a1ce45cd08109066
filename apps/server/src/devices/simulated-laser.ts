import type { DeviceReading, LaserQuery } from '@zabble/contract';

/** A measuring device: each call is its next reading. A real one would answer in its place. */
export type Device = (at: LaserQuery) => DeviceReading;

/** Millimetres a built case is off its plan at most: a little narrow more often than wide. */
const BUILT = { least: -2, most: 1 };
/** What one place is off another at most, and a reading off the truth. */
const TAPER = 0.7;
const NOISE = 0.25;
/** Readings to one per cent of battery, and what a fresh one shows. */
const PER_CENT = 120;
const FRESH = 96;

/**
 * A stand-in for a laser measure: it reads a made-up case that is off the size known so far by a little, the same
 * little for the same size and place each time, with noise on every reading. `chance` gives numbers from 0 up to 1.
 */
export function simulatedLaser(chance: () => number): Device {
  let number = 0;
  return ({ about, place }) => {
    number += 1;
    const off = BUILT.least + (BUILT.most - BUILT.least) * scattered(about) + TAPER * scattered(about * 7 + place + 1);
    const noise = NOISE * (chance() + chance() - 1);
    return {
      device: 'laser',
      simulated: true,
      number,
      mm: Math.round((about + off + noise) * 10) / 10,
      battery: Math.max(1, FRESH - Math.floor(number / PER_CENT)),
    };
  };
}

/** From 0 up to 1, scattered but the same for the same number. */
function scattered(seed: number): number {
  const wave = Math.sin(seed * 12.9898) * 43_758.5453;
  return wave - Math.floor(wave);
}
