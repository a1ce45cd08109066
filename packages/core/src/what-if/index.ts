export * from './alternatives';
export * from './compare-bottoms';
export * from './compare-slides';
export * from './consequences';
export * from './other-basis';
export * from './instead';
export * from './slide-patches';
