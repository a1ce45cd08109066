import type { CutRecord, Job } from '../job';
import { millimetres, subtract, type Length } from '../length';

/** A part as it was cut, against what the plan wants of it now. */
export interface Standing {
  readonly record: CutRecord;
  /** `trim`: too large one way or both, and can be saved; `again`: too small, or came out wrong. */
  readonly fits: 'fits' | 'trim' | 'again';
  /** By how much it is over the plan; under it where negative. */
  readonly overLength: Length;
  readonly overWidth: Length;
}

/** Under this nobody can tell the difference at the saw; common practice. */
const SAME = millimetres(0.2);

/** The newest record of every part, by its name. */
export function recordsOf({ cutting }: Job): ReadonlyMap<string, CutRecord> {
  return new Map(cutting?.cut?.map((record) => [record.part, record]));
}

/** Whether a part already cut still fits the plan, and whether it can be saved by trimming. */
export function standingOf(record: CutRecord, length: Length, width: Length): Standing {
  const overLength = subtract(record.length, length);
  const overWidth = subtract(record.width, width);
  const least = Math.min(overLength, overWidth);
  const most = Math.max(overLength, overWidth);
  const again = record.wrong !== undefined || least < -SAME;
  return { record, fits: again ? 'again' : most > SAME ? 'trim' : 'fits', overLength, overWidth };
}
