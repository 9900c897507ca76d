import type { Workspace } from '../model/workspace';
import { countedWords } from '../tasks/takes';
import { clockWords, dayEndingAt, dayWords, durationWords, untilWords, whenWords } from '../time/words';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import type { Tight } from './feasible';
import type { ShorterBy } from './request';

/** An instant as the beginning of a stretch: without its hour where that is midnight. */
const beginWords = (
  at: number,
  today: IsoDate,
  zone: Zone,
  { settings }: Pick<Workspace, 'settings'>,
): string =>
  clockWords(at, zone, 24) === '00:00'
    ? dayWords(dateOf(at, zone), today, settings)
    : whenWords(at, today, zone, settings);

/** The stretch that cannot work: `Until Weir hearing, tomorrow 11:00`, `From Wed 25 Nov 09:00 until the end of Fri 27 Nov`. */
export function stretchWords(
  { from, to, meeting }: Tight,
  workspace: Pick<Workspace, 'settings'>,
  zone: Zone,
  now: number,
): string {
  const today = dateOf(now, zone);
  const end = [meeting, untilWords(to, today, zone, workspace.settings)].filter(Boolean).join(', ');
  // what begins within the present minute begins now
  return from > now ? `From ${beginWords(from, today, zone, workspace)} until ${end}` : `Until ${end}`;
}

/** What is too much in a stretch: `9 h 10 of work, 6 h free; 3 h 10 short`. */
export function shortWords(
  { needed, free, short }: Pick<Tight, 'needed' | 'free' | 'short'>,
  workspace: Pick<Workspace, 'settings'>,
): string {
  const counted = countedWords(workspace);
  const work = `${durationWords(needed)} of work${counted ? ` ${counted}` : ''}`;
  return `${work}, ${durationWords(free)} free; ${durationWords(short)} short`;
}

/** Where it cannot work, and by how much: `Until tomorrow 12:00: 9 h 10 of work, 6 h free; 3 h 10 short`. */
export const tightWords = (
  tight: Tight,
  workspace: Pick<Workspace, 'settings'>,
  zone: Zone,
  now: number,
): string => `${stretchWords(tight, workspace, zone, now)}: ${shortWords(tight, workspace)}`;

/** What a meeting takes: `Until tomorrow 12:00: 45 min too little time with this meeting`. */
export const takesWords = (
  { tight, more }: ShorterBy,
  workspace: Pick<Workspace, 'settings'>,
  zone: Zone,
  now: number,
): string =>
  `${stretchWords(tight, workspace, zone, now)}: ${durationWords(more)} too little time with this meeting`;

/** The same in a few words for where the day stands beside it: `1 h short before Weir hearing`, `3 h short by 12:00`. */
export function briefWords(
  { to, short, meeting }: Tight,
  { settings }: Pick<Workspace, 'settings'>,
  zone: Zone,
): string {
  const end =
    dayEndingAt(to, zone) !== null ? 'by the end of the day' : `by ${clockWords(to, zone, settings.clock)}`;
  return `${durationWords(short)} short ${meeting === null ? end : `before ${meeting}`}`;
}
