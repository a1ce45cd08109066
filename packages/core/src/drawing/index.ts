export * from './face';
export * from './opening';
export * from './panel';
export * from './part';
export * from './section';
export * from './sheet';
export type { Drawing, Shape } from './shapes';
export * from './stick';
