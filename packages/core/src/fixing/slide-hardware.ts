import { millimetres, type Length } from '../length';
import { isBought, type Carrier } from '../mounting';
import type { SlideFamily } from '../slides';
import type { CaseHardware } from './hardware';
import { stripMarks } from './strip-screws';

/** Common practice, every figure here. */
const IN_BOX = 3;
const IN_CASE = 3;
const IN_CASE_LONG = 4;
const LONG = millimetres(500);
const LOCK = 2;
const RUNNER = 4;

/** A drawer as its hardware is counted. */
export interface Hung {
  readonly family: SlideFamily;
  readonly nominal?: Length;
  /** Bores of its pulls, and how many pulls those are; one is bought unless it is made or cut out. */
  readonly bores: number;
  readonly pulls: number;
}

/** Slides, pulls and their screws for drawers, and what holds the wood at the walls that slides are fixed to. */
export function slideHardware(drawers: readonly Hung[], carriers: readonly Carrier[]): readonly CaseHardware[] {
  const bought = drawers.filter(({ family }) => isBought(family));
  const sum = (of: readonly Hung[], each: (drawer: Hung) => number): number =>
    of.reduce((all, one) => all + each(one), 0);
  const under = bought.filter(({ family }) => isUnder(family));
  const beside = bought.filter(({ family }) => !isUnder(family));
  const rows: readonly CaseHardware[] = [
    { kind: 'slide', count: bought.length },
    { kind: 'slide-screw', count: sum(beside, screwsBeside) },
    { kind: 'lock-screw', count: under.length * 2 * LOCK },
    { kind: 'runner-screw', count: under.length * 2 * RUNNER },
    { kind: 'strip-screw', count: carriers.reduce((all, each) => all + screwsOf(each), 0) },
    { kind: 'pull', count: sum(drawers, ({ pulls }) => pulls) },
    { kind: 'pull-screw', count: sum(drawers, ({ bores }) => bores) },
  ];
  return rows.filter(({ count }) => count > 0);
}

/** Under the box, held by a lock at each front corner. */
function isUnder({ seat, onFloor }: SlideFamily): boolean {
  return seat === 'bay' && onFloor !== true;
}

/** On both sides: in the box, and in the case or on its floor. */
function screwsBeside({ family, nominal }: Hung): number {
  const inCase = family.onFloor === true ? RUNNER : nominal !== undefined && nominal > LONG ? IN_CASE_LONG : IN_CASE;
  return 2 * (IN_BOX + inCase);
}

function screwsOf({ length, width }: Carrier): number {
  return stripMarks(length.total, width.total).length;
}
