import type { BoxHeight, BoxStock, Part } from '../box';
import type { Bank, Drawer, Job, Material } from '../job';
import type { Length, Said, Tally } from '../length';
import type { Bore } from '../fronts';
import type { Fit, LengthList, SlideFamily } from '../slides';
import type { Load } from '../stability';
import type { Sag } from '../timber';
import type { Exact, Finding, Remedy } from './finding';

/** One drawer as its findings need it. */
export interface BoxFacts {
  readonly job: Job;
  readonly bank: Bank;
  readonly bankPath: string;
  readonly drawer: Drawer;
  /** 0 is the top one. */
  readonly place: number;
  /** Path of the drawer, and of the field that decides a value of its box or slide: its own or its bank's. */
  readonly path: string;
  readonly field: (name: string) => string;
  readonly exact: Exact;
  readonly families: readonly SlideFamily[];
  readonly family: SlideFamily;
  readonly stock: BoxStock;
  readonly front: Material;
  /** Panel of a framed front. */
  readonly panel: Material | undefined;
  /** Bores for its pulls, on the front as cut. */
  readonly bores: readonly Bore[];
  readonly fit: Fit;
  /** The lengths it is chosen from. */
  readonly list: LengthList;
  /** The longest slide that fits, whatever length was chosen. */
  readonly longest: () => Length | undefined;
  readonly openingWidth: Length;
  readonly depth: Length;
  readonly height: BoxHeight | undefined;
  /** A dimension of the drawer by its name in a plan file; undefined where it can't be worked out. */
  readonly at: (dimension: string) => Tally | undefined;
  readonly parts: readonly Part[];
  readonly load: Load;
  /** Sag of its bottom; undefined while its inside is unknown. */
  readonly sag: Sag | undefined;
  /** Upper edge of the slide below it, where there is one, as it is and with slides at half their boxes' heights. */
  readonly below: { readonly upper: Length; readonly atHalf: Length } | undefined;
  /** Its front hangs together with others'. */
  readonly tied: boolean;
  /** Dimensions and parts that came to nothing or less. */
  readonly vanished: readonly { readonly what: Said; readonly size: Tally }[];
}

/** A finding but for the drawer it is about. */
export type Judgement = Omit<Finding, 'drawer' | 'called'>;

/** One rule: what it says of a drawer, if anything. */
export type BoxRule = (facts: BoxFacts) => Judgement | undefined;

/** Whether a path is a field people set: what was measured is not written over. */
export function writable(path: string): boolean {
  return !path.startsWith('log[');
}

/** A judgement with the remedies there really are. */
export function judged(
  finding: Omit<Judgement, 'remedies' | 'because'>,
  remedies: readonly (Remedy | undefined)[] = [],
  because?: Tally,
): Judgement {
  const real = remedies.filter(
    (remedy): remedy is Remedy => remedy !== undefined && remedy.patches.every(({ path }) => writable(path)),
  );
  return { ...finding, remedies: real, ...(because ? { because } : {}) };
}
