export * from './joints';
export { inLineOrder } from './lines';
export * from './patch';
export * from './read';
export { Report, type JobError } from './report';
export * from './settings';
export { ownSlide } from './shape';
export { boxGroups, tieGroups, type TieGroup } from './ties';
export type * from './types';
