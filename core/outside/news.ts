import { occurrenceAt, occurrencesOf, type Occurrence } from '../calendar/occurrences';
import { bounds, listUpTo, textUpTo } from '../model/bounds';
import { Id, Instant } from '../model/common';
import { equal } from '../model/equal';
import { takesTime, type CalendarEvent } from '../model/event';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { judge } from '../plan/judge';
import { lastInstant } from '../tasks/deadline';
import { blocksIn, spanOfBlock, tasksOfBlock } from '../tasks/places';
import { lengthOf, type Span } from '../time/span';
import { addDays, dateOf, dayOf, type Zone } from '../time/zone';
import * as z from '../zod';

/*
 * What has changed in a subscribed calendar, and what that does to the plan, as data; the words are made in newsWords.ts.
 */

const Times = z.object({ from: Instant, to: Instant });

/** A task that has to be done before a meeting that has moved. */
const Needed = z.object({
  taskId: Id,
  title: textUpTo(bounds.title),
  /** By when, epoch ms. */
  by: Instant,
  /** A block of its ends later than that, or that is over. */
  late: z.boolean(),
});

export const NewsItem = z.object({
  kind: z.enum(['new', 'moved', 'changed', 'cancelled']),
  eventId: Id,
  title: textUpTo(bounds.title),
  was: z.nullable(Times),
  now: z.nullable(Times),
  allDay: z.boolean(),
  /** How many further times of it have changed in the same way. */
  others: z.int(),
  /** What it lies over now. */
  collides: listUpTo(textUpTo(bounds.title), bounds.few),
  needed: listUpTo(Needed, bounds.few),
});
export type NewsItem = z.infer<typeof NewsItem>;

/** What has become of a task of a tracker. */
export const TaskNews = z.object({
  kind: z.enum(['new', 'changed', 'done', 'reopened']),
  taskId: Id,
  title: textUpTo(bounds.title),
});
export type TaskNews = z.infer<typeof TaskNews>;

/** What one look at a subscribed calendar brought. */
export const News = z.object({
  id: Id,
  /** When it was seen, epoch ms. */
  at: Instant,
  calendarId: Id,
  calendar: textUpTo(bounds.title),
  items: listUpTo(NewsItem, bounds.few),
  tasks: z._default(listUpTo(TaskNews, bounds.few), []),
  /** How many more there were than are kept. */
  more: z.int(),
  /** The pockets that have become free by it. */
  freed: listUpTo(Times, bounds.few),
  /** The sealed weeks that meetings have come into by it. */
  late: listUpTo(z.object({ week: z.string(), count: z.int() }), bounds.few),
});
export type News = z.infer<typeof News>;

/** How far ahead what has changed is told, in days. */
const DAYS = 56;

/** The times of an event that lie ahead; of one that happens once wherever it lies. */
function timesAhead(event: CalendarEvent | undefined, ahead: Span, zone: Zone): Occurrence[] {
  if (!event || event.cancelled) return [];
  if (event.rule !== null || event.also.length > 0 || event.exceptions.length > 0)
    return occurrencesOf(event, ahead, zone);
  const only = occurrenceAt(event, event.start.wall, zone);
  return only.to > ahead.from ? [only] : [];
}

type Pair = { readonly was?: Occurrence | undefined; readonly now?: Occurrence | undefined };

/** Which time of an event became which: the same of its rule, then those left over in their order. */
function paired(before: readonly Occurrence[], after: readonly Occurrence[]): Pair[] {
  const later = new Map(after.map((one) => [one.recurrence, one]));
  const known = new Set(before.map(({ recurrence }) => recurrence));
  const left = before.filter(({ recurrence }) => !later.has(recurrence));
  const fresh = after.filter(({ recurrence }) => !known.has(recurrence));
  const both = before.flatMap((was): Pair[] => {
    const now = later.get(was.recurrence);
    return now ? [{ was, now }] : [];
  });
  const rest = Array.from({ length: Math.max(left.length, fresh.length) }, (_, i) => ({
    was: left[i],
    now: fresh[i],
  }));
  return [...both, ...rest];
}

function kindOf({ was, now }: Pair): NewsItem['kind'] | undefined {
  if (!was) return 'new';
  if (!now) return 'cancelled';
  if (was.from !== now.from || was.to !== now.to) return 'moved';
  const same = was.title === now.title && was.location === now.location && was.busy === now.busy;
  return same ? undefined : 'changed';
}

const timesOf = (one: Occurrence | undefined): Span | null => (one ? { from: one.from, to: one.to } : null);

