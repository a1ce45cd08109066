import type { Length, Said } from '../../length';
import type { Words } from '../words';
import { inSentence } from './places';

/** Corner joints, and what each is about. */
export const JOINTS = {
  'joint/butt-sides-run': 'Butt, sides run through',
  'joint/butt-ends-run': 'Butt, ends run through',
  'joint/pocket-screw': 'Pocket screws',
  'joint/rabbet': 'Rabbet in the ends',
  'joint/tongue-dado': 'Tongue and dado',
  'joint/housed': 'Housed in a full dado',
  'joint/mitre': 'Mitre',
  'joint/half-blind': 'Half-blind dovetail',
  'joint/through': 'Through dovetail or finger joint',
  'joint-told/butt-sides-run':
    'Ends stand between the sides, glued and nailed or screwed; the drawer front hides the joint.',
  'joint-told/butt-ends-run': 'Sides stand between the ends; the pull is on screws in end grain, so for light loads.',
  'joint-told/pocket-screw': 'Ends stand between the sides, drawn up by pocket screws that the drawer front hides.',
  'joint-told/rabbet': 'The ends lap the sides in a rabbet; glue and brads.',
  'joint-told/tongue-dado': 'A tongue on each end sits in a dado in the side; strong, one setting cuts both.',
  'joint-told/housed': 'The ends stand whole in dados of the sides, in from their ends.',
  'joint-told/mitre': 'All four meet at 45°: no end shows, and it wants splines or keys.',
  'joint-told/half-blind': 'Tails of the sides lie hidden in the ends; the strongest at the front.',
  'joint-told/through': 'Sides and ends pass right through each other and show on both faces.',
};

/** Ways to fit a bottom, and what each is about. */
export const BOTTOM_FITS = {
  'bottom-fit/captured': 'Captured in grooves all round',
  'bottom-fit/slid-in': 'Slid in under a cut-down back',
  'bottom-fit/applied': 'Applied below',
  'bottom-fit/rabbeted': 'In a rabbet, flush below',
  'bottom-fit-told/captured':
    'Held in grooves on all four sides: squares the box, but goes in when it is glued and never comes out.',
  'bottom-fit-told/slid-in':
    'Slides in from behind under a lower back and is fixed there with two screws: it can be replaced.',
  'bottom-fit-told/applied':
    'Glued and nailed on from below: quick, and it squares the box, but it shows and takes height.',
  'bottom-fit-told/rabbeted': 'Let into a rabbet from below, flush with the lower edges.',
};

/** Why a joint can't be made: said one after another. */
export const IMPOSSIBLE_JOINTS = {
  'corner-too-deep': (p: { joint: Said; atBack: boolean; depth: Length; wood: string; thick: Length }, w: Words) =>
    `${inSentence(w.say(p.joint))}${p.atBack ? ' at the back' : ''}: ${w.exact(p.depth)} deep in ${p.wood}, which is ${w.exact(p.thick)} thick`,
  'bottom-groove-too-deep': (p: { rabbet: boolean; depth: Length; wood: string; thick: Length }, w: Words) =>
    `the ${p.rabbet ? 'rabbet' : 'groove'} for the bottom is ${w.exact(p.depth)} deep in ${p.wood}, which is ${w.exact(p.thick)} thick`,
  'bottom-play-too-much': (p: { play: Length; grooves: Length }, w: Words) =>
    `the bottom’s play of ${w.exact(p.play)} is as much as both its grooves hold, ${w.size(p.grooves)}`,
  'batten-groove-too-deep': (p: { depth: Length; wood: string; thick: Length }, w: Words) =>
    `the groove for the batten is ${w.exact(p.depth)} deep in ${p.wood}, which is ${w.exact(p.thick)} thick`,
  'panel-too-thick': (p: { panel: string }) =>
    `its panel, ${p.panel}, is as thick as the frame it goes into a groove of`,
  'frame-groove-too-deep': (p: { depth: Length; wide: Length }, w: Words) =>
    `the groove of its frame is ${w.exact(p.depth)} deep in wood ${w.exact(p.wide)} wide`,
  'panel-play-too-much': (p: { play: Length; grooves: Length }, w: Words) =>
    `its panel’s play of ${w.exact(p.play)} is as much as both grooves hold, ${w.size(p.grooves)}`,
};

/** Parts as a drawer's findings call them, several of a kind together. */
export const PARTS_OF_DRAWER = {
  'length-of-part': (p: { part: Said }, w: Words) => `length of the ${w.say(p.part)}`,
  'width-of-part': (p: { part: Said }, w: Words) => `width of the ${w.say(p.part)}`,
  'parts/side': 'sides',
  'parts/box-front': 'box front',
  'parts/back': 'back',
  'parts/bottom': 'bottom',
  'parts/muntin': 'muntin',
  'parts/drawer-front': 'drawer front',
  'parts/stile': 'stiles',
  'parts/rail': 'rails',
  'parts/panel': 'panel',
  'parts/pull': 'pulls',
};
