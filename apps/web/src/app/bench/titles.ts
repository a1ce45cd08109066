import type { AskedOfBank, BankPlan, PartRole } from '@zabble/core';

const OF_BANK: Readonly<Record<string, string>> = {
  'opening.width': $localize`Opening width`,
  'opening.height': $localize`Opening height`,
  'opening.depth': $localize`Opening depth`,
  'opening.taper': $localize`Taper`,
  share: $localize`Height to share out`,
};

const OF_DRAWER: Readonly<Record<string, string>> = {
  'front.width': $localize`front width`,
  'front.height': $localize`front height`,
  'front.bottomY': $localize`front’s lower edge`,
  'front.growth': $localize`front’s growth still to come`,
  'bay.bottomY': $localize`bottom of the bay`,
  'bay.height': $localize`bay`,
  'box.width': $localize`box width`,
  'box.height': $localize`box height`,
  'box.length': $localize`box length`,
  'box.bottomY': $localize`box’s lower edge`,
  'inside.width': $localize`inside width`,
  'inside.length': $localize`inside length`,
  'inside.wallHeight': $localize`wall inside`,
  'inside.clearHeight': $localize`clear height`,
  'slide.nominal': $localize`slide length`,
  'slide.centreY': $localize`slide’s centre line`,
  'slide.lowerEdgeY': $localize`slide’s lower edge`,
  'slide.setback': $localize`slide’s set-back`,
  'slide.travel': $localize`slide comes out`,
  'slide.hidden': $localize`what stays under the top`,
  'runner.left': $localize`left runner’s width`,
  'runner.right': $localize`right runner’s width`,
  'runner.thickness': $localize`runner’s height`,
  'runner.kicker': $localize`room under the kicker`,
  'runner.groove': $localize`groove for the batten`,
  'screw.slide': $localize`longest screw of the slide`,
  'screw.front': $localize`longest screw into the front`,
  'screw.pull': $localize`longest screw of the pull`,
};

const ROLES: Readonly<Record<PartRole, string>> = {
  side: $localize`side`,
  'box-front': $localize`box front`,
  back: $localize`box back`,
  bottom: $localize`bottom`,
  muntin: $localize`muntin`,
  'drawer-front': $localize`drawer front`,
  stile: $localize`stile`,
  rail: $localize`front rail`,
  panel: $localize`panel`,
  pull: $localize`pull`,
  'build-out': $localize`build-out`,
  runner: $localize`runner`,
  batten: $localize`batten`,
  kicker: $localize`kicker`,
  strip: $localize`strip behind the frame`,
  blocking: $localize`blocking`,
  guide: $localize`guide`,
};

const PART_SIZES: Readonly<Record<string, string>> = {
  length: $localize`length`,
  width: $localize`width`,
  thickness: $localize`thickness`,
  height: $localize`height`,
  depth: $localize`depth`,
};

/** A size by its name alone: of the bank, or of whichever drawer. */
export function sizeTitle(size: string): string {
  const name = OF_BANK[size] ?? OF_DRAWER[size] ?? size;
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
}

/** A size of a part or an opening, by its name. */
export function sizeCalled(size: string): string {
  return PART_SIZES[size] ?? size;
}

/** A number of the plan by its name in the trade. */
export function titleOf(bank: BankPlan, asked: AskedOfBank): string {
  if (asked.kind === 'spacer') return $localize`Spacer ${asked.index + 1}`;
  if (asked.kind === 'dimension' && asked.drawer === undefined) return OF_BANK[asked.dimension] ?? asked.dimension;
  const drawer = bank.drawers.find(({ id }) => id === asked.drawer);
  const which = drawer ? $localize`Drawer ${drawer.place + 1}` : $localize`Drawer`;
  if (asked.kind === 'part') return `${which}, ${ROLES[asked.role]} ${PART_SIZES[asked.size] ?? asked.size}`;
  return `${which}, ${OF_DRAWER[asked.dimension] ?? asked.dimension}`;
}
