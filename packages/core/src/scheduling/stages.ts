import { isOfFront, ROLES } from '../box';
import { isMember, MEMBERS } from '../casework';
import { isOfDoor, type CutPart } from '../cutting';
import type { Case } from '../job';

/** What is made one after the other; parts of a stage are cut together. In the order of the work. */
export const STAGES = ['case', 'frame', 'boxes', 'bottoms', 'fronts', 'doors', 'top'] as const;
export type Stage = (typeof STAGES)[number];

/** Which stage a part is made in; common practice: the order of work. What is fixed in the case for slides is cut with the boxes. */
export function stageOfPart({ use, release }: CutPart, cases: readonly Case[]): Stage {
  const { role } = use;
  if (role === 'extra') return 'case';
  if (!isMember(role)) {
    if (isOfFront(role)) return 'fronts';
    // A bottom that is put on below is cut to the box as it was glued.
    return ROLES[role].waits === 'bottom' && release === 'glued' ? 'bottoms' : 'boxes';
  }
  if (isOfDoor(role)) return 'doors';
  const { waits } = MEMBERS[role];
  // Cut to the case as it stands: tops, fillers, shelves, what tilts and lifts.
  if (waits === 'standing') return 'top';
  if (waits !== 'frame') return 'case';
  return cases.find(({ id }) => id === use.case)?.build?.frameFirst ? 'case' : 'frame';
}
