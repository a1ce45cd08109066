import {
  drawerSettings,
  nm,
  takenBySlides,
  type BankPlan,
  type DrawerPlan,
  type Length,
  type Measured,
  type Place,
} from '@zabble/core';

/** A kind of thing that is measured back: what it is called, its places, and the device that suits it. */
export interface Subject {
  readonly what: Measured;
  readonly name: string;
  readonly places: readonly Place[];
  readonly device: 'laser' | 'caliper';
  /** What it is measured on, where that is no drawer. */
  readonly on?: 'material' | 'bank' | 'door';
  readonly says: string;
}

export const SUBJECTS: readonly [Subject, ...Subject[]] = [
  {
    what: 'width',
    name: $localize`Opening`,
    places: ['front', 'back'],
    device: 'laser',
    says: $localize`Wall to wall at the drawer’s slide, at the front edge and at the back. The narrowest governs every box not yet cut.`,
  },
  {
    what: 'slides',
    name: $localize`Between slides`,
    places: ['front', 'back'],
    device: 'laser',
    says: $localize`Between the hung slides, or what undermount ones ask the inside to be.`,
  },
  {
    what: 'box-width',
    name: $localize`Box as made`,
    places: ['front', 'back'],
    device: 'laser',
    says: $localize`Outside, over the sides. Its bottom follows what it came out as.`,
  },
  {
    what: 'groove',
    name: $localize`Groove`,
    places: [],
    device: 'caliper',
    says: $localize`How deep it really is, on a test piece or in the sides. Bottoms not yet cut follow it.`,
  },
  {
    what: 'thickness',
    name: $localize`Thickness`,
    places: [],
    on: 'material',
    device: 'caliper',
    says: $localize`Each sheet in three places; write down the one you work with.`,
  },
  {
    what: 'reveal',
    name: $localize`Reveal`,
    places: ['left', 'right', 'top', 'bottom'],
    device: 'caliper',
    says: $localize`The gap beside a front as it hangs.`,
  },
  {
    what: 'packing',
    name: $localize`Packing`,
    places: ['left', 'right'],
    device: 'caliper',
    on: 'bank',
    says: $localize`As thick as it came out, from the opening’s edge. Boxes not yet cut follow it.`,
  },
  {
    what: 'hinge',
    name: $localize`Hinges`,
    places: ['left', 'right'],
    device: 'caliper',
    on: 'door',
    says: $localize`How far they stand in the opening with the door open as far as it goes. What stands behind it is judged by it.`,
  },
  {
    what: 'hinge-y',
    name: $localize`Hinge heights`,
    places: ['left', 'right'],
    device: 'laser',
    on: 'door',
    says: $localize`The middle of each over the opening’s lower edge. Slides and boxes at its height are judged by it.`,
  },
  {
    what: 'leaf',
    name: $localize`Open leaf`,
    places: ['left', 'right'],
    device: 'laser',
    on: 'door',
    says: $localize`How far the leaf itself stands before the opening with the door open as far as it goes.`,
  },
];

type Planned = (bank: BankPlan, drawer: DrawerPlan, place: Place | undefined) => Length | undefined;

const PLANNED: Readonly<Partial<Record<Measured, Planned>>> = {
  width: ({ opening }) => opening.width.total,
  slides: ({ opening }, { family }) => nm(opening.width.total - takenBySlides(family)),
  'box-width': (_, { dimensions }) => dimensions['box.width']?.total,
  groove: ({ bank }, { place }) => {
    const plain = bank.drawers[place];
    return plain && drawerSettings(bank, plain).box.groove?.depth;
  },
  reveal: revealOf,
  packing: ({ bank: { pack } }, _, place) => (place === 'left' || place === 'right' ? pack?.[place] : undefined),
};

/** What the plan says of it now; undefined where it says nothing. */
export function plannedOf(bank: BankPlan, what: Measured, drawer: DrawerPlan, place?: Place): Length | undefined {
  return PLANNED[what]?.(bank, drawer, place);
}

/** Between two fronts the gap; beside and at the ends the inset gaps. Overlay fronts lap there: there is no gap. */
function revealOf(
  { bank, drawers }: BankPlan,
  { place: at }: DrawerPlan,
  place: Place | undefined,
): Length | undefined {
  const { front } = bank;
  const inset = front.mount === 'inset';
  if (place === 'top') return at === 0 ? (inset ? front.top : undefined) : front.gap;
  if (place === 'bottom') return at === drawers.length - 1 ? (inset ? front.bottom : undefined) : front.gap;
  if (place === 'left' || place === 'right') return inset ? front[place] : undefined;
  return undefined;
}
