export { better, schedule, triesFor, type Bettered } from './better';
export { boundOf, type Bound } from './bound';
export { USUAL_HOURS, USUAL_WEEK, type DaysOff, type Hours, type Person, type Stretch, type Week } from './hours';
export { modelOf } from './model';
export { dateOf, momentOf, readMoment, writeMoment, type Moment } from './moment';
export {
  WORK_PLACES,
  type After,
  type NoTime,
  type Placed,
  type Problem,
  type Running,
  type Schedule,
  type Work,
  type WorkPlace,
} from './problem';
