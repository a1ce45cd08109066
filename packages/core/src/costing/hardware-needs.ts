import { isContinuous, type DoorPlan } from '../doors';
import { fixingTotals, type CaseHardware } from '../fixing';
import { inches, inMillimetres, millimetres, ZERO, type Length, type Said } from '../length';
import { isBought } from '../mounting';
import { bankHardware, boxFixings, caseFixings, type BankPlan, type CasePlan, type DrawerPlan } from '../plan';
import { everyDoor } from '../pullouts';
import { said } from '../words';
import { pieces } from './amount';
import type { Costed } from './costed';
import { centsOf } from './money';
import type { Need } from './need';
import { priceOfOne } from './price';

/** A length in a key: millimetres, as `558.8`. */
const inKey = (length: Length): string => String(inMillimetres(length));

const need = (
  key: string,
  what: Said,
  count: number,
  called: Said,
  more: Partial<Pick<Need, 'unit' | 'own'>> = {},
): Need => ({ kind: 'hardware', unit: 'piece', key, what, of: [{ called, amount: pieces(count) }], ...more });

/** Everything that is bought by the piece or the pair, case by case; what is of no key is counted by nobody. */
export function hardwareNeeds({ job, plan }: Costed): readonly Need[] {
  return plan.cases.flatMap((owner) => {
    const { fixings, hardware } = caseFixings(job, owner);
    const called = said('text', { text: owner.name });
    return [
      ...fixingTotals(fixings).map(({ kind, count, long }) => fixing(kind, count, called, long)),
      ...hardware.flatMap((each) => ofCase(each, called)),
      ...everyDoor(owner.doors, owner.things).flatMap((door) => doorNeeds(door, called)),
      ...owner.banks.flatMap((bank) => bankNeeds(job, owner, bank)),
    ];
  });
}

function fixing(kind: string, count: number, called: Said, long?: Length): Need {
  const key = long === undefined ? `fixing:${kind}` : `fixing:${kind}:${inKey(long)}`;
  return need(key, said('cost/fixing', { kind, long }), count, called);
}

/** What of a case's hardware has a key of its own; its hinges and pulls are told by their doors. */
const KEYS: Readonly<Partial<Record<CaseHardware['kind'], string>>> = {
  'shelf-pin': 'pin',
  foot: 'foot',
  caster: 'caster',
  'lid-hinge': 'hinge:piano',
  'lid-stay': 'stay',
};
const SCREWS: readonly CaseHardware['kind'][] = [
  ...([
    'hinge-screw',
    'foot-screw',
    'caster-screw',
    'wall-screw',
    'lock-screw',
    'runner-screw',
    'strip-screw',
  ] as const),
];

function ofCase({ kind, count }: CaseHardware, called: Said): readonly Need[] {
  const key = KEYS[kind];
  if (key !== undefined) return [need(key, said('cost/hardware', { kind }), count, called)];
  return SCREWS.includes(kind) ? [fixing(kind, count, called)] : [];
}

/** Hinges, the plates of those with a cup, the pulls of its leaves, and a catch for what no hinge keeps shut. */
function doorNeeds({ hinge, leaves, door }: DoorPlan, called: Said): readonly Need[] {
  return leaves.flatMap((leaf) => {
    const count = isContinuous(hinge) ? 1 : leaf.hinges.length;
    return [
      need(hingeKey({ hinge }), hinge.called, count, called),
      ...(leaf.cup
        ? [
            need(
              `plate:${inKey(leaf.cup.plate)}`,
              said('cost/plate', { millimetres: inMillimetres(leaf.cup.plate) }),
              count,
              called,
            ),
          ]
        : []),
      ...(leaf.pull ? [pullNeed(door.pull?.name, 1, called)] : []),
      ...(hinge.bore ? [] : [need('catch', said('cost/catch'), 1, called)]),
    ];
  });
}

const pullNeed = (name: string | undefined, count: number, called: Said): Need =>
  need(
    name === undefined ? 'pull' : `pull:${name}`,
    name === undefined ? said('cost/pull') : said('text', { text: name }),
    count,
    called,
  );

/** Locking devices of one box on slides under it, and brackets of one front. */
const LOCKS = 2;
const BRACKETS = 2;

function bankNeeds(job: Costed['job'], owner: CasePlan, bank: BankPlan): readonly Need[] {
  const called = said('cost/bank', { name: bank.bank.name ?? owner.name });
  const hardware = bankHardware(bank);
  const count = (kind: CaseHardware['kind']): number => hardware.find((each) => each.kind === kind)?.count ?? 0;
  const pulls = count('pull');
  return [
    ...bank.drawers.flatMap((drawer) => [
      ...slideNeeds(drawer, called),
      ...boxFixings(job, bank, drawer).flatMap(({ kind, count: many, long }) =>
        kind === 'glue' ? [] : [fixing(kind, many, called, long)],
      ),
      ...(drawer.brackets.length > 0 ? [need('bracket', said('cost/bracket'), BRACKETS, called)] : []),
    ]),
    ...(pulls > 0
      ? [pullNeed(bank.bank.front.pull?.name, pulls, called), fixing('pull-screw', count('pull-screw'), called)]
      : []),
    ...hardware.flatMap((each) => (SCREWS.includes(each.kind) ? [fixing(each.kind, each.count, called)] : [])),
    ...slideScrews(bank, called),
  ];
}

/** The key of a drawer’s slides, by family and nominal length; none where they are made of wood. */
export function slideKey({ family, nominal }: Pick<DrawerPlan, 'family' | 'nominal'>): string | undefined {
  return isBought(family) ? `slide:${family.id}${nominal === undefined ? '' : `:${inKey(nominal)}`}` : undefined;
}

export const hingeKey = ({ hinge }: Pick<DoorPlan, 'hinge'>): string => `hinge:${hinge.id}`;

/** A pair; wood that is made is none. */
function slideNeeds(drawer: DrawerPlan, called: Said): readonly Need[] {
  const key = slideKey(drawer);
  if (key === undefined) return [];
  const { family, nominal } = drawer;
  const what = said('cost/slide', { called: family.called, long: nominal });
  const own = priceOfOne(key, 'pair', centsOf(family.price));
  const under = family.seat === 'bay' && family.onFloor !== true;
  return [
    need(key, what, 1, called, { unit: 'pair', own }),
    ...(under ? [need('lock', said('cost/lock'), LOCKS, called)] : []),
  ];
}

/** What screws of slides come in, and how much of a side they leave; common practice. */
const SLIDE_SCREWS = [inches(5, 8), inches(1, 2), inches(3, 8)];
const SIDE_LEFT = millimetres(0.5);

/** The longest that comes out of no side. */
function slideScrews(bank: BankPlan, called: Said): readonly Need[] {
  return bank.drawers.flatMap((drawer) => {
    const alone = bankHardware({ ...bank, drawers: [drawer], carriers: [] });
    const side = drawer.parts.find(({ role }) => role === 'side')?.thickness ?? ZERO;
    const long = SLIDE_SCREWS.find((each) => each <= side - SIDE_LEFT);
    return alone.flatMap(({ kind, count }) => (kind === 'slide-screw' ? [fixing(kind, count, called, long)] : []));
  });
}
