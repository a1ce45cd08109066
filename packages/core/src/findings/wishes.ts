import { divide, type DivisionProblem } from '../division';
import { tieGroups, type Bank, type Drawer } from '../job';
import type { Said } from '../length';
import type { CalledDrawer } from '../words';
import { remedy, type Remedy } from './finding';

/** A wish of a person that stands in the way of a division, and the bank without it. */
interface Wish {
  readonly remedy: Remedy;
  readonly drawers: readonly Drawer[];
}

const WISHES = [
  ['most', 'drop-most'],
  ['least', 'drop-least'],
  ['line', 'drop-line'],
  ['sameAs', 'untie-drawer'],
] as const;

/**
 * What a person could give up so that the bank can be divided: locks (from the bottom up, where it shows least), then
 * most, least, line and tie. Single wishes first; only where none alone helps, pairs. `called` names a drawer.
 */
export function wishesToDrop(
  bank: Bank,
  path: string,
  problem: DivisionProblem,
  called: (place: number) => CalledDrawer,
): readonly Remedy[] {
  const helps = ({ drawers }: Wish): boolean => divide(without(problem, drawers)).ok;
  const [locks, others] = [locksOf(bank, path, called), othersOf(bank, path, called)];
  const single = [...locks.filter(helps).slice(0, 2), ...others.filter(helps).slice(0, 3)];
  if (single.length > 0) return single.map(asRemedy);
  const all = [...locks, ...others].slice(0, 12);
  const pairs = all.flatMap((one, index) => all.slice(index + 1).map((two) => both(bank, one, two)));
  return pairs.filter(helps).slice(0, 2).map(asRemedy);
}

function asRemedy(wish: Wish): Remedy {
  return wish.remedy;
}

function without(problem: DivisionProblem, drawers: readonly Drawer[]): DivisionProblem {
  return {
    ...problem,
    groups: tieGroups(drawers),
    least: drawers.map(({ least }) => least),
    most: drawers.map(({ most }) => most),
    lines: (problem.lines ?? []).filter(({ place }) => drawers[place]?.line !== undefined),
  };
}

/** The locks, a tied group's together. */
function locksOf(bank: Bank, path: string, called: (place: number) => CalledDrawer): readonly Wish[] {
  const locked = tieGroups(bank.drawers).filter(({ locked: height }) => height !== undefined);
  return [...locked].reverse().map(({ members }) => {
    const places = members.filter((place) => bank.drawers[place]?.height !== undefined);
    return {
      remedy: remedy(
        'free-drawers',
        { drawers: places.map(called) },
        places.map((place) => ({ path: `${path}.drawers[${place}].height`, value: undefined })),
      ),
      drawers: bank.drawers.map((drawer, place) => (places.includes(place) ? left(drawer, 'height') : drawer)),
    };
  });
}

function othersOf(bank: Bank, path: string, called: (place: number) => CalledDrawer): readonly Wish[] {
  return WISHES.flatMap(([field, code]) =>
    bank.drawers.flatMap((wishing, place) =>
      wishing[field] === undefined
        ? []
        : {
            remedy: remedy(code, { drawers: [called(place)] }, [
              { path: `${path}.drawers[${place}].${field}`, value: undefined },
            ]),
            drawers: bank.drawers.map((drawer) => (drawer === wishing ? left(drawer, field) : drawer)),
          },
    ),
  );
}

function both(bank: Bank, one: Wish, two: Wish): Wish {
  return {
    remedy: remedy('both-remedies', { one: saidOf(one.remedy), two: saidOf(two.remedy) }, [
      ...one.remedy.patches,
      ...two.remedy.patches,
    ]),
    drawers: bank.drawers.map((drawer, place) => {
      const [a, b] = [one.drawers[place] ?? drawer, two.drawers[place] ?? drawer];
      return a === drawer ? b : b === drawer ? a : ({ ...a, ...lessOf(drawer, b) } as Drawer);
    }),
  };
}

/** The fields of `before` that `after` no longer has, as undefined. */
function lessOf(before: Drawer, after: Drawer): Partial<Drawer> {
  return Object.fromEntries(Object.keys(before).flatMap((field) => (field in after ? [] : [[field, undefined]])));
}

function left(drawer: Drawer, field: keyof Drawer): Drawer {
  const { [field]: _, ...rest } = drawer;
  return rest as Drawer;
}

function saidOf({ code, params }: Remedy): Said {
  return { code, params };
}
