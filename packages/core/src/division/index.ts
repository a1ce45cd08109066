export * from './divide';
export { idealHeights, type Ideals, type SchemeChoice } from './ideal';
