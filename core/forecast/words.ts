import type { Workspace } from '../model/workspace';
import { dayMonthWords, dayWords, durationWords, stretchWords } from '../time/words';
import { stretchAround } from '../time/stretch';
import { dateOf, type Zone } from '../time/zone';
import type { Outlook, Project } from './project';

/** What a project is called. */
export function projectWords(workspace: Workspace, { kind, id }: Project): string {
  if (kind === 'list') return workspace.lists.get(id)?.name ?? 'A deleted list';
  if (kind === 'goal') return workspace.goals.get(id)?.title ?? 'A deleted goal';
  const { settings } = workspace;
  return stretchWords(stretchAround('week', id, settings.weekStart), settings);
}

const inQuarters = (minutes: number) => durationWords(Math.round(minutes / 15) * 15);

/** What is still to be done: `7 open tasks, 12 h 30 as such work really takes (10 h – 16 h)`. */
export function openWords({ count, unestimated, open }: Outlook): string {
  if (count === 0) return 'Nothing is open.';
  const tasks = count === 1 ? 'One open task' : `${count} open tasks`;
  const without = unestimated > 0 ? ` ${unestimated} without an estimate, each counted as 30 min.` : '';
  return `${tasks}, ${inQuarters(open.middle)} as such work really takes (${inQuarters(open.low)} to ${inQuarters(open.high)}).${without}`;
}

/** How fast it goes. */
export function paceOfProjectWords({ weeks }: Outlook): string {
  if (weeks.length === 0) return 'Nothing is on record before this week, so nothing can be said of a pace.';
  const mean = weeks.reduce((sum, { minutes }) => sum + minutes, 0) / weeks.length;
  const over = weeks.length === 1 ? 'last week' : `a week, over the last ${weeks.length}`;
  return mean === 0
    ? `Nothing was done for it in the last ${weeks.length} weeks.`
    : `${inQuarters(mean)} ${over}.`;
}

/** When it is done at that pace; '' where that cannot be said. */
export function doneWords({ done }: Outlook, { settings }: Workspace): string {
  if (!done) return '';
  const [early, likely, late] = [done.early, done.likely, done.late].map((date) =>
    dayMonthWords(date, settings),
  );
  return early === late
    ? `At this pace it is done on ${likely}.`
    : `At this pace it is done on ${likely}, in eight of ten cases between ${early} and ${late}.`;
}

/** What it is due by, the room until then, and how likely it is in time; '' where nothing is due. */
export function dueOfProjectWords(
  { due, open }: Outlook,
  { settings }: Workspace,
  today: string,
  zone: Zone,
): string {
  if (!due) return '';
  const day = dayWords(dateOf(due.at - 1, zone), today, settings);
  const missing = open.middle - due.room;
  const room =
    missing > 0
      ? `${inQuarters(due.room)} of room until then, ${inQuarters(missing)} too little`
      : `${inQuarters(due.room)} of room until then`;
  const chance = due.chance === null ? '' : ` At this pace it is in time in ${due.chance} of 100 cases.`;
  return `Due ${day}: ${room}.${chance}`;
}
