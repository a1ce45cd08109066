export { fixingsOf, type Fixing } from './fixings';
export { hardwareOf, studsOf, type CaseHardware } from './hardware';
export { fixingMarks, type FixingMark } from './marks';
export { assembly, fixingSaid, fixingTotals, type AssemblyStep, type FixingRow } from './order';
export { pocketScrew, woodScrew } from './rules';
