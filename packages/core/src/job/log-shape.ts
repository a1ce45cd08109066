import { OPERATION_IDS } from './operation';
import type { Length } from '../length';
import {
  FAULTS,
  MEASURED,
  PLACES,
  TASK_DEEDS,
  type Fault,
  type LogEntryOf,
  type Note,
  type PhotoTaken,
  type ReadingOf,
  type StepDone,
  type TaskMark,
  type TimeSpent,
} from './log';
import {
  byKind,
  length,
  list,
  moment,
  number,
  object,
  oneOf,
  oneSetOf,
  optional,
  required,
  text,
  yesNo,
  type Reader,
} from '../reading';
import { said } from '../words';

const words = text(2000);
const id = text(40, 1);
const where = {
  bank: optional(text(90, 1)),
  door: optional(text(90, 1)),
  drawer: optional(id),
  part: optional(text(200, 1)),
};
const entry = { id: required(text(40, 1)), at: required(moment), by: optional(text(200, 1)) };

const reading = object<ReadingOf<Length>>({
  ...entry,
  ...where,
  kind: required(oneOf('reading')),
  what: required(oneOf(...MEASURED)),
  place: optional(oneOf(...PLACES)),
  material: optional(id),
  hinge: optional(number(1, 100, 'whole')),
  length: required(length('zero')),
  against: optional(length('zero')),
  device: optional(oneOf('typed', 'laser', 'caliper')),
});

const step = oneSetOf(
  object<StepDone>({
    ...entry,
    kind: required(oneOf('step')),
    bank: optional(text(90, 1)),
    door: optional(text(90, 1)),
    step: required(text(200, 1)),
    undone: optional(yesNo),
  }),
  [['bank'], ['door']],
  said('bank-or-door'),
);

const fault = object<Fault>({
  ...entry,
  ...where,
  kind: required(oneOf('fault')),
  fault: required(oneOf(...FAULTS)),
  note: optional(words),
  mended: optional(words),
});

const note = object<Note>({ ...entry, ...where, kind: required(oneOf('note')), note: required(text(2000, 1)) });

const photo = object<PhotoTaken>({
  ...entry,
  ...where,
  kind: required(oneOf('photo')),
  photo: required(text(40, 1)),
  note: optional(words),
});

const time = object<TimeSpent>({
  ...entry,
  kind: required(oneOf('time')),
  minutes: required(number(1, 100_000, 'whole')),
  operation: optional(oneOf(...OPERATION_IDS)),
  note: optional(words),
});

const task = object<TaskMark>({
  ...entry,
  kind: required(oneOf('task')),
  task: required(text(120, 1)),
  did: required(oneOf(...TASK_DEEDS)),
});

/** One entry of the log: which fields it has is told by its kind. */
const logEntry: Reader<LogEntryOf<Length>> = byKind<LogEntryOf<Length>>({
  reading,
  step,
  fault,
  note,
  photo,
  time,
  task,
});

export const logShape = list(logEntry, 0, 50_000);
