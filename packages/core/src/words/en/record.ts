import type { Length, Said, SizeKind } from '../../length';
import type { CalledBank } from '../called';
import type { PartCode } from './parts';
import type { Words } from '../words';
import { bankName } from './places';

/** What was measured, done, cut and noted. */
const MEASURED = {
  'measured/width': 'width of the opening',
  'measured/slides': 'between the slides',
  'measured/box-width': 'box width as made',
  'measured/groove': 'depth of the groove',
  'measured/thickness': 'thickness',
  'measured/reveal': 'reveal as hung',
  'measured/packing': 'packing as made',
  'measured/hinge': 'the hinges stand in the opening',
  'measured/leaf': 'the open leaf stands in the opening',
  'measured/hinge-y': 'the middle of a hinge over the opening’s edge',
};

const READ_AT = { front: 'front', back: 'back', left: 'left', right: 'right', top: 'top', bottom: 'bottom' };

const DEVICES = { laser: 'by laser', caliper: 'by caliper' };

const STEPS = {
  'step/build-out': 'the sides are built out',
  'step/spacer': 'spacer cut',
  'step/left': 'left slide hung',
  'step/right': 'right slide hung',
  'step/strips': 'the strips are fixed',
  'step/guide': 'guides fixed',
  'step/kicker': 'kicker fixed',
  'step/member': 'slide’s member on the box',
  'step/notch': 'back notched',
  'step/hooks': 'back bored for the hooks',
  'step/locks': 'locks under the front corners',
  'step/adjust': 'adjusted by its screws',
  'step/wax': 'waxed',
  'step/test': 'box tried',
  'step/lock': 'locked',
  'step/reveal': 'spacers for the reveal cut',
  'step/hold': 'front held',
  'step/drive': 'front screwed home',
  'step/pull': 'pull fitted',
  'step/jig': 'jig made',
  'step/stand': 'box stood in the opening',
  'step/carry': 'height carried over',
  'step/pins': 'pins set',
  'step/tape': 'tape put on',
  'step/glue': 'quick glue put on',
  'step/wide': 'wide holes bored',
  'step/wedges': 'front wedged',
  'step/tack': 'front tacked',
  'step/bored': 'bored from inside',
  'step/shift': 'front shifted to its gaps',
  'step/bores': 'bored for the pull',
  'step/cups': 'hinges in the leaf',
  'step/hinges': 'hinges let in',
  'step/plates': 'plates in the case',
  'step/hang-door': 'leaf hung',
  'step/open': 'opened and tried',
};

/** What goes wrong in a shop. */
const FAULTS = {
  'fault/box-wide': 'a box came out too wide',
  'fault/box-narrow': 'a box came out too narrow',
  'fault/box-out-of-square': 'a box came out of square',
  'fault/bottom-tight': 'a bottom did not go in',
  'fault/bottom-loose': 'a bottom was loose',
  'fault/groove-off': 'a groove was off its place or depth',
  'fault/slide-off': 'a slide hung off its line',
  'fault/runs-hard': 'a drawer runs hard',
  'fault/front-tight': 'a front came out tight',
  'fault/front-wide-gap': 'a front came out with a wide gap',
  'fault/cut-short': 'a part was cut short',
  'fault/sheet-off': 'a sheet was not its thickness',
  'fault/grain-wrong': 'grain or face lay wrong',
  'fault/screw-through': 'a screw came through',
  'fault/split': 'wood split',
  'fault/wrong-face': 'bored or cut on the wrong face',
  'fault/edge-eased': 'an edge was eased that meets in a joint',
  'fault/sanded-through': 'veneer was sanded through',
  'fault/stain-blotched': 'stain came out blotched',
  'fault/slide-met-hinge': 'a slide met a hinge',
  'fault/panel-out-of-square': 'a panel came out of square',
  'fault/finish-marked': 'the finish was marked',
  'fault/wrong-kind-bought': 'the wrong kind was bought',
  'fault/other': 'something else went wrong',
};

/** What would have prevented it. Common practice. */
const OTHERWISE = {
  'otherwise/box-wide': 'Take more ease off the width, and measure the sides’ real thickness.',
  'otherwise/box-narrow': 'Take less ease off the width.',
  'otherwise/box-out-of-square': 'Measure both diagonals in the clamps, before the glue takes.',
  'otherwise/bottom-tight': 'Give bottoms more play, and measure the groove before they are cut.',
  'otherwise/bottom-loose': 'Give bottoms less play, and try the groove with the bottom itself.',
  'otherwise/groove-off': 'Cut a test piece at every change of the saw and measure it.',
  'otherwise/slide-off': 'Set both slides of a drawer on one spacer, and mark the set-back first.',
  'otherwise/runs-hard': 'Measure between the slides at front and back before the boxes are cut.',
  'otherwise/front-tight': 'Leave a wider gap, and size fronts from the case as it hangs.',
  'otherwise/front-wide-gap': 'Size fronts from the case as it hangs.',
  'otherwise/cut-short': 'Measure the kerf of the blade that is in the saw.',
  'otherwise/sheet-off': 'Measure every sheet in three places and write that down as its thickness.',
  'otherwise/grain-wrong': 'Mark face and front edge on every part as it is cut.',
  'otherwise/screw-through': 'Measure what the screw passes, and set a stop on the driver.',
  'otherwise/split': 'Bore first, and keep screws away from ends and edges.',
  'otherwise/wrong-face': 'Mark the face that is seen and the front edge on every part before it is bored.',
  'otherwise/edge-eased': 'Ease edges after the joints are glued: the card says which stay sharp.',
  'otherwise/sanded-through': 'Sand veneer by hand with the finest paper, and mark it with pencil first.',
  'otherwise/stain-blotched': 'Try the stain on an off-cut sanded as the part is.',
  'otherwise/slide-met-hinge': 'Hang doors before the slides are fixed, or keep slides off the hinges’ heights.',
  'otherwise/panel-out-of-square': 'Measure both diagonals of every panel as it comes off the saw.',
  'otherwise/finish-marked': 'Let it cure as long as its sheet says, and lay parts on battens.',
  'otherwise/wrong-kind-bought': 'Buy by the list, and hold what comes against it before it is opened.',
  'otherwise/other': 'Write down what you would do otherwise.',
  'otherwise/box-width': 'Take the ease that brings them back to their size.',
  'otherwise/reveal': 'Plan the gap that comes out as you want it.',
  'otherwise/groove': 'Give bottoms the play that this groove leaves them.',
  'otherwise/measure': 'Measure it before anything is cut by it: it is not as planned.',
};

