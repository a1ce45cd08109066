import type { OperationId } from '../job';

/** Where work is done: one thing at a time at each. */
export type Place = 'saw' | 'bench' | 'case' | 'finishing' | 'site' | 'none';

/** One kind of work: the price of it, the calendar and the record's times all count by this row. */
export interface Operation {
  readonly id: OperationId;
  readonly counted:
    | ('compartment' | 'sheet' | 'setting' | 'part' | 'm' | 'bore' | 'panel' | 'member' | 'box' | 'leaf' | 'case')
    | ('worktop' | 'foot' | 'piece' | 'front' | 'by-hand' | 'pair' | 'pull' | 'm2' | 'visit' | 'job');
  readonly place: Place;
  readonly people: 1 | 2;
  /** Hands on, each; nothing where a job tells it. */
  readonly minutes: number | undefined;
  /** Minutes it then stands: in clamps until it is moved, and cured until what `cures` says. */
  readonly clamps?: number;
  readonly cured?: number;
}

const HOURS = 60;

/** Made up to begin with: the shop's own minutes replace these. In the order of the work. */
export const OPERATIONS = [
  { id: 'measure', counted: 'compartment', place: 'bench', people: 1, minutes: 5 },
  { id: 'break-down', counted: 'sheet', place: 'saw', people: 1, minutes: 10 },
  { id: 'setting', counted: 'setting', place: 'saw', people: 1, minutes: 3 },
  { id: 'cut', counted: 'part', place: 'saw', people: 1, minutes: 2 },
  { id: 'groove', counted: 'm', place: 'saw', people: 1, minutes: 1.5 },
  { id: 'bore', counted: 'bore', place: 'bench', people: 1, minutes: 0.5 },
  { id: 'band', counted: 'm', place: 'bench', people: 1, minutes: 4, clamps: 30 },
  { id: 'glue-up', counted: 'panel', place: 'bench', people: 1, minutes: 15, clamps: 45, cured: 24 * HOURS },
  { id: 'case', counted: 'member', place: 'bench', people: 1, minutes: 6, clamps: 45 },
  { id: 'box', counted: 'box', place: 'bench', people: 1, minutes: 12, clamps: 45 },
  { id: 'door', counted: 'leaf', place: 'bench', people: 1, minutes: 40, clamps: 45, cured: 24 * HOURS },
  { id: 'plane', counted: 'part', place: 'saw', people: 1, minutes: 3 },
  { id: 'frame', counted: 'case', place: 'bench', people: 1, minutes: 20, clamps: 45 },
  { id: 'top', counted: 'worktop', place: 'case', people: 1, minutes: 20 },
  { id: 'feet', counted: 'foot', place: 'case', people: 1, minutes: 4 },
  { id: 'build-out', counted: 'piece', place: 'case', people: 1, minutes: 5 },
  { id: 'refit', counted: 'front', place: 'bench', people: 1, minutes: 4 },
  { id: 'demolish', counted: 'by-hand', place: 'site', people: 1, minutes: undefined },
  { id: 'hang', counted: 'pair', place: 'case', people: 1, minutes: 15 },
  { id: 'hinge', counted: 'leaf', place: 'case', people: 1, minutes: 12 },
  { id: 'front', counted: 'front', place: 'case', people: 1, minutes: 10 },
  { id: 'pull', counted: 'pull', place: 'case', people: 1, minutes: 3 },
  { id: 'sand', counted: 'm2', place: 'bench', people: 1, minutes: 5 },
  { id: 'coat', counted: 'm2', place: 'finishing', people: 1, minutes: 6 },
  { id: 'pack', counted: 'case', place: 'site', people: 2, minutes: 20 },
  { id: 'travel', counted: 'visit', place: 'none', people: 1, minutes: undefined },
  { id: 'install', counted: 'case', place: 'site', people: 1, minutes: 60 },
  { id: 'record', counted: 'job', place: 'bench', people: 1, minutes: 15 },
] as const satisfies readonly Operation[];

/** Fewer people than it asks for take so many times as long, with aids; common practice. */
export const SHORT_HANDED = 1.5;
