export * from './alternatives';
export * from './compare-slides';
export * from './document';
export * from './follow';
export * from './plan';
export type * from './types';
