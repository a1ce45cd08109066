import { railOf, type Bank } from '../job';
import {
  minus,
  plus,
  share,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  ofDimension,
  ofField,
} from '../length';

/** The room behind one front. */
export interface Bay {
  readonly bottomY: Tally;
  readonly height: Tally;
}

/** What the bays of a bank are made from. */
export interface BankFace {
  readonly bank: Bank;
  readonly path: string;
  readonly height: Tally;
  /** Lower edges of the fronts above the floor, from the top down. */
  readonly bottoms: readonly Length[];
}

/**
 * Bays run between the middles of the gaps, less half a rail at each inner end; the top one ends at the top of the
 * opening, the bottom one at its floor.
 */
export function bays(face: BankFace): readonly Bay[] {
  return face.bank.drawers.map((_, place) => {
    const bottomY = bayBottom(face, place);
    const height = tally(
      ...bayTop(face, place),
      minus('bottom-bay', bottomY.total, dimension(face, place, 'bay.bottomY')),
    );
    return { bottomY, height };
  });
}

function bayBottom(face: BankFace, place: number): Tally {
  if (place === face.bank.drawers.length - 1) return tally(plus('floor-opening', ZERO));
  return tally(
    plus('lower-edge-front', face.bottoms[place] ?? ZERO, dimension(face, place, 'front.bottomY')),
    minus('half-gap-below', halfGap(face), field(face, 'front.gap')),
    unlessZero(plus('half-rail-below', halfRail(face), field(face, 'rail'))),
  );
}

function bayTop(face: BankFace, place: number) {
  if (place === 0) return [plus('height-opening', face.height.total, ofDimension('opening.height'))];
  const middle = subtract(face.bottoms[place - 1] ?? ZERO, halfGap(face));
  return [
    plus('middle-gap-above', middle, dimension(face, place - 1, 'front.bottomY')),
    unlessZero(minus('half-rail-above', halfRail(face), field(face, 'rail'))),
  ];
}

const halfGap = ({ bank }: BankFace): Length => share(bank.front.gap, 2);
const halfRail = ({ bank }: BankFace): Length => share(railOf(bank), 2);

function field({ path }: BankFace, name: string): Source {
  return ofField(`${path}.${name}`);
}

function dimension({ bank }: BankFace, place: number, name: string): Source {
  return ofDimension(name, bank.drawers[place]?.id ?? '');
}
