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
export { atWork, clockOf, type AtWork, type JobRead, type Now, type ShopRead } from './at-work';
export { dayFindings, type DayFinding } from './day-findings';
export { daysOf, type DayGood, type DayJob, type Days, type DayTask, type DayWait } from './days';
export { hoursOf, readShopCalendar, type ShopCalendar } from './shop-calendar';
export { timesOf, workedBetween, type Standing } from './progress';
export { type Good, type Task, type TaskKind } from './task';
export { dryingOf } from './finish-tasks';
export { type Lead, type OnOrder } from './goods';
export { openOn, worksOn } from './hours';
export { closesOn, opensOn } from './problem-of';
