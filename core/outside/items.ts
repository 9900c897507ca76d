import { eventOfRepeating } from '../formats/calendarsOut';
import { markOf } from '../formats/mark';
import { NotACalendar, readCalendar } from '../formats/readCalendar';
import { eventSays, writeEvent } from '../formats/writeCalendar';
import type { Id } from '../model/common';
import type { Counterpart } from '../model/counterpart';
import { plainEvent, type CalendarEvent } from '../model/event';
import type { Block } from '../model/plan';
import { rememberedPer } from '../model/remember';
import type { ReadTask, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { spanOfBlock, subjectTitle } from '../tasks/places';
import { inTray } from '../tasks/repeating';
import { wallOf, type Zone } from '../time/zone';
import type { BlocksOut } from './account';

/** How things go out: `zone` for due hours, `now` epoch ms. */
export type Sending = { readonly blocks: BlocksOut; readonly zone: Zone; readonly now: number };

/** Something of ours that has, or is to have, a counterpart in a calendar of an account. */
export type Item = {
  readonly kind: Counterpart['kind'];
  readonly of: Id;
  /** The last part of the address that it gets there. */
  readonly name: string;
  readonly title: string;
  readonly mark: string;
  /** Its text, with what stood beside it in the one that it takes the place of. */
  readonly text: (before?: string) => string;
};

/** The mark of what an event says; the same for two that say the same. */
export const markOfEvent = rememberedPer((event: CalendarEvent) => markOf(eventSays(event).join('\n')));

type Shared = Pick<ReadTask, 'title' | 'notes' | 'priority' | 'due' | 'done'>;

/** The mark of what a task says of that which it shares with its account. */
export const markOfShared = ({ title, notes, priority, due, done }: Shared): string =>
  markOf(JSON.stringify([title, notes, priority, due?.date, due?.time, done]));

export const markOfTask = (task: Task): string => markOfShared({ ...task, done: task.doneAt !== null });

/** The last part of an address for a UID: itself where it is fit for one. */
const nameFor = (uid: string): string => `${/^[\w.@-]{1,200}$/.test(uid) ? uid : markOf(uid)}.ics`;

/** What a UID of a block begins with, so that it is known again. */
const BLOCK = 'sprindle-block-';
export const blockOfUid = (uid: string): Id | undefined =>
  uid.startsWith(BLOCK) ? uid.slice(BLOCK.length) : undefined;

const ofBlock = (id: Id, titles: boolean, event: CalendarEvent): CalendarEvent => ({
  ...event,
  uid: `${BLOCK}${id}`,
  title: titles ? event.title : 'Busy',
  // RFC 5545 3.8.1.3: others see that the time is taken
  kept: ['CLASS:PRIVATE'],
});

/** A block as an event in a calendar of an account. */
export function eventOfBlock(workspace: Workspace, block: Block, titles: boolean): CalendarEvent {
  const { id, taskId, start, minutes } = block;
  return ofBlock(id, titles, {
    ...plainEvent,
    ...{ id, calendarId: '', uid: id },
    title: subjectTitle({ kind: 'task', taskId }, workspace),
    start: { wall: wallOf(start, 'UTC'), zone: 'UTC' },
    length: { days: 0, seconds: minutes * 60 },
  });
}

/** What a text says beside its event: of the calendar itself, and other components. */
function besideIn(text: string): string[] {
  try {
    return readCalendar(text, 'UTC').calendars.flatMap(({ kept }) => kept);
  } catch (error) {
    if (error instanceof NotACalendar) return [];
    throw error;
  }
}

const itemOf = (kind: Item['kind'], of: Id, event: CalendarEvent, now: number): Item => ({
  kind,
  of,
  name: nameFor(event.uid),
  title: event.title,
  mark: markOfEvent(event),
  text: (before) => writeEvent(event, { zone: 'UTC', now }, before === undefined ? [] : besideIn(before)),
});

function blockItems(workspace: Workspace, calendarId: Id, { blocks: how, now }: Sending): Item[] {
  if (how === 'no') return [];
  const sent = new Set(counterpartsIn(workspace, calendarId).map(({ of }) => of));
  const titles = how === 'titles';
  const single = workspace.blocks
    .values()
    .filter((block) => sent.has(block.id) || spanOfBlock(block).to > now)
    .map((block) => itemOf('block', block.id, eventOfBlock(workspace, block, titles), now));
  // times of repeating tasks to which nothing has happened go out as the rule that gives them
  const repeating = workspace.repeats
    .values()
    .filter((one) => !inTray(one))
    .map((one) => itemOf('block', one.id, ofBlock(one.id, titles, eventOfRepeating(one)), now));
  return [...single, ...repeating];
}

/** What stands in a calendar of an account under a name, the last part of its address there. */
export const counterpartId = (calendarId: Id, name: string): Id => `${calendarId}/${name}`;

/** The counterparts in a calendar of an account. */
export const counterpartsIn = ({ counterparts }: Workspace, calendarId: Id): readonly Counterpart[] => [
  ...(counterparts.parts.get(calendarId)?.values() ?? []),
];

/** The tasks that a calendar of an account holds. */
export const tasksOfAccount = (workspace: Workspace, calendarId: Id): Task[] =>
  workspace.tasks
    .values()
    .filter(({ origin }) => origin?.kind === 'account' && origin.calendarId === calendarId);

/** All of ours that has, or is to have, a counterpart in a calendar of an account. */
export function itemsOf(workspace: Workspace, calendarId: Id, sending: Sending): Item[] {
  const { now } = sending;
  const events = [...(workspace.events.parts.get(calendarId)?.values() ?? [])];
  return [
    // what is held for somebody is no event yet
    ...events.filter(({ held }) => !held).map((event) => itemOf('event', event.id, event, now)),
    ...tasksOfAccount(workspace, calendarId).map((task): Item => ({
      kind: 'task',
      of: task.id,
      name: '',
      title: task.title,
      mark: markOfTask(task),
      text: () => '',
    })),
    ...blockItems(workspace, calendarId, sending),
  ];
}

/** What is to be sent: the counterpart that it changes, if there is one, and what it becomes; null to be removed there. */
export type Outgoing = { readonly counterpart?: Counterpart; readonly item: Item | null };

/** What of ours has changed since both sides agreed, and is not asked about. */
export function unsent(workspace: Workspace, calendarId: Id, sending: Sending): Outgoing[] {
  const counterparts = counterpartsIn(workspace, calendarId);
  const known = new Map(counterparts.map((one) => [one.of, one]));
  const items = itemsOf(workspace, calendarId, sending);
  const there = new Set(items.map(({ of }) => of));
  const changed = items.flatMap((item): Outgoing[] => {
    const counterpart = known.get(item.of);
    if (!counterpart) return item.kind === 'task' ? [] : [{ item }];
    return counterpart.theirs || counterpart.mark === item.mark ? [] : [{ counterpart, item }];
  });
  // a task that is deleted here stays there: others may need it
  const removed = counterparts.filter(
    ({ kind, of, theirs }) => kind !== 'task' && of !== '' && !theirs && !there.has(of),
  );
  return [...changed, ...removed.map((counterpart) => ({ counterpart, item: null }))];
}

/** What of it can be sent: what has to be read anew comes first. */
export const outgoing = (workspace: Workspace, calendarId: Id, sending: Sending): Outgoing[] =>
  unsent(workspace, calendarId, sending).filter(({ counterpart }) => counterpart?.etag !== '');
