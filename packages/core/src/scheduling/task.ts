import type { Said } from '../length';
import type { Moment } from './moment';
import type { Work } from './problem';
import type { Part } from './shares';
import type { Stage } from './stages';

/** What kinds of tasks there are: work at a desk, then by what is done. */
export const TASK_KINDS = [
  ...(['survey', 'order', 'break-down', 'plane', 'glue-up', 'cut', 'band', 'bore', 'sand', 'coat'] as const),
  ...([
    'case',
    'frame',
    'feet',
    'measure',
    'box',
    'build-out',
    'hang',
    'door',
    'front',
    'pull-bores',
    'off',
    'on',
  ] as const),
  ...(['hinge', 'pull', 'demolish', 'travel', 'pack', 'install', 'top', 'record'] as const),
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

/** Why something stands by itself after it is done. */
export type Waiting = 'clamps' | 'cured' | 'dry' | 'hard';

/** Something a task wants that is not there yet: ordered and promised for a day, or still to be ordered. */
export interface Good {
  readonly key: string;
  readonly what: Said;
  readonly supplier?: string;
  /** Promised for. */
  readonly on?: string;
  /** Working days it takes once it is ordered; `guess` where nobody knows. */
  readonly lead?: number;
  readonly guess?: true;
  /** It is on an order; nobody promised a day. */
  readonly ordered?: true;
}

/** A piece of work of a job, as people do it. */
export interface Task extends Work {
  readonly kind: TaskKind;
  readonly stage?: Stage;
  /** What it is called. */
  readonly called: Said;
  /** Of hands, as the price counts it, by operation; before anything of it was done. */
  readonly parts: readonly Part[];
  /** `parts` together, whole minutes. */
  readonly planned: number;
  /** Told by the record: when it was done. */
  readonly done?: Moment;
  /** How long it then stands, and why: of several the longest. */
  readonly stands?: { readonly minutes: number; readonly why: Waiting };
  readonly goods: readonly Good[];
  /** Two are wanted and there is one. */
  readonly lift?: true;
  /** Of a coat or a sanding: what is put on, the which of how many. */
  readonly finish?: { readonly row: string; readonly coat: number; readonly of: number };
  /** What is taken in hand: so many of what. */
  readonly hand: readonly Said[];
  /** Square metres that stay bare, masked: they are glued later. */
  readonly masked?: number;
}
