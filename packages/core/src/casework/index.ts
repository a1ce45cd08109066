export { planCasework, type CaseworkPlan, type PlannedOpening } from './casework';
export type { CaseStock } from './case-stock';
export type { Axis, Body, Span } from './body';
export type { Member } from './member';
export { depthBetween, type DepthStep } from './depths';
export { lyingOf, type Lying } from './lying';
export { BORED, FACES, memberCuts, seenFace, type MemberCut, type MemberCutKind, type MemberFace } from './machining';
export * from './roles';
export type { Outline } from './outline';
