export { benchCards } from './bench-card';
