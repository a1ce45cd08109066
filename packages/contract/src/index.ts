export * from './devices';
export * from './habits';
export * from './jobs';
export * from './print';
export * from './record';
export * from './routes';
export * from './shop';
export * from './stock';
