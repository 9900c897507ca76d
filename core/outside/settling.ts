import type { Agreed, Taken } from '../commands/accounts';
import { eventRecord } from '../commands/importing';
import type { FileEvent, FileTask } from '../formats/readCalendar';
import type { Id } from '../model/common';
import type { Counterpart } from '../model/counterpart';
import type { CalendarEvent } from '../model/event';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lowestRank } from '../tasks/order';
import { instantOf } from '../time/zone';
import {
  blockOfUid,
  counterpartId,
  counterpartsIn,
  eventOfBlock,
  markOfEvent,
  markOfShared,
  type Sending,
} from './items';
import type { ReadThing } from './readThings';
import { mergedTask, newTaskOf } from './trackerTasks';

/*
 * What becomes of what has changed in a calendar of an account, beside what has changed here since both sides agreed. What only
 * one side has changed, the other takes; what both have changed to the same is agreed on; tasks are merged field by field; and
 * what is left is asked about, with nothing changed on either side until it is answered.
 */

/** What has changed there: what stands at addresses, and the addresses at which nothing stands any more. */
export type Heard = {
  readonly things: readonly ReadThing[];
  readonly gone: readonly string[];
  /** Up to where changes are known by it (RFC 6578). */
  readonly token?: string | undefined;
  /** How far that side's clock is ahead of ours, in ms. */
  readonly ahead: number;
};

/** A calendar here, and the list that new tasks of it go to. */
export type Place = { readonly calendarId: Id; readonly listId: Id };

export type Settled = {
  readonly taken: Taken;
  readonly agreed: Agreed;
  /** The titles of what is asked about from now on. */
  readonly asked: readonly string[];
};

/** What one thing leads to. */
type Outcome = {
  readonly event?: CalendarEvent;
  readonly task?: Task;
  readonly block?: Block;
  readonly goneEvent?: Id;
  readonly goneBlock?: Id;
  readonly counterpart?: Counterpart;
  readonly cut?: Id;
  readonly asked?: string;
};

/** What there is when something is settled. */
type Standing = Place & {
  readonly workspace: Workspace;
  readonly sending: Sending;
  readonly known: ReadonlyMap<Id, Counterpart>;
};

/** An event of an account as a record of ours; what is known of it here alone stays. */
export function recordOf(workspace: Workspace, calendarId: Id, event: FileEvent): CalendarEvent {
  const stored = workspace.events.get(`${calendarId}/${event.uid}`);
  const { madeHere } = stored ?? {};
  return { ...eventRecord(calendarId, event, stored), ...(madeHere === undefined ? {} : { madeHere }) };
}

/** The mark of a block of ours as it goes out. */
const markOfBlock = ({ workspace, sending }: Standing, block: Block): string =>
  markOfEvent(eventOfBlock(workspace, block, sending.blocks === 'titles'));

function ofEvent(standing: Standing, fresh: Counterpart, thing: ReadThing, event: FileEvent): Outcome {
  const { workspace, calendarId, known } = standing;
  const record = recordOf(workspace, calendarId, event);
  const counterpart = { ...fresh, of: record.id, mark: markOfEvent(record) };
  const ours = workspace.events.get(record.id);
  const mark = ours && markOfEvent(ours);
  if (mark === counterpart.mark) return { counterpart };
  const { etag = '', mark: agreed, sending } = known.get(fresh.id) ?? {};
  // it was sent from here, and only the answer was lost
  if (sending === counterpart.mark) return { counterpart };
  // what was deleted here and changed there comes back
  if (mark === undefined || mark === agreed) return { event: record, counterpart };
  const theirs = { etag: thing.etag, text: thing.text };
  return { counterpart: { ...counterpart, etag, mark: agreed ?? '', theirs }, asked: record.title };
}

/** A block that was moved there moves here; one that was changed here, or that repeats, goes out again as it stands here. */
function ofBlock(
  standing: Standing,
  fresh: Counterpart,
  block: Block | undefined,
  event: FileEvent,
): Outcome {
  const { mark: before = '', sending = before } = standing.known.get(fresh.id) ?? {};
  const agreed =
    sending === markOfEvent(recordOf(standing.workspace, fresh.calendarId, event)) ? sending : before;
  const { start, length } = event;
  const minutes = Math.round(length.days * 1440 + length.seconds / 60);
  const follows = block && agreed === markOfBlock(standing, block) && minutes > 0 && start.wall.length > 10;
  if (!follows) return { counterpart: { ...fresh, kind: 'block', mark: agreed } };
  const moved = { ...block, start: instantOf(start.wall, start.zone ?? standing.sending.zone), minutes };
  return { block: moved, counterpart: { ...fresh, kind: 'block', mark: markOfBlock(standing, moved) } };
}

