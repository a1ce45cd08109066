export { fewestSheets } from './bound';
export { stagesIn } from './node';
export { layOut, type Found } from './search';
export { lyingIn, stepsOf, type LaidOut, type Lying, type SawStep } from './steps';
export type * from './types';
