import { inMillimetres } from '../length';
import type { Case } from '../job';
import type { CasePlan } from '../plan';
import { AROUND, drawFace } from './face';
import type { Drawing } from './shapes';

/** A bank of a case where it stands beside the others, in millimetres. */
export interface PlacedBank {
  readonly path: string;
  readonly face: Drawing;
  /** From the left of the first opening to the left of its own. */
  readonly x: number;
}

/** A case from the front: its banks side by side, and what they take up together. */
export interface CaseFace {
  readonly banks: readonly PlacedBank[];
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Banks side by side with their dividers between, floors level: where how high each stands is not known. Dividers of
 * unknown thickness are drawn as thick as the case around them.
 */
export function drawCaseFace(plan: CasePlan, { banks, divider }: Case): CaseFace {
  let x = 0;
  const placed = plan.banks.map((bank, at): PlacedBank => {
    const here = { path: bank.path, face: drawFace(bank), x };
    const between = banks[at]?.divider ?? divider;
    x += inMillimetres(bank.opening.width.total) + (between === undefined ? AROUND : inMillimetres(between));
    return here;
  });
  const left = Math.min(...placed.map((bank) => bank.x + bank.face.x));
  const low = Math.min(...placed.map(({ face }) => face.y));
  const right = Math.max(...placed.map((bank) => bank.x + bank.face.x + bank.face.width));
  const top = Math.max(...placed.map(({ face }) => face.y + face.height));
  return { banks: placed, x: left, y: low, width: right - left, height: top - low };
}
