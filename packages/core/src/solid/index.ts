export type { Around } from './around';
export { movedBy, type Motion, type Turning } from './motion';
export { reachNow } from './motions';
export type { Place } from './piece';
export { solidOf, stagesSaid, type SolidCase, type SolidPiece } from './solid';
export type { Off } from './stages';
