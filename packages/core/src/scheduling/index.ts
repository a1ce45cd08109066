export { atWork, type AtWork, type JobRead, type Now, type ShopRead } from './at-work';
export { asSeen, type Seen } from './as-seen';
export { bestOrder, better, schedule } from './better';
export { dayFindings, type DayFinding } from './day-findings';
export { daysOf, type DayGood, type DayJob, type Days, type DayTask, type DayWait, type Taken } from './days';
export { dryingOf } from './finish-tasks';
export { type Lead, type OnOrder } from './goods';
export {
  openOn,
  USUAL_HOURS,
  USUAL_WEEK,
  type DaysOff,
  type Hours,
  type Person,
  type Stretch,
  type Week,
} from './hours';
export { dateOf, momentOf, readMoment, writeMoment, type Moment } from './moment';
export { WORK_PLACES, type Schedule, type WorkPlace } from './problem';
export { closesOn } from './problem-of';
export { timesOf, workedBetween } from './progress';
export { hoursOf, readShopCalendar, type ShopCalendar } from './shop-calendar';
