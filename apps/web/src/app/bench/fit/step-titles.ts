import { isBought, type BankPlan, type DoorStep, type FrontStep, type HangStep } from '@zabble/core';

export type AnyStep = HangStep | FrontStep | DoorStep;

const TITLES: Readonly<Record<AnyStep['kind'], string>> = {
  'build-out': $localize`Build the sides out`,
  spacer: $localize`Cut the spacer`,
  left: $localize`Left slide`,
  right: $localize`Right slide`,
  strips: $localize`Fix the strips`,
  guide: $localize`Guides at the walls`,
  kicker: $localize`Kicker over it`,
  member: $localize`Member on the box`,
  notch: $localize`Notch the back`,
  hooks: $localize`Bore the back for the hooks`,
  locks: $localize`Locks under the front corners`,
  adjust: $localize`Adjust it`,
  wax: $localize`Wax it`,
  test: $localize`Try the box`,
  lock: $localize`Lock it`,
  reveal: $localize`Cut spacers for the gaps`,
  hold: $localize`Hold the front`,
  drive: $localize`Screw it home`,
  pull: $localize`Fit the pull`,
  jig: $localize`Make the jig`,
  stand: $localize`Stand the box in the opening`,
  carry: $localize`Carry the height over`,
  pins: $localize`Pins in the box front`,
  tape: $localize`Tape on the box front`,
  glue: $localize`Quick glue on the box front`,
  wide: $localize`Wide holes in the box front`,
  wedges: $localize`Wedge the front`,
  tack: $localize`Tack it`,
  bored: $localize`Bore from inside`,
  shift: $localize`Shift it to its gaps`,
  bores: $localize`Bore for the pull`,
  cups: $localize`Hinges in the leaf`,
  hinges: $localize`Hinges at the edge`,
  plates: $localize`Plates in the case`,
  'hang-door': $localize`Hang the leaf`,
  open: $localize`Open it as far as it goes`,
};

/** What a step is called: a slide of wood is none of metal. */
export function titleOf(
  { kind }: Pick<AnyStep, 'kind'>,
  family: BankPlan['drawers'][number]['family'] | undefined,
): string {
  if ((kind === 'left' || kind === 'right') && family && !isBought(family)) {
    if (family.cuts?.batten) return kind === 'left' ? $localize`Left batten` : $localize`Right batten`;
    return kind === 'left' ? $localize`Left runner` : $localize`Right runner`;
  }
  return TITLES[kind];
}
