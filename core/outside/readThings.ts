import type { Problem } from '../formats/contentLines';
import { NotACalendar, readCalendar, type FileEvent, type FileTask } from '../formats/readCalendar';
import type { Zone } from '../time/zone';
import { revisedAt } from './trackerTasks';

/** What stands in a calendar of an account at one address: its version, and its text. */
export type Thing = { readonly name: string; readonly etag: string; readonly text: string };

/** The same, read: an event or a task, or neither if it cannot be read. */
export type ReadThing = Thing & {
  readonly event?: FileEvent | undefined;
  readonly task?: FileTask | undefined;
  /** When its side says that it was changed last, epoch ms by that side's clock. */
  readonly revised?: number | undefined;
  readonly problems: readonly Problem[];
};

function readOne(thing: Thing, home: Zone): ReadThing {
  try {
    const { calendars, problems } = readCalendar(thing.text, home);
    const [event] = calendars.flatMap(({ events }) => events);
    const [task] = calendars.flatMap(({ tasks }) => tasks);
    return { ...thing, event, task, revised: task && revisedAt(thing.text), problems };
  } catch (error) {
    if (!(error instanceof NotACalendar)) throw error;
    return { ...thing, problems: [{ where: 1, what: 'It is no calendar', hint: 'It was left as it was.' }] };
  }
}

/** Reads what stands in a calendar of an account; `home` is the zone in which due hours are read. */
export const readThings = (things: readonly Thing[], home: Zone): ReadThing[] =>
  things.map((thing) => readOne(thing, home));
