import type { Workspace } from '@/core/model/workspace';
import { newTask } from '@/core/tasks/newTask';
import { MINUTE } from '@/core/time/span';
import { addDays, weekdayOf, type IsoDate } from '@/core/time/zone';

const DAY = 24 * 60 * MINUTE;

/**
 * What makes the week after the present one fail: the laboratory sends its results on the Thursday, and the county wants two
 * papers on them by noon of the Friday. The photographs could be begun before, and the table is for the trust alone.
 */
export function withNextWeek(workspace: Workspace, today: IsoDate, now: number): Workspace {
  const thursday = addDays(today, 11 - weekdayOf(today));
  const given = {
    listId: 'surveys',
    createdAt: now - DAY,
    due: { date: addDays(thursday, 1), time: '12:00' },
    notBefore: { date: thursday, time: null },
  };
  const tasks = [
    newTask({
      ...given,
      id: 'results',
      title: 'Lab results: what they mean',
      estimate: 360,
      priority: 'high',
    }),
    newTask({ ...given, id: 'site-photos', title: 'Photographs of all sites', estimate: 180 }),
    newTask({ ...given, id: 'results-table', title: 'Table of results', estimate: 120, priority: 'low' }),
  ];
  const last = Math.max(...workspace.tasks.values().map(({ rank }) => rank));
  return {
    ...workspace,
    tasks: workspace.tasks.with(tasks.map((task, i) => ({ ...task, rank: last + 1 + i }))),
  };
}
