export * from './opening';
