export { fewestSheets } from './bound';
export { layOut, type Found } from './search';
export type * from './types';
