import { placeAll, planNewTask } from '@/core/commands/plan';
import { fillMissing } from '@/core/plan/missing';
import type { Standing } from '@/core/plan/targets';
import { usualList } from '@/core/tasks/lists';
import { newTask } from '@/core/tasks/newTask';
import { taskOf } from '@/core/tasks/places';
import { daysOfWeek } from '@/core/time/week';
import { durationWords, momentWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Places what is missing to a target of a week in one step: the tasks of the category that wait, and a block for what is left. */
export function planMissing(standing: Standing, week: string): void {
  const { zone, now } = here();
  const workspace = currentWorkspace();
  const { category } = standing.target;
  const dates = daysOfWeek(week, workspace.settings.weekStart);
  const { places, rest } = fillMissing(workspace, standing, dates, zone, now);
  const name = workspace.categories.get(category)?.name ?? 'Work';
  const blocks = places.map((place) => ({ id: newId(), ...place }));
  const words = [
    ...places.map(({ taskId, ...hours }) => ({ title: taskOf(workspace, taskId)?.title ?? '', ...hours })),
    ...(rest ? [{ title: name, ...rest }] : []),
  ].map(
    ({ title, start, minutes }) =>
      `${title}: ${momentWords(start, zone, workspace.settings)}, ${durationWords(minutes)}`,
  );
  if (words.length === 0)
    return void store.say('No stretch of this week is free for it any more.', 'problem');
  const said = words.length < 3 ? words.join('; ') : `Placed ${words.length} blocks of ${name}`;
  if (!rest) return void store.run(placeAll, { places: blocks }, said);
  const { start, minutes } = rest;
  const taskId = newId();
  const listId = usualList(workspace).id;
  const task = newTask({ id: taskId, title: name, category, listId, estimate: minutes, createdAt: now });
  store.run(planNewTask, { task, block: { id: newId(), start, minutes, taskId }, others: blocks }, said);
}
