export * from './bottoms';
export * from './corners';
export * from './parts';
export * from './size';
export * from './stock';
