import { millimetres, nm } from '../length';
import { chanceFrom } from '../chance';
import type { Piece } from './types';

/** The sheet and the saw of tests and benchmarks. */
export const SHEET = { id: 'sheet', length: millimetres(2440), width: millimetres(1220) };
export const RULES = { kerf: millimetres(3.2), trim: millimetres(5), stages: 4, ripFirst: true };
/** No part is smaller than this either way. */
const LEAST = millimetres(60);

/** Sheets cut up at random, to the last, a kerf at every cut: so many parts that fit so many sheets exactly. */
export function cutUp(parts: number, seed: number, sheets = 1, mayTurn = false): readonly Piece[] {
  const chance = chanceFrom(seed);
  const { kerf, trim } = RULES;
  const whole = { length: SHEET.length - 2 * trim, width: SHEET.width - 2 * trim };
  const panels = Array.from({ length: sheets }, () => whole);
  while (panels.length < parts) {
    const place = Math.floor(chance() * panels.length);
    const panel = panels[place] ?? whole;
    const [rips, crosses] = [panel.width, panel.length].map((size) => size > 2 * LEAST + kerf);
    if (!rips && !crosses) continue;
    const rip = rips && crosses ? chance() < 0.5 : rips;
    const size = rip ? panel.width : panel.length;
    const first = Math.round((LEAST + chance() * (size - 2 * LEAST - kerf)) / 1e6) * 1e6;
    const made = [first, size - first - kerf].map((each) =>
      rip ? { ...panel, width: each } : { ...panel, length: each },
    );
    panels.splice(place, 1, ...made);
  }
  return panels.map(({ length, width }, index) => ({ id: `p${index}`, length: nm(length), width: nm(width), mayTurn }));
}
