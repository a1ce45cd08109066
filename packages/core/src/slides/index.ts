export { BUILT_IN } from './builtin';
export type { LengthList, Seat, SlideFamily } from './family';
export * from './rule';
export * from './shop-row';
export * from './table';
export * from './own-sheet';
