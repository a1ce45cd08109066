export * from './length';
export * from './rational';
export * from './read';
export * from './result';
export * from './tally';
export * from './write';
