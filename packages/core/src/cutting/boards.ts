import { materialCalled, partSaid } from './called';
import { said, sameSaid, saidKey } from '../words';
import type { Job, Material, Saw } from '../job';
import { frontPanels, type FrontPanel } from './cut-list';
import { sawOf } from './saw';
import { add, inches, inMillimetres, millimetres, nm, ZERO, type Length, type Unit, type Said } from '../length';
import type { BankPlan, Plan } from '../plan';
import type { CutPart, Use } from './cut-part';
import { partsOf, toCut } from './parts';

/** What boards become: parts, boards of a panel, or the rails that stand between drawers. */
export type BoardUse = Use['role'] | 'board' | 'drawer-rail';

/** One row of a board list: pieces alike, cut over size from rough boards. */
export interface BoardRow {
  readonly what: BoardUse;
  readonly count: number;
  /** Over size, by the allowance. */
  readonly length: Length;
  readonly width: Length;
  readonly thickness: Length;
  /** Thickness of the rough board it is planed from. */
  readonly rough: Length;
}

/** A panel glued up from boards for fronts that are cut out of it one after the other. */
export interface GlueUp {
  /** What it is glued up for, where that is a part of a case and not fronts. */
  readonly part?: Said;
  /** The fronts in it, in their order. */
  readonly parts: readonly CutPart[];
  /** As glued, over size by the allowance. */
  readonly length: Length;
  readonly width: Length;
  readonly thickness: Length;
  /** So many boards edge to edge, each as wide as this when it is jointed. */
  readonly boards: { readonly count: number; readonly width: Length };
  /** Where the glued panel is cut across its boards' ends or along them, from its first edge, in order. */
  readonly cutLines: readonly Length[];
  /** No dowel, tenon or screw nearer a cut line than this. */
  readonly clear: Length;
}

/** All rows out of one wood, and what they come to; figures for buying, without waste. */
export interface BoardGroup {
  /** Name of the material, or what wood is for that the plan asks for without a material of the job. */
  readonly wood: Said;
  readonly rows: readonly BoardRow[];
  readonly glueUps: readonly GlueUp[];
  readonly bought: Bought;
}

/** In rough boards. */
export interface Bought {
  /** All pieces end to end, in metres and in feet. */
  readonly metres: number;
  readonly feet: number;
  /** One board foot is a foot square and an inch thick. */
  readonly boardFeet: number;
  readonly cubicMetres: number;
}

interface Wanted {
  readonly wood: Said;
  readonly what: BoardUse;
  readonly length: Length;
  readonly width: Length;
  readonly thickness: Length;
}

const ROUGH: readonly (readonly [Length, Length])[] = [
  [millimetres(21), inches(1, 1)],
  [millimetres(27), inches(5, 4)],
  [millimetres(33), inches(3, 2)],
  [millimetres(46), inches(2, 1)],
];

/** Boards wider than this cup, and are seldom to be had. Common practice. */
const WIDEST_BOARD: Readonly<Record<Unit, Length>> = { in: inches(11, 2), mm: millimetres(140) };
/** Fastenings keep this far from a later cut. Common practice. */
const CLEAR: Readonly<Record<Unit, Length>> = { in: inches(1, 2), mm: millimetres(12) };

/**
 * The board list of solid wood: drawer parts without a sheet, runners and kickers, and rails between drawers. Boards
 * are bought by the rough thickness they are planed from (common practice: 4/4 gives 19 to 21 mm, 5/4 up to 27, 8/4 up
 * to 46).
 */
export function boardList(job: Job, plan: Plan): readonly BoardGroup[] {
  const all = partsOf(job, plan).parts.filter(toCut);
  const solid = all.filter(({ material }) => material.kind === 'solid' && !material.sheet);
  const runs = frontPanels(job, plan, all)
    .filter(({ material }) => material.kind === 'solid' && !material.sheet)
    .map((panel) => ({ wood: materialCalled(panel.material), made: glueUp(job, panel) }));
  const inRuns = new Set(runs.flatMap(({ made }) => made.parts.map(({ name }) => name)));
  const panels = solid
    .filter((part) => !inRuns.has(part.name) && part.width.total > widestBoard(job, part.material))
    .map((part) => ({
      wood: materialCalled(part.material),
      made: { ...glueUp(job, panelOf(part)), part: partSaid(part) },
    }));
  const glued = [...runs, ...panels];
  const inPanels = new Set(glued.flatMap(({ made }) => made.parts.map(({ name }) => name)));
  const own = solid
    .filter(({ name }) => !inPanels.has(name))
    .map(({ material, use, length, width }) => ({
      wood: materialCalled(material),
      what: use.role,
      length: length.total,
      width: width.total,
      thickness: material.thickness,
    }));
  const banks = plan.cases.flatMap((owner) => owner.banks);
  const wanted = [...own, ...banks.flatMap(railsOf)];
  const woods = [...new Map([...wanted, ...glued].map(({ wood }) => [saidKey(wood), wood])).values()];
  return woods.map((wood) => {
    const glueUps = glued.filter((each) => sameSaid(each.wood, wood)).map(({ made }) => made);
    const boards = glueUps.flatMap(({ length, thickness, boards: { count, width } }) =>
      Array.from({ length: count }, () => ({ wood, what: 'board' as const, length, width, thickness })),
    );
    const rows = [
      ...rowsOf(
        wanted.filter((each) => sameSaid(each.wood, wood)),
        allowanceOf(job),
      ),
      // A board of a panel has its end allowance from the panel already: only what jointing takes is added.
      ...rowsOf(boards, { length: ZERO, width: JOINTED[job.unit] }),
    ];
    return { wood, rows, glueUps, bought: boughtOf(rows) };
  });
}

