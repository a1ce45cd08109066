import type { Job } from '../job';
import { patched, valueAt } from '../reading';
import { nm, type Length, type Said } from '../length';
import { slideTable, type SlideFamily } from '../slides';
import { totalLoad } from '../stability';
import { bankWith } from './bank-with';
import { stopsOfMaking } from './stops-of-making';
import type { BankPlan, DrawerPlan } from '../plan';

/** One slide family in this bank: what it gives, what it asks, what it costs. */
export interface SlideComparison {
  readonly family: SlideFamily;
  /** Least inside width and nominal length of the drawers; absent where no slide of the family fits. */
  readonly insideWidth?: Length;
  readonly nominal?: Length;
  /** Height inside all boxes together. */
  readonly wallHeight: Length;
  /** Room inside all boxes, in litres. */
  readonly volume: number;
  /** Heaviest drawer with what is told of its contents, kilograms. */
  readonly heaviest: number;
  /** Of all pairs, in the shop's currency. */
  readonly cost: number;
  /** The most that stays of a box under the top when it is out; less than nothing where it comes clear. */
  readonly hidden?: Length;
  /** What would have to be mended to use it. */
  readonly stops: readonly Said[];
}

/** Every family the job knows, as it would serve the bank at `path`; the longest slide that fits is taken. */
export function compareSlides(job: Job, path: string): readonly SlideComparison[] {
  if (valueAt(job, path) === undefined) return [];
  return [...slideTable(job).values()].flatMap((family) => {
    const tried = patched(job, [
      { path: `${path}.slide.family`, value: family.id },
      { path: `${path}.slide.length`, value: undefined },
    ]);
    const bank = bankWith(tried, path);
    return bank ? compared(family, bank) : [];
  });
}

function compared(family: SlideFamily, { drawers, findings }: BankPlan): SlideComparison {
  const all = (name: keyof DrawerPlan['dimensions']): readonly number[] =>
    drawers.flatMap(({ dimensions }) => dimensions[name]?.total ?? []);
  const [widths, hidden] = [all('inside.width'), all('slide.hidden')];
  const nominal = drawers[0]?.nominal;
  return {
    family,
    ...(widths.length > 0 ? { insideWidth: nm(Math.min(...widths)) } : {}),
    ...(nominal === undefined ? {} : { nominal }),
    ...(hidden.length > 0 ? { hidden: nm(Math.max(...hidden)) } : {}),
    wallHeight: nm(all('inside.wallHeight').reduce((sum, each) => sum + each, 0)),
    volume: drawers.reduce((sum, drawer) => sum + volumeOf(drawer), 0),
    heaviest: Math.max(0, ...drawers.map(({ load }) => totalLoad(load))),
    cost: drawers.length * family.price,
    stops: stopsOfMaking(findings),
  };
}

/** In litres; nothing where the inside is unknown. */
function volumeOf({ dimensions }: DrawerPlan): number {
  const [width, length, height] = [
    dimensions['inside.width'],
    dimensions['inside.length'],
    dimensions['inside.wallHeight'],
  ];
  if (!width || !length || !height || height.total <= 0) return 0;
  return (width.total / 1e8) * (length.total / 1e8) * (height.total / 1e8);
}
