import type { AttachedTo } from './attachment';
import type { FrameZone } from './frame';
import type { Task } from './task';

/*
 * How records of the table in records.ts point at others.
 */

/** What a record points at, and what is left of the record when that goes: null when it goes along. */
export type Reference<R> = {
  readonly to: string;
  readonly ids: (record: R) => readonly string[];
  readonly without: (record: R, id: string) => R | null;
};

export const goes = () => null;

export const inCategory = <R extends { category?: string | undefined }>(): Reference<R> => ({
  to: 'categories',
  ids: ({ category }) => (category === undefined ? [] : [category]),
  without: ({ category: _, ...rest }) => rest as R, // R without a field that it need not have
});

export const otherTask = (field: 'partOf' | 'follows'): Reference<Task> => ({
  to: 'tasks',
  ids: ({ [field]: id }) => (id === undefined ? [] : [id]),
  without: ({ [field]: _, ...task }) => task,
});

/** What the zones of a frame, or of a sealed week, point at; those of weeks that have ended keep what they were. */
export const zonesRefer = <R extends { readonly zones: FrameZone[] }>(): readonly Reference<R>[] => [
  {
    to: 'categories',
    ids: ({ zones }) =>
      zones.flatMap(({ category, categories }) => [...(category ? [category] : []), ...categories]),
    without: (record, id) => ({
      ...record,
      zones: record.zones.map(({ category, categories, ...zone }) => ({
        ...zone,
        ...(category === undefined || category === id ? {} : { category }),
        categories: categories.filter((other) => other !== id),
      })),
    }),
  },
  {
    to: 'lists',
    ids: ({ zones }) => zones.flatMap(({ lists }) => lists),
    without: (record, id) => ({
      ...record,
      zones: record.zones.map((zone) => ({ ...zone, lists: zone.lists.filter((other) => other !== id) })),
    }),
  },
];

/** What belongs to a task goes with it, and what belongs to repeating tasks with the last of them. */
export const ownersRefer = <R extends { readonly of: AttachedTo }>(): readonly Reference<R>[] => [
  { to: 'tasks', ids: ({ of }) => (of.kind === 'task' ? [of.taskId] : []), without: goes },
  {
    to: 'repeats',
    ids: ({ of }) => (of.kind === 'repeat' ? of.repeatIds : []),
    without: (record, id) => {
      const { of } = record;
      const left = of.kind === 'repeat' ? of.repeatIds.filter((other) => other !== id) : [];
      return left.length === 0 ? null : { ...record, of: { kind: 'repeat', repeatIds: left } };
    },
  },
];
