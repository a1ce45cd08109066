import type { CaseworkPlan } from '../casework';
import type { DoorPlan } from '../doors';
import { facesAlike, frontTree, lap, type FrontFace, type FrontTree } from '../fronts';
import type { Band, Edge } from '../job';
import { add, subtract, ZERO, type Length } from '../length';
import type { BankPlan, DrawerPlan } from './types';

/** What hangs at the front of a case that is told how it is made: fronts in one piece, and leaves of doors in one piece. */
export function frontFaces(
  casework: Pick<CaseworkPlan, 'front'>,
  banks: readonly BankPlan[],
  doors: readonly DoorPlan[],
): readonly FrontFace[] {
  return [...banks.flatMap((bank) => facesOfBank(casework, bank)), ...doors.flatMap(facesOfDoor)];
}

function facesOfBank({ front }: Pick<CaseworkPlan, 'front'>, plan: BankPlan): readonly FrontFace[] {
  const place = front.compartments.find(({ id }) => id === plan.bank.compartment);
  if (!place || plan.bank.front.mount === 'none' || plan.bank.front.frame) return [];
  const x = subtract(place.x, lap(plan.bank.front, 'left'));
  return plan.drawers.flatMap((drawer) => faceOfDrawer(plan, drawer, x, place.y));
}

function faceOfDrawer(plan: BankPlan, drawer: DrawerPlan, x: Length, floor: Length): readonly FrontFace[] {
  const { 'front.width': width, 'front.height': height, 'front.bottomY': bottom } = drawer.dimensions;
  const part = drawer.parts.find(({ role }) => role === 'drawer-front');
  if (!part || !width || !height || !bottom) return [];
  const y = add(floor, bottom.total);
  return [
    {
      of: { bank: plan.path, place: drawer.place, drawer: drawer.id },
      material: part.material,
      up: part.upright === true,
      x: { from: x, to: add(x, width.total) },
      y: { from: y, to: add(y, height.total) },
      blank: {
        width: part.blank?.length.total ?? width.total,
        height: part.blank?.width.total ?? height.total,
      },
      band: bandsOf(plan.bank.front.band),
    },
  ];
}

function facesOfDoor({ id, door, leaves, pieces }: DoorPlan): readonly FrontFace[] {
  if (door.frame) return [];
  return leaves.flatMap(({ x, y, width, height }, leaf): readonly FrontFace[] => {
    const slab = pieces.find((piece) => piece.leaf === leaf && piece.member.role === 'door')?.member;
    if (!slab) return [];
    return [
      {
        of: { door: id, leaf, leaves: leaves.length },
        material: slab.material,
        up: true,
        x: { from: x, to: add(x, width.total) },
        y: { from: y, to: add(y, height.total) },
        blank: {
          width: slab.blank?.width.total ?? width.total,
          height: slab.blank?.length.total ?? height.total,
        },
        band: bandsOf(door.band),
      },
    ];
  });
}

function bandsOf(band: Band | undefined): FrontFace['band'] {
  const at = (edge: Edge): Length => (band?.edges.includes(edge) ? band.thickness : ZERO);
  return { left: at('left'), right: at('right'), top: at('top'), bottom: at('bottom') };
}

/** Everything at the front of a case that may come from one panel, the most of it first; what is alone of its kind is no run. */
export function frontTrees(
  casework: Pick<CaseworkPlan, 'front'>,
  banks: readonly BankPlan[],
  doors: readonly DoorPlan[],
): readonly FrontTree[] {
  const groups = facesAlike(frontFaces(casework, banks, doors)).filter(({ length }) => length > 1);
  return [...groups].sort((a, b) => b.length - a.length).flatMap((faces) => frontTree(faces) ?? []);
}
