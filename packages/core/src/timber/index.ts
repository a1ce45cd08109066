export * from './check-species';
export * from './density';
export * from './moisture';
export * from './movement';
export * from './plate';
export * from './sag';
export * from './species';
export * from './stiffness';
