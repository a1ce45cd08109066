export * from './bays';
export * from './fronts';
export * from './least';
