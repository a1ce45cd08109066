import type { GrainRun } from '../fronts';
import type { Case } from '../job';
import { add, largest, millimetres, minus, nm, plus, smallest, subtract, tally, type Length } from '../length';
import { STEADY, type Balance } from '../stability';
import type { Exact, Finding, Remedy, Say } from './finding';

/** Widths this near are alike to the eye. */
const ALIKE = millimetres(0.8);
const JUMP = millimetres(1);

/** One bank of a case, as its neighbours see it. */
export interface Neighbour {
  readonly path: string;
  readonly planned: boolean;
  readonly inset: boolean;
  readonly opening: Length;
  readonly front: Length;
  /** How it is called in a sentence. */
  readonly title: string;
  /** How far its fronts pass the opening left and right, and the gap it leaves between fronts. */
  readonly laps: { readonly left: Length; readonly right: Length };
  readonly gap: Length;
  /** The divider to its right, and the field that says so; none where nobody told. */
  readonly divider: { readonly thickness: Length; readonly path: string } | undefined;
}

/** A case with its banks side by side. */
export interface CaseFacts {
  readonly owner: Case;
  readonly path: string;
  readonly banks: readonly Neighbour[];
}

/**
 * On shared dividers openings alike give fronts that differ, and fronts alike openings that differ. Asks which, once;
 * after the answer it only says where what should be alike is not.
 */
export function neighboursUnequal(facts: CaseFacts, say: Say, exact: Exact): Finding | undefined {
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
    code: 'NEIGHBOUR_FRONTS_UNEQUAL',
    severity: 'note',
    step: 'measure',
    says: asked
      ? `The ${which} should be alike and differ by ${say(spread[which])}.`
      : `The ${other} of neighbouring banks are alike, so their ${which} differ by ${say(spread[which])}. Which should be alike?`,
    because: tally(plus('widest', largest(sizes)), minus('narrowest', smallest(sizes))),
    remedies: [...(asked ? [] : [kept(facts, other)]), ...evened(facts, which, exact)],
  };
}

function spreadOf(lengths: readonly Length[]): Length {
  return subtract(largest(lengths), smallest(lengths));
}

function kept({ path }: CaseFacts, what: 'fronts' | 'openings'): Remedy {
  return { says: `Keep the ${what} alike`, patches: [{ path: `${path}.alike`, value: what }] };
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
  return [{ says: `Make the ${what} alike`, patches: [...patches, { path: `${path}.alike`, value: what }] }];
}

/** The tipping ratio; an indication, not a certificate. */
export function tips({ owner, path }: CaseFacts, balance: Balance, steadied: Balance | undefined): Finding | undefined {
  const { stand } = owner;
  if (!stand || stand.anchored || balance.ratio >= STEADY) return undefined;
  const tipping = balance.ratio < 1;
  const ballast = Number.isFinite(balance.ballast)
    ? ` About ${Math.ceil(balance.ballast)} kg low at the back would steady it.`
    : '';
  const out = stand.interlock ? 'one drawer out' : 'every drawer out';
  const remedies: Remedy[] = [
    { says: 'Anchor it to the wall', patches: [{ path: `${path}.stand.anchored`, value: true }] },
  ];
  if (steadied && steadied.ratio >= STEADY)
    remedies.push({
      says: 'Let only one drawer out at a time',
      patches: [{ path: `${path}.stand.interlock`, value: true }],
    });
  return {
    code: 'TIPS',
    severity: tipping ? 'stop' : 'warn',
    step: 'case',
    holds: 'nothing',
    says: `${owner.name} ${tipping ? 'tips' : 'may tip'}: with ${out}, what stands behind its front feet is ${balance.ratio.toFixed(2)} times what hangs before them; ${STEADY} is wanted.${ballast} Anchor it to the wall; local rules and the published furniture stability standard decide. This is an indication, not a certificate.`,
    remedies,
  };
}

/** The figure across the case, at the joint where it jumps most. */
export function grainJumpsAcross(
  { path }: CaseFacts,
  run: GrainRun,
  strip: Length,
  say: Say,
  exact: Exact,
): Finding | undefined {
  const [worst] = [...run.jumps].sort((a, b) => Math.abs(b.total) - Math.abs(a.total));
  if (!worst || Math.abs(worst.total) <= JUMP) return undefined;
  const more = add(strip, worst.total);
  const remedy = {
    says: `Cut a strip of ${exact(more)} out between the fronts`,
    patches: [{ path: `${path}.run.strip`, value: exact(more) }],
  };
  return {
    code: 'GRAIN_JUMPS',
    severity: 'note',
    step: 'fronts',
    says: `The figure jumps by ${say(nm(Math.abs(worst.total)))} from bank to bank: the gap and what the saw takes differ.`,
    because: worst,
    remedies: more >= 0 ? [remedy] : [],
  };
}
