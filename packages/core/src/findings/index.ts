export * from './box';
export * from './division';
export * from './finding';
export * from './opening';
