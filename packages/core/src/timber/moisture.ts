import type { Air } from '../job';

/**
 * Moisture content, in per cent, that wood comes to in air of this temperature and humidity. Wood Handbook (USDA Forest
 * Products Laboratory, FPL-GTR-282), eq. 4-5, in degrees Celsius; coefficients from memory.
 */
export function moistureContent({ temperature_c: t, humidity }: Air): number {
  const h = humidity / 100;
  const w = 349 + 1.29 * t + 0.0135 * t * t;
  const k = 0.805 + 0.000736 * t - 0.00000273 * t * t;
  const k1 = 6.27 - 0.00938 * t - 0.000303 * t * t;
  const k2 = 1.91 + 0.0407 * t - 0.000293 * t * t;
  const kh = k * h;
  const both = k1 * k2 * kh * kh;
  return (1800 / w) * (kh / (1 - kh) + (k1 * kh + 2 * both) / (1 + k1 * kh + both));
}