/** The titles that an occurrence lies over, if it takes time. */
function collisions(workspace: Workspace, one: Occurrence | undefined, zone: Zone): string[] {
  const calendar = one && workspace.calendars.get(one.calendarId);
  if (!one?.busy || one.allDay || !calendar || calendar.hidden || !takesTime(calendar)) return [];
  const { from: start } = one;
  const findings = judge(
    workspace,
    { what: { kind: 'event', event: one }, to: { kind: 'hours', start, minutes: lengthOf(one) } },
    { zone },
  );
  return findings.flatMap((finding) => (finding.kind === 'collides' ? finding.titles : []));
}

/** The open tasks that an event needs, where it needs them earlier than it did. */
function neededEarlier(before: Workspace, after: Workspace, eventId: Id, ahead: Span, zone: Zone) {
  const tied = after.tasks
    .values()
    .filter(({ doneAt, neededBy }) => doneAt === null && neededBy?.eventId === eventId);
  return tied.flatMap((task) => {
    const by = lastInstant(task, after.events, zone);
    if (by >= lastInstant(task, before.events, zone)) return [];
    const ends = blocksIn(after, ahead, zone)
      .filter((block) => tasksOfBlock(block).includes(task.id))
      .map((block) => spanOfBlock(block).to);
    return [
      { taskId: task.id, title: task.title, by, late: by <= ahead.from || ends.some((end) => end > by) },
    ];
  });
}

/** What has become of one event: an item for each way in which times of it have changed, of the first of these times. */
function ofEvent(before: Workspace, after: Workspace, id: Id, ahead: Span, zone: Zone): NewsItem[] {
  const pairs = paired(
    timesAhead(before.events.get(id), ahead, zone),
    timesAhead(after.events.get(id), ahead, zone),
  );
  const items = new Map<NewsItem['kind'], NewsItem>();
  for (const pair of pairs) {
    const kind = kindOf(pair);
    const one = pair.now ?? pair.was;
    if (!kind || !one) continue;
    const known = items.get(kind);
    const item = known ?? {
      kind,
      eventId: id,
      title: one.title,
      was: timesOf(pair.was),
      now: timesOf(pair.now),
      allDay: one.allDay,
      others: -1,
      collides: kind === 'new' || kind === 'moved' ? collisions(after, pair.now, zone) : [],
      needed: kind === 'moved' ? neededEarlier(before, after, id, ahead, zone) : [],
    };
    items.set(kind, { ...item, others: item.others + 1 });
  }
  return [...items.values()];
}

const timeOf = ({ now, was }: NewsItem): number => (now ?? was)?.from ?? 0;

/**
 * What has changed in a calendar from `now` on, between two states of a workspace, by time. `ids` are the events that may have
 * changed. What is over, or hardly ever comes, is not told.
 */
export function newsOf(
  before: Workspace,
  after: Workspace,
  ids: readonly Id[],
  zone: Zone,
  now: number,
): NewsItem[] {
  const ahead = { from: now, to: dayOf(addDays(dateOf(now, zone), DAYS), zone).to };
  return ids.flatMap((id) => ofEvent(before, after, id, ahead, zone)).sort((a, b) => timeOf(a) - timeOf(b));
}

/** Whether it does something to the plan: the person has to look. */
export const isGrave = ({ collides, needed }: NewsItem): boolean => collides.length > 0 || needed.length > 0;

/**
 * Of several looks, the latest last, the one to tell first: the last that does something to the plan, unless a later one tells
 * otherwise of the same event; else the last.
 */
export function foremost(looks: readonly News[]): News | undefined {
  const toldLater = new Set<Id>();
  for (const look of [...looks].reverse()) {
    if (look.items.some((item) => isGrave(item) && !toldLater.has(item.eventId))) return look;
    for (const { eventId } of look.items) toldLater.add(eventId);
  }
  return looks.at(-1);
}

/** What has become of tasks that may have changed, between two states of a workspace; what of them is ours alone is not told. */
export const taskNewsOf = (before: Workspace, after: Workspace, ids: readonly Id[]): TaskNews[] =>
  ids.flatMap((taskId): TaskNews[] => {
    const [was, is] = [before.tasks.get(taskId), after.tasks.get(taskId)];
    if (!is) return [];
    const { title, doneAt } = is;
    if (!was) return doneAt === null ? [{ kind: 'new', taskId, title }] : [];
    if ((was.doneAt === null) !== (doneAt === null))
      return [{ kind: doneAt === null ? 'reopened' : 'done', taskId, title }];
    const says = ({ title: name, notes, priority, due }: Task) => ({ name, notes, priority, due });
    return equal(says(was), says(is)) ? [] : [{ kind: 'changed', taskId, title }];
  });
