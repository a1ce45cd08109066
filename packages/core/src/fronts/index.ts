export * from './bays';
export * from './fronts';
export * from './heights';
export * from './least';
