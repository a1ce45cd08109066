export * from './face';
export type { Drawing, Shape } from './shapes';
export * from './stick';
