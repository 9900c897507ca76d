import type { Id } from '../model/common';
import type { Counterpart } from '../model/counterpart';
import { TRACKER, type Calendar, type CalendarEvent } from '../model/event';
import type { Block } from '../model/plan';
import type { ReadTask, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { withCategories } from '../model/categories';
import { command, existing, forget, put, without } from './command';

/** Adds a calendar that is kept equal with one of an account, or makes one's own calendar such a one. */
export const connectCalendar = command('connect', (workspace, { calendar }: { calendar: Calendar }) =>
  put(workspace, 'calendars', calendar),
);

/** What has changed in a calendar of an account, as it is to stand here. */
export type Taken = {
  readonly events: readonly CalendarEvent[];
  readonly tasks: readonly Task[];
  readonly blocks: readonly Block[];
  readonly gone: { readonly events: readonly Id[]; readonly blocks: readonly Id[] };
};

/** Takes over what has changed in a calendar of an account. */
export const takeOver = command('take over', (workspace, { events, tasks, blocks, gone }: Taken) => {
  const cleared = forget(forget(workspace, 'events', gone.events), 'blocks', gone.blocks);
  const categories = events.flatMap((event) => event.categories);
  const withEvents = put(withCategories(cleared, categories), 'events', ...events);
  return put(put(withEvents, 'tasks', ...tasks), 'blocks', ...blocks);
});

/** What both sides have by now: counterparts as they stand, those that are no more, and up to where changes are known. */
export type Agreed = {
  readonly calendarId: Id;
  readonly counterparts: readonly Counterpart[];
  readonly cut: readonly Id[];
  readonly token?: string | undefined;
  /** What was sent of tasks, which stands there by now. */
  readonly sent?: readonly { readonly id: Id; readonly shared: Partial<ReadTask> }[];
};

/** Tasks with what was sent of them as the last that is known of their account. */
const known = (workspace: Workspace, sent: Agreed['sent'] = []): Task[] =>
  sent.flatMap(({ id, shared }) => {
    const task = workspace.tasks.get(id);
    const { origin } = task ?? {};
    return task && origin
      ? [{ ...task, origin: { ...origin, lastRead: { ...origin.lastRead, ...shared } } }]
      : [];
  });

/** Notes what both sides have. It is no step of the person's. */
export const agree = command('agree', (workspace, { calendarId, counterparts, cut, token, sent }: Agreed) => {
  const calendar = workspace.calendars.get(calendarId);
  if (!calendar) return workspace;
  const isKnown = token === undefined || token === calendar.token;
  const told = isKnown ? workspace : put(workspace, 'calendars', { ...calendar, token });
  const settled = put(without(told, 'counterparts', cut), 'counterparts', ...counterparts);
  return put(settled, 'tasks', ...known(settled, sent));
});

/** Lets what is gone here come again from its account. */
export const takeBack = command('take back', (workspace, { calendarId }: { calendarId: Id }) => {
  const { token: _, ...calendar } = existing(workspace.calendars, calendarId, 'calendar');
  const lost = [...(workspace.counterparts.parts.get(calendarId)?.values() ?? [])].filter(
    ({ kind, of }) => kind === 'event' && !workspace.events.has(of),
  );
  const ids = lost.map(({ id }) => id);
  return put(without(workspace, 'counterparts', ids), 'calendars', calendar);
});

/** The counterpart as both sides have it again, so that what stands here goes out, over what stands there. */
const overruled = ({ theirs, ...counterpart }: Counterpart, etag: string): Counterpart => ({
  ...counterpart,
  etag,
  mark: '',
});

/**
 * Answers for something that was changed on both sides, or is gone there: what stands here goes out. With `apart` what was
 * changed here becomes another event beside what stands there.
 */
export const keepOurs = command('keep what stands here', (workspace, { id }: { id: Id }) => {
  const counterpart = existing(workspace.counterparts, id, 'change');
  const { theirs, kind, of } = counterpart;
  if (!theirs) return workspace;
  if (theirs.etag !== null) return put(workspace, 'counterparts', overruled(counterpart, theirs.etag));
  const cut = without(workspace, 'counterparts', [id]);
  const task = kind === 'task' ? workspace.tasks.get(of) : undefined;
  if (!task) return cut;
  const { origin: _, ...own } = task;
  return put(cut, 'tasks', own);
});

type Theirs = {
  readonly id: Id;
  /** What stands there, as a record of ours; null where it is gone. */
  readonly event: CalendarEvent | null;
  readonly mark: string;
  /** What stands here is kept under this UID, too. */
  readonly apart?: string | undefined;
};

/** Answers for something that was changed on both sides, or is gone there: what stands there is taken. */
export const takeTheirs = command('take what stands there', (workspace, input: Theirs) => {
  const { id, event, mark, apart } = input;
  const counterpart = existing(workspace.counterparts, id, 'change');
  const { theirs, kind, of, calendarId } = counterpart;
  if (!theirs) return workspace;
  const ours = workspace.events.get(of);
  const copy =
    ours && apart !== undefined
      ? put(workspace, 'events', { ...ours, id: `${calendarId}/${apart}`, uid: apart, madeHere: true })
      : workspace;
  if (!event || theirs.etag === null) {
    const cut = without(copy, 'counterparts', [id]);
    return forget(cut, kind === 'task' ? 'tasks' : 'events', [of]);
  }
  const { theirs: _, ...settled } = { ...counterpart, etag: theirs.etag, mark };
  return put(put(copy, 'events', event), 'counterparts', settled);
});

/** Takes a calendar out of its account: what it holds stays as one's own, or goes with it. */
export const leaveAccount = command(
  'leave the account',
  (workspace, { calendarId, stays }: { calendarId: Id; stays: boolean }) => {
    const { token: _, ...calendar } = existing(workspace.calendars, calendarId, 'calendar');
    const tasks = workspace.tasks
      .values()
      .filter(({ origin }) => origin?.kind === 'account' && origin.calendarId === calendarId);
    if (!stays) {
      const ids = tasks.map(({ id }) => id);
      return forget(forget(workspace, 'tasks', ids), 'calendars', [calendarId]);
    }
    const own = put(workspace, 'tasks', ...tasks.map(({ origin: __, ...task }) => task));
    if (calendar.source === TRACKER) return forget(own, 'calendars', [calendarId]);
    const cut = [...(workspace.counterparts.parts.get(calendarId)?.keys() ?? [])];
    return without(put(own, 'calendars', { ...calendar, source: '' }), 'counterparts', cut);
  },
);
