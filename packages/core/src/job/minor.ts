import type { LogEntryOf } from './log';
import type { BankOf, CaseOf, DrawerOf, JobDocument } from './types';

/** Fields of a case that minor 1 brought. */
const OF_WHOLE_CASES = [
  ...(['build', 'layout', 'doors', 'shelves', 'tiltOuts', 'boards', 'keepOuts', 'cutOuts', 'uprights'] as const),
  ...(['gates', 'at'] as const),
] as const;

/**
 * The minor of the newest field of a document: 1 brought whole cases, 2 doors that are planned, trays, more ways of boxes,
 * 3 what holds boxes, by what slides are hung, doors as they hang, 4 the heights of their hinges as they
 * hang, what is opened in turn, fillers beside a case in its room, lids, 5 what a job’s price rests on, 6 tasks
 * of its order of work that were begun and done.
 */
export function minorOf(job: JobDocument): number {
  const { cases, room, inTurn, hinges, log = [] } = job;
  const newest = newestOf(job);
  if (newest !== undefined) return newest;
  if (
    inTurn ||
    cases.some(({ at, lids }) => lids !== undefined || has(at, 'fillerLeft', 'fillerRight')) ||
    log.some((entry) => 'what' in entry && entry.what === 'hinge-y')
  )
    return 4;
  if (
    cases.some(({ banks, doors = [] }) => banks.some(isBankOfThree) || doors.some(isDoorOfThree)) ||
    log.some(isEntryOfThree)
  )
    return 3;
  if (cases.some(({ doors = [], banks }) => doors.some(isDoorOfTwo) || banks.some(isBankOfTwo))) return 2;
  const whole = cases.some(
    (owner) =>
      OF_WHOLE_CASES.some((field) => owner[field] !== undefined) ||
      owner.banks.some(({ compartment }) => compartment !== undefined),
  );
  return whole || room || hinges ? 1 : 0;
}

function newestOf(job: JobDocument): number | undefined {
  if (job.log?.some(({ kind }) => kind === 'task')) return 6;
  return isOfFive(job) ? 5 : undefined;
}

function isOfFive(job: JobDocument): boolean {
  const { materials, cases, cutting, log = [] } = job;
  return (
    has(job, 'survey', 'finish', 'pricing') ||
    (cutting?.layouts ?? []).some(({ sheets }) => sheets.some((sheet) => has(sheet, 'price'))) ||
    log.some((entry) => entry.kind === 'time' && entry.operation !== undefined) ||
    materials.some((each) => has(each, 'price_per', 'board')) ||
    cases.some(
      ({ banks, doors = [], boards = [], at }) =>
        has(at, 'post') ||
        boards.some((board) => has(board, 'load_kg')) ||
        banks.some(({ front }) => has(front.pull, 'name')) ||
        doors.some(({ pull }) => has(pull, 'name')),
    )
  );
}

type Bank = BankOf<string>;
type Door = NonNullable<CaseOf<string>['doors']>[number];

function has<T extends object>(of: T | undefined, ...fields: readonly (keyof T)[]): boolean {
  return of !== undefined && fields.some((field) => of[field] !== undefined);
}

const isNegative = (length: string | undefined): boolean => length?.trim().startsWith('-') ?? false;
const lapsNegative = ({
  top,
  bottom,
  left,
  right,
}: Partial<Pick<Door, 'top' | 'bottom' | 'left' | 'right'>>): boolean => [top, bottom, left, right].some(isNegative);

function isDoorOfTwo(door: Door): boolean {
  return has(door, 'band', 'stop', 'lines') || has(door.frame, 'grooveWidth', 'grooveFrom') || lapsNegative(door);
}

function isBankOfTwo(bank: Bank): boolean {
  const { front, slide, mounting, drawers } = bank;
  return (
    has(bank, 'behind', 'pack') ||
    has(slide, 'cut') ||
    has(mounting, 'holding') ||
    isFrontOfTwo(front) ||
    isBoxOfTwo(bank.box) ||
    drawers.some(isDrawerOfTwo)
  );
}

const NEW_READINGS: readonly unknown[] = ['packing', 'hinge', 'leaf'];

function isEntryOfThree(entry: LogEntryOf<string>): boolean {
  return ('door' in entry && entry.door !== undefined) || ('what' in entry && NEW_READINGS.includes(entry.what));
}

function isDoorOfThree({ trial, frame }: Door): boolean {
  return trial !== undefined || (frame !== undefined && frame.play === undefined);
}

function isBankOfThree({ box, drawers, front, mounting }: Bank): boolean {
  return (
    has(box, 'fixing') ||
    has(mounting, 'hanging') ||
    has(front, 'brackets') ||
    has(front.pull?.made, 'angle') ||
    drawers.some((drawer) => has(drawer.box, 'fixing'))
  );
}

function isFrontOfTwo(front: Bank['front']): boolean {
  return (
    front.mount === 'none' ||
    has(front, 'dip', 'over', 'setBehind', 'asBox', 'reveals') ||
    has(front.frame, 'grooveWidth', 'grooveFrom') ||
    has(front.pull, 'kind', 'projection', 'made', 'grip') ||
    lapsNegative(front)
  );
}

const NEW_JOINTS: readonly unknown[] = ['housed', 'mitre'];

function isBoxOfTwo(box: DrawerOf<string>['box']): boolean {
  const corners = [box?.corner, box?.corner?.back];
  return (
    has(box, 'length', 'heights', 'backHeight') ||
    corners.some((corner) => has(corner, 'short') || NEW_JOINTS.includes(corner?.joint))
  );
}

function isDrawerOfTwo(drawer: DrawerOf<string>): boolean {
  return (
    has(drawer, 'y') ||
    has(drawer.slide, 'cut') ||
    isBoxOfTwo(drawer.box) ||
    (drawer.contents ?? []).some(({ files }) => files !== undefined)
  );
}
