import { frameWork } from '../fronts';
import { share, type Length } from '../length';
import type { Patch } from '../reading';
import { said } from '../words';
import { judged, type BoxRule } from './box-facts';
import { remedy, type Exact } from './finding';

/** A grooved frame, and where its fields stand. */
export interface GroovedFrame {
  readonly frame: {
    readonly groove: Length;
    readonly play: Length;
    readonly grooveWidth?: Length;
    readonly grooveFrom?: Length;
  };
  readonly path: string;
  readonly wood: Length;
  readonly panel: Length;
}

/** A frame's wall beside its groove is at least this part of its thickness. Common practice. */
const WALL_PART = 4;

/** What is left beside a groove, where that is too little; with what puts it right: in the middle, half as wide at most. */
export function thinWall(
  { frame, path, wood, panel }: GroovedFrame,
  exact: Exact,
):
  | { readonly wall: Length; readonly least: Length; readonly width: Length; readonly patches: readonly Patch[] }
  | undefined {
  const { wall } = frameWork({ ...frame, wood, panel, tongue: frame.groove, path });
  const least = share(wood, WALL_PART);
  if (wall >= least) return undefined;
  const width = share(wood, 2);
  return {
    ...{ wall, least, width },
    patches: [
      ...((frame.grooveWidth ?? 0) > width ? [{ path: `${path}.grooveWidth`, value: exact(width) }] : []),
      ...(frame.grooveFrom === undefined ? [] : [{ path: `${path}.grooveFrom`, value: undefined }]),
    ],
  };
}

/** The same of a framed drawer front. */
export const frontWallThin: BoxRule = ({ bank, bankPath, front, panel, exact }) => {
  const { frame } = bank.front;
  const found =
    frame && panel
      ? thinWall({ frame, path: `${bankPath}.front.frame`, wood: front.thickness, panel: panel.thickness }, exact)
      : undefined;
  if (!found) return undefined;
  const { wall, least, width, patches } = found;
  const finding = said('FRAME_WALL_THIN', { door: undefined, wall, least });
  return judged({ ...finding, severity: 'warn', step: 'fronts' }, [remedy('groove-centred', { width }, patches)]);
};