/** What jointing both edges of a board takes. Common practice. */
const JOINTED: Readonly<Record<Unit, Length>> = { in: inches(1, 4), mm: millimetres(6) };

/** As wide as it comes, and no wider than the planer takes. */
export function widestBoard({ unit, saw }: Job, { board }: Material): Length {
  return nm(Math.min(board?.width ?? WIDEST_BOARD[unit], saw?.limits?.planer ?? Infinity));
}

/** A part that is wider than a board, as a panel of its own. */
function panelOf(part: CutPart): FrontPanel {
  const { material, length, width, release } = part;
  return { material, length: length.total, width: width.total, parts: [part], release };
}

/** A panel of fronts from as few boards as their greatest width allows, all of one width. */
function glueUp(job: Job, { material, length, width, parts }: FrontPanel): GlueUp {
  const over = allowanceOf(job);
  const [long, wide] = [add(length, over.length), add(width, over.width)];
  const count = Math.max(1, Math.ceil(wide / widestBoard(job, material)));
  return {
    parts,
    length: long,
    width: wide,
    thickness: material.thickness,
    boards: { count, width: nm(Math.ceil(wide / count)) },
    cutLines: cutLines(parts, over, sawOf(job).kerf),
    clear: CLEAR[job.unit],
  };
}

/** Where one front ends and the next begins, from the edge (or end) that is trimmed first. */
function cutLines(parts: readonly CutPart[], over: NonNullable<Saw['allowance']>, kerf: Length): readonly Length[] {
  const [first] = parts;
  const bank = parts.filter(({ use }) => use.path === first?.use.path);
  let at: number = Math.floor((first?.upright ? over.length : over.width) / 2);
  const lines: Length[] = [nm(at)];
  for (const { upright, length, width } of bank) {
    at += (upright ? length : width).total;
    lines.push(nm(at));
    at += kerf;
  }
  return lines;
}

/** Left on for squaring up: an inch of length and a quarter of width, or 25 and 6 mm. Common practice. */
export function allowanceOf({ saw, unit }: Job): NonNullable<Saw['allowance']> {
  const usual =
    unit === 'in' ? { length: inches(1, 1), width: inches(1, 4) } : { length: millimetres(25), width: millimetres(6) };
  return saw?.allowance ?? usual;
}

/** The rails between drawers, between the case's sides; what a joint adds is for the builder to say. */
function railsOf({ bank, drawers, opening }: BankPlan): readonly Wanted[] {
  const { rail = ZERO } = bank;
  if (rail === 0) return [];
  const one: Wanted = {
    wood: said('wood/case-rails'),
    what: 'drawer-rail',
    length: opening.width.total,
    width: rail,
    thickness: inches(3, 4),
  };
  return drawers.slice(1).map(() => one);
}

function rowsOf(wanted: readonly Wanted[], over: NonNullable<Saw['allowance']>): readonly BoardRow[] {
  const rows = new Map<string, BoardRow>();
  for (const { what, length, width, thickness } of wanted) {
    const key = [what, length, width, thickness].join('/');
    const known = rows.get(key);
    rows.set(key, {
      what,
      count: (known?.count ?? 0) + 1,
      length: add(length, over.length),
      width: add(width, over.width),
      thickness,
      rough: roughOf(thickness),
    });
  }
  return [...rows.values()].sort((a, b) => b.rough - a.rough || b.width - a.width || b.length - a.length);
}

/** The board it is planed from; over 8/4 the next whole inch with 5 mm to plane. */
export function roughOf(thickness: Length): Length {
  const row = ROUGH.find(([planed]) => thickness <= planed);
  if (row) return row[1];
  const inch = inches(1, 1);
  return nm(Math.ceil((thickness + millimetres(5)) / inch) * inch);
}

function boughtOf(rows: readonly BoardRow[]): Bought {
  const sum = (of: (row: BoardRow) => number): number => rows.reduce((all, row) => all + row.count * of(row), 0);
  const metres = sum(({ length }) => inMillimetres(length) / 1000);
  const cubicMetres = sum(
    ({ length, width, rough }) => (inMillimetres(length) * inMillimetres(width) * inMillimetres(rough)) / 1e9,
  );
  return { metres, feet: metres / 0.3048, boardFeet: cubicMetres / (0.3048 * 0.3048 * 0.0254), cubicMetres };
}
