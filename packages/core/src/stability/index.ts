export * from './loads';
export * from './tipping';
