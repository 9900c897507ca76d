import {
  addGoal,
  addTaskFor,
  chooseGoal,
  deleteGoal,
  editGoal,
  leaveGoalOut,
  meanMinutes,
  tie,
  untie,
} from '@/core/commands/goals';
import type { Goal, GoalSpan, TieKind } from '@/core/model/goal';
import type { Task } from '@/core/model/task';
import { usualList } from '@/core/tasks/lists';
import { newTask } from '@/core/tasks/newTask';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Sets a goal for the week, month or quarter of a date; its id, or null where that was refused. */
export function setGoal(title: string, span: GoalSpan, date: string): string | null {
  const id = newId();
  const goal = {
    id,
    title,
    span,
    times: [{ date, minutes: null }],
    tasks: [],
    events: [],
    lists: [],
    doneAt: null,
  };
  return store.run(addGoal, goal, `${title} is a goal`) ? id : null;
}

/** Lets a goal go on into the week, month or quarter of a date, with as many hours as before. */
export const carryOn = ({ id, title, times }: Goal, date: string): boolean =>
  store.run(meanMinutes, { id, date, minutes: times.at(-1)?.minutes ?? null }, `${title} goes on`);

/** Ticks a goal off, or takes that back. */
export const reachGoal = ({ id, title, doneAt }: Goal): boolean =>
  store.run(
    editGoal,
    { id, doneAt: doneAt === null ? here().now : null },
    doneAt === null ? `${title} is reached` : `${title} is open again`,
  );

/** Takes a goal out of the week, month or quarter of a date. */
export const leaveOut = ({ id, title }: Goal, date: string): boolean =>
  store.run(leaveGoalOut, { id, date }, `${title} is no goal of it any more`);

export const removeGoal = ({ id, title }: Goal): boolean =>
  store.run(deleteGoal, { id }, `Deleted the goal ${title}`);

/** Ties something to a goal. */
export const tieTo = (goal: Goal, kind: TieKind, { id, title }: { id: string; title: string }): boolean =>
  store.run(tie, { goalId: goal.id, kind, id }, `${title} is for ${goal.title}`);

export const takeOff = (goal: Goal, kind: TieKind, { id, title }: { id: string; title: string }): boolean =>
  store.run(untie, { goalId: goal.id, kind, id }, `${title} is not for ${goal.title} any more`);

/** Makes a task for a goal, in the list that is tied to it or the first. */
export function makeTaskFor(goal: Goal, title: string): boolean {
  const workspace = currentWorkspace();
  const [tied = ''] = goal.lists;
  const list = workspace.lists.get(tied) ?? usualList(workspace);
  const task = newTask({ id: newId(), title, listId: list.id, createdAt: here().now });
  return store.run(addTaskFor, { goalId: goal.id, task }, `${title} is a task in ${list.name}`);
}

/** Says for which of some goals a task is done; null for none of them. */
export const chooseGoalOf = (task: Task, goal: Goal | null, among: readonly Goal[]): boolean =>
  store.run(
    chooseGoal,
    { taskId: task.id, goalId: goal?.id ?? null, among: among.map(({ id }) => id) },
    goal ? `${task.title} is for ${goal.title}` : `${task.title} is for no goal`,
  );
