import { Temporal } from 'temporal-polyfill';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import type { IsoDate } from '../time/zone';
import { newTask } from './newTask';

/** How long after it was done a task comes again. */
export type Again = NonNullable<Task['again']>;

/** The day so long after another; a month after the 31st is the last day of a shorter month. */
export const dayAgain = (date: IsoDate, { every, unit }: Again): IsoDate =>
  Temporal.PlainDate.from(date)
    .add({ [`${unit}s`]: every })
    .toString();

/** `a week`, `2 months`. */
export const againWords = ({ every, unit }: Again): string =>
  every === 1 ? `a ${unit}` : `${every} ${unit}s`;

/** How long after is typed: `2 weeks`, `a month`, `10 days`; undefined for anything else. */
export function readAgain(text: string): Again | undefined {
  const [, count = '', unit = ''] = /^\s*(an?|\d{1,3})\s*(day|week|month|year)s?\s*$/i.exec(text) ?? [];
  const every = /^a/i.test(count) ? 1 : Number(count);
  const known = (['day', 'week', 'month', 'year'] as const).find((one) => one === unit.toLowerCase());
  return known && every > 0 ? { every, unit: known } : undefined;
}

export type Copying = {
  readonly newId: () => Id;
  /** Epoch ms. */
  readonly at: number;
};

/** A task once more, as one that nobody has begun: without ticks, places, times spent and where it came from. */
export function asNew(task: Task, { newId, at }: Copying): Omit<Task, 'rank'> {
  const { title, notes, listId, estimate, priority, due, category, energy, notBefore, neededBy, partOf } =
    task;
  const steps = task.steps?.map((step) => ({ ...step, id: newId(), doneAt: null }));
  const words = { title, notes, listId, estimate, priority, due, category, energy, notBefore, neededBy };
  return newTask({ ...words, partOf, again: task.again, steps, id: newId(), createdAt: at });
}

/**
 * The task that comes after one that was done on a day: due so long after, or else out of sight until then; one that had its
 * place in the plan needs neither, as it gets a place there.
 */
export function nextAfter(task: Task, again: Again, doneOn: IsoDate, placed: boolean, copying: Copying) {
  const date = dayAgain(doneOn, again);
  const due = task.due && { date, time: task.due.time };
  const hidden = due === null && !placed;
  return {
    date,
    task: {
      ...asNew(task, copying),
      due,
      neededBy: undefined,
      notBefore: hidden ? { date, time: task.notBefore?.time ?? null } : undefined,
      follows: task.id,
    },
  };
}
