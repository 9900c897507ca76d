import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { clockWords } from '../time/words';
import { dayOf, type Zone } from '../time/zone';
import type { Calibration } from './calibration';
import type { DayEnd } from './dayEnd';

type Told = { readonly workspace: Pick<Workspace, 'settings'>; readonly zone: Zone };

/** Hours are told in steps of so many minutes, as nobody knows them better. */
const STEP = 5 * MINUTE;

function hourWords(at: number, { date }: DayEnd, { workspace, zone }: Told): string {
  const rounded = Math.ceil(at / STEP) * STEP;
  return rounded >= dayOf(date, zone).to ? 'midnight' : clockWords(rounded, zone, workspace.settings.clock);
}

/** When a day is done: `by 17:40; four of five such days by 18:25`. */
export function byWords(end: DayEnd, told: Told): string {
  const [half, likely] = [hourWords(end.half, end, told), hourWords(end.likely, end, told)];
  return half === likely ? `by ${half}` : `by ${half}; four of five such days by ${likely}`;
}

/** How well such hours would have held: `Tried on 13 sealed days: 6 were done by the hour given for half, 11 by that for four of five.` */
export const calibrationWords = ({ days, half, likely }: Calibration): string =>
  `The hour by which a day is done was tried, too, on ${days === 1 ? 'one day' : `${days} days`} of sealed weeks, as they stood when the week began: ${half} of ${days} were done by the hour for half of such days, ${likely} by the one for four of five.`;
