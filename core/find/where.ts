import { occurrenceAt, occurrencesOf, type Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import { firstWords } from '../notes/firstWords';
import type { Workspace } from '../model/workspace';
import { lastPlaceOf, taskOf } from '../tasks/places';
import { nextTimes } from '../tasks/repeating';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import { gistOf, isWritten } from '../weekly/pages';
import { foundIn, type FoundIn } from './documents';

/** What was found: what it is called, and the day of the plan on which it lies (null where it has none). */
export type Found = { readonly id: Id; readonly title: string } & (
  | {
      readonly kind: 'task';
      readonly task: Task;
      readonly date: IsoDate | null;
      readonly blockId?: Id;
      readonly trayId?: Id;
    }
  | { readonly kind: 'event'; readonly event: Occurrence; readonly date: IsoDate }
  | { readonly kind: 'intention'; readonly date: IsoDate }
  | { readonly kind: 'note'; readonly date: IsoDate }
  | { readonly kind: 'goal'; readonly date: IsoDate }
  /** The page of the week that begins on the date. */
  | { readonly kind: 'week'; readonly date: IsoDate }
);

/** How far ahead an event that repeats is looked for. */
const AHEAD = 400 * 86_400_000;

function taskFound(workspace: Workspace, id: Id, zone: Zone): Found[] {
  const task = taskOf(workspace, id);
  if (!task) return [];
  const place = lastPlaceOf(workspace, id);
  const found = { kind: 'task', id, title: task.title, task } as const;
  if (!place) return [{ ...found, date: null }];
  return 'start' in place
    ? [{ ...found, date: dateOf(place.start, zone), blockId: place.id }]
    : [{ ...found, date: place.date, trayId: place.id }];
}

/** An event at its next time from now on, or at its first one where none is ahead. */
function eventFound({ events }: Workspace, id: Id, zone: Zone, now: number): Found[] {
  const event = events.get(id);
  if (!event) return [];
  const [next] = occurrencesOf(event, { from: now, to: now + AHEAD }, zone);
  const shown = next ?? occurrenceAt(event, event.start.wall, zone);
  return [{ kind: 'event', id, title: shown.title, event: shown, date: dateOf(shown.from, zone) }];
}

/** The meeting that a note is about; nothing where its event has gone. */
function remarkFound({ remarks, events }: Workspace, id: Id, zone: Zone): Found[] {
  const remark = remarks.get(id);
  const event = events.get(remark?.eventId ?? '');
  if (!remark || !event) return [];
  const meeting = occurrenceAt(event, remark.recurrence, zone);
  return [{ kind: 'event', id, title: meeting.title, event: meeting, date: dateOf(meeting.from, zone) }];
}

/** Where in the plan what was found lies, by its collection and its id; nothing for what has gone since. */
export function whereIs(
  workspace: Workspace,
  found: string,
  { zone, now }: { readonly zone: Zone; readonly now: number },
): Found[] {
  const at = found.indexOf('/');
  const [name, id] = [found.slice(0, at), found.slice(at + 1)];
  const lookIn: Record<FoundIn, () => Found[]> = {
    tasks: () => taskFound(workspace, id, zone),
    events: () => eventFound(workspace, id, zone, now),
    remarks: () => remarkFound(workspace, id, zone),
    repeats: () =>
      nextTimes(workspace, dateOf(now, zone), zone)
        .filter(({ task }) => task.repeats?.id === id)
        .flatMap(({ task }) => taskFound(workspace, task.id, zone)),
    days: () => {
      const title = firstWords(workspace.days.get(id)?.note ?? '');
      return title === '' ? [] : [{ kind: 'note', id, title, date: id }];
    },
    goals: () => {
      const goal = workspace.goals.get(id);
      const date = goal?.times.at(-1)?.date;
      return goal && date ? [{ kind: 'goal', id, title: goal.title, date }] : [];
    },
    weeks: () => {
      const page = workspace.weeks.get(id);
      return isWritten(page) && page ? [{ kind: 'week', id, title: gistOf(page), date: id }] : [];
    },
    intentions: () => {
      const intention = workspace.intentions.get(id);
      return intention ? [{ kind: 'intention', id, title: intention.text, date: intention.date }] : [];
    },
  };
  const collection = foundIn.find((each) => each === name);
  return collection ? lookIn[collection]() : [];
}
