export { fewestSheets } from './bound';
export { stagesIn } from './node';
export { layOut, type Found } from './search';
export { inCuttingOrder } from './order';
export { lyingIn, movesOf, stepsOf, type Blade, type LaidOut, type Lying, type SawStep } from './steps';
export type * from './types';
