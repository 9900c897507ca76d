import { usualList } from '@/core/tasks/lists';
import { occurrenceAt } from '@/core/calendar/occurrences';
import { planNewTask } from '@/core/commands/plan';
import { newTask } from '@/core/tasks/newTask';
import { meetingOf, workOf } from '@/core/capture/ofTemplate';
import { templateNamed } from '@/core/tasks/templates';
import { durationWords, momentWords } from '@/core/time/words';
import type { Zone } from '@/core/time/zone';
import * as z from '@/core/zod';
import { addEventAt } from '@/actions/events';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { closePanel, openPanel } from '@/ui/panels';

export const kinds = ['event', 'task', 'group'] as const;

const fields = z.object({
  kind: z.enum(kinds),
  title: z.string(),
  notes: z.string(),
  calendarId: z.string(),
});
export type New = z.infer<typeof fields>;

export const newForm = {
  name: 'New',
  fields,
  whole: fields.check(
    z.refine(({ kind, title }) => title !== '' || kind === 'group', {
      message: 'A title is needed.',
      path: ['title'],
    }),
  ),
};

/** Hours on the board: their start (epoch ms) and their length in minutes. */
type Hours = { readonly start: number; readonly minutes: number };

/** Adds what the form has gathered at marked hours; false when it was refused. */
export const addAtHours = (made: New, hours: Hours, zone: Zone): boolean =>
  made.kind === 'event' ? addEvent(made, hours, zone) : addBlock(made, hours, zone);

function addEvent({ title, notes, calendarId }: New, hours: Hours, zone: Zone): boolean {
  const template = templateNamed(currentWorkspace(), title);
  const details = template ? meetingOf(template) : {};
  const id = addEventAt({ title, notes, details, ...hours }, calendarId || undefined);
  const event = id && currentWorkspace().events.get(id);
  if (!event) return false;
  openPanel({ kind: 'meeting', meeting: occurrenceAt(event, event.start.wall, zone) });
  return true;
}

function addBlock({ kind, title: typed, notes }: New, { start, minutes }: Hours, zone: Zone): boolean {
  const workspace = currentWorkspace();
  const title = typed || 'Small tasks';
  const taskId = newId();
  const template = templateNamed(workspace, title);
  const { listId = usualList(workspace).id, category } = template ?? {};
  const task = {
    ...(template ? workOf(template, taskId) : {}),
    id: taskId,
    title,
    listId,
    estimate: minutes,
    createdAt: here().now,
    ...(notes === '' ? {} : { notes }),
    ...(category === undefined ? {} : { category }),
  };
  const block = { id: newId(), taskId, start, minutes, ...(kind === 'group' ? { holds: [] } : {}) };
  const words = `${title}: ${momentWords(start, zone, workspace.settings)}, ${durationWords(minutes)}`;
  const added = store.run(planNewTask, { task: newTask(task), block }, words);
  if (added) closePanel();
  return added;
}
