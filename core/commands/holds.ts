import { derivedByPart } from '../model/collection';
import type { Id } from '../model/common';
import type { Calendar, CalendarEvent } from '../model/event';
import type { Workspace } from '../model/workspace';
import { command, existing, put, without } from './command';
import { addEvent } from './events';

/** Keeps times free that were given to somebody; the calendar is added with them when it is new. */
export const holdTimes = command(
  'hold times',
  (workspace, { events, calendar }: { events: readonly CalendarEvent[]; calendar: Calendar }) =>
    events.reduce((before, event) => addEvent.apply(before, { event, calendar }), workspace),
);

/** Lets times go that were held. */
export const releaseHolds = command('release held times', (workspace, { ids }: { ids: readonly Id[] }) =>
  without(workspace, 'events', ids),
);

/** Makes a meeting of a time that was held, from its start on so many minutes long, and lets go what was given with it. */
export const takeHold = command(
  'take a held time',
  (workspace, { id, title, minutes }: { id: Id; title: string; minutes: number }) => {
    const { held, kept: _, ...event } = existing(workspace.events, id, 'held time');
    const others = heldTimes(workspace).filter((one) => one.id !== id && one.held?.giving === held?.giving);
    const released = without(
      workspace,
      'events',
      others.map((other) => other.id),
    );
    return put(released, 'events', { ...event, title, kept: [], length: { days: 0, seconds: minutes * 60 } });
  },
);

const heldIn = derivedByPart<CalendarEvent, CalendarEvent[]>((events) =>
  [...events].filter(({ held }) => held !== undefined),
);

/** The times that are held for somebody, in whichever calendar. */
export const heldTimes = ({ events }: Workspace): CalendarEvent[] => heldIn(events).flat();

/** Those that are held no longer at an instant (epoch ms). */
export const holdsOver = (workspace: Workspace, now: number): Id[] =>
  heldTimes(workspace).flatMap(({ id, held }) => (held && held.until <= now ? [id] : []));
