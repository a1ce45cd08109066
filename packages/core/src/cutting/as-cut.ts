import type { CutRecord, Job } from '../job';
import { millimetres, subtract, type Length } from '../length';

/** How well something fits, from well to lost. */
const GRADES = ['fits', 'pack', 'trim', 'again'] as const;
export type Grade = (typeof GRADES)[number];

/** A part as it was cut, against what the plan wants of it now. */
export interface Standing {
  readonly record: CutRecord;
  /**
   * `pack`: a box end so short that the slides are packed out; `trim`: too large one way or both, and can be saved;
   * `again`: too small, or came out wrong.
   */
  readonly fits: Grade;
  /** By how much it is over the plan; under it where negative. */
  readonly overLength: Length;
  readonly overWidth: Length;
}

/** Under this nobody can tell the difference at the saw; common practice. */
const SAME = millimetres(0.2);

/** A box is packed out by no more than this in all; common practice. */
const MOST_PACKED = millimetres(6);

/** What the slide forgives the end of a box: how much longer it may be at its level, and how much shorter. */
export interface EndPlay {
  readonly longer: Length;
  readonly shorter: Length;
}

/** The newest record of every part, by its name. */
export function cutRecords({ cutting }: Job): ReadonlyMap<string, CutRecord> {
  return new Map(cutting?.cut?.map((record) => [record.part, record]));
}

/** Whether a part already cut still fits the plan, and whether it can be saved by trimming. */
export function standingOf(record: CutRecord, length: Length, width: Length, play?: EndPlay): Standing {
  const overLength = subtract(record.length, length);
  const overWidth = subtract(record.width, width);
  const along = play ? widthGrade(subtract(overLength, play.longer), play.shorter) : sizeGrade(overLength);
  const graded = [along, sizeGrade(overWidth), record.wrong === undefined ? 'fits' : 'again'];
  return { record, fits: GRADES.filter((grade) => graded.includes(grade)).at(-1) ?? 'again', overLength, overWidth };
}

/** A part that must have its size. */
function sizeGrade(over: Length): Grade {
  return over < -SAME ? 'again' : over > SAME ? 'trim' : 'fits';
}

/** A box wider than its slides take by so much, or narrower: they forgive `narrowBy`, and can be packed out. */
export function widthGrade(over: Length, narrowBy: Length): Grade {
  if (over > SAME) return 'trim';
  if (over >= -narrowBy - SAME) return 'fits';
  return over >= -MOST_PACKED ? 'pack' : 'again';
}
