import type { Body, CaseworkPlan } from '../casework';
import type { Case, Material } from '../job';
import { add, nm, subtract, ZERO, type Length } from '../length';
import type { Stand } from '../stability';
import { weightOf } from '../timber';

/**
 * How a case stands: as it is told, and what is not told as it follows from the case: the weight of its members, its depth,
 * and what it stands on in front. Undefined where neither says.
 */
export function standOf(
  { stand, build }: Case,
  casework: CaseworkPlan | undefined,
  materials: readonly Material[],
): Stand | undefined {
  if (!casework) return stand as Stand | undefined;
  const weight = stand?.weight_kg ?? weightOfCase(casework, materials);
  return {
    ...stand,
    weight_kg: weight,
    depth: stand?.depth ?? casework.outline.depth,
    frontFeet: stand?.frontFeet ?? frontOf(build, casework),
  };
}

/** The recess for toes, or the set-back of what it stands on, keeps its front feet back; else the sides stand at the front. */
function frontOf(build: Case['build'], { outline }: CaseworkPlan): Length {
  if (build?.stands?.setback !== undefined && outline.sidesFrom > 0) return build.stands.setback;
  const recess = build?.base?.kind === 'toe-kick' ? (build.base.setback ?? ZERO) : ZERO;
  return add(outline.frame, recess);
}

/** Kilograms of every member as it is sawn; what is worked out of them is not taken off. */
function weightOfCase({ bodies }: CaseworkPlan, materials: readonly Material[]): number {
  return bodies.reduce((sum, { material: id, ...body }) => {
    const material = materials.find((each) => each.id === id);
    const [least, middle, most] = sizes(body);
    return material ? sum + weightOf(material, most, middle, least) : sum;
  }, 0);
}

function sizes({ x, y, z }: Pick<Body, 'x' | 'y' | 'z'>): readonly [Length, Length, Length] {
  const [a, b, c] = [x, y, z].map(({ from, to }) => subtract(to, from)).sort((one, other) => one - other);
  return [a ?? nm(0), b ?? nm(0), c ?? nm(0)];
}
