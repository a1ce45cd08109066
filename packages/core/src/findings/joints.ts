import { BOTTOMS } from '../box';
import { CORNERS, hasDepth, type Corner, type Material } from '../job';
import { downTo, inches, millimetres, share, type Length } from '../length';
import { judged, writable, type BoxFacts, type BoxRule } from './box-facts';
import type { Remedy, Say } from './finding';

/** Something that can't be cut, and the size that can. */
interface Impossible {
  readonly says: string;
  readonly mend?: Mend | undefined;
}

/** A field and what it may be: a size, or another material. */
type Mend = { readonly path: string } & ({ readonly size: Length } | { readonly material: Material });

/** Joints that can't be: deeper than the wood they are cut in or out of, or with more play than their grooves hold. */
export const jointImpossible: BoxRule = (facts, say) => {
  const found = [...corners(facts, say), ...groove(facts, say), ...batten(facts, say), ...frame(facts, say)];
  if (found.length === 0) return undefined;
  const says = `${found.map((each) => each.says).join('; ')}.`;
  const holds = found.every((each) => frame(facts, say).some((other) => other.says === each.says));
  return judged(
    {
      code: 'JOINT_IMPOSSIBLE',
      severity: 'stop',
      step: holds ? 'fronts' : 'boxes',
      says,
      ...(holds ? { holds: 'fronts' } : {}),
    },
    [together(facts, found)],
  );
};

/** All of them mended at once, where each can be; of two sizes for one field the lesser. */
function together({ exact }: BoxFacts, found: readonly Impossible[]): Remedy | undefined {
  const mends = found.flatMap(({ mend }) => (mend && writable(mend.path) ? [mend] : []));
  if (mends.length < found.length) return undefined;
  const sizes = mends.flatMap((mend) => ('size' in mend ? [mend] : [])).sort((a, b) => b.size - a.size);
  const materials = mends.flatMap((mend) => ('material' in mend ? [mend] : []));
  const written = [
    ...sizes.map(({ path, size }) => ({ path, value: exact(size), says: `${nameOf(path)} ${exact(size)}` })),
    ...materials.map(({ path, material }) => ({
      path,
      value: material.id,
      says: `${nameOf(path)} of ${material.name}`,
    })),
  ];
  const last = [...new Map(written.map((each) => [each.path, each])).values()];
  return {
    says: `Make the ${last.map(({ says }) => says).join(', the ')}`,
    patches: last.map(({ path, value }) => ({ path, value })),
  };
}

function nameOf(path: string): string {
  if (path.endsWith('play')) return 'play';
  if (path.endsWith('panel')) return 'panel';
  return path.includes('corner') ? 'joint' : 'groove';
}

/** Half a thickness, down to what a rule shows. */
function half({ job }: BoxFacts, wood: Material): Length {
  const fine = downTo(share(wood.thickness, 2), job.unit === 'in' ? inches(1, 64) : millimetres(0.5));
  return fine > 0 ? fine : share(wood.thickness, 2);
}

function corners(facts: BoxFacts, say: Say): readonly Impossible[] {
  const { stock } = facts;
  const own = stock.box.corner.back;
  return [
    ...corner(facts, say, stock.frontCorner, stock.ends, 'box.corner.depth', ''),
    ...(own || stock.back !== stock.ends
      ? corner(
          facts,
          say,
          stock.backCorner,
          stock.back,
          own ? 'box.corner.back.depth' : 'box.corner.depth',
          ' at the back',
        )
      : []),
  ];
}

/** A rabbet, tail or tongue is cut in or out of an end, a dado in the side. */
function corner(
  facts: BoxFacts,
  say: Say,
  of: Corner,
  end: Material,
  field: string,
  where: string,
): readonly Impossible[] {
  const { depth } = of;
  if (!hasDepth(of.joint) || depth === undefined) return [];
  const wood = CORNERS[of.joint].cuts?.side === 'dado' ? facts.stock.sides : end;
  if (depth < wood.thickness) return [];
  const says = `${CORNERS[of.joint].name.toLowerCase()}${where}: ${say(depth)} deep in ${wood.name}, which is ${say(wood.thickness)} thick`;
  return [{ says, mend: { path: facts.field(field), size: half(facts, wood) } }];
}

function groove(facts: BoxFacts, say: Say): readonly Impossible[] {
  const { stock, field } = facts;
  const { box } = stock;
  const row = BOTTOMS[box.bottomFit];
  if (row.onOutside || !box.groove) return [];
  const { depth } = box.groove;
  const woods = [stock.sides, stock.ends, ...(row.underBack ? [] : [stock.back])];
  const thin = woods.reduce((least, each) => (each.thickness < least.thickness ? each : least));
  const play = box.play ?? 0;
  const found: Impossible[] = [];
  if (depth >= thin.thickness)
    found.push({
      says: `the ${row.raised ? 'groove' : 'rabbet'} for the bottom is ${say(depth)} deep in ${thin.name}, which is ${say(thin.thickness)} thick`,
      mend: { path: field('box.groove.depth'), size: half(facts, thin) },
    });
  if (play >= 2 * depth)
    found.push({
      says: `the bottom’s play of ${say(play as Length)} is as much as both its grooves hold, ${say((2 * depth) as Length)}`,
      mend: { path: field('box.play'), size: share(depth, 4) },
    });
  return found;
}

/** The batten's groove in a side: what the slide's row asks for decides it. */
function batten({ at, stock }: BoxFacts, say: Say): readonly Impossible[] {
  const depth = at('runner.groove')?.total;
  if (depth === undefined || depth < stock.sides.thickness) return [];
  return [
    {
      says: `the groove for the batten is ${say(depth)} deep in ${stock.sides.name}, which is ${say(stock.sides.thickness)} thick`,
    },
  ];
}

/** A framed front: its panel goes into a groove of the frame. */
function frame(facts: BoxFacts, say: Say): readonly Impossible[] {
  const { bank, bankPath, front, panel } = facts;
  const { frame: made } = bank.front;
  if (!made || !panel) return [];
  const path = `${bankPath}.front.frame`;
  const narrow = made.rail === undefined || made.stile < made.rail ? made.stile : made.rail;
  const found: Impossible[] = [];
  if (panel.thickness >= front.thickness)
    found.push({
      says: `its panel, ${panel.name}, is as thick as the frame it goes into a groove of`,
      mend: thinner(facts, `${path}.panel`),
    });
  if (made.groove >= narrow)
    found.push({
      says: `the groove of its frame is ${say(made.groove)} deep in wood ${say(narrow)} wide`,
      mend: { path: `${path}.groove`, size: share(narrow, 4) },
    });
  if (made.play >= 2 * made.groove)
    found.push({
      says: `its panel’s play of ${say(made.play)} is as much as both grooves hold, ${say((2 * made.groove) as Length)}`,
      mend: { path: `${path}.play`, size: share(made.groove, 4) },
    });
  return found;
}

/** The thickest material of the job that leaves half of the frame's thickness beside its groove. */
function thinner({ job, front }: BoxFacts, path: string): Mend | undefined {
  const [material] = job.materials
    .filter(({ thickness }) => 2 * thickness <= front.thickness)
    .sort((a, b) => b.thickness - a.thickness);
  return material && { path, material };
}
