export { planCasework, type CaseworkPlan, type PlannedOpening } from './casework';
export type { CaseStock } from './case-stock';
export type { Axis, Body, Span } from './body';
export type { Member } from './member';
export * from './roles';
export type { Outline } from './outline';
