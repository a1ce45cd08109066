import type { CaseStock, CaseworkPlan } from '../casework';
import { isContinuous, type DoorPlan } from '../doors';
import type { Lid } from '../pullouts';

/** What a case takes besides what holds its joints. Common practice, every figure here. */
export interface CaseHardware {
  readonly kind:
    | (
        | 'hinge'
        | 'hinge-screw'
        | 'pull'
        | 'shelf-pin'
        | 'foot'
        | 'foot-screw'
        | 'caster'
        | 'caster-screw'
        | 'wall-screw'
        | 'lid-hinge'
        | 'lid-stay'
      )
    | ('slide' | 'slide-screw' | 'lock-screw' | 'runner-screw' | 'pull-screw' | 'strip-screw');
  readonly count: number;
}

const PINS = 4;
const SCREWS = 4;

/** Pins of its shelves, feet or casters with their screws, and a screw for every stud each of its cleats meets. */
export function hardwareOf({ build }: CaseStock, { bodies, feet }: CaseworkPlan): readonly CaseHardware[] {
  const kind = build.stands?.kind === 'casters' ? 'caster' : 'foot';
  const rows: readonly CaseHardware[] = [
    { kind: 'shelf-pin', count: PINS * bodies.filter(({ role }) => role === 'shelf').length },
    { kind, count: feet },
    { kind: `${kind}-screw`, count: SCREWS * feet },
    { kind: 'wall-screw', count: studsMet(build.place?.studs, bodies) },
  ];
  return rows.filter(({ count }) => count > 0);
}

/** Screws of a hinge's cup and of its plate. */
const CUP_SCREWS = 2;
const PLATE_SCREWS = 2;

/** Hinges of the doors of a case with the screws of those that have a cup, and their pulls. */
export function doorHardware(doors: readonly DoorPlan[]): readonly CaseHardware[] {
  const leaves = doors.flatMap(({ hinge, leaves: all }) =>
    all.map((leaf) => ({
      count: isContinuous(hinge) ? 1 : leaf.hinges.length,
      cup: hinge.bore !== undefined,
      leaf,
    })),
  );
  const sum = (of: (each: (typeof leaves)[number]) => number): number =>
    leaves.reduce((all, each) => all + of(each), 0);
  const rows: readonly CaseHardware[] = [
    { kind: 'hinge', count: sum(({ count }) => count) },
    { kind: 'hinge-screw', count: sum(({ count, cup }) => (cup ? count * (CUP_SCREWS + PLATE_SCREWS) : 0)) },
    { kind: 'pull', count: sum(({ leaf }) => (leaf.pull ? 1 : 0)) },
  ];
  return rows.filter(({ count }) => count > 0);
}

/** A long hinge a lid, and its stay. */
export function lidHardware(lids: readonly Pick<Lid, 'stay'>[]): readonly CaseHardware[] {
  const rows: readonly CaseHardware[] = [
    { kind: 'lid-hinge', count: lids.length },
    { kind: 'lid-stay', count: lids.filter(({ stay }) => stay).length },
  ];
  return rows.filter(({ count }) => count > 0);
}

type Studs = NonNullable<NonNullable<CaseStock['build']['place']>['studs']>;

function studsMet(studs: Studs | undefined, bodies: CaseworkPlan['bodies']): number {
  if (!studs) return 0;
  return bodies.filter(({ role }) => role === 'cleat').reduce((sum, cleat) => sum + studsOf(studs, cleat).length, 0);
}

/** The studs a cleat meets between its ends, counted from the first that is seen. */
export function studsOf({ first, pitch }: Studs, { x }: CaseworkPlan['bodies'][number]): readonly number[] {
  const from = Math.max(0, Math.ceil((x.from - first) / pitch));
  const to = Math.floor((x.to - first) / pitch);
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, index) => first + (from + index) * pitch);
}
