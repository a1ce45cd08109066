import type { Asked, BankPlan, PartRole } from '@zabble/core';

const OF_BANK: Readonly<Record<string, string>> = {
  'opening.width': 'Opening width',
  'opening.height': 'Opening height',
  'opening.depth': 'Opening depth',
  'opening.taper': 'Taper',
  share: 'Height to share out',
};

const OF_DRAWER: Readonly<Record<string, string>> = {
  'front.width': 'front width',
  'front.height': 'front height',
  'front.bottomY': 'front’s lower edge',
  'front.growth': 'front’s growth still to come',
  'bay.bottomY': 'bottom of the bay',
  'bay.height': 'bay',
  'box.width': 'box width',
  'box.height': 'box height',
  'box.length': 'box length',
  'box.bottomY': 'box’s lower edge',
  'inside.width': 'inside width',
  'inside.length': 'inside length',
  'inside.wallHeight': 'wall inside',
  'inside.clearHeight': 'clear height',
  'slide.nominal': 'slide length',
  'slide.centreY': 'slide’s centre line',
  'slide.lowerEdgeY': 'slide’s lower edge',
  'slide.setback': 'slide’s set-back',
  'slide.travel': 'slide comes out',
  'slide.hidden': 'what stays under the top',
  'runner.left': 'left runner’s width',
  'runner.right': 'right runner’s width',
  'runner.thickness': 'runner’s height',
  'runner.kicker': 'room under the kicker',
  'runner.groove': 'groove for the batten',
  'screw.slide': 'longest screw of the slide',
  'screw.front': 'longest screw into the front',
  'screw.pull': 'longest screw of the pull',
};

const ROLES: Readonly<Record<PartRole, string>> = {
  side: 'side',
  'box-front': 'box front',
  back: 'box back',
  bottom: 'bottom',
  muntin: 'muntin',
  'drawer-front': 'drawer front',
  stile: 'stile',
  rail: 'front rail',
  panel: 'panel',
  'build-out': 'build-out',
  runner: 'runner',
  batten: 'batten',
  kicker: 'kicker',
};

/** A size by its name alone: of the bank, or of whichever drawer. */
export function sizeTitle(size: string): string {
  const name = OF_BANK[size] ?? OF_DRAWER[size] ?? size;
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
}

/** A number of the plan by its name in the trade. */
export function titleOf(bank: BankPlan, asked: Asked): string {
  if (asked.kind === 'spacer') return `Spacer ${asked.index + 1}`;
  if (asked.kind === 'dimension' && asked.drawer === undefined) return OF_BANK[asked.dimension] ?? asked.dimension;
  const drawer = bank.drawers.find(({ id }) => id === asked.drawer);
  const which = drawer ? `Drawer ${drawer.place + 1}` : 'Drawer';
  if (asked.kind === 'part') return `${which}, ${ROLES[asked.role]} ${asked.size}`;
  return `${which}, ${OF_DRAWER[asked.dimension] ?? asked.dimension}`;
}
