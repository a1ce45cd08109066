export * from './cut-list';
