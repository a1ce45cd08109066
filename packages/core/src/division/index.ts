export * from './divide';
export { idealHeights, type Ideals, type SchemeChoice } from './ideal';
export * from './problem';
export type { CarriedLine, Stretch } from './stretches';