export type FaultCode = keyof typeof FAULTS;
export type MeasuredCode = keyof typeof MEASURED;
export type OtherwiseCode = keyof typeof OTHERWISE;
export type StepCode = keyof typeof STEPS;

/** What it was, and what more was written. */
function joined(what: string, more: string | undefined): string {
  return more ? `${what}: ${more}` : what;
}

/** What the plan's figure for it is, as it is shown in the plan. */
export const MEASURED_KINDS: Readonly<Record<MeasuredCode, SizeKind>> = {
  'measured/width': 'opening',
  'measured/slides': 'opening',
  'measured/box-width': 'part',
  'measured/groove': 'reading',
  'measured/thickness': 'reading',
  'measured/reveal': 'gap',
  'measured/packing': 'reading',
  'measured/hinge': 'gap',
  'measured/leaf': 'gap',
  'measured/hinge-y': 'reading',
};

export const RECORD = {
  ...MEASURED,
  ...STEPS,
  ...FAULTS,
  ...OTHERWISE,
  'gate/case-survey': 'the space is surveyed, thicknesses are measured',
  'gate/case-glued': 'the case is glued',
  'gate/case-standing': 'the case stands where it will stay',
  'gate/case-level': 'the cases are joined and level',
  'gate/case-hinges': 'the hinges are in hand',
  'gate/slides': 'the slides are in hand',
  'gate/groove': 'the groove is tried',
  'gate/glued': 'the boxes are glued',
  'gate/hung': 'the boxes are hung and trued: the fronts are released',
  'record/released': (p: { reason: string }) => `released by hand: ${p.reason}`,
  'record/cut': (p: { length: Length; width: Length; wrong: string | undefined }, w: Words) => {
    const size = `cut to ${w.exact(p.length)} × ${w.exact(p.width)}`;
    return p.wrong === undefined ? size : `${size}, came out wrong: ${p.wrong}`;
  },
  'record/reading': (
    p: {
      what: MeasuredCode;
      at: keyof typeof READ_AT | undefined;
      /** Which hinge, from below. */
      hinge?: number | undefined;
      length: Length;
      device: keyof typeof DEVICES | undefined;
      planned: Length | undefined;
    },
    w: Words,
  ) => {
    const which = p.hinge === undefined ? '' : `, hinge ${p.hinge} from below`;
    const where = p.at === undefined ? which : `${which}, ${READ_AT[p.at]}`;
    const by = p.device === undefined ? '' : ` ${DEVICES[p.device]}`;
    const planned = p.planned === undefined ? '' : `, planned ${w.size(p.planned, MEASURED_KINDS[p.what])}`;
    return `${MEASURED[p.what]}${where}: ${w.exact(p.length)}${by}${planned}`;
  },
  'record/step': (p: {
    step: StepCode | { readonly unknown: string };
    drawer: number | undefined;
    undone: boolean;
  }) => {
    const what = typeof p.step === 'string' ? STEPS[p.step] : p.step.unknown;
    return `${p.undone ? 'taken back' : 'done'}: ${what}${p.drawer === undefined ? '' : `, drawer ${p.drawer + 1}`}`;
  },
  'record/fault': (p: { fault: FaultCode; note: string | undefined; mended: string | undefined }) =>
    `${joined(FAULTS[p.fault], p.note)}${p.mended ? `; mended: ${p.mended}` : ''}`,
  'record/photo': 'photograph',
  'record/time': (p: { minutes: number; operation: Said | undefined; note: string | undefined }, w: Words) => {
    const spent = w.count(p.minutes, { one: 'minute', other: 'minutes' });
    return joined(p.operation ? `${spent}, ${w.say(p.operation)}` : spent, p.note);
  },
  /** Where in the job, by the names it has: nothing for the whole job. */
  'record/where': (p: { owner?: string; bank?: CalledBank; drawer?: number }) =>
    [
      ...(p.owner === undefined ? [] : [p.owner]),
      ...(p.bank === undefined ? [] : [bankName(p.bank)]),
      ...(p.drawer === undefined ? [] : [`drawer ${p.drawer + 1}`]),
    ].join(', '),
  /** A part that was cut, by its address: “b1 d2 side 1”. */
  'record/part': (
    p: { at: readonly string[]; part: PartCode | { readonly unknown: string }; number?: number },
    w: Words,
  ) => {
    const name = typeof p.part === 'string' ? w.say({ code: p.part, params: { count: 1 } }) : p.part.unknown;
    return [...p.at, ...(name === '' ? [] : [name]), ...(p.number === undefined ? [] : [p.number])].join(' ');
  },
};
