export * from './bank';
export * from './box';
export type { BoxFacts } from './box-facts';
export * from './case';
export * from './division';
export * from './finding';
export * from './grouped';
export * from './opening';
export { fitRowByRow, type Laid } from './packing';
