import { lookOverTravel, type Exact, type Finding, type Moves, type Site } from '../findings';
import { drawerSettings, type Case, type Job } from '../job';
import { add, inches, millimetres, nm, ZERO, type Length, type Unit } from '../length';
import { lengthListOf, travelOf } from '../slides';
import type { Met, World } from '../travel';
import { said } from '../words';
import { calledMoving } from './called-moving';
import { packedAsMade } from './making';
import { frameOfCase, leafName } from './movers';
import { swapsOf } from './swaps';
import type { BankPlan, CasePlan, DrawerPlan } from './types';

/** Common practice: somebody stands in so much before an open drawer. */
const STAND: Readonly<Record<Unit, Length>> = { in: inches(24), mm: millimetres(600) };

/** The cases with what is to be said of what moves in them: with the bank of a drawer, with the case of a door. */
export function withTravel(
  job: Job,
  cases: readonly CasePlan[],
  worlds: readonly World[],
  exact: Exact,
): readonly CasePlan[] {
  const sites = sitesOf(job, cases, exact);
  const shared = {
    ...{ exact, stand: STAND[job.unit], accepted: acceptedIn(job) },
    ...calledMoving(job, cases),
    site: (name: string) => sites.get(name),
    accept: (pairs: readonly Met[]) => accepting(job, pairs),
  };
  const told = worlds.flatMap((world) => lookOverTravel({ ...shared, world } satisfies Moves));
  if (told.length === 0) return cases;
  const at = (path: string): readonly Finding[] =>
    told.flatMap(([where, finding]) => (where === path ? [finding] : []));
  return cases.map((owner) => {
    const ofCase = at(owner.path);
    const banks = owner.banks.map((bank, index) => {
      const more = [...at(bank.path), ...(index === 0 ? ofCase : [])];
      return more.length === 0 ? bank : { ...bank, findings: [...bank.findings, ...more] };
    });
    return { ...owner, findings: [...owner.findings, ...ofCase], banks };
  });
}

function acceptedIn({ inTurn = [] }: Job): Moves['accepted'] {
  return (a, b) => inTurn.some((each) => (each.a === a && each.b === b) || (each.a === b && each.b === a));
}

function accepting({ inTurn = [] }: Job, pairs: readonly Met[]) {
  return { path: 'inTurn', value: [...inTurn, ...pairs] };
}

type Sites = ReadonlyMap<string, Site>;

function sitesOf(job: Job, cases: readonly CasePlan[], exact: Exact): Sites {
  return new Map(
    cases.flatMap((plan, index) => {
      const owner = job.cases[index];
      if (!owner?.build || !plan.casework) return [];
      const placing = { moved: movedOf(owner, plan, exact), filled: filledOf(owner, plan, exact) };
      const drawers = plan.banks.flatMap((bank) =>
        bank.drawers.map((drawer) =>
          drawerSite(
            job,
            plan,
            bank,
            drawer,
            { ...placing, swaps: () => swapsOf(owner, plan, bank.bank.compartment) },
            exact,
          ),
        ),
      );
      const leaves = plan.doors.flatMap((door) =>
        door.leaves.map(({ hinged }): readonly [string, Site] => [
          leafName(plan.id, door, hinged),
          {
            ...{ kind: 'leaf', told: plan.path, id: door.id, path: door.path },
            ...(door.door.pull?.projection === undefined ? {} : { projection: `${door.path}.pull.projection` }),
            ...(door.door.hinge ? {} : { untold: door.hinge.id }),
            single: door.leaves.length === 1,
            ...placing,
            swaps: () => swapsOf(owner, plan, door.door.over),
          },
        ]),
      );
      const things = plan.things.map((thing): readonly [string, Site] => [
        `${plan.id}/${thing.id}`,
        {
          ...{ kind: 'thing', told: plan.path, id: thing.id, path: thing.path, ...placing },
          swaps: () => (thing.kind === 'lid' ? [] : swapsOf(owner, plan, thing.compartment)),
        },
      ]);
      return [...drawers, ...leaves, ...things];
    }),
  );
}

function drawerSite(
  job: Job,
  plan: CasePlan,
  bank: BankPlan,
  drawer: DrawerPlan,
  placing: Pick<Site, 'moved' | 'filled' | 'swaps'>,
  exact: Exact,
): readonly [string, Site] {
  const written = bank.bank.drawers[drawer.place];
  const choice = written && drawerSettings(bank.bank, written).slide;
  const slideWithin = (travel: Length): Length | undefined => {
    const list = choice ? (lengthListOf(job, drawer.family, choice).list ?? []) : [];
    const fitting = list.filter((nominal) => travelOf(drawer.family, nominal).total <= travel);
    return fitting.length > 0 ? nm(Math.max(...fitting)) : undefined;
  };
  return [
    `${plan.id}/${bank.id}/${drawer.id}`,
    {
      ...{ kind: 'drawer', told: bank.path, id: drawer.id, path: drawer.path },
      drawer: { place: drawer.place, ...(written?.name ? { name: written.name } : {}) },
      ...(bank.bank.front.pull ? { projection: `${bank.path}.front.pull.projection` } : {}),
      slideWithin,
      ...packingOf(bank, exact),
      ...placing,
    },
  ];
}

/** Packed so much more on a side, unless that was made already. */
function packingOf({ bank, path }: BankPlan, exact: Exact): Pick<Site, 'packed'> {
  const packed: Site['packed'] = (side, by) => {
    if (packedAsMade(bank, side)) return [];
    const to = add(bank.pack?.[side] ?? ZERO, by);
    const value = exact(to);
    const patch = bank.pack
      ? { path: `${path}.pack.${side}`, value }
      : { path: `${path}.pack`, value: { [side]: value } };
    return [{ ...said('pack-by', { by: to, side }), patches: [patch] }];
  };
  return bank.behind !== undefined || bank.front.mount === 'none' ? { packed } : {};
}

/** The filler of a side so much wider; the walls of a space have theirs from the space. */
function filledOf({ at, build }: Case, { path }: CasePlan, exact: Exact): Site['filled'] {
  return (side, by) => {
    if (!at || build?.place?.fillers?.[side] !== undefined) return [];
    const field = side === 'left' ? 'fillerLeft' : 'fillerRight';
    return [{ path: `${path}.at.${field}`, value: exact(add(at[field] ?? ZERO, by)) }];
  };
}

/** Its place so far to its own left or right, as the plan of the room has it. */
function movedOf(owner: Case, { path, casework }: CasePlan, exact: Exact): Site['moved'] {
  const { at } = owner;
  if (!at || !casework) return () => [];
  const { right } = frameOfCase(owner, casework);
  return (side, by) => {
    const way = side === 'right' ? by : nm(-by);
    return (['x', 'z'] as const).flatMap((axis) => {
      const along = nm(right[axis] * way);
      return right[axis] === 0 ? [] : [{ path: `${path}.at.${axis}`, value: exact(add(at[axis], along)) }];
    });
  };
}
