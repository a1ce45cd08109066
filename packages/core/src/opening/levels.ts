import { readingsOf, type AsBuiltReading, type Bank } from '../job';
import { nm, plus, tally, type Length, type Source, type Tally } from '../length';

/** What the opening is at one drawer's level, as measured back there. */
export interface Level {
  readonly drawer: string;
  /** Widths at its front and its back edge, where taken. */
  readonly front?: Tally;
  readonly back?: Tally;
  /** The smaller of all widths of this level; those between the hung slides count with what the slides take. */
  readonly least: Tally;
}

/**
 * The levels that were measured, from the top down. A reading between the hung slides is a width less what the pair
 * takes (`taken`, by drawer). Only an opening that counts as built has any.
 */
export function levelsOf(bank: Bank, taken: (drawer: string) => Length): readonly Level[] {
  if (bank.basis !== 'as-built' || !bank.asBuilt) return [];
  return bank.drawers.flatMap(({ id }, place): readonly Level[] => {
    const name = `drawer ${place + 1}`;
    const widths = readingsOf(bank, 'width', id).map((each) => widthOf(each, name));
    const slides = readingsOf(bank, 'slides', id).map((each) => betweenSlides(each, name, taken(id)));
    const [least] = [...widths, ...slides].sort((a, b) => a.width.total - b.width.total);
    if (!least) return [];
    const at = (where: string) => widths.find(({ place: at }) => at === where)?.width;
    const [front, back] = [at('front'), at('back')];
    return [{ drawer: id, ...(front ? { front } : {}), ...(back ? { back } : {}), least: least.width }];
  });
}

interface Taken {
  readonly place: AsBuiltReading['place'];
  readonly width: Tally;
}

function widthOf({ place, length, path }: AsBuiltReading, name: string): Taken {
  const label = `width at ${name}${place ? `, ${place}` : ''}, measured`;
  return { place, width: tally(plus(label, length, field(path))) };
}

function betweenSlides({ place, length, path }: AsBuiltReading, name: string, taken: Length): Taken {
  const label = `between the slides of ${name}${place ? `, ${place}` : ''}, measured`;
  return { place, width: tally(plus(label, length, field(path)), plus('what the slides take', nm(taken))) };
}

const field = (path: string): Source => ({ kind: 'field', path });
