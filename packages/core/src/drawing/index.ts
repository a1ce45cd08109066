export * from './face';
export * from './panel';
export type { Drawing, Shape } from './shapes';
export * from './stick';
