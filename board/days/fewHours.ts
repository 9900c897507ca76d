/* The views of many days without their hours, which come when they are first looked at. */
export { Agenda } from './Agenda';
export { Month } from './Month';
