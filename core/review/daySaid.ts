import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { placesAfter, unfinishedOn, type LaterPlace } from '../plan/carry';
import { dayPlan } from '../plan/dayPlan';
import { timedThings } from '../plan/things';
import { workingDays } from '../plan/workingDays';
import { taskOf } from '../tasks/places';
import { clockWords, dateWords, durationWords, momentWords } from '../time/words';
import { addDays, dayOf, type IsoDate, type Zone } from '../time/zone';
import { ledger } from './ledger';

/** Something of a day that goes on later: its title and where. */
export type MovedOn = LaterPlace & { readonly title: string };

/** Which of some open tasks have a place later than a day, in the order in which it comes. */
export const movedOn = (workspace: Workspace, ids: readonly Id[], date: IsoDate, zone: Zone): MovedOn[] =>
  [...placesAfter(workspace, date, zone)].flatMap(([id, place]) => {
    const task = ids.includes(id) ? taskOf(workspace, id) : undefined;
    return task?.doneAt === null ? [{ ...place, title: task.title }] : [];
  });

/**
 * What is said of a day at its end, in two lines: what was planned and done, and where the rest goes. `asked` are tasks that lay on
 * the day and may have left it since.
 */
export function daySaid(
  workspace: Workspace,
  date: IsoDate,
  zone: Zone,
  now: number,
  asked: readonly Id[] = [],
): readonly string[] {
  const { planned, actual, kept, unplanned } = ledger(workspace, dayOf(date, zone), zone, now).sums;
  const left = unfinishedOn(workspace, date, zone, now).map(({ task }) => task.id);
  const moved = movedOn(workspace, [...new Set([...left, ...asked])], date, zone);
  const first = [
    `${durationWords(planned)} planned, ${durationWords(kept)} of it done`,
    `${durationWords(actual)} recorded${unplanned > 0 ? `, ${durationWords(unplanned)} of it unplanned` : ''}`,
  ].join(' · ');
  return [
    first,
    [movedWords(moved, zone, workspace), nextDayWords(workspace, date, zone)].filter(Boolean).join(' · '),
  ];
}

function movedWords(moved: readonly MovedOn[], zone: Zone, { settings }: Workspace): string {
  const [one] = moved;
  if (!one) return '';
  const more = moved.length > 1 ? ` and ${moved.length - 1} more` : '';
  const when = one.start === null ? dateWords(one.date, settings) : momentWords(one.start, zone, settings);
  return `${one.title} goes to ${when}${more}`;
}

/** The load of the next day that has work, and what it begins with. */
function nextDayWords(workspace: Workspace, date: IsoDate, zone: Zone): string {
  const [next] = workingDays(workspace, addDays(date, 1), zone, 1);
  if (next === undefined) return '';
  const plan = dayPlan(workspace, next, zone);
  const [first] = timedThings(plan, workspace);
  const begins = first
    ? `, first ${first.kind === 'meeting' ? first.event.title : first.task.title} at ${clockWords(first.from, zone, workspace.settings.clock)}`
    : '';
  const { planned, room } = plan.load;
  return `${dateWords(plan.date, workspace.settings)}: ${durationWords(planned)} of ${durationWords(room)} planned${begins}`;
}
