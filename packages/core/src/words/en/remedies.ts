import type { Length, Said } from '../../length';
import type { CalledDrawer } from '../called';
import type { Words } from '../words';
import { drawerName, inSentence } from './places';

const named = (drawers: readonly CalledDrawer[], { list }: Words): string => list(drawers.map(drawerName));

/** Buttons that mend a finding. */
export const REMEDIES = {
  'pack-by': (p: { by: Length; side: 'left' | 'right' }, w: Words) =>
    `Pack the ${p.side === 'left' ? 'left' : 'right'} out by ${w.exact(p.by)}`,
  'opens-to': ({ angle }: { angle: number }) => `Let it open to ${angle}°`,
  'bin-so-high': ({ height }: { height: Length }, w: Words) => `A bin ${w.exact(height)} high`,
  'bin-so-deep': ({ depth }: { depth: Length }, w: Words) => `A bin ${w.exact(depth)} deep`,
  'bin-so-wide': ({ width }: { width: Length }, w: Words) => `A bin ${w.exact(width)} wide`,
  'bin-back-by': ({ back }: { back: Length }, w: Words) => `Stand it ${w.exact(back)} behind the hinge line`,
  'tilt-to': ({ angle }: { angle: number }) => `Let it tilt to ${angle}°`,
  'board-so-long': ({ length }: { length: Length }, w: Words) => `Make it ${w.exact(length)} long`,
  'slot-so-high': ({ height }: { height: Length }, w: Words) => `Make its slot ${w.exact(height)} high`,
  'fewer-uprights': ({ count }: { count: number }) => `Take ${count}`,
  'put-stay': 'Put a stay on it',
  'swap-compartments': ({ one, other }: { one: string; other: string }) =>
    `Change what stands in “${one}” with what stands in “${other}”`,
  'hinge-other-side': ({ side }: { side: 'left' | 'right' }) => `Hinge it on the ${side}`,
  'pull-out-by': ({ out }: { out: Length }, w: Words) =>
    out === 0 ? 'Take a pull that does not stand out' : `Take a pull that stands out ${w.exact(out)}`,
  'leave-filler': (p: { by: Length; side: 'left' | 'right' }, w: Words) =>
    `Leave ${w.exact(p.by)} at its ${p.side}, behind a filler`,
  'open-one-first': 'Open one first',
  'raise-over-lip': ({ by }: { by: Length }, w: Words) => `Raise them by ${w.size(by)}, level with the edge`,
  'length-by-slide': 'Let it follow the slide',
  'leave-slide-whole': 'Leave the slide whole',
  'saw-to-height': 'Saw it to the height it may have',
  'take-hinge': ({ hinge }: { hinge: Said }, w: Words) => `Take ${inSentence(w.say(hinge))}`,
  'lap-door-by': (p: { lap: Length; side: 'left' | 'right' | 'both'; inset: boolean }, w: Words) =>
    `${p.inset ? 'Leave' : 'Lap by'} ${w.exact(p.lap)} ${{ left: 'at the left', right: 'at the right', both: 'at both sides' }[p.side]}`,
  'so-many-hinges': ({ count }: { count: number }) => `Hang it on ${count}`,
  'door-in-two': 'Make it a pair',
  'door-of': ({ material }: { material: string }) => `Make it of ${material}`,
  'tongue-corners': 'Give its corners a tongue',
  'groove-centred': ({ width }: { width: Length }, w: Words) =>
    `Put the groove in the middle, ${w.size(width)} wide at most`,
  'door-stop': ({ what }: { what: 'rail' | 'bumper' }) => (what === 'rail' ? 'A rail stops it' : 'A bumper stops it'),
  'use-longest-slide': (p: { length: Length }, w: Words) => `Use the longest that fits, ${w.exact(p.length)}`,
  'use-shorter-slide': (p: { length: Length }, w: Words) => `Use a slide of ${w.exact(p.length)}`,
  'use-family': (p: { family: Said }, w: Words) => `Use ${w.say(p.family)}`,
  'fit-bottom': (p: { fit: Said }, w: Words) => `Make it ${inSentence(w.say(p.fit))}`,
  'raise-groove': (p: { to: Length }, w: Words) => `Raise the groove to ${w.exact(p.to)}`,
  'ease-as-allowed': (p: { ease: Length }, w: Words) => `Ease it by ${w.exact(p.ease)}, all that is allowed`,
  'take-greatest-height': 'Take the greatest the bay allows',
  'free-height': 'Free its height',
  'raise-front': (p: { by: Length }, w: Words) => `Make its front ${w.size(p.by)} higher`,
  'share-lower-height': (p: { height: Length }, w: Words) => `Share the lower, ${w.size(p.height, 'part')}`,
  'reckon-with-thickness': (p: { thickness: Length }, w: Words) => `Reckon with ${w.exact(p.thickness)}`,
  'cut-strip-out': (p: { strip: Length }, w: Words) => `Cut a strip of ${w.exact(p.strip)} out between the fronts`,
  'set-gap': (p: { gap: Length }, w: Words) => `Make the gap ${w.exact(p.gap)}`,
  'set-gaps': (p: { gap: Length }, w: Words) => `Make the gaps ${w.exact(p.gap)}`,
  'set-margin-below': (p: { overlay: boolean; size: Length }, w: Words) =>
    `Make the ${p.overlay ? 'lap' : 'gap'} below ${w.exact(p.size)}`,
  'divide-in-steps': (p: { step: Length }, w: Words) => `Divide in steps of ${w.exact(p.step)}`,
  'make-bottom-of': (p: { material: string }) => `Make the bottom of ${p.material}`,
  'add-muntin': (p: { width: Length }, w: Words) => `Put a muntin ${w.exact(p.width)} wide under its middle`,
  'set-slides-halfway': 'Set the slides at half the box height',
  'set-slides-up': (p: { rise: Length }, w: Words) => `Set the slides ${w.exact(p.rise)} up on every box`,
  'set-groove-depth': (p: { depth: Length }, w: Words) => `Make it ${w.exact(p.depth)} deep`,
  'mend-joints': (p: { changes: readonly Said[] }, w: Words) => `Make the ${p.changes.map(w.say).join(', the ')}`,
  'set-front-height': (p: { height: Length; locked: boolean }, w: Words) =>
    `Make it ${p.locked ? 'just' : 'at least'} ${w.exact(p.height)}`,
  'use-own-setback': 'Use the slide’s own set-back',
  'use-quarter-sawn': 'Take quarter-sawn boards',
  'centre-pulls': 'Set the pulls at the middle of their fronts',
  'use-one-pull': 'One pull in the middle',
  'set-box-height': (p: { height: Length }, w: Words) => `Make the box ${w.exact(p.height)} high`,
  'move-contents': (p: { thing: string; to: CalledDrawer }) => `Put ${p.thing} in drawer ${drawerName(p.to)} instead`,
  'drop-build-outs': 'Take the build-outs away',
  'has-face-frame': 'It has a face frame',
  'strips-behind': 'Strips stand there',
  'blocking-behind': 'Blocking stands there',
  'build-out-from': (p: { materials: readonly string[] }) => `Make them up from ${p.materials.join(' and ')}`,
  'pack-rest': 'Pack out what is missing',
  'plane-rest': 'Plane them from solid to fit',
  'divide-equally': 'Make the free heights equal',
  'keep-height': 'Keep it so',
  'rest-to-bottom': 'Let the bottom drawer take the odd rest',
  'lap-by': (p: { what: 'divider' | 'left' | 'right'; lap: Length }, w: Words) =>
    `Lap the ${p.what === 'divider' ? 'divider' : `${p.what} end`} by ${w.exact(p.lap)}`,
  'leave-reveal': (p: { reveal: Length }, w: Words) =>
    `Leave a reveal of ${w.exact(p.reveal)} above and below each rail`,
  'call-planned': 'They are planned sizes',
  'call-measured': 'It was measured, and is just so',
  'keep-alike': (p: { what: 'fronts' | 'openings' }) => `Keep the ${p.what} alike`,
  'make-alike': (p: { what: 'fronts' | 'openings' }) => `Make the ${p.what} alike`,
  'anchor-case': 'Anchor it to the wall',
  'loose-base': 'Make its base apart, as a loose plinth',
  'let-in-a-third': (p: { depth: Length }, w: Words) => `Let it in by a third, ${w.exact(p.depth)}`,
  'shelves-of': (p: { material: string }) => `Make them of ${p.material}`,
  'bore-pins': (p: { depth: Length }, w: Words) => `Bore ${w.exact(p.depth)} deep from each side`,
  'no-trim-across': 'Leave the trim across the grain away',
  'shorter-drawers': (p: { count: number; length: Length }, w: Words) =>
    `${w.form(p.count, { one: 'A slide', other: 'Slides' })} of ${w.exact(p.length)}`,
  'fix-on-bench': 'Fix them on the bench, before it is closed',
  'band-edges': 'Band their front edges',
  'interlock-drawers': 'Let only one drawer out at a time',
  'free-drawers': (p: { drawers: readonly CalledDrawer[] }, w: Words) => `Free drawer ${named(p.drawers, w)}`,
  'drop-most': (p: { drawers: readonly CalledDrawer[] }, w: Words) => `Drop the most of drawer ${named(p.drawers, w)}`,
  'drop-least': (p: { drawers: readonly CalledDrawer[] }, w: Words) =>
    `Drop the least of drawer ${named(p.drawers, w)}`,
  'drop-line': (p: { drawers: readonly CalledDrawer[] }, w: Words) => `Drop the line of drawer ${named(p.drawers, w)}`,
  'untie-drawer': (p: { drawers: readonly CalledDrawer[] }, w: Words) => `Untie drawer ${named(p.drawers, w)}`,
  'both-remedies': (p: { one: Said; two: Said }, w: Words) => `${w.say(p.one)}, and ${inSentence(w.say(p.two))}`,
};

/** What a button that mends joints changes: a size, or the material of something. */
export const JOINT_CHANGES = {
  'change-size': (p: { what: 'play' | 'panel' | 'joint' | 'groove'; size: Length }, w: Words) =>
    `${p.what} ${w.exact(p.size)}`,
  'change-material': (p: { what: 'play' | 'panel' | 'joint' | 'groove'; material: string }) =>
    `${p.what} of ${p.material}`,
};
