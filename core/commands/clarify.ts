import type { Id } from '../model/common';
import type { Due, Step, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { beginningOf } from '../tasks/inbox';
import { lengthOfTask, newTask } from '../tasks/newTask';
import { placesAhead } from '../tasks/places';
import { dateOf, type Zone } from '../time/zone';
import { command, CommandFailed, existing, put, without } from './command';
import { placeTask, putInTray } from './plan';
import { addTask, editTask, type TaskWords } from './tasks';
import { commandOn } from './touching';
import { touched } from '../tasks/repeating';

/** What is said about several tasks at once, or about one of the inbox; what is not given stays as it is. */
export type Said = TaskWords & {
  readonly due?: Due | null;
  readonly neededBy?: Task['neededBy'];
  readonly steps?: readonly Step[];
};

const withoutAside = (workspace: Workspace, id: Id): Workspace =>
  put(workspace, 'tasks', { ...existing(workspace.tasks, id, 'task'), inbox: undefined, parked: undefined });

/** Takes a task out of the inbox with what was said about it, into the tray of a day if one was chosen. */
export const clarify = commandOn(
  'decide on it',
  'id',
  (workspace, { id, said, lay }: { id: Id; said: Said; lay: { trayId: Id; date: string } | null }) => {
    const { steps, ...words } = said;
    const edited = editTask.apply(workspace, { id, ...words, ...(steps ? { steps: [...steps] } : {}) });
    const out = withoutAside(edited, id);
    return lay ? putInTray.apply(out, { id: lay.trayId, taskId: id, date: lay.date }) : out;
  },
);

/** The present moment, as what is ahead is told from what lies behind. */
type Present = { readonly now: number; readonly zone: Zone };

/** The workspace in which a task has no place ahead: no block that is still to end, no tray from today on. */
function offThePlan(workspace: Workspace, id: Id, { now, zone }: Present): Workspace {
  const { blocks, groups, items } = placesAhead(workspace, id, dateOf(now, zone), now);
  const idsOf = (records: readonly { readonly id: Id }[]) => records.map((record) => record.id);
  const off = without(without(workspace, 'blocks', idsOf(blocks)), 'tray', idsOf(items));
  const left = groups.map((block) => ({ ...block, holds: block.holds?.filter((held) => held !== id) }));
  return put(off, 'blocks', ...left);
}

const each = (workspace: Workspace, ids: readonly Id[], change: (at: Workspace, id: Id) => Workspace) =>
  ids.reduce((at, id) => change(touched(at, id), id), workspace);

/** Parks tasks: they leave the plan and every list of what is to be done, and come up again on the day `until`, if one is given. */
export const park = command(
  'park',
  (workspace, { ids, until, ...present }: { ids: readonly Id[]; until: string | null } & Present) =>
    each(workspace, ids, (at, id) =>
      put(offThePlan(at, id, present), 'tasks', {
        ...existing(at.tasks, id, 'task'),
        parked: { at: present.now, until },
      }),
    ),
);

/** Takes up parked tasks again. */
export const takeUp = command('take up', (workspace, { ids }: { ids: readonly Id[] }) =>
  each(workspace, ids, withoutAside),
);

/** Says that a task is not out of sight any more. */
export const bringBack = commandOn('bring back', 'id', (workspace, { id }: { id: Id }) =>
  put(workspace, 'tasks', { ...existing(workspace.tasks, id, 'task'), notBefore: undefined }),
);

/**
 * Hides tasks until a day or an hour of it, off the plan: they come back by themselves. Fails for a moment that has passed.
 */
export const hideUntil = command(
  'hide',
  (workspace, { ids, until, ...present }: { ids: readonly Id[]; until: Due } & Present) => {
    if (beginningOf(until, present.zone) <= present.now) throw new CommandFailed('That has passed already.');
    return each(workspace, ids, (at, id) =>
      put(offThePlan(at, id, present), 'tasks', {
        ...existing(at.tasks, id, 'task'),
        inbox: undefined,
        notBefore: until,
      }),
    );
  },
);

/**
 * Puts tasks off to another day: into its tray, or onto its hours from `time` on, one after the other. `newIds` are the ids
 * of their places.
 */
export const putOff = command(
  'put off',
  (
    workspace,
    { ids, to, newIds, ...present }: { ids: readonly Id[]; to: Due; newIds: readonly Id[] } & Present,
  ) => {
    let start = beginningOf(to, present.zone);
    if (to.date < dateOf(present.now, present.zone)) throw new CommandFailed('That day has passed already.');
    return ids.reduce((at, id, i) => {
      const whole = touched(at, id);
      const task = existing(whole.tasks, id, 'task');
      const off = offThePlan(withoutAside(whole, id), id, present);
      const place = { id: newIds[i] ?? `${id}-later`, taskId: id };
      if (to.time === null) return putInTray.apply(off, { ...place, date: to.date });
      const minutes = lengthOfTask(task);
      const placed = placeTask.apply(off, { ...place, start, minutes });
      start += minutes * 60_000;
      return placed;
    }, workspace);
  },
);

/** A part that a task is broken into. */
export type Part = { readonly id: Id; readonly title: string; readonly estimate: number | null };

/**
 * Breaks a task into parts, which are of its list, category, priority, energy and due date; they stay together under it.
 * Steps that became parts leave the task. `at` is epoch ms.
 */
export const breakDown = commandOn(
  'break down',
  'id',
  (
    workspace,
    { id, parts, steps, at }: { id: Id; parts: readonly Part[]; steps: readonly Step[]; at: number },
  ) => {
    const { inbox: _, ...task } = existing(workspace.tasks, id, 'task');
    const { listId, category, priority, energy, due, neededBy } = task;
    const whole = put(workspace, 'tasks', { ...task, steps: [...steps] });
    return [...parts].reverse().reduce(
      (now, part) =>
        addTask.apply(
          now,
          newTask({
            ...part,
            listId,
            priority,
            due,
            partOf: id,
            createdAt: at,
            ...(category === undefined ? {} : { category }),
            ...(energy === undefined ? {} : { energy }),
            ...(neededBy === undefined ? {} : { neededBy }),
          }),
        ),
      whole,
    );
  },
);
