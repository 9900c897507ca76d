import type { Occurrence } from '../calendar/occurrences';
import type { Workspace } from '../model/workspace';
import { MINUTE, type Span } from '../time/span';
import { dateWords, spanWords } from '../time/words';
import { addDays, datesFrom, type IsoDate, type Zone } from '../time/zone';
import { openTimes } from './openTimes';

/** Weeks after a sealed one in which another time is looked for, and how many times are offered. */
const WEEKS = 3;
const MOST = 6;

/** Free times for a meeting of so many minutes in the weeks after one, from `now` on. */
export function laterTimes(
  workspace: Workspace,
  week: IsoDate,
  minutes: number,
  zone: Zone,
  now: number,
): Span[] {
  const { times } = openTimes(workspace, datesFrom(addDays(week, 7), WEEKS * 7), minutes, zone, now);
  return times.slice(0, MOST);
}

/** How long a meeting asks for, in minutes; whole days ask for an hour, as no one has a whole day open. */
export const minutesAsked = ({ from, to, allDay }: Pick<Occurrence, 'from' | 'to' | 'allDay'>): number =>
  allDay ? 60 : Math.max(15, Math.round((to - from) / MINUTE));

/** A text to send: that a week is full, and when there is time instead. */
export function notThisWeekText(
  workspace: Workspace,
  meeting: Occurrence,
  week: IsoDate,
  zone: Zone,
  now: number,
): string {
  const { settings } = workspace;
  const times = laterTimes(workspace, week, minutesAsked(meeting), zone, now);
  const lines = times.map((span) => `- ${spanWords(span, zone, settings)}`);
  const opening = `I have planned the week of ${dateWords(week, settings)} already and cannot make “${meeting.title}” then.`;
  if (lines.length === 0) return `${opening}\nPlease send me some times in a later week.`;
  return [`${opening}\nI have time for it here (${zone}):`, ...lines].join('\n');
}
