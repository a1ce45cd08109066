export * from './devices';
export * from './jobs';
export * from './routes';
export * from './shop';
