import type { PartCut } from '../box';
import { minus, nm, ofField, plus, share, subtract, tally, type Length, type Source, type Tally } from '../length';

/** A frame as what is worked into its parts asks: lengths of the job, and the path its fields are found at. */
export interface Grooved {
  readonly wood: Length;
  readonly panel: Length;
  /** Depth of the groove. */
  readonly groove: Length;
  readonly play: Length;
  /** Width of the groove, and its place from the face; the panel's thickness (at most half the wood) and centred where left out. */
  readonly grooveWidth?: Length | undefined;
  readonly grooveFrom?: Length | undefined;
  /** How long the tongues of rails are; 0 where other things hold the corners. */
  readonly tongue: Length;
  readonly path: string;
}

/** What is worked into the parts of a frame. */
export interface FrameWork {
  readonly depth: Tally;
  readonly width: Tally;
  /** From the frame's face to the groove. */
  readonly from: Tally;
  /** The thinner wall beside it. */
  readonly wall: Length;
  /** On the panel's back, all round, where it is thicker than its groove. */
  readonly rabbet?: { readonly width: Tally; readonly depth: Tally };
  readonly tongue?: { readonly length: Tally; readonly thick: Tally };
}

/**
 * Groove, tongue and the panel's rabbet: `groove depth − play/2` wide and `panel − groove width` deep. Common practice. A
 * tongue is as thick as the groove is wide and stands in its line.
 */
export function frameWork(grooved: Grooved): FrameWork {
  const { wood, panel, groove, play, grooveWidth, grooveFrom, tongue, path } = grooved;
  const field = (name: string): Source => ofField(`${path}.${name}`);
  const wide = grooveWidth ?? nm(Math.min(panel, share(wood, 2)));
  const width = tally(plus('width-of-groove', wide, grooveWidth === undefined ? field('panel') : field('grooveWidth')));
  const centred = share(subtract(wood, wide), 2);
  const from = grooveFrom ?? centred;
  const depth = tally(plus('groove', groove, field('groove')));
  const lip = subtract(panel, wide);
  return {
    depth,
    width,
    from: tally(plus('face-to-groove', from, grooveFrom === undefined ? undefined : field('grooveFrom'))),
    wall: nm(Math.min(from, wood - from - wide)),
    ...(lip > 0
      ? {
          rabbet: {
            width: tally(...depth.terms, minus('half-play', share(play, 2), field('play'))),
            depth: tally(plus('panel', panel, field('panel')), minus('width-of-groove', wide, field('grooveWidth'))),
          },
        }
      : {}),
    ...(tongue > 0 ? { tongue: { length: tally(plus('tongue', tongue, field('tenon'))), thick: width } } : {}),
  };
}

type Worked = Pick<PartCut, 'kind' | 'where' | 'sizes'>;

/** Along the inner edge of what stands outside, along both edges of what stands between. */
export function frameGroove({ depth, width, from }: FrameWork, between = false): Worked {
  return { kind: 'groove', where: between ? 'both inner edges' : 'inner edge', sizes: { depth, width, in: from } };
}

/** On both ends of what goes from one to the other. */
export function frameTongue({ tongue }: FrameWork): readonly Worked[] {
  return tongue ? [{ kind: 'tongue', where: 'both ends', sizes: { depth: tongue.length, width: tongue.thick } }] : [];
}

/** All round the back of a panel that is thicker than its groove. */
export function panelRabbet({ rabbet }: FrameWork): readonly Worked[] {
  return rabbet ? [{ kind: 'rabbet', where: 'all round the back', sizes: rabbet }] : [];
}
