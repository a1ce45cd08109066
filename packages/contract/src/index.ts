export * from './jobs';
export * from './routes';
