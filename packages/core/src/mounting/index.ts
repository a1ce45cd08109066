export * from './behind-frame';
export * from './carriers';
export * from './case-holes';
export * from './runners';
export * from './slide-line';
export * from './stack';
export * from './stack-said';
