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
];

/** What the plan says of it now; undefined where it says nothing. */
export function plannedOf(bank: BankPlan, what: Measured, drawer: DrawerPlan, place?: Place): Length | undefined {
  switch (what) {
    case 'width':
      return bank.opening.width.total;
    case 'slides':
      return nm(bank.opening.width.total - takenBySlides(drawer.family));
    case 'box-width':
      return drawer.dimensions['box.width']?.total;
    case 'groove': {
      const plain = bank.bank.drawers[drawer.place];
      return plain && drawerSettings(bank.bank, plain).box.groove?.depth;
    }
    case 'reveal':
      return revealOf(bank, drawer, place);
    case 'thickness':
      return undefined;
  }
}

/** Between two fronts the gap; beside and at the ends the inset gaps. Overlay fronts lap there: there is no gap. */
function revealOf({ bank, drawers }: BankPlan, { place: at }: DrawerPlan, place?: Place): Length | undefined {
  const { front } = bank;
  const inset = front.mount === 'inset';
  if (place === 'top') return at === 0 ? (inset ? front.top : undefined) : front.gap;
  if (place === 'bottom') return at === drawers.length - 1 ? (inset ? front.bottom : undefined) : front.gap;
  if (place === 'left' || place === 'right') return inset ? front[place] : undefined;
  return undefined;
}
