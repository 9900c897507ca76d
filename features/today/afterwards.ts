/* What of Today comes after its first picture. */
export { DayEnd } from './DayEnd';
export { RoutineLines } from './Routine';
export { TodayFoot } from './TodayFoot';
