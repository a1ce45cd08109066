import { boxStock, boxWidth, bottomFace, type BoxPaths } from '../box';
import { heightToShare, leastHeights } from '../fronts';
import { makeupPlace } from '../division';
import {
  decidedBy,
  drawerSettings,
  type Bank,
  type Drawer,
  type FitOf,
  type Job,
  type Material,
  type NodeOf,
  type WrittenBank,
  type WrittenCase,
} from '../job';
import {
  label,
  millimetres,
  nm,
  ofField,
  plus,
  plusTimes,
  tally,
  unlessZero,
  upTo,
  ZERO,
  type Length,
  type Tally,
  type Term,
} from '../length';
import type { Need, Needs } from '../layout';
import { slideTable, type SlideFamily } from '../slides';
import { completed } from './completed';
import { packOf } from './making';

type Node = NodeOf<Length>;
type Fit = FitOf<Length>;

/** Any width will do to work back from: what is taken off it does not depend on it. */
const ANY = millimetres(2000);

/** What the bank in a compartment to be fitted is reckoned from. */
interface Fitted {
  readonly job: Job;
  readonly table: ReadonlyMap<string, SlideFamily>;
  readonly bank: Bank;
  readonly path: string;
}

/**
 * The least openings that take what stands in the compartments that are to fit: backwards from what is stored, through
 * box, slide and packing. A compartment of which nothing is known is not among them. Common practice.
 */
export function needsOf(job: Job, owner: WrittenCase, path: string): Needs {
  const needs = new Map<string, Need>();
  if (!owner.layout || !fits(owner.layout)) return needs;
  const table = slideTable(job);
  for (const { node, path: at } of leavesIn(owner.layout, `${path}.layout`)) {
    const place = owner.banks.findIndex(({ compartment }) => compartment === node.id);
    const bank = owner.banks[place];
    const named = typeof node.fit === 'object' ? { fit: node.fit, path: `${at}.fit` } : undefined;
    const fitted = bank && { job, table, bank: anywhere(job, owner, bank), path: `${path}.banks[${place}]` };
    const need = named?.fit.of === 'as-it-is' || !fitted ? asItIs(named) : needOf(fitted, named);
    if (need.width ?? need.height) needs.set(node.id, need);
  }
  return needs;
}

function fits(node: Node): boolean {
  return Boolean(node.fit) || (node.across ?? node.down ?? []).some(fits);
}

function leavesIn(node: Node, path: string): readonly { readonly node: Node; readonly path: string }[] {
  const split = node.across ? 'across' : 'down';
  return node[split]?.flatMap((child, index) => leavesIn(child, `${path}.${split}[${index}]`)) ?? [{ node, path }];
}

/** With what follows from how it is written: trays are told no fronts. */
function anywhere(job: Job, owner: WrittenCase, bank: WrittenBank): Bank {
  return { ...bank, ...completed(job, owner, bank), opening: { width: [ANY], height: [ANY], depth: [ANY] } } as Bank;
}

interface Named {
  readonly fit: Fit;
  readonly path: string;
}

/** A thing that stands in the compartment itself. */
function asItIs(named: Named | undefined): Need {
  const size = (name: 'width' | 'height'): Tally | undefined => {
    const length = named?.fit[name];
    return named && length !== undefined
      ? tally(plus(thing(named.fit), length, ofField(`${named.path}.${name}`)))
      : undefined;
  };
  return { width: size('width'), height: size('height') };
}

function thing({ name }: Fit) {
  return name === undefined ? ('thing-named' as const) : label('stored', { name });
}

function needOf(fitted: Fitted, named: Named | undefined): Need {
  const widths = fitted.bank.drawers.map((drawer, place) => widthNeeded(fitted, drawer, place, named));
  return { width: largestOf(widths), height: heightNeeded(fitted, named) };
}

function largestOf(sizes: readonly (Tally | undefined)[]): Tally | undefined {
  return sizes.reduce((most, each) => (each && (!most || each.total > most.total) ? each : most), undefined);
}

