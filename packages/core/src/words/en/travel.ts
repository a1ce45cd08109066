import type { Length, Said } from '../../length';
import type { CalledBank } from '../called';
import type { Words } from '../words';
import { bankName, numbers } from './places';

const SIDE = { left: 'left', right: 'right' } as const;
type Hand = keyof typeof SIDE;

const of = (owner: string | undefined): string => (owner === undefined ? '' : ` of ${owner}`);

/** What stands in a case besides drawers and doors. */
const THINGS = { 'tilt-out': 'tilt-out', board: 'work board', lid: 'lid' };

/** What moves, and what stands in its way; `owner` names its case where a job has several. */
export const MOVING = {
  'moving/drawers': (
    p: { places: readonly number[]; bank: CalledBank; owner: string | undefined; pull: boolean },
    w: Words,
  ) =>
    `${p.pull ? 'the pull of ' : ''}${w.form(p.places.length, { one: 'drawer', other: 'drawers' })} ${numbers(p.places, w)} of ${bankName(p.bank)}${p.owner === undefined ? '' : `, ${p.owner}`}`,
  'moving/leaf': (p: { door: string; side: Hand; pair: boolean; owner: string | undefined; pull: boolean }) =>
    `${p.pull ? 'the pull of ' : ''}${p.pair ? `the ${SIDE[p.side]} leaf of ` : ''}door “${p.door}”${of(p.owner)}`,
  'moving/case': ({ owner }: { owner: string }) => `the case “${owner}”`,
  'moving/worktop': ({ owner }: { owner: string | undefined }) => `the worktop${of(owner)}`,
  'moving/wall': ({ wall }: { wall: string }) => `the wall “${wall}”`,
  'moving/casing': ({ wall, place }: { wall: string; place: number }) => `casing ${place + 1} of the wall “${wall}”`,
  'moving/thing': (p: { thing: string; handle: boolean; kind: keyof typeof THINGS | undefined }) =>
    `${p.handle ? 'the handle of ' : ''}${p.kind ? `${THINGS[p.kind]} ` : ''}“${p.thing}”`,
};

type Far = { readonly length: Length } | { readonly degrees: number };

/** A way as far as it goes: “12 in”, “83.5°”. */
const far = (way: Far, w: Words): string =>
  'length' in way ? w.size(way.length) : `${Math.floor(way.degrees * 10 + 1e-6) / 10}°`;
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What an experienced builder would say of what moves and what it hits; of a drawer, or of the leaf that is named. */
export const TRAVEL_FINDINGS = {
  TRAVEL_LIMITED: (p: { mover: Said | undefined; travel: Far; full: Far; met: Said }, w: Words) => {
    const [mover, met] = [p.mover ? capital(w.say(p.mover)) : 'It', w.say(p.met)];
    const none = 'length' in p.travel ? p.travel.length === 0 : p.travel.degrees === 0;
    return none
      ? `${mover} does not open at all: ${met} stands in the way.`
      : `${mover} opens ${far(p.travel, w)} of ${far(p.full, w)}: there it meets ${met}.`;
  },
  HANDLE_HITS: (p: { mover: Said | undefined; met: Said; own: boolean; travel: Far; without: Far }, w: Words) => {
    const [mover, met] = [p.mover ? w.say(p.mover) : 'the drawer', w.say(p.met)];
    const ways = `it would open ${far(p.without, w)}, not ${far(p.travel, w)}`;
    return p.own
      ? `The pull of ${mover} hits ${met}: without it ${ways}. A flatter pull, or a grip, would do.`
      : `${capital(mover)} hits ${met}: were that flatter, ${ways}.`;
  },
  DOORS_MEET: (p: { leaf: Said; others: readonly Said[] }, w: Words) =>
    `${capital(w.say(p.leaf))} and ${w.list(p.others.map((each) => w.say(each)))} meet when both are open: open one first, and close it before the other.`,
  DRAWERS_MEET: (p: { one: Said; others: readonly Said[] }, w: Words) =>
    `${capital(w.say(p.one))} and ${w.list(p.others.map((each) => w.say(each)))} meet when both are out.`,
  NO_ROOM_TO_STAND: (p: { left: Length; wanted: Length; met: Said }, w: Words) =>
    `Once it is out there is ${w.size(p.left)} before ${w.say(p.met)}: to stand there wants ${w.size(p.wanted)}.`,
};
