export * from './levels';
export * from './opening';
