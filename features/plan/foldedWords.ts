import type { Occurrence } from '@/core/calendar/occurrences';
import { goalsOf } from '@/core/tasks/goals';
import type { TrayItem } from '@/core/model/plan';
import type { Workspace } from '@/core/model/workspace';
import { intentionsOfDay, intentionsOfWeek } from '@/core/plan/intentions';
import { taskOf } from '@/core/tasks/places';

type Shown = {
  readonly date: string;
  /** It is one day, which has intentions of its own. */
  readonly ofDay: boolean;
  readonly allDay: readonly Occurrence[];
  readonly tray: readonly TrayItem[];
};

/** What stands above the hours beside the load, in words: the names of the things, as many as the line takes. */
export function restOf(workspace: Workspace, { date, ofDay, allDay, tray }: Shown): string[] {
  const named = (name: string, titles: readonly string[]) =>
    titles.length === 0 ? [] : [`${name}: ${[...new Set(titles)].join(', ')}`];
  const day = ofDay ? intentionsOfDay(workspace, date) : [];
  const titles = tray.flatMap(({ taskId }) => taskOf(workspace, taskId)?.title ?? []);
  const rest = [
    ...named(
      'Goals',
      goalsOf(workspace, 'week', date).map(({ title }) => title),
    ),
    ...named('Tray', titles),
    ...named(
      'All day',
      allDay.map(({ title }) => title),
    ),
    ...named(
      'Day',
      day.map(({ text }) => text),
    ),
    ...named(
      'Week',
      intentionsOfWeek(workspace, date).map(({ text }) => text),
    ),
  ];
  return rest.length > 0 ? rest : ['Intentions, whole days and the tray are empty'];
}
