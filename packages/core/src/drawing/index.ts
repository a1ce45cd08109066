export * from './face';
export * from './opening';
export * from './panel';
export * from './section';
export type { Drawing, Shape } from './shapes';
export * from './stick';
