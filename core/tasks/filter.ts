import type { Filter } from '../model/settings';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { addDays, dayOf, type Zone } from '../time/zone';
import { daysOfWeek, weekOf } from '../time/week';
import { durationWords } from '../time/words';
import { lastInstant } from './deadline';
import { placedAhead } from './places';

/** What a filter asks for, without its name. */
export type Conditions = Omit<Filter, 'id' | 'name'>;

export const noConditions: Conditions = {
  due: 'any',
  unplaced: false,
  estimate: 'any',
  upTo: null,
  important: false,
};

type Moment = { readonly today: string; readonly zone: Zone; readonly now: number };

/** Until when (epoch ms) a task is due for a condition: `from` inclusive to `to` exclusive; null where any will do. */
function dueRange(due: Conditions['due'], weekStart: number, { today, zone, now }: Moment) {
  const endOf = (date: string) => dayOf(date, zone).to;
  const [, , , , , , last = today] = daysOfWeek(today, weekStart);
  switch (due) {
    case 'any':
      return null;
    case 'overdue':
      return { from: -Infinity, to: now };
    case 'today':
      return { from: -Infinity, to: endOf(today) };
    case 'week':
      return { from: -Infinity, to: endOf(last) };
    case 'nextWeek':
      return { from: endOf(last), to: endOf(addDays(weekOf(today, weekStart), 13)) };
    case 'none':
      return { from: Infinity, to: Infinity };
  }
}

/** The tasks that meet all conditions. What is due for a meeting is due when that begins. */
export function filtered(
  tasks: readonly Task[],
  { due, unplaced, estimate, upTo, important }: Conditions,
  workspace: Workspace,
  moment: Moment,
): Task[] {
  const { today, zone, now } = moment;
  const range = dueRange(due, workspace.settings.weekStart, moment);
  const placed = unplaced ? placedAhead(workspace, today, zone, now) : undefined;
  return tasks.filter((task) => {
    const last = range === null ? 0 : lastInstant(task, workspace.events, zone);
    const isDue =
      range === null || (due === 'none' ? last === Infinity : last > range.from && last <= range.to);
    return (
      isDue &&
      !placed?.has(task.id) &&
      (estimate === 'any' || (estimate === 'none') === (task.estimate === null)) &&
      (upTo === null || (task.estimate !== null && task.estimate <= upTo)) &&
      (!important || task.priority === 'urgent' || task.priority === 'high')
    );
  });
}

const dueNames: Readonly<Record<Conditions['due'], string>> = {
  any: '',
  overdue: 'overdue',
  today: 'due by tonight',
  week: 'due this week',
  nextWeek: 'due next week',
  none: 'without a due date',
};

/** What a filter asks for, in plain words: `due this week, no place yet`. */
export const conditionWords = ({ due, unplaced, estimate, upTo, important }: Conditions): string =>
  [
    dueNames[due],
    unplaced ? 'no place yet' : '',
    estimate === 'none' ? 'without an estimate' : estimate === 'some' ? 'with an estimate' : '',
    upTo === null ? '' : `up to ${durationWords(upTo)}`,
    important ? 'high or urgent' : '',
  ]
    .filter(Boolean)
    .join(', ');
