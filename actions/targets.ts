import { planForGoal } from '@/core/commands/goals';
import { placeAll, planNewTask } from '@/core/commands/plan';
import type { GoalStanding } from '@/core/goals/standing';
import { isTaskOf } from '@/core/tasks/goals';
import type { Goal } from '@/core/model/goal';
import { fillMissing, wantedBy, type Wanted } from '@/core/plan/missing';
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
  const { category } = standing.target;
  const name = currentWorkspace().categories.get(category)?.name ?? 'Work';
  fillUp(wantedBy(standing), week, { title: name, category });
}

/** The same for a goal: its tasks that wait, and a block of its own name for what is left. */
export function planForIt({ goal, open, short, stretch }: GoalStanding): void {
  const {
    category,
    title,
    lists: [listId = ''],
  } = goal;
  const ids = new Set(open.map(({ id }) => id));
  const wanted = {
    work: { category, listId },
    isOf: (task: Parameters<typeof isTaskOf>[1]) => isTaskOf(goal, task) || ids.has(task.id),
    short,
  };
  fillUp(wanted, stretch.first, { title, category, goal });
}

type Rest = { readonly title: string; readonly category: string | undefined; readonly goal?: Goal };

/** Places what is missing to something in a week; what no task waits for is a new one. */
function fillUp(wanted: Wanted, week: string, { title: name, category, goal }: Rest): void {
  const { zone, now } = here();
  const workspace = currentWorkspace();
  const dates = daysOfWeek(week, workspace.settings.weekStart);
  const { places, rest } = fillMissing(workspace, wanted, dates, zone, now);
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
  const listId = goal?.lists[0] ?? usualList(workspace).id;
  const kind = category === undefined ? {} : { category };
  const task = newTask({ id: taskId, title: name, ...kind, listId, estimate: minutes, createdAt: now });
  const plan = { task, block: { id: newId(), start, minutes, taskId }, others: blocks };
  if (goal) store.run(planForGoal, { ...plan, goalId: goal.id }, said);
  else store.run(planNewTask, plan, said);
}
