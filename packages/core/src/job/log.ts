import type { OperationId } from './operation';
import type { Length } from '../length';
import type { Deed } from './deed';

/** What is measured back at the case. */
export const MEASURED = [
  ...([
    'width',
    'slides',
    'box-width',
    'groove',
    'thickness',
    'reveal',
    'packing',
    'hinge',
    'leaf',
    'hinge-y',
  ] as const),
] as const;

/**
 * `width`: the opening at a drawer's level; `slides`: between the hung slides there; `box-width`: a box as made;
 * `groove`: how deep its groove really is; `thickness`: a material; `reveal`: a gap as the front hangs; `packing`: as made,
 * on a side of a bank; of a door that hangs, open as far as it goes: `hinge`, how far its hinges stand in the opening,
 * `leaf`, how far its leaf does, and `hinge-y`, the middle of one of them over the opening's lower edge.
 */
export type Measured = (typeof MEASURED)[number];

export const PLACES = ['front', 'back', 'top', 'bottom', 'left', 'right'] as const;
export type Place = (typeof PLACES)[number];

/** What came out wrong, by kind. */
export const FAULTS = [
  'box-wide',
  'box-narrow',
  'box-out-of-square',
  'bottom-tight',
  'bottom-loose',
  'groove-off',
  'slide-off',
  'runs-hard',
  'front-tight',
  'front-wide-gap',
  'cut-short',
  'sheet-off',
  'grain-wrong',
  'screw-through',
  'split',
  'wrong-face',
  'edge-eased',
  'sanded-through',
  'stain-blotched',
  'slide-met-hinge',
  'panel-out-of-square',
  'finish-marked',
  'wrong-kind-bought',
  'other',
] as const;
export type FaultKind = (typeof FAULTS)[number];

interface Entry extends Deed {
  /** Made where it was written, so that it counts once however often it is sent. */
  readonly id: string;
}

/** Where in the job: a bank as `case/bank`, a drawer by its id; a door as `case/door`; or a part of a case by its name. */
export interface Whereabouts {
  readonly bank?: string;
  readonly door?: string;
  readonly drawer?: string;
  readonly part?: string;
}

/** A size as it is. A newer one of the same thing at the same place follows it; none is ever written over. */
export interface ReadingOf<L> extends Entry, Whereabouts {
  readonly kind: 'reading';
  readonly what: Measured;
  readonly place?: Place;
  /** Whose thickness it is. */
  readonly material?: string;
  /** Which of its hinges, from below: the lowest is 1. */
  readonly hinge?: number;
  readonly length: L;
  /** What the plan said of it when it was measured. */
  readonly against?: L;
  readonly device?: 'typed' | 'laser' | 'caliper';
}

/** A step of the hanging or of the fronts of a bank, or of a door, by its name (`d1/left`): done, or taken back. */
export interface StepDone extends Entry {
  readonly kind: 'step';
  /** One of the two. */
  readonly bank?: string;
  readonly door?: string;
  readonly step: string;
  readonly undone?: boolean;
}

/** What came out wrong, and how it was mended. */
export interface Fault extends Entry, Whereabouts {
  readonly kind: 'fault';
  readonly fault: FaultKind;
  readonly note?: string;
  readonly mended?: string;
}

export interface Note extends Entry, Whereabouts {
  readonly kind: 'note';
  readonly note: string;
}

/** A photograph the server keeps under this id. */
export interface PhotoTaken extends Entry, Whereabouts {
  readonly kind: 'photo';
  readonly photo: string;
  readonly note?: string;
}

export interface TimeSpent extends Entry {
  readonly kind: 'time';
  readonly minutes: number;
  /** On what kind of work; without it, on the job. */
  readonly operation?: OperationId;
  readonly note?: string;
}

/** A task of the order of work: begun, paused, done, or not done after all. What it took is told by times of their own. */
export interface TaskMark extends Entry {
  readonly kind: 'task';
  /** Its name in the order of work, without its job: `cut-boxes`. */
  readonly task: string;
  readonly did: 'begin' | 'pause' | 'done' | 'undone';
}

/** What can be said of a task. */
export const TASK_DEEDS = ['begin', 'pause', 'done', 'undone'] as const;

/** What happened at the case, oldest first. Entries are only ever added. */
export type LogEntryOf<L> = ReadingOf<L> | StepDone | Fault | Note | PhotoTaken | TimeSpent | TaskMark;

/** A reading that counts: the newest of its thing at its place, and where it stands in the log. */
export interface AsBuiltReading {
  readonly what: Measured;
  readonly drawer?: string;
  readonly place?: Place;
  readonly length: Length;
  readonly path: string;
}

/** What was measured at a door as it hangs, at the side it is hinged on. */
export interface HungReading {
  readonly what: 'hinge' | 'leaf' | 'hinge-y';
  readonly door: string;
  readonly hand: 'left' | 'right';
  /** Of `hinge-y` which, from below: the lowest is 1. */
  readonly hinge?: number;
  readonly length: Length;
  readonly path: string;
}

/** What was measured back in a bank, each by its newest reading. */
export interface AsBuilt {
  readonly readings: readonly AsBuiltReading[];
}
