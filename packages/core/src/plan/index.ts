export * from './alternatives';
export * from './compare-bottoms';
export * from './compare-slides';
export * from './consequences';
export * from './document';
export * from './follow';
export * from './other-basis';
export * from './plan';
export type * from './types';
