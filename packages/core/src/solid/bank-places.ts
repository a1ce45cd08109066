import type { PartRole } from '../box';
import type { PlannedOpening } from '../casework';
import { lap } from '../fronts';
import { drawerSettings } from '../job';
import { inches } from '../length';
import { besideBox, type CasePlan, type DrawerPlan } from '../plan';
import { boxPlaces } from './box-places';
import { carrierPlace, type WallsAt } from './carrier-places';
import { frontPlaces } from './front-places';
import type { Place } from './piece';

/** A bank where its opening is in the case. */
export interface BankAt extends WallsAt {
  readonly x: number;
  readonly width: number;
}

/** Between openings that nobody told the places of. */
const APART = inches(6);

/** The banks of a case in their compartments; those of one nobody told how it is made beside one another. */
export function banksOf({ banks, casework }: CasePlan): readonly BankAt[] {
  const stiles = (casework?.bodies ?? []).filter(({ role }) => role === 'frame-stile');
  const behindFrame = Math.max(0, ...stiles.map(({ z }) => z.to));
  let next = 0;
  return banks.flatMap((bank): readonly BankAt[] => {
    const { width, depth } = bank.opening;
    const told = casework?.openings.find(({ compartment: { id } }) => id === bank.bank.compartment);
    if (casework && !told) return [];
    const at = told ? within(told) : { x: next, y: 0, width: width.total, left: next, right: next + width.total };
    next += width.total + APART;
    return [{ ...at, bank, behindFrame, depth: told?.depth.total ?? depth.total }];
  });
}

function within({ compartment, buildOut }: PlannedOpening) {
  const { x, y, width } = compartment;
  const [left, right] = [x - Math.max(0, buildOut.left), x + width.total + Math.max(0, buildOut.right)];
  return { x, y, width: width.total, left, right };
}

/** The pieces of a kind of a drawer's box or front, in the order they are counted in; nothing where a size is not known. */
export function drawerPlaces(at: BankAt, drawer: DrawerPlan, role: PartRole): readonly Place[] {
  const { bank } = at.bank;
  const choice = bank.drawers[drawer.place];
  const of = (name: keyof DrawerPlan['dimensions']): number | undefined => drawer.dimensions[name]?.total;
  const [width, height, length] = [of('box.width'), of('box.height'), of('box.length')];
  if (!choice || width === undefined || height === undefined || length === undefined) return [];
  const { box } = drawerSettings(bank, choice);
  const own = { drawer, bank, box, width, height, length };
  const corner = { x: boxLeft(at, drawer), y: at.y + (of('box.bottomY') ?? 0), z: of('slide.setback') ?? 0 };
  const found = boxPlaces({ ...own, ...corner }, role);
  return found.length > 0 ? found : ofFront(at, drawer, role);
}

/** As its slides hold it in its opening, and that in the middle of its compartment where it came out narrower. */
function boxLeft({ bank: { bank, opening }, x, width }: BankAt, drawer: DrawerPlan): number {
  const room = opening.width.total;
  return x + (width - room) / 2 + besideBox(bank, room, drawer.dimensions['box.width']?.total).left;
}

function ofFront(at: BankAt, drawer: DrawerPlan, role: PartRole): readonly Place[] {
  const { front } = at.bank.bank;
  const { 'front.width': width, 'front.height': height, 'front.bottomY': low } = drawer.dimensions;
  if (!width || !height || !low) return [];
  return frontPlaces(
    {
      ...{ drawer, bank: at.bank.bank, width: width.total, height: height.total },
      ...{ x: at.x - lap(front, 'left'), y: at.y + low.total, z: front.mount === 'inset' ? 0 : -drawer.frontThickness },
    },
    role,
  );
}

/** Wood for the slides of a drawer, of a kind, in the order it is counted in. */
export function carrierPlaces(at: BankAt, place: number, role: PartRole): readonly Place[] {
  return at.bank.carriers
    .filter((carrier) => carrier.place === place && carrier.role === role)
    .flatMap((carrier) => carrierPlace(at, carrier) ?? []);
}
