import type { Length, Said } from '../../length';
import type { Words } from '../words';
import { inSentence } from './places';

const SIDE = { left: 'left', right: 'right' };

/** What an experienced builder would say of the doors of a case. */
export const DOOR_FINDINGS = {
  DOOR_IMPOSSIBLE: ({ door, part, size }: { door: string; part: Said; size: Length }, w: Words) =>
    `A ${w.say(part)} of door “${door}” would come to ${w.size(size, 'part')}.`,
  HINGE_REACH: (p: { door: string; hinge: Said; overlay: Length; side: 'left' | 'right' }, w: Words) =>
    `${w.say(p.hinge)} does not reach: door “${p.door}” ${p.overlay < 0 ? `stands back by ${w.size(-p.overlay as Length)}` : `laps by ${w.size(p.overlay)}`} at the ${SIDE[p.side]}, and none of the plates at hand gives its cup a place that can be bored.`,
  HINGES_TOO_FEW: (p: { door: string; has: number; needed: number; weight: number; carries: number }, w: Words) =>
    p.weight > p.carries
      ? `A leaf of door “${p.door}” weighs ${w.weight(p.weight)}, and ${w.count(p.has, { one: 'hinge', other: 'hinges' })} carry ${w.weight(p.carries)} at its width.`
      : `Door “${p.door}” wants ${w.count(p.needed, { one: 'hinge', other: 'hinges' })} by its height and weight; it has ${p.has}.`,
  DOOR_TOO_WIDE: ({ door, over, most }: { door: string; over: Length; most: Length }, w: Words) =>
    `Door “${door}” is ${w.size(over)} wider than ${w.size(most)}: of one piece it will not stay flat, and it hangs heavily.`,
  DOOR_THIN: ({ door, needs, short }: { door: string; needs: Length; short: Length }, w: Words) =>
    `Door “${door}” is ${w.size(short)} thinner than the ${w.size(needs)} its hinges’ cups need: they would show through.`,
  DOOR_SAGS: ({ door, most }: { door: string; most: Length }, w: Words) =>
    `Door “${door}” is over ${w.size(most)} high and its corners have no tongue: it will sag.`,
  /** Of a drawer's front after its name, so that it begins small. */
  FRAME_WALL_THIN: ({ door, wall, least }: { door: string | undefined; wall: Length; least: Length }, w: Words) =>
    `${door === undefined ? 'beside' : 'Beside'} the groove only ${w.size(wall)} of the frame ${door === undefined ? 'of its front' : `of door “${door}”`} is left: a quarter of it, ${w.size(least)}, is the least.`,
  HINGE_FOULS: (
    p: {
      door: string;
      side: 'left' | 'right';
      hinge: number;
      places: readonly number[];
      slide: Said;
      clear: Length;
      protrusion: Length;
      pack: Length;
    },
    w: Words,
  ) =>
    `Hinge ${p.hinge} of door “${p.door}” stands ${w.size(p.protrusion)} in the opening at the ${SIDE[p.side]} when it is open; ${w.form(p.places.length, { one: 'tray', other: 'trays' })} ${w.list(p.places.map((place) => String(place + 1)))} on ${inSentence(w.say(p.slide))} ${w.form(p.places.length, { one: 'is', other: 'are' })} only ${w.size(p.clear)} clear there. Packed out by ${w.size(p.pack, 'packing')} they pass; every box behind this door then changes.`,
  TRAY_HITS_DOOR: (
    p: {
      door: string;
      places: readonly number[];
      side: 'left' | 'right';
      opens: number;
      by: Length;
      measured: boolean;
    },
    w: Words,
  ) =>
    `Door “${p.door}” ${p.measured ? 'was measured as it hangs, open' : `opens to ${p.opens}°`}: ${w.form(p.places.length, { one: 'tray', other: 'trays' })} ${w.list(p.places.map((place) => String(place + 1)))} would meet its leaf at the ${SIDE[p.side]} by ${w.size(p.by)}.`,
  LIP: ({ place, under }: { place: number; under: Length }, w: Words) =>
    `The floor lies ${w.size(under)} under the frame’s edge: the slides of tray ${place + 1} stand on it, and it would run against the frame. Raise them over it.`,
  NO_STOP: ({ door }: { door: string }) =>
    `Door “${door}” is set in, and nothing stops it: it wants a rail behind it or a bumper.`,
};
