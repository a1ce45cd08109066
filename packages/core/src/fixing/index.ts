export { fixingsOf, type Fixing } from './fixings';
export { doorHardware, hardwareOf, studsOf, type CaseHardware } from './hardware';
export { fixingMarks, type FixingMark } from './marks';
export { assembly, fixingSaid, fixingTotals, neededSaid, type AssemblyStep } from './order';
