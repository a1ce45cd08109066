import type { Material } from '../job';
import { inches, millimetres, nm, ZERO, type Length, type Unit } from '../length';
import { growth, movementOf } from '../timber';
import type { Door } from './written';

/** Common practice: a panel of sheet goods rattles little and never binds with this. */
const OF_SHEET: Readonly<Record<Unit, Length>> = { in: inches(1, 8), mm: millimetres(3) };

/** The air a panel is made in: how much moisture is still to come, in per cent. */
export interface PanelAir {
  readonly rise: number;
  readonly unit: Unit;
}

/**
 * The play of the panels of a framed door with leaves so wide: as written; else 1/8 in (3 mm) of sheet goods, and of solid
 * wood as much as a panel grows to the wettest season (`D·C·ΔM`, Wood Handbook, ch. 13). Nothing of one without a frame.
 */
export function panelPlay(
  { frame }: Door,
  panel: Material | undefined,
  width: Length,
  { rise, unit }: PanelAir,
): Length {
  if (!frame || !panel) return ZERO;
  if (frame.play !== undefined) return frame.play;
  if (panel.kind !== 'solid') return OF_SHEET[unit];
  const across = frame.lights?.across ?? 1;
  const middle = frame.middle ?? frame.rail ?? frame.stile;
  const light = Math.ceil((width - 2 * frame.stile - (across - 1) * middle) / across);
  return growth(nm(Math.max(0, light + 2 * frame.groove)), movementOf(panel).coefficient, rise);
}
