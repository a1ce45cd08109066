import type { Part } from '../box';
import { blankOf, frameParts } from '../fronts';
import type { Bank } from '../job';
import type { Tally } from '../length';
import { keeper, sized, type Vanished } from './box';
import type { Making } from './making';

/** The drawer front's pieces, and those sizes that came to nothing or less. */
export interface FacePlan {
  readonly parts: readonly Part[];
  readonly vanished: readonly Vanished[];
}

/** The drawer front as parts: one piece (across, then up) with its size before banding, or a frame and its panel. */
export function planFace(bank: Bank, path: string, making: Making, width: Tally, height: Tally | undefined): FacePlan {
  const { front, panel, drawer } = making;
  const { frame, band } = bank.front;
  const vanished: Vanished[] = [];
  // A tray's front is its box's.
  if (bank.front.mount === 'none') return { parts: [], vanished };
  if (frame && panel && height) {
    const framed = { frame, drawer: drawer.id, path: `${path}.front`, wood: front, panel, width, height };
    const keep = keeper(vanished);
    return { parts: frameParts(framed).map((part) => sized(part, keep)), vanished };
  }
  const [across, up] = [width, height].map((size) => (size && size.total > 0 ? size : undefined));
  const blank = band && across && up ? { blank: blankOf(band, across, up, drawer.id, `${path}.front`) } : {};
  const face: Part = {
    role: 'drawer-front',
    count: 1,
    thickness: front.thickness,
    material: front.id,
    ...(across ? { length: across } : {}),
    ...(up ? { width: up } : {}),
    ...(bank.front.grain === 'up' ? { upright: true } : {}),
    ...blank,
  };
  return { parts: [face], vanished };
}
