export * from './box';
export type { BoxFacts } from './box-facts';
export * from './division';
export * from './finding';
export * from './opening';
