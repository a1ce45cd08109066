export * from './front';
export * from './meetings';
export { divided, type Divided } from './sizes';
