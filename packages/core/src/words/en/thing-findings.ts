import type { Length } from '../../length';
import type { Words } from '../words';

/** What an experienced builder would say of tilt-outs, work boards and uprights. */
export const THING_FINDINGS = {
  TILT_FOULS: (
    p: { thing: string; over: Length; against: 'above' | 'behind' | 'door'; tallest: Length | undefined },
    w: Words,
  ) => {
    if (p.against === 'behind')
      return `The bin of tilt-out “${p.thing}” comes ${w.size(p.over)} too far back: it would meet the back of the case.`;
    if (p.against === 'door')
      return `The bin of tilt-out “${p.thing}” stands ${w.size(p.over)} in its own door: it wants to be farther back.`;
    const most =
      p.tallest === undefined ? 'No bin so deep clears it there.' : `${w.size(p.tallest, 'part')} high it clears it.`;
    return `The bin of tilt-out “${p.thing}” rises ${w.size(p.over)} too high as it opens: its far edge would meet what is over it. ${most}`;
  },
  BIN_TOO_WIDE: ({ thing, over }: { thing: string; over: Length }, w: Words) =>
    `The bin of tilt-out “${thing}” is ${w.size(over)} too wide for its opening: it wants room at both sides.`,
  MOUTH_HIDDEN: ({ thing, share }: { thing: string; share: number }) =>
    `Open, only ${Math.round(share * 100)} % of the bin of tilt-out “${thing}” is out: a liner is lifted out where 60 % is.`,
  SLOT_TOO_LOW: ({ thing, short }: { thing: string; short: Length }, w: Words) =>
    `The slot of work board “${thing}” is ${w.size(short)} too low for it to run.`,
  BOARD_TOO_LONG: ({ thing, over }: { thing: string; over: Length }, w: Words) =>
    `Work board “${thing}” is ${w.size(over)} longer than its slot is deep.`,
  LID_SHUT: ({ thing, over }: { thing: string; over: 'top' | 'worktop' }) =>
    `Lid “${thing}” opens onto ${over === 'top' ? 'the case’s closed top' : 'a worktop'}: leave that out, or make the top of stretchers.`,
  LID_FALLS: ({ thing }: { thing: string }) =>
    `Nothing keeps lid “${thing}” open: it falls on fingers and heads, a child’s first. A stay that brakes it goes on one side or both, by its maker’s sheet.`,
  UPRIGHTS_CROWDED: ({ node, count }: { node: string; count: number }) =>
    `${count} uprights leave no way between them in “${node}”: take fewer.`,
};
