import type { CutRecord, Job } from '../job';
import { millimetres, subtract, type Length } from '../length';

/** A part as it was cut, against what the plan wants of it now. */
export interface Standing {
  readonly record: CutRecord;
  /**
   * `pack`: a box end so short that the slides are packed out; `trim`: too large one way or both, and can be saved;
   * `again`: too small, or came out wrong.
   */
  readonly fits: 'fits' | 'pack' | 'trim' | 'again';
  /** By how much it is over the plan; under it where negative. */
  readonly overLength: Length;
  readonly overWidth: Length;
}

/** Under this nobody can tell the difference at the saw; common practice. */
const SAME = millimetres(0.2);

/** A box is packed out by no more than this in all; common practice. */
export const MOST_PACKED = millimetres(6);

/** What the slide forgives the end of a box: how much longer it may be at its level, and how much shorter. */
export interface EndPlay {
  readonly longer: Length;
  readonly shorter: Length;
}

/** The newest record of every part, by its name. */
export function recordsOf({ cutting }: Job): ReadonlyMap<string, CutRecord> {
  return new Map(cutting?.cut?.map((record) => [record.part, record]));
}

/** Whether a part already cut still fits the plan, and whether it can be saved by trimming. */
export function standingOf(record: CutRecord, length: Length, width: Length, play?: EndPlay): Standing {
  const overLength = subtract(record.length, length);
  const overWidth = subtract(record.width, width);
  const [along, across] = [lengthwise(overLength, play), plainly(overWidth)];
  const worst = record.wrong === undefined ? Math.max(along, across) : 3;
  return { record, fits: GRADES[worst] ?? 'again', overLength, overWidth };
}

/** From well to lost. */
const GRADES = ['fits', 'pack', 'trim', 'again'] as const;

function plainly(over: Length): number {
  return over < -SAME ? 3 : over > SAME ? 2 : 0;
}

function lengthwise(over: Length, play: EndPlay | undefined): number {
  if (!play) return plainly(over);
  const past = over - play.longer;
  if (past > SAME) return 2;
  if (past >= -play.shorter - SAME) return 0;
  return past >= -MOST_PACKED ? 1 : 3;
}
