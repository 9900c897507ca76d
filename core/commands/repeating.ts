import { movedBy, movedWall, timesBefore, timesFrom } from '../calendar/recurring';
import { asUtc } from '../calendar/rule';
import type { Id } from '../model/common';
import { groupedBy } from '../model/collection';
import { ownReminders } from '../model/reminder';
import type { WallStart } from '../model/event';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { daysBetween } from '../time/zone';
import { alsoOf } from './attachments';
import { command, existing, put, without } from './command';
import type { Scope } from './events';
import { deleteTask, withWords, type TaskWords } from './tasks';
import { commandOn } from './touching';

/** This and later times of a repeating task, or all; `newId` is for the one that begins here, if it is split. */
type At = {
  readonly id: Id;
  readonly recurrence: string;
  readonly scope: Exclude<Scope, 'one'>;
  readonly newId: Id;
};

type Repeating = {
  readonly taskId: Id;
  readonly newId: Id;
  readonly rule: string;
  readonly start: WallStart;
  readonly minutes: number;
  readonly group?: boolean;
};

/** Makes a task the first time of a repeating one; `start` and `minutes` are its place in the plan. */
export const repeatTask = commandOn('repeat', 'taskId', (workspace, input: Repeating) => {
  const { taskId, newId: id, rule, start, minutes, group } = input;
  const task = existing(workspace.tasks, taskId, 'task');
  const { title, notes, listId, estimate, priority, category, rank } = task;
  const date = start.wall.slice(0, 10);
  const due = task.due && { days: daysBetween(date, task.due.date), time: task.due.time };
  const words = {
    title,
    notes,
    listId,
    estimate,
    priority,
    ...(category ? { category } : {}),
    ...ownReminders(task),
  };
  const repeating = { id, ...words, rank, start, minutes, rule, due, ...(group ? { group } : {}) };
  const first = put(workspace, 'tasks', { ...task, repeats: { id, recurrence: start.wall } });
  return put(first, 'repeats', { ...repeating, without: [start.wall] });
});

/** Changes how a repeating task repeats, from its beginning on; null lets no more times come. What was touched stays. */
export const changeRepeat = command('repeat', (workspace, { id, rule }: { id: Id; rule: string | null }) => {
  const repeating = existing(workspace.repeats, id, 'repeating task');
  if (rule === null) return without(workspace, 'repeats', [id]);
  return put(workspace, 'repeats', { ...repeating, rule });
});

/** Changes the words and numbers of this and later times, or of all; times that are done stay as they were. */
export const editRepeating = command(
  'edit',
  (workspace, { words: typed, ...at }: At & { words: TaskWords }) => {
    const { known, words } = withWords(workspace, typed);
    const { split, id, open } = splitAt(known, at);
    const edited = put(split, 'repeats', { ...existing(split.repeats, id, 'repeating task'), ...words });
    return put(edited, 'tasks', ...open.map((task) => ({ ...task, ...words })));
  },
);

type Move = At & {
  /** Where the one in hand stands and where it goes to, wall time in the zone of the repeating task. */
  readonly from: string;
  readonly to: WallStart;
  readonly minutes: number;
  /** The block of the one in hand as it goes, if it was touched before. */
  readonly block?: Block | undefined;
};

/** Moves this and later times, or all, as one of them is moved; times that were touched before stay where they are. */
export const moveRepeating = command('move', (workspace, { from, to, minutes, block, ...at }: Move) => {
  const { split, id, times } = splitAt(workspace, at);
  const repeating = existing(split.repeats, id, 'repeating task');
  const by = asUtc(to.wall) - asUtc(from);
  const shifted = (wall: string) => movedWall(wall, by, to.wall);
  const inHand = block ? put(split, 'blocks', block) : split;
  return put(
    put(inHand, 'repeats', { ...movedBy(repeating, by, to), minutes }),
    'tasks',
    ...times.map((task) => ({
      ...task,
      repeats: { id, recurrence: shifted(task.repeats?.recurrence ?? '') },
    })),
  );
});

/** Lets this and later times go, or all: those to come, and those touched that are still open; a timer on one stops. */
export const deleteRepeating = command('delete task', (workspace, { at, ...which }: At & { at: number }) => {
  const { split, id, open } = splitAt(workspace, which);
  const bare = without(split, 'repeats', [id]);
  return open.reduce((before, task) => deleteTask.apply(before, { id: task.id, at }), bare);
});

const touchedTimes = groupedBy<Task>(({ repeats }) => repeats?.id ?? []);

/**
 * The workspace in which the times that a change holds for are a repeating task by themselves: its id, and the tasks
 * that its touched times have become.
 */
function splitAt(workspace: Workspace, { id, recurrence, scope, newId }: At) {
  const repeating = existing(workspace.repeats, id, 'repeating task');
  const isOpen = ({ doneAt }: Task) => doneAt === null;
  const all = touchedTimes(workspace.tasks, id);
  if (scope === 'all' || recurrence <= repeating.start.wall)
    return { split: workspace, id, times: all, open: all.filter(isOpen) };
  const later = all
    .filter((task) => (task.repeats?.recurrence ?? '') >= recurrence)
    .map((task) => ({ ...task, repeats: { id: newId, recurrence: task.repeats?.recurrence ?? '' } }));
  const split = put(
    put(workspace, 'repeats', timesBefore(repeating, recurrence), {
      ...timesFrom(repeating, recurrence),
      id: newId,
    }),
    'tasks',
    ...later,
  );
  return { split: alsoOf(split, id, newId), id: newId, times: later, open: later.filter(isOpen) };
}
