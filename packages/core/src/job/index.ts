export * from './patch';
export * from './read';
export { Report, type JobError } from './report';
export * from './settings';
export { tieGroups, type TieGroup } from './ties';
export type * from './types';
