import type { Length, SizeKind } from '../length';
import type { MemberRole } from '../casework';
import type { FixingMark } from '../fixing';
import type { DrawnSize, SaidAs } from '../words';

/**
 * A drawing is shapes in millimetres, `y` up from the floor of the opening and `x` from its left edge. Screen, paper
 * and machine file are writers over the same shapes. `role` says what a shape stands for, never how it looks.
 */
export type Shape = Box | Circle | Line | Measure | Outline | Words;

interface Standing {
  /** Id of the drawer it belongs to, and of its bank where several are drawn. */
  readonly drawer?: string;
  /** It is worked into the face that is not seen. */
  readonly far?: true;
  /** Name of the part it is, or is worked into. */
  readonly part?: string;
  readonly bank?: string;
}

export interface Box extends Standing {
  readonly kind: 'box';
  readonly role:
    | 'case'
    | 'member'
    | 'cut-member'
    | 'foot'
    | 'compartment'
    | 'opening'
    | 'rail'
    | 'front'
    | 'drawer-box'
    | 'pull'
    | 'panel'
    | 'bay'
    | 'box-side'
    | 'box-end'
    | 'box-bottom'
    | 'slide'
    | 'notch'
    | 'bore'
    | 'sheet'
    | 'stick'
    | 'spacer'
    | 'hung-slide'
    | 'part'
    | 'held-part'
    | 'off-cut'
    | 'groove'
    | 'rabbet'
    | 'dado'
    | 'tongue'
    | 'tails';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Of a case: what it is, and the node it belongs to. */
  readonly member?: MemberRole;
  readonly node?: string;
  /** How large it is, in words, where that is told. */
  readonly size?: string;
}

export interface Circle extends Standing {
  readonly kind: 'circle';
  readonly role: 'bore' | FixingMark['kind'];
  readonly x: number;
  readonly y: number;
  readonly diameter: number;
}

/** Words so high, in the middle of where they stand, or beginning there. */
export interface Words extends Standing {
  readonly kind: 'words';
  readonly role: 'name' | 'note' | 'size';
  readonly text: string;
  readonly begins?: true;
  readonly x: number;
  readonly y: number;
  readonly height: number;
}

export interface Line extends Standing {
  readonly kind: 'line';
  readonly role: 'slide-line' | 'floor' | 'tick' | 'leader' | 'centre-line' | 'edge' | 'wall';
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** A size between two points, level or upright, with what it is called. */
export interface Measure extends Standing {
  readonly kind: 'measure';
  readonly role: 'size' | 'reading' | 'packing';
  readonly label: SaidAs<DrawnSize>;
  readonly length: Length;
  /** What it is, for showing it. */
  readonly of: SizeKind;
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** A closed figure of straight sides. */
export interface Outline extends Standing {
  readonly kind: 'outline';
  readonly role:
    | ('cut-out' | 'as-measured' | 'governs' | 'face' | 'side-face' | 'upper-face')
    /** Of a room from above: how far what moves comes, all or not; what stands in it. */
    | ('way' | 'short-way' | 'thing' | 'closed' | 'stood');
  readonly member?: MemberRole;
  readonly points: readonly (readonly [number, number])[];
}

/** What is drawn, and the room it takes. */
export interface Drawing {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
}
