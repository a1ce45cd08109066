export * from './document';
export * from './plan';
export type * from './types';
