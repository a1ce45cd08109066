import type { Rise } from '../job';
import {
  minus,
  nm,
  plus,
  share,
  tally,
  ZERO,
  type Length,
  type Source,
  type Tally,
  ofField,
  ofDimension,
  ofFigure,
} from '../length';
import type { Seat, SlideFamily } from '../slides';

/** The slide's line and lower edge above the opening's floor. */
export interface SlideLine {
  readonly centreY: Tally;
  readonly lowerEdgeY: Tally;
}

/** What a slide line is reckoned from. */
export interface SlideSetting {
  readonly drawer: string;
  readonly family: SlideFamily;
  readonly rise: Rise;
  readonly risePath: string;
  readonly boxBottom: Tally;
  readonly boxHeight: Tally;
  readonly bayBottom: Tally;
  /** Underside of the bottom above the box's lower edge. */
  readonly underside: Tally;
}

/** One rule by seat: on the side by the rise; at its lower corner; at the bay's bottom; or under the box's bottom. */
export function slideLine(setting: SlideSetting): SlideLine {
  if (setting.family.seat === 'side') return onTheSide(setting);
  const lowerEdgeY = LOWER_EDGES[setting.family.seat](setting);
  const half = share(setting.family.profile, 2);
  const edge = dimension(setting, 'slide.lowerEdgeY');
  return {
    lowerEdgeY,
    centreY: tally(plus('lower-edge-slide', lowerEdgeY.total, edge), plus('half-slide-height', half, profile(setting))),
  };
}

/** The lower edge of what does not go by the rise. Common practice. */
const LOWER_EDGES: Readonly<Record<Exclude<Seat, 'side'>, (setting: SlideSetting) => Tally>> = {
  corner: atTheCorner,
  bay: atTheBay,
  bottom: underTheBottom,
};

function onTheSide(setting: SlideSetting): SlideLine {
  const { rise, boxHeight, boxBottom, family, risePath } = setting;
  const from: Source = ofField(risePath);
  const parts = { half: 2, third: 3 } as const;
  const term =
    typeof rise === 'string'
      ? plus(rise === 'half' ? 'half-box-height' : 'third-box-height', share(boxHeight.total, parts[rise]), from)
      : plus('rise', rise, from);
  const centreY = tally(plus('lower-edge-box', boxBottom.total, dimension(setting, 'box.bottomY')), term);
  const centre = dimension(setting, 'slide.centreY');
  const half = share(family.profile, 2);
  const lowerEdgeY = tally(
    plus('centre-line-slide', centreY.total, centre),
    minus('half-slide-height', half, profile(setting)),
  );
  return { centreY, lowerEdgeY };
}

function atTheCorner(setting: SlideSetting): Tally {
  return tally(plus('lower-edge-box', setting.boxBottom.total, dimension(setting, 'box.bottomY')));
}

function atTheBay(setting: SlideSetting): Tally {
  return tally(plus('bottom-bay', setting.bayBottom.total, dimension(setting, 'bay.bottomY')));
}

function underTheBottom(setting: SlideSetting): Tally {
  return tally(
    plus('lower-edge-box', setting.boxBottom.total, dimension(setting, 'box.bottomY')),
    ...setting.underside.terms,
    minus('slide-height', setting.family.profile, profile(setting)),
  );
}

function dimension({ drawer }: SlideSetting, name: string): Source {
  return ofDimension(name, drawer);
}

function profile({ family }: SlideSetting): Source {
  return ofFigure(family.id, 'profile');
}

/** A drawer's slide as the spacers need it, from the top of the bank down. */
export interface HungSlide {
  readonly drawer: string;
  readonly lowerEdgeY: Tally;
  readonly family: SlideFamily;
}

/**
 * Spacer lengths in the order of use. Top-first: each lower edge above the floor, longest first, every one cut from
 * the one before. Bottom-up: the bottom slide's lower edge above the floor, then each lower edge above the upper edge
 * of the slide below, on which the spacer stands.
 */
export function spacers(slides: readonly HungSlide[], order: 'top-first' | 'bottom-up'): readonly Tally[] {
  const edge = ({ drawer, lowerEdgeY }: HungSlide) =>
    plus('lower-edge-slide', lowerEdgeY.total, ofDimension('slide.lowerEdgeY', drawer));
  if (order === 'top-first') return slides.map((slide) => tally(edge(slide)));
  const upward = [...slides].reverse();
  return upward.map((slide, index) => {
    const below = upward[index - 1];
    if (!below) return tally(edge(slide));
    const { drawer, lowerEdgeY, family } = below;
    return tally(
      edge(slide),
      minus('lower-edge-slide-below', lowerEdgeY.total, ofDimension('slide.lowerEdgeY', drawer)),
      minus('height-slide-below', family.profile, ofFigure(family.id, 'profile')),
    );
  });
}

/** A set-back a person marked by hand, and the path of its field. */
export interface HandSetback {
  readonly setback: Length;
  readonly path: string;
}

/** Set-back as marked on the case: by hand, or the family's plus the drawer front's thickness where it is inset. */
export function markedSetback(
  family: SlideFamily,
  back: { readonly by: Length; readonly path: string; readonly tray: boolean },
  byHand?: HandSetback,
): Tally {
  if (byHand) return tally(plus('set-back-by-hand', byHand.setback, ofField(byHand.path)));
  return tally(
    plus('set-back-slide', family.setback, ofFigure(family.id, 'setback')),
    back.by === ZERO
      ? undefined
      : plus(back.tray ? 'behind-front' : 'drawer-front-inset', nm(back.by), ofField(back.path)),
  );
}
