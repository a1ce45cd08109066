export * from './slide-line';
