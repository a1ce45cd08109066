export * from './bottoms';
export * from './corners';
export * from './machining';
export * from './parts';
export * from './roles';
export * from './size';
export * from './stock';
