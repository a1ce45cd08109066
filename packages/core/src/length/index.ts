export * from './labels';
export * from './length';
export * from './packing';
export * from './rational';
export * from './read';
export * from './result';
export { plain, type Said } from './said';
export * from './tally';
export * from './write';
