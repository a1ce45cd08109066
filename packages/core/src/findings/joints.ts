import { said } from '../words';
import { BOTTOMS } from '../box';
import { CORNERS, hasDepth, type Corner, type Material } from '../job';
import { downTo, inches, millimetres, share, type Length, nm, type Said } from '../length';
import { judged, writable, type BoxFacts, type BoxRule } from './box-facts';
import { remedy, type Remedy } from './finding';

/** Something that can't be cut, and the size that can. */
interface Impossible {
  readonly joint: Said;
  /** Of its front's frame: it holds the front only. */
  readonly ofFrame?: boolean;
  readonly mend?: Mend | undefined;
}

/** A field and what it may be: a size, or another material. */
type Mend = { readonly path: string } & ({ readonly size: Length } | { readonly material: Material });

/** Joints that can't be: deeper than the wood they are cut in or out of, or with more play than their grooves hold. */
export const jointImpossible: BoxRule = (facts) => {
  const found = [...corners(facts), ...groove(facts), ...batten(facts), ...frame(facts)];
  if (found.length === 0) return undefined;
  const holds = found.every(({ ofFrame }) => ofFrame);
  return judged(
    {
      ...said('JOINT_IMPOSSIBLE', { joints: found.map(({ joint }) => joint) }),
      severity: 'stop',
      step: holds ? 'fronts' : 'boxes',
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
    ...sizes.map(({ path, size }) => ({
      path,
      value: exact(size),
      change: said('change-size', { what: nameOf(path), size }),
    })),
    ...materials.map(({ path, material }) => ({
      path,
      value: material.id,
      change: said('change-material', { what: nameOf(path), material: material.name }),
    })),
  ];
  const last = [...new Map(written.map((each) => [each.path, each])).values()];
  return remedy(
    'mend-joints',
    { changes: last.map(({ change }) => change) },
    last.map(({ path, value }) => ({ path, value })),
  );
}

function nameOf(path: string) {
  if (path.endsWith('play')) return 'play';
  if (path.endsWith('panel')) return 'panel';
  return path.includes('corner') ? 'joint' : 'groove';
}

/** Half a thickness, down to what a rule shows. */
function half({ job }: BoxFacts, wood: Material): Length {
  const fine = downTo(share(wood.thickness, 2), job.unit === 'in' ? inches(1, 64) : millimetres(0.5));
  return fine > 0 ? fine : share(wood.thickness, 2);
}

function corners(facts: BoxFacts): readonly Impossible[] {
  const { stock } = facts;
  const own = stock.box.corner.back;
  return [
    ...corner(facts, stock.frontCorner, stock.ends, 'box.corner.depth', false),
    ...(own || stock.back !== stock.ends
      ? corner(facts, stock.backCorner, stock.back, own ? 'box.corner.back.depth' : 'box.corner.depth', true)
      : []),
  ];
}

/** A rabbet, tail or tongue is cut in or out of an end, a dado in the side. */
function corner(facts: BoxFacts, of: Corner, end: Material, field: string, atBack: boolean): readonly Impossible[] {
  const { depth } = of;
  if (!hasDepth(of.joint) || depth === undefined) return [];
  const wood = CORNERS[of.joint].cuts?.side === 'dado' ? facts.stock.sides : end;
  if (depth < wood.thickness) return [];
  const about = { joint: said(`joint/${of.joint}`), atBack, depth, wood: wood.name, thick: wood.thickness };
  return [{ joint: said('corner-too-deep', about), mend: { path: facts.field(field), size: half(facts, wood) } }];
}

function groove(facts: BoxFacts): readonly Impossible[] {
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
      joint: said('bottom-groove-too-deep', {
        rabbet: !row.raised,
        depth,
        wood: thin.name,
        thick: thin.thickness,
      }),
      mend: { path: field('box.groove.depth'), size: half(facts, thin) },
    });
  if (play >= 2 * depth)
    found.push({
      joint: said('bottom-play-too-much', { play: nm(play), grooves: nm(2 * depth) }),
      mend: { path: field('box.play'), size: share(depth, 4) },
    });
  return found;
}

/** The batten's groove in a side: what the slide's row asks for decides it. */
function batten({ at, stock }: BoxFacts): readonly Impossible[] {
  const depth = at('runner.groove')?.total;
  if (depth === undefined || depth < stock.sides.thickness) return [];
  const { name, thickness } = stock.sides;
  return [{ joint: said('batten-groove-too-deep', { depth, wood: name, thick: thickness }) }];
}

/** A framed front: its panel goes into a groove of the frame. */
function frame(facts: BoxFacts): readonly Impossible[] {
  const { bank, bankPath, front, panel } = facts;
  const { frame: made } = bank.front;
  if (!made || !panel) return [];
  const path = `${bankPath}.front.frame`;
  const narrow = made.rail === undefined || made.stile < made.rail ? made.stile : made.rail;
  const found: Impossible[] = [];
  if (panel.thickness >= front.thickness)
    found.push({
      joint: said('panel-too-thick', { panel: panel.name }),
      ofFrame: true,
      mend: thinner(facts, `${path}.panel`),
    });
  if (made.groove >= narrow)
    found.push({
      joint: said('frame-groove-too-deep', { depth: made.groove, wide: narrow }),
      ofFrame: true,
      mend: { path: `${path}.groove`, size: share(narrow, 4) },
    });
  if (made.play >= 2 * made.groove)
    found.push({
      joint: said('panel-play-too-much', { play: made.play, grooves: nm(2 * made.groove) }),
      ofFrame: true,
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
