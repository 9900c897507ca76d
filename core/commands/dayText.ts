import type { DayChange } from '../formats/day/change';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { usualList } from '../tasks/lists';
import { newTask } from '../tasks/newTask';
import { lengthOf, type Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { command, existing, put } from './command';
import { countOn, markKeystone, writeNote } from './days';
import { addTaskOn, moveBlock, placeTask, planNewTask, putInTray, takeBlockOff, takeFromTray } from './plan';
import { reopen, tickOff } from './tasks';
import { addEntry, deleteEntry } from './track';

type Taking = {
  readonly date: IsoDate;
  readonly changes: readonly DayChange[];
  readonly at: number;
  readonly zone: Zone;
  readonly newId: () => Id;
};

/** Makes of a day what a text says, in one step. */
export const takeDay = command('take the day as text', (workspace, taking: Taking) =>
  taking.changes.reduce((before, change) => taken(before, change, taking), workspace),
);

/** A span as a block has it: whole minutes. */
const asBlock = (span: Span) => ({
  start: span.from,
  minutes: Math.max(1, Math.round(lengthOf(span))),
});

function taken(workspace: Workspace, change: DayChange, { date, at, zone, newId }: Taking): Workspace {
  switch (change.kind) {
    case 'move':
      return moveBlock.apply(workspace, { id: change.blockId, ...asBlock(change.to) });
    case 'place': {
      const { taskId, trayId, to } = change;
      return placeTask.apply(workspace, { id: newId(), taskId, trayId, ...asBlock(to) });
    }
    case 'lay':
      return putInTray.apply(workspace, {
        id: newId(),
        taskId: change.taskId,
        date,
        blockId: change.blockId,
      });
    case 'new':
      return added(workspace, change, { date, at, zone, newId });
    case 'off':
      return change.from === 'hours'
        ? takeBlockOff.apply(workspace, { id: change.id })
        : takeFromTray.apply(workspace, { id: change.id });
    case 'done':
      return change.done
        ? tickOff.apply(workspace, { id: change.taskId, at, next: { newId, zone } })
        : reopen.apply(workspace, { id: change.taskId });
    case 'keystone':
      return markKeystone.apply(workspace, { date, taskId: change.taskId });
    case 'record':
      return recorded(workspace, change, newId);
    case 'unrecord':
      return deleteEntry.apply(workspace, { id: change.entryId });
    case 'number':
      return countOn.apply(workspace, { date, of: change.of, value: change.value });
    case 'note':
      return writeNote.apply(workspace, { date, note: change.note });
  }
}

function added(
  workspace: Workspace,
  { title, to, done }: Extract<DayChange, { kind: 'new' }>,
  { date, at, zone, newId }: Omit<Taking, 'changes'>,
): Workspace {
  const id = newId();
  const estimate = to ? asBlock(to).minutes : null;
  const task = newTask({ id, title, listId: usualList(workspace).id, createdAt: at, estimate });
  const placed = to
    ? planNewTask.apply(workspace, { task, block: { id: newId(), taskId: id, ...asBlock(to) } })
    : addTaskOn.apply(workspace, { task, trayId: newId(), date });
  return done ? tickOff.apply(placed, { id, at, next: { newId, zone } }) : placed;
}

/** Time by a text is put in afterwards, and not timed. */
function recorded(
  workspace: Workspace,
  { entryId, subject, to }: Extract<DayChange, { kind: 'record' }>,
  newId: () => Id,
): Workspace {
  const id = entryId ?? newId();
  const timed = entryId === null ? addEntry.apply(workspace, { id, subject, ...to }) : workspace;
  const entry = existing(timed.entries, id, 'time entry');
  return put(timed, 'entries', { ...entry, from: to.from, to: to.to, mended: true });
}