/** What a drawer's slide and box take, so that what is wanted inside the box (or its outside, where it is made) goes in. */
function widthNeeded({ job, table, bank, path }: Fitted, drawer: Drawer, place: number, named: Named | undefined) {
  const wanted = widestOf(drawer, `${path}.drawers[${place}]`, named);
  if (!wanted) return undefined;
  const { family, stock, paths } = making(job, table, bank, drawer, place, path);
  const taken = boxWidth(family, stock, tally(plus('opening', ANY)), paths, packOf(bank, path)).terms.filter(
    (term) => !isOpening(term),
  );
  const side = plusTimes('side', 2, stock.sides.thickness, ofField(paths.thickness(stock.sides)));
  const ease = unlessZero(plus('ease', stock.box.ease ?? ZERO, ofField(paths.field('box.ease'))));
  const inside = named?.fit.of === 'made-box' ? [] : [ease, side];
  return tally(wanted, ...inside, ...taken.map(back));
}

const isOpening = ({ label: called }: Term): boolean => called.code === 'opening';
/** A term the other way round. */
const back = ({ label: called, amount, from }: Term): Term => plus(called, nm(-amount), from);

function making(
  job: Job,
  table: ReadonlyMap<string, SlideFamily>,
  bank: Bank,
  drawer: Drawer,
  place: number,
  path: string,
) {
  const settings = drawerSettings(bank, drawer);
  const material = (id: string): Material => job.materials.find((each) => each.id === id) as Material;
  const paths: BoxPaths = {
    field: (name) => decidedBy(path, place, drawer, name),
    front: (name) => `${path}.front.${name}`,
    thickness: (of) => `materials[${job.materials.indexOf(of)}].thickness`,
  };
  return { family: table.get(settings.slide.family) as SlideFamily, stock: boxStock(settings.box, material), paths };
}

/** The widest of what is stored in a drawer, none of it turned; or the thing that is named. */
function widestOf({ contents = [] }: Drawer, path: string, named: Named | undefined): Term | undefined {
  const { width } = named?.fit ?? {};
  if (named && width !== undefined) return plus(thing(named.fit), width, ofField(`${named.path}.width`));
  return contents.reduce<Term | undefined>((most, { name, footprint }, index) => {
    const across = footprint?.[0];
    if (across === undefined || (most && most.amount >= across)) return most;
    return plus(label('stored', { name }), across, ofField(`${path}.contents[${index}].footprint[0]`));
  }, undefined);
}

/** The opening its fronts share out when each is as low as what it holds allows; unknown where a drawer holds nothing. */
function heightNeeded(fitted: Fitted, named: Named | undefined): Tally | undefined {
  const bank = holding(fitted.bank, named);
  const { job, table, path } = fitted;
  const stored = bank.drawers.map((drawer, place) => {
    const { family, stock, paths } = making(job, table, bank, drawer, place, path);
    return { drawer, family, bottomFace: bottomFace(stock, paths).total };
  });
  const { increment, makeup } = bank.division;
  const rest = makeupPlace(
    makeup,
    bank.drawers.map(({ id }) => id),
  );
  const least = leastHeights(bank, path, stored).map((need, place) => {
    const { height, least: asked } = bank.drawers[place] ?? {};
    const wanted = height ?? Math.max(need?.total ?? 0, asked ?? 0);
    const whole = increment === undefined || place === rest || height !== undefined;
    return wanted === 0 ? undefined : whole ? nm(wanted) : upTo(nm(wanted), increment);
  });
  const known = least.filter((each) => each !== undefined);
  if (known.length < least.length) return undefined;
  const share = heightToShare(bank, tally(plus('opening', ZERO)), path).terms.slice(1);
  return tally(...known.map((height, place) => plus(label('front-of', { place }), height)), ...share.map(back));
}

/** A thing that is named lies in the lowest drawer. */
function holding(bank: Bank, named: Named | undefined): Bank {
  const { height, name = '', of } = named?.fit ?? {};
  // Of a box that is made its outside width alone is asked for.
  if (height === undefined || of === 'made-box') return bank;
  const last = bank.drawers.length - 1;
  const drawers = bank.drawers.map((drawer, place) =>
    place === last ? { ...drawer, contents: [...(drawer.contents ?? []), { name, height }] } : drawer,
  );
  return { ...bank, drawers };
}
