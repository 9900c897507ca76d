import type { Workspace } from '../model/workspace';
import { dateWords, dayWords, deadlineAtWords, durationWords, untilWords } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import type { Chance } from './chances';
import type { Broken, PromiseTold, Request } from './promise';

type Told = { readonly workspace: Pick<Workspace, 'settings'>; readonly zone: Zone; readonly now: number };

const inQuarters = (minutes: number) => durationWords(Math.max(5, Math.round(minutes / 5) * 5));

/** By when it can be promised: `You can promise it for Fri 4 Dec: in 84 of 100 cases it is done by then.` */
export function earliestWords({ earliest }: PromiseTold, { workspace, zone, now }: Told): string {
  if (!earliest) return 'There is no day within eight weeks for which you could promise it.';
  const day = dayWords(earliest.date, dateOf(now, zone), workspace.settings);
  return `You can promise it for the end of ${day}: it is done by then in ${earliest.chance} of 100 cases, and nothing else comes later for it.`;
}

/** What such work takes: `Such work takes 2 h 30; in four of five cases not more than 3 h 10.` */
export const takesWords = ({ middle, likely }: PromiseTold): string =>
  `Such work takes ${inQuarters(middle)}, in four of five cases no more than ${inQuarters(likely)}.`;

/** How it stands with the day on which it is wanted; '' where none was told. */
export function wantedWords(
  { wanted }: PromiseTold,
  { by }: Request,
  { workspace, zone, now }: Told,
): string {
  if (!wanted || by === null) return '';
  const when = untilWords(by, dateOf(now, zone), zone, workspace.settings);
  return `By ${when} it is done in ${wanted.chance} of 100 cases.`;
}

/** What would break: `Hearing papers, tomorrow 10:30: 1 h 20 short`. */
export const brokenWords = (broken: Broken, told: Told): string =>
  `${dueAtWords(broken, told)}: ${durationWords(broken.short)} short`;

/** How sure a deadline is: `in time in 96 of 100 cases`. */
export const chanceWords = ({ chance }: Chance): string => `in time in ${chance} of 100 cases`;

/** What is due and when: `Hearing papers, Map, tomorrow 10:30`. */
export const dueAtWords = (
  { at, titles }: Pick<Chance, 'at' | 'titles'>,
  { workspace, zone, now }: Told,
): string => `${titles.join(', ')}, ${deadlineAtWords(at, dateOf(now, zone), zone, workspace.settings)}`;

/** The answer as a text to send. */
export function answerWords({ earliest, wanted }: PromiseTold, { title, by }: Request, told: Told): string {
  const { workspace, zone, now } = told;
  const what = title === '' ? 'it' : `“${title}”`;
  if (by !== null && wanted && wanted.chance >= 80)
    return `I can have ${what} done by ${untilWords(by, dateOf(now, zone), zone, workspace.settings)}.`;
  if (!earliest)
    return `I cannot take ${what} on in the next eight weeks without letting something else slip.`;
  return `I can have ${what} done by the end of ${dateWords(earliest.date, workspace.settings)}, not earlier, without letting something else slip.`;
}
