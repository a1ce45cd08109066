export * from './front';
export { divided, type Divided } from './sizes';
