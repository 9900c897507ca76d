import { eventIdOf } from '../calendar/occurrences';
import { derived } from '../model/collection';
import type { Id } from '../model/common';
import { goalSpans, type Goal, type GoalSpan } from '../model/goal';
import type { Subject } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { stretchAround } from '../time/stretch';
import { addDays, type IsoDate } from '../time/zone';

const inOrder = derived<Goal, Goal[]>((goals) => goals.values().sort((a, b) => a.rank - b.rank));

/** What of a workspace tells its goals. */
type Goals = Pick<Workspace, 'goals' | 'settings'>;

/** How many goals a week can have before it is said that fewer are better. */
export const FEW = 3;

/** The time of a goal that a date lies in: its week, month or quarter; undefined where it is not for that one. */
export function timeOn(
  { span, times }: Goal,
  date: IsoDate,
  weekStart: number,
): Goal['times'][number] | undefined {
  const { first, last } = stretchAround(span, date, weekStart);
  return times.find((time) => first <= time.date && time.date <= last);
}

/** The goals of the week, month or quarter that a date lies in, in their order. */
export function goalsOf({ goals, settings }: Goals, span: GoalSpan, date: IsoDate): Goal[] {
  const { first, last } = stretchAround(span, date, settings.weekStart);
  return inOrder(goals).filter(
    (goal) => goal.span === span && goal.times.some((time) => first <= time.date && time.date <= last),
  );
}

/** All goals that are meant on a date, those of the week first. */
export const goalsOn = (workspace: Goals, date: IsoDate): Goal[] =>
  goalSpans.flatMap((span) => goalsOf(workspace, span, date));

/** The goals that something can be done for from a date on: those of its week and the next, and of their months and quarters. */
export const goalsAhead = (workspace: Goals, date: IsoDate): Goal[] => [
  ...new Set([...goalsOn(workspace, date), ...goalsOn(workspace, addDays(date, 7))]),
];

/** What goals of longer spans a goal of this span can feed: those that are meant on one of its days. */
export const feedable = (workspace: Goals, { id, span }: Goal, date: IsoDate): Goal[] =>
  goalsOn(workspace, date).filter(
    (other) => other.id !== id && goalSpans.indexOf(other.span) > goalSpans.indexOf(span),
  );

/** Whether a task is tied to a goal itself, or by its list. */
export const isTaskOf = ({ tasks, lists }: Goal, { id, listId }: Pick<Task, 'id' | 'listId'>): boolean =>
  tasks.includes(id) || lists.includes(listId);

type Done = { readonly subject: Subject; readonly listId: Id | null };

/** Whether something is done for a goal. */
export function isFor({ tasks, events, lists }: Goal, { subject, listId }: Done): boolean {
  if (subject.kind === 'event') return events.includes(eventIdOf(subject.occurrence));
  return (
    (subject.kind === 'task' && tasks.includes(subject.taskId)) || (listId !== null && lists.includes(listId))
  );
}

/** A goal with all that feed it, however far off; each once, also where they feed each other in a circle. */
export function withFeeders({ goals }: Workspace, goal: Goal): Goal[] {
  const all = inOrder(goals);
  const found = new Map([[goal.id, goal]]);
  for (const one of found.values())
    for (const other of all) if (other.feeds === one.id && !found.has(other.id)) found.set(other.id, other);
  return [...found.values()];
}

/** Whether something that is done on a date counts for a goal: for itself or for one that feeds it, in a time which that is for. */
export function countsFor(
  workspace: Workspace,
  goal: Goal,
): (done: Done & { readonly date: IsoDate }) => boolean {
  const all = withFeeders(workspace, goal);
  const { weekStart } = workspace.settings;
  return (done) => all.some((one) => isFor(one, done) && timeOn(one, done.date, weekStart));
}
