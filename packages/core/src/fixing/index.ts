export { boxJoints, type BoxFace, type BoxFixing } from './box-joints';
export { fixingsOf, type Fixing } from './fixings';
export { frontScrews, type FrontOnBox } from './front-screws';
export { doorHardware, hardwareOf, lidHardware, studsOf, type CaseHardware } from './hardware';
export { fixingMarks, type FixingMark } from './marks';
export {
  assembly,
  assemblyStep,
  boxFixingRows,
  fixingSaid,
  fixingTotals,
  hardwareSaid,
  neededSaid,
  type AssemblyStep,
} from './order';
export { slideHardware } from './slide-hardware';
export { stripMarks } from './strip-screws';
