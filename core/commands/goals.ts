import type { Goal, TieKind } from '../model/goal';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { timeOn } from '../tasks/goals';
import { highestRank } from '../tasks/order';
import { touched } from '../tasks/repeating';
import type { IsoDate } from '../time/zone';
import { command, existing, forget, put } from './command';
import { planNewTask } from './plan';
import { addTask } from './tasks';

/** Adds a goal below the others. */
export const addGoal = command('add a goal', (workspace, goal: Omit<Goal, 'rank'>) =>
  put(workspace, 'goals', { ...goal, rank: highestRank(workspace.goals) + 1 }),
);

type Changes = Partial<Pick<Goal, 'title' | 'doneAt'>> & {
  /** Null is none. */
  readonly category?: Id | null;
  readonly feeds?: Id | null;
};

/** Changes a goal, or ticks it off at an instant. */
export const editGoal = command(
  'edit the goal',
  (workspace, { id, category, feeds, ...changes }: { id: Id } & Changes) =>
    put(workspace, 'goals', {
      ...existing(workspace.goals, id, 'goal'),
      ...changes,
      ...(category === undefined ? {} : { category: category ?? undefined }),
      ...(feeds === undefined ? {} : { feeds: feeds ?? undefined }),
    }),
);

/** The times of a goal with those minutes in the week, month or quarter of a date; one that it was not for comes last. */
function timesWith(workspace: Workspace, goal: Goal, date: IsoDate, minutes: number | null): Goal['times'] {
  const stands = timeOn(goal, date, workspace.settings.weekStart);
  if (!stands) return [...goal.times, { date, minutes }];
  return goal.times.map((time) => (time === stands ? { ...time, minutes } : time));
}

/** Says how many minutes a goal should have in the week, month or quarter of a date, null for none; it goes on into one that it was not for. */
export const meanMinutes = command(
  'say the hours of the goal',
  (workspace, { id, date, minutes }: { id: Id; date: IsoDate; minutes: number | null }) => {
    const goal = existing(workspace.goals, id, 'goal');
    return put(workspace, 'goals', { ...goal, times: timesWith(workspace, goal, date, minutes) });
  },
);

/** Takes a goal out of the week, month or quarter of a date; one that was for no other goes. */
export const leaveGoalOut = command(
  'leave the goal out',
  (workspace, { id, date }: { id: Id; date: IsoDate }) => {
    const goal = existing(workspace.goals, id, 'goal');
    const gone = timeOn(goal, date, workspace.settings.weekStart);
    const times = goal.times.filter((time) => time !== gone);
    return times.length === 0
      ? forget(workspace, 'goals', [id])
      : put(workspace, 'goals', { ...goal, times });
  },
);

export const deleteGoal = command('delete the goal', (workspace, { id }: { id: Id }) => {
  existing(workspace.goals, id, 'goal');
  return forget(workspace, 'goals', [id]);
});

type Tie = { readonly goalId: Id; readonly kind: TieKind; readonly id: Id };

/** Ties a task, an event with all its times, or a list to a goal; what is tied to it stays so. */
export const tie = command('tie to the goal', (workspace, { goalId, kind, id }: Tie) => {
  const known = kind === 'tasks' ? touched(workspace, id) : workspace;
  const goal = existing(known.goals, goalId, 'goal');
  return put(known, 'goals', { ...goal, [kind]: [...goal[kind].filter((other) => other !== id), id] });
});

/** Takes something off a goal. */
export const untie = command('take off the goal', (workspace, { goalId, kind, id }: Tie) => {
  const goal = existing(workspace.goals, goalId, 'goal');
  return put(workspace, 'goals', { ...goal, [kind]: goal[kind].filter((other) => other !== id) });
});

/** Says for which of some goals a task is done, null for none of them: it is taken off the others. */
export const chooseGoal = command(
  'choose the goal',
  (workspace, { taskId, goalId, among }: { taskId: Id; goalId: Id | null; among: readonly Id[] }) => {
    const bare = among
      .filter((id) => id !== goalId && workspace.goals.get(id)?.tasks.includes(taskId))
      .reduce((before, id) => untie.apply(before, { goalId: id, kind: 'tasks', id: taskId }), workspace);
    return goalId === null ? bare : tie.apply(bare, { goalId, kind: 'tasks', id: taskId });
  },
);

/** Adds a task that is done for a goal, in the category of the goal unless it tells one. */
export const addTaskFor = command(
  'add a task for the goal',
  (workspace, { goalId, task }: { goalId: Id; task: Omit<Task, 'rank'> }) => {
    const { category } = existing(workspace.goals, goalId, 'goal');
    const added = addTask.apply(workspace, { ...(category === undefined ? {} : { category }), ...task });
    return tie.apply(added, { goalId, kind: 'tasks', id: task.id });
  },
);

/** Adds a task for a goal with its block, and puts others into the plan in the same step. */
export const planForGoal = command(
  'plan for the goal',
  (workspace, { goalId, ...plan }: { goalId: Id } & Parameters<typeof planNewTask.apply>[1]) =>
    tie.apply(planNewTask.apply(workspace, plan), { goalId, kind: 'tasks', id: plan.task.id }),
);
