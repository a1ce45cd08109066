import type { Pull, PullSchool } from '../job';
import {
  inches,
  millimetres,
  minus,
  negated,
  nm,
  plus,
  share,
  tally,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Unit,
  ofDimension,
  ofField,
} from '../length';

/** A bore on the face of a front: from its left edge, and up from its lower edge. */
export interface Bore {
  readonly x: Tally;
  readonly y: Tally;
}

/** A front as its pulls need it. */
export interface Pulled {
  readonly pull: Pull;
  readonly unit: Unit;
  readonly drawer: string;
  /** Path of the pull in the job document. */
  readonly path: string;
  readonly width: Tally;
  readonly height: Tally;
  /** Lower edge above the opening's floor. */
  readonly bottomY: Tally;
}

/** Wider fronts have two pulls unless the job says otherwise. */
const TWO_OVER: Readonly<Record<Unit, Length>> = { in: inches(24), mm: millimetres(600) };

/** How far below the top edge each school bores, as a part of the front's height or a length. */
const BELOW_TOP: Readonly<Record<PullSchool, (pulled: Pulled) => Tally>> = {
  centre: (pulled) => tally(plus('half-front-height', share(pulled.height.total, 2), heightOf(pulled))),
  'from-top': (pulled) => tally(plus('below-top-edge', pulled.pull.fromTop ?? ZERO, field(pulled, 'fromTop'))),
  'third-when-low': (pulled) => {
    const low = isLow(pulled);
    const called = low ? 'third-front-height' : 'half-front-height';
    return tally(plus(called, share(pulled.height.total, low ? 3 : 2), heightOf(pulled)));
  },
};

/** One pull in the middle, or two a quarter of the width in from each end; each with one bore or two. */
export function pullBores(pulled: Pulled): readonly Bore[] {
  // A grip is cut out; where there is no pull nothing is bored.
  if (pulled.pull.kind === 'grip' || pulled.pull.kind === 'none') return [];
  const y = boreHeight(pulled);
  const { centres } = pulled.pull;
  return pullMiddles(pulled).flatMap((middle) => {
    if (centres === undefined) return [{ x: middle, y }];
    const [left, right] = halves(centres);
    const from = field(pulled, 'centres');
    return [
      { x: tally(...middle.terms, minus('half-bore-centres', left, from)), y },
      { x: tally(...middle.terms, plus('half-bore-centres', right, from)), y },
    ];
  });
}

/** Screw through drawer front and box front into the pull: together with its purchase, never longer. */
export function pullScrew(pulled: Pulled, front: Tally, boxFront: Tally): Tally {
  const purchase = plus('purchase-in-pull', pulled.pull.purchase, field(pulled, 'purchase'));
  return tally(...front.terms, ...boxFront.terms, purchase);
}

function pullMiddles(pulled: Pulled): readonly Tally[] {
  const { pull, width, drawer, unit } = pulled;
  const from: Source = ofDimension('front.width', drawer);
  const two = (pull.count ?? (width.total > (pull.twoOver ?? TWO_OVER[unit]) ? 2 : 1)) === 2;
  if (!two) return [tally(plus('half-front-width', share(width.total, 2), from))];
  const quarter = share(width.total, 4);
  return [
    tally(plus('quarter-front-width', quarter, from)),
    tally(plus('width-front', width.total, from), minus('quarter-front-width', quarter, from)),
  ];
}

function boreHeight(pulled: Pulled): Tally {
  const below = BELOW_TOP[pulled.pull.school](pulled);
  return tally(plus('height-front', pulled.height.total, heightOf(pulled)), ...negated(below));
}

function isLow({ pull, bottomY, height }: Pulled): boolean {
  return bottomY.total + height.total / 2 < (pull.lowUnder ?? ZERO);
}

function heightOf({ drawer }: Pulled): Source {
  return ofDimension('front.height', drawer);
}

function field({ path }: Pulled, name: string): Source {
  return ofField(`${path}.${name}`);
}

function halves(length: Length): readonly [Length, Length] {
  const one = share(length, 2);
  return [one, nm(length - one)];
}
