export * from './devices';
export * from './jobs';
export * from './print';
export * from './routes';
export * from './shop';
export * from './stock';
