import { readDuration } from '../capture/readDuration';
import { readMoment } from '../capture/readMoment';
import type { Task } from '../model/task';
import { beginningOf } from '../tasks/inbox';
import type { Style } from '../time/words';
import { dayOf, type Zone } from '../time/zone';
import { columnOf, type ColumnId, type Ground } from './columns';

/* What can be typed above a column of the table to narrow its tasks down. */

export type Condition = (task: Task, ground: Ground) => boolean;

/** Examples of what can be typed above a column. */
export const conditionExamples = {
  words: 'words',
  choice: 'a name',
  minutes: '< 30m',
  day: '< fri',
} as const;

/**
 * What is typed above a column, understood: `none` and `some`; words that its cells hold; for minutes `30m`, `< 30m`,
 * `> 1h`; for days `fri`, `< fri`, `> 1 Dec`, a whole day
 * unless an hour is told, read forward from `now` (epoch ms) in the person's zone. Undefined when it is neither.
 */
export function readCondition(
  id: ColumnId,
  typed: string,
  now: number,
  zone: Zone,
  dates: Style['dates'] = 'dayFirst',
): Condition | undefined {
  const column = columnOf(id);
  const words = typed.trim().toLowerCase();
  if (words === 'none') return (task, ground) => column.value(task, ground) === null;
  if (words === 'some') return (task, ground) => column.value(task, ground) !== null;
  if (column.kind === 'words' || column.kind === 'choice')
    return (task, ground) => column.text(task, ground).toLowerCase().includes(words);
  const [, sign = '', rest = ''] = /^([<>]?)\s*(.*)$/.exec(words) ?? [];
  const bounds = column.kind === 'minutes' ? minuteBounds(rest) : dayBounds(rest, now, zone, dates);
  if (!bounds) return undefined;
  return (task, ground) => {
    const value = column.value(task, ground);
    if (typeof value !== 'number') return false;
    if (sign === '<') return value <= bounds.to;
    return sign === '>' ? value >= bounds.from : value >= bounds.from && value <= bounds.to;
  };
}

function minuteBounds(typed: string) {
  const minutes = readDuration(typed);
  return minutes === undefined ? undefined : { from: minutes, to: minutes };
}

/** The day, with its end, as what is due by the end of a day is due then; with an hour only that. */
function dayBounds(typed: string, now: number, zone: Zone, dates: Style['dates']) {
  const moment = readMoment(typed, now, zone, dates);
  if (!moment) return undefined;
  if (moment.time === null) return dayOf(moment.date, zone);
  const at = beginningOf(moment, zone);
  return { from: at, to: at };
}