function ofTask(
  standing: Standing,
  fresh: Counterpart,
  task: FileTask,
  revised: number,
  rank: number,
): Outcome {
  const { workspace, calendarId, listId, sending } = standing;
  const stored = workspace.tasks.get(`${calendarId}/${task.uid}`);
  const taking = { calendarId, listId, rank, at: sending.now };
  const mark = markOfShared(task);
  // it was sent from here, and only the answer was lost: what has changed here since is newer
  const isOurs = standing.known.get(fresh.id)?.sending === mark;
  const heard = { task, revised: isOurs ? -Infinity : revised };
  const merged = stored ? mergedTask(stored, heard, taking) : newTaskOf(heard, taking);
  return { task: merged, counterpart: { ...fresh, kind: 'task', of: merged.id, mark } };
}

function ofThing(standing: Standing, thing: ReadThing, ahead: number, rank: number): Outcome {
  const { workspace, calendarId, known, sending } = standing;
  const id = counterpartId(calendarId, thing.name);
  const before = known.get(id);
  const fresh: Counterpart = { id, calendarId, kind: 'event', of: '', etag: thing.etag, mark: '' };
  const { event, task, revised = sending.now } = thing;
  if (task) return ofTask(standing, fresh, task, revised - ahead, rank);
  // read again the next time, and not overwritten until then
  if (!event) return before && before.etag !== '' ? { counterpart: { ...before, etag: '' } } : {};
  const blockId = blockOfUid(event.uid) ?? '';
  const block = workspace.blocks.get(blockId);
  return block || workspace.repeats.has(blockId)
    ? ofBlock(standing, { ...fresh, of: blockId }, block, event)
    : ofEvent(standing, fresh, thing, event);
}

function ofGone(standing: Standing, name: string): Outcome {
  const { workspace, calendarId, known } = standing;
  const before = known.get(counterpartId(calendarId, name));
  if (!before) return {};
  const { id, kind, of, mark } = before;
  const ask = ({ title }: { title: string }): Outcome => ({
    counterpart: { ...before, theirs: { etag: null, text: '' } },
    asked: title,
  });
  switch (kind) {
    case 'task': {
      const task = workspace.tasks.get(of);
      return task && task.doneAt === null ? ask(task) : { cut: id };
    }
    case 'event': {
      const event = workspace.events.get(of);
      // what never arrived there is no change of theirs
      if (event && mark !== '' && markOfEvent(event) !== mark) return ask(event);
      if (mark === '') return { cut: id };
      return { cut: id, ...(event && { goneEvent: of }) };
    }
    case 'block': {
      const block = workspace.blocks.get(of);
      return { cut: id, ...(block && markOfBlock(standing, block) === mark && { goneBlock: of }) };
    }
  }
}

/** Works out what becomes of what has changed there, beside what stands here now. */
export function settle(
  workspace: Workspace,
  place: Place,
  { things, gone, token, ahead }: Heard,
  sending: Sending,
): Settled {
  const { calendarId } = place;
  const known = new Map(counterpartsIn(workspace, calendarId).map((one) => [one.id, one]));
  const standing: Standing = { ...place, workspace, sending, known };
  const top = lowestRank(workspace.tasks) - things.length;
  const outcomes = [
    ...things.map((thing, nth) => ofThing(standing, thing, ahead, top + nth)),
    ...gone.map((name) => ofGone(standing, name)),
  ];
  const all = <K extends keyof Outcome>(key: K) =>
    outcomes.flatMap((outcome): NonNullable<Outcome[K]>[] => {
      const { [key]: one } = outcome;
      return one === undefined ? [] : [one as NonNullable<Outcome[K]>]; // it was just looked at
    });
  return {
    taken: {
      ...{ events: all('event'), tasks: all('task'), blocks: all('block') },
      gone: { events: all('goneEvent'), blocks: all('goneBlock') },
    },
    agreed: { calendarId, counterparts: all('counterpart'), cut: all('cut'), token },
    asked: all('asked'),
  };
}
