import type { Occurrence } from '../calendar/occurrences';
import { zonesOn } from '../frame/zones';
import { isPutOff, type Seal } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { MINUTE, intersect, lengthOf, subtract, union, type Span } from '../time/span';
import { hasEnded } from '../time/week';
import { dateWords, spanWords } from '../time/words';
import { addDays, datesFrom, type IsoDate, type Zone } from '../time/zone';
import { dayPlan, takenOn } from './dayPlan';
import { quarterFrom } from './placing';
import { sinceSeal } from './sinceSeal';

/** The occurrences of a sealed week, each once, by start. */
function occurrencesOf(workspace: Workspace, { id }: Seal, zone: Zone): Occurrence[] {
  const all = datesFrom(id, 7).flatMap((date) => {
    const { meetings, allDay } = dayPlan(workspace, date, zone);
    return [...allDay, ...meetings];
  });
  return [...new Map(all.map((occurrence) => [occurrence.id, occurrence])).values()];
}

/** The meetings from calendar files that have come into a sealed week since, and have not been answered; by start. */
export function lateMeetings(workspace: Workspace, seal: Seal, zone: Zone): Occurrence[] {
  const { drifts } = sinceSeal(workspace, seal, zone);
  const added = new Set(
    drifts.flatMap(({ what, change, id }) => (what === 'meeting' && change === 'added' ? [id] : [])),
  );
  if (added.size === 0) return [];
  const answered = new Set(seal.answers.map(({ meeting }) => meeting));
  return occurrencesOf(workspace, seal, zone).filter(
    ({ id, eventId }) =>
      added.has(id) && !answered.has(id) && workspace.events.get(eventId)?.madeHere !== true,
  );
}

/** The sealed weeks that have not ended into which meetings have come since `before`, by first day, with how many. */
export const weeksWithLate = (
  before: Workspace,
  workspace: Workspace,
  zone: Zone,
  today: IsoDate,
): { week: IsoDate; count: number }[] =>
  workspace.seals
    .values()
    .filter(({ id, openedAt }) => openedAt === null && !hasEnded(id, today))
    .map((seal) => {
      const waited = new Set(lateMeetings(before, seal, zone).map(({ id }) => id));
      const late = lateMeetings(workspace, seal, zone).filter(({ id }) => !waited.has(id));
      return { week: seal.id, count: late.length };
    })
    .filter(({ count }) => count > 0)
    .sort((a, b) => a.week.localeCompare(b.week));

/** The meetings of a sealed week that were put off. */
export const putOffMeetings = (workspace: Workspace, seal: Seal, zone: Zone): Occurrence[] =>
  occurrencesOf(workspace, seal, zone).filter(({ id }) => isPutOff(seal, id));

/** Weeks after a sealed one in which another time is looked for, and how many times are offered. */
const WEEKS = 3;
const MOST = 6;

/**
 * Free times for a meeting of so many minutes in the weeks after one, from `now` on: stretches of zones that are open to
 * meetings, or of work that is not guarded where no zone of these weeks is open.
 */
export function laterTimes(
  workspace: Workspace,
  week: IsoDate,
  minutes: number,
  zone: Zone,
  now: number,
): Span[] {
  const next = addDays(week, 7);
  const dates = datesFrom(next, WEEKS * 7);
  const freeIn = (date: IsoDate, takes: (openness: string) => boolean) => {
    const plan = dayPlan(workspace, date, zone);
    const zones = zonesOn(workspace, date, zone).filter(
      (one) => one.zone.kind === 'work' && takes(one.zone.openness),
    );
    const room = intersect(union(zones.flatMap(({ spans }) => spans)), [{ from: now, to: Infinity }]);
    return subtract(room, [...takenOn(workspace, plan), ...plan.buffers])
      .map(({ from, to }) => ({ from: quarterFrom(from), to }))
      .filter((span) => lengthOf(span) >= minutes);
  };
  const open = dates.flatMap((date) => freeIn(date, (openness) => openness === 'open'));
  const times =
    open.length > 0 ? open : dates.flatMap((date) => freeIn(date, (openness) => openness !== 'guarded'));
  return times.slice(0, MOST);
}

/** How long a meeting asks for, in minutes; whole days ask for an hour, as no one has a whole day open. */
export const minutesAsked = ({ from, to, allDay }: Occurrence): number =>
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
