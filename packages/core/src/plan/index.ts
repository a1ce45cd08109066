export { usualBuildOutStock } from './build-outs';
export * from './document';
export { caseStockOf, caseworkOf } from './in-compartments';
export * from './asked';
export { plan, readJobDocument, readJobFile } from './plan';
export * from './planner';
export * from './shown-sum';
export * from './size-kinds';
export type * from './types';
