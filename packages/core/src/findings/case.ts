import { said, type CalledBank } from '../words';
import type { GrainRun } from '../fronts';
import type { Case, Edge } from '../job';
import { add, largest, millimetres, minus, nm, plus, smallest, subtract, tally, type Length } from '../length';
import { STEADY, type Balance } from '../stability';
import type { Patch } from '../reading';
import { remedy, type Exact, type Finding, type Remedy } from './finding';

/** Widths this near are alike to the eye. */
const ALIKE = millimetres(0.8);
const JUMP = millimetres(1);

/** One bank or door of a case, as its neighbours see it. */
export interface Neighbour {
  readonly path: string;
  /** Where its laps and its gap are written. */
  readonly at: string;
  /** Of a door its id. */
  readonly door?: string;
  readonly planned: boolean;
  readonly inset: boolean;
  readonly opening: Length;
  readonly front: Length;
  /** How it is called in a sentence. */
  readonly called: CalledBank;
  /** How far its fronts pass the opening at every edge, and the gap it leaves between fronts. */
  readonly laps: Readonly<Record<Edge, Length>>;
  readonly gap: Length;
  /** Fields that decide an edge's lap in its place: a line, a reveal. */
  readonly instead?: Readonly<Partial<Record<Edge, string>>>;
  /** The divider to its right, and the field that says so; none where nobody told. */
  readonly divider: { readonly thickness: Length; readonly path: string } | undefined;
}

/** A case with its banks side by side. */
export interface CaseFacts {
  readonly owner: Case;
  readonly path: string;
  readonly banks: readonly Neighbour[];
  /** In a case that is planned whole: which of them meet, and on what. */
  readonly shared?: readonly SharedMember[];
}

/** Two banks or doors on one member: columns from the left, rows from the top. */
export interface SharedMember {
  readonly kind: 'column' | 'row';
  readonly first: Neighbour;
  readonly second: Neighbour;
  readonly member: { readonly thickness: Length; readonly path: string };
}

/**
 * On shared dividers openings alike give fronts that differ, and fronts alike openings that differ. Asks which, once;
 * after the answer it only says where what should be alike is not.
 */
export function neighboursUnequal(facts: CaseFacts, exact: Exact): Finding | undefined {
  const { owner, banks } = facts;
  if (owner.divider === undefined || banks.length < 2 || banks.some(({ inset }) => inset)) return undefined;
  const spread = {
    fronts: spreadOf(banks.map(({ front }) => front)),
    openings: spreadOf(banks.map(({ opening }) => opening)),
  };
  const differ = { fronts: spread.fronts > ALIKE, openings: spread.openings > ALIKE };
  const asked = owner.alike;
  if (asked ? !differ[asked] : differ.fronts === differ.openings) return undefined;
  const which = asked ?? (differ.fronts ? 'fronts' : 'openings');
  const other = which === 'fronts' ? 'openings' : 'fronts';
  const sizes = banks.map((each) => each[which === 'fronts' ? 'front' : 'opening']);
  return {
    ...said('NEIGHBOUR_FRONTS_UNEQUAL', { which, asked: asked !== undefined, by: spread[which] }),
    severity: 'note',
    step: 'measure',
    because: tally(plus('widest', largest(sizes)), minus('narrowest', smallest(sizes))),
    remedies: [...(asked ? [] : [kept(facts, other)]), ...evened(facts, which, exact)],
  };
}

function spreadOf(lengths: readonly Length[]): Length {
  return subtract(largest(lengths), smallest(lengths));
}

function kept({ path }: CaseFacts, what: 'fronts' | 'openings'): Remedy {
  return remedy('keep-alike', { what }, [{ path: `${path}.alike`, value: what }]);
}

/** Planned openings can still be made so that the fronts (or the openings) come out alike; built ones can't. */
function evened({ path, banks }: CaseFacts, what: 'fronts' | 'openings', exact: Exact): readonly Remedy[] {
  if (!banks.every(({ planned }) => planned)) return [];
  const total = add(...banks.map((each) => (what === 'fronts' ? each.front : each.opening)));
  const each = Math.floor(total / banks.length);
  const widths = banks.map(({ front, opening }, place) => {
    const size = place === banks.length - 1 ? total - each * (banks.length - 1) : each;
    return nm(what === 'fronts' ? size - (front - opening) : size);
  });
  if (widths.some((width) => width <= 0)) return [];
  const patches = banks.map((bank, place) => ({
    path: `${bank.path}.opening.width`,
    value: [exact(widths[place] ?? nm(0))],
  }));
  return [remedy('make-alike', { what }, [...patches, { path: `${path}.alike`, value: what }])];
}

/** The tipping ratio; an indication, not a certificate. */
export function tips({ owner, path }: CaseFacts, balance: Balance, steadied: Balance | undefined): Finding | undefined {
  const { stand = {} } = owner;
  if (stand.anchored || balance.ratio >= STEADY) return undefined;
  const tipping = balance.ratio < 1;
  const remedies: Remedy[] = [remedy('anchor-case', {}, holdingPatch(owner, path, 'anchored'))];
  if (steadied && steadied.ratio >= STEADY)
    remedies.push(remedy('interlock-drawers', {}, holdingPatch(owner, path, 'interlock')));
  return {
    ...said('TIPS', {
      owner: owner.name,
      tipping,
      oneOut: stand.interlock === true,
      ratio: balance.ratio,
      wanted: STEADY,
      ballast: Number.isFinite(balance.ballast) ? balance.ballast : undefined,
    }),
    severity: tipping ? 'stop' : 'warn',
    step: 'case',
    holds: 'nothing',
    remedies,
  };
}

/** Of a case that is told nothing else of how it stands: that alone, the rest follows. */
function holdingPatch({ stand }: CaseFacts['owner'], path: string, held: 'anchored' | 'interlock'): readonly Patch[] {
  return [stand ? { path: `${path}.stand.${held}`, value: true } : { path: `${path}.stand`, value: { [held]: true } }];
}

/** The figure across the case, at the joint where it jumps most. */
export function grainJumpsAcross({ path }: CaseFacts, run: GrainRun, strip: Length, exact: Exact): Finding | undefined {
  const [worst] = [...run.jumps].sort((a, b) => Math.abs(b.total) - Math.abs(a.total));
  if (!worst || Math.abs(worst.total) <= JUMP) return undefined;
  const more = add(strip, worst.total);
  const cut = remedy('cut-strip-out', { strip: more }, [{ path: `${path}.run.strip`, value: exact(more) }]);
  return {
    ...said('GRAIN_JUMPS', { by: nm(Math.abs(worst.total)), below: undefined }),
    severity: 'note',
    step: 'fronts',
    because: worst,
    remedies: more >= 0 ? [cut] : [],
  };
}
