import type { Id } from '../model/common';
import type { Task } from '../model/task';
import { noteAnew } from '../notes/ties';
import type { Span } from '../time/span';
import { said } from './closing';
import { command } from './command';
import { putInTray } from './plan';
import { addTask, reopen, tickOff, type Next } from './tasks';

type Note = { date: string; note: string; when?: { at: number; next?: Next } };

/** Writes the note of a day. If it is said when (epoch ms), tasks of its boxes are ticked off and opened again as the boxes are. */
export const writeNote = command('write the note', (workspace, { date, note, when }: Note) => {
  const { ties, switched } = noteAnew(workspace, date, note);
  const written = said(workspace, date, (day) => ({ ...day, note, ties }));
  if (!when) return written;
  return switched.reduce(
    (before, { id, doneAt }) =>
      doneAt === null ? tickOff.apply(before, { id, ...when }) : reopen.apply(before, { id }),
    written,
  );
});

/** Says how much of something was counted on a day; null takes it back. */
export const countOn = command(
  'count',
  (workspace, { date, of, value }: { date: string; of: Id; value: number | null }) =>
    said(workspace, date, (day) => ({
      ...day,
      numbers: [
        ...day.numbers.filter((number) => number.of !== of),
        ...(value === null ? [] : [{ of, value }]),
      ],
    })),
);

/** Ticks an item of a checklist on a day, or takes the tick back. */
export const tickOn = command('tick', (workspace, { date, item }: { date: string; item: Id }) =>
  said(workspace, date, (day) => ({
    ...day,
    ticked: day.ticked.includes(item) ? day.ticked.filter((other) => other !== item) : [...day.ticked, item],
  })),
);

/** Makes a task the keystone of a day, or takes that back (null). */
export const markKeystone = command(
  'choose the keystone',
  (workspace, { date, taskId }: { date: string; taskId: Id | null }) =>
    said(workspace, date, ({ keystone: _, ...day }) =>
      taskId === null ? day : { ...day, keystone: taskId },
    ),
);

/** Leaves a stretch of a day without a record on purpose. */
export const leaveOpen = command('leave it open', (workspace, { date, span }: { date: string; span: Span }) =>
  said(workspace, date, (day) => ({ ...day, leftOpen: [...day.leftOpen, { from: span.from, to: span.to }] })),
);

/** Says that a meeting was over at an instant of a day (epoch ms), before it was to end; null takes that back. */
export const endMeeting = command(
  'end the meeting',
  (workspace, { date, meeting, at }: { date: string; meeting: Id; at: number | null }) =>
    said(workspace, date, ({ over = [], ...day }) => {
      const others = over.filter((each) => each.meeting !== meeting);
      return { ...day, over: at === null ? others : [...others, { meeting, at }] };
    }),
);

/** Makes a task of a box in the note of a day, in the tray of that day; the box goes along with it from then on. */
export const boxIntoTask = command(
  'make it a task',
  (workspace, { date, trayId, task }: { date: string; trayId: Id; task: Omit<Task, 'rank'> }) => {
    const added = putInTray.apply(addTask.apply(workspace, task), { id: trayId, taskId: task.id, date });
    return said(added, date, (day) => ({
      ...day,
      ties: [...day.ties.filter(({ text }) => text !== task.title), { text: task.title, taskId: task.id }],
    }));
  },
);
