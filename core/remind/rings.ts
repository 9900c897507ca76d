import { detailsAt, knownOccurrences, occurrencesOf, type Occurrence } from '../calendar/occurrences';
import { occurrencesShown } from '../calendar/layers';
import { zonesOn } from '../frame/zones';
import type { CalendarEvent } from '../model/event';
import { takesTime } from '../model/event';
import type { Alarm } from '../model/reminder';
import type { Due, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { linesLeft, ownRoutinesOn } from '../plan/routines';
import { deadlineOf } from '../tasks/deadline';
import { dueOn } from '../tasks/openTasks';
import { blocksIn, taskOf } from '../tasks/places';
import { DAY, MINUTE, type Span } from '../time/span';
import {
  addDays,
  dateOf,
  dayOf,
  instantOf,
  minutesFrom,
  weekdayOf,
  type IsoDate,
  type Zone,
} from '../time/zone';
import {
  alarmsEver,
  alarmsOf,
  dueLeadsOf,
  farAlarms,
  hasDueLeads,
  isFar,
  leadsOf,
  offsetsOf,
  reachOf,
} from './leads';
import type { About, Ring } from './ring';

/** Everything that rings within a stretch of time, by instant. A pure function of what is planned, so any split of it rings the same. */
export function ringsIn(workspace: Workspace, range: Span, zone: Zone): Ring[] {
  const found = [
    ...ofBlocks(workspace, range, zone),
    ...ofMeetings(workspace, range, zone),
    ...ofFarAlarms(workspace, range, zone),
    ...ofDueTimes(workspace, range, zone),
    ...ofRoutines(workspace, range, zone),
    ...ofOwnRoutines(workspace, range, zone),
  ].filter(({ at }) => at >= range.from && at < range.to);
  const each = new Map(found.map((ring) => [ring.id, { ...ring, quiet: isQuiet(workspace, ring, zone) }]));
  return [...each.values()].sort((a, b) => a.at - b.at || a.when - b.when || (a.id < b.id ? -1 : 1));
}

type Raw = Omit<Ring, 'quiet'>;

/** No clock change moves what rings whole days before by more, in minutes. */
const CLOCK_CHANGE = 120;

/** The dates that a stretch of time touches, with so many minutes more on either side. */
function datesAround({ from, to }: Span, zone: Zone, minutes: number): IsoDate[] {
  const around = (minutes + CLOCK_CHANGE) * MINUTE;
  const last = dateOf(to + around, zone);
  const dates: IsoDate[] = [];
  for (let date = dateOf(from - around, zone); date <= last; date = addDays(date, 1)) dates.push(date);
  return dates;
}

function ofBlocks(workspace: Workspace, { from, to }: Span, zone: Zone): Raw[] {
  const reach = reachOf(workspace).blocks + CLOCK_CHANGE;
  const range = { from: from - CLOCK_CHANGE * MINUTE, to: to + reach * MINUTE };
  return blocksIn(workspace, range, zone).flatMap((block): Raw[] => {
    const task = taskOf(workspace, block.taskId);
    if (!task || task.doneAt !== null || task.parked) return [];
    const about: About = { kind: 'block', blockId: block.id, taskId: block.taskId };
    return leadsOf(workspace, task).map((lead) => ({
      id: `block:${block.id}:${block.start}:${lead}`,
      at: minutesFrom(block.start, -lead, zone),
      about,
      when: block.start,
    }));
  });
}

function ofMeetings(workspace: Workspace, range: Span, zone: Zone): Raw[] {
  const around = datesAround(range, zone, reachOf(workspace).meetings);
  return around
    .flatMap((date) => occurrencesShown(workspace, date, zone))
    .flatMap((occurrence) => {
      const { eventId, recurrence, calendarId, busy } = occurrence;
      const event = workspace.events.get(eventId);
      const calendar = workspace.calendars.get(calendarId);
      if (!event || (calendar && !takesTime(calendar))) return [];
      const details = detailsAt(event, recurrence);
      // what leaves one free rings only if it says so itself
      if (!busy && details.reminders.length === 0) return [];
      return alarmsOf(workspace, details)
        .filter(({ at }) => at === undefined)
        .flatMap((alarm) => ringsOfAlarm(alarm, occurrence, zone));
    });
}

function ringsOfAlarm(alarm: Alarm, occurrence: Occurrence, zone: Zone): Raw[] {
  const { id, eventId, recurrence, from, to } = occurrence;
  const base = alarm.at ?? (alarm.fromEnd ? to : from);
  const about: About = { kind: 'meeting', eventId, recurrence };
  return offsetsOf(alarm)
    .map((offset) => minutesFrom(base, offset, zone))
    .filter((at) => alarm.acknowledged === undefined || at > alarm.acknowledged)
    .map((at) => ({ id: `meeting:${id}:${from}:${at}`, at, about, when: from }));
}

/** Alarms at an instant of their own, and those further from their meeting than one looks for all. */
function ofFarAlarms(workspace: Workspace, range: Span, zone: Zone): Raw[] {
  return farAlarms(workspace).flatMap((event) => {
    const calendar = workspace.calendars.get(event.calendarId);
    if (calendar && (calendar.hidden || !takesTime(calendar))) return [];
    return farOf(event, range, zone).flatMap(({ alarm, occurrence }) =>
      ringsOfAlarm(alarm, occurrence, zone),
    );
  });
}

/** The alarms of an event that may ring within a stretch of time though it is far, each with its occurrence. */
function farOf(event: CalendarEvent, range: Span, zone: Zone) {
  const atInstants = event.reminders.flatMap((alarm) => {
    const occurrence = alarm.at === undefined ? undefined : firstFrom(event, alarm.at, zone);
    return occurrence ? [{ alarm, occurrence }] : [];
  });
  const far = alarmsEver(event).filter((alarm) => alarm.at === undefined && isFar(alarm));
  const atOffsets = [...new Set(far.flatMap(offsetsOf))].flatMap((offset) => {
    const by = offset * MINUTE;
    const near = { from: range.from - by - DAY, to: range.to - by + DAY };
    return knownOccurrences(event, near, zone).flatMap((occurrence) =>
      detailsAt(event, occurrence.recurrence).reminders.map((alarm) => ({ alarm, occurrence })),
    );
  });
  return [...atInstants, ...atOffsets.filter(({ alarm }) => alarm.at === undefined)];
}

/** How far ahead of an instant of its own an alarm’s occurrence is looked for. */
const AHEAD = 400 * DAY;

/** The occurrence that an alarm at an instant is of: the next one, else the event’s first. */
function firstFrom(event: CalendarEvent, at: number, zone: Zone): Occurrence | undefined {
  const [next] = knownOccurrences(event, { from: at, to: at + AHEAD }, zone);
  const start = instantOf(event.start.wall, event.start.zone ?? zone);
  return next ?? occurrencesOf(event, { from: start - DAY, to: start + DAY }, zone)[0];
}

function ofDueTimes(workspace: Workspace, range: Span, zone: Zone): Raw[] {
  if (!hasDueLeads(workspace)) return [];
  const to = range.to + MOST_DUE * MINUTE;
  return datesAround({ from: range.from, to }, zone, 0)
    .flatMap((date) => dueOn(workspace, date, zone))
    .flatMap((task) => (task.due ? ringsOfDue(workspace, task, task.due, zone) : []));
}

/** The longest that one can be reminded before a due time, and a day more for those of whole days. */
const MOST_DUE = 29 * 1440;

function ringsOfDue(workspace: Workspace, task: Task, due: Due, zone: Zone): Raw[] {
  const when = deadlineOf(due, zone);
  const about: About = { kind: 'due', taskId: task.id };
  const instants = dueLeadsOf(workspace, task).map((lead) =>
    due.time === null ? morningOf(workspace, due.date, lead, zone) : minutesFrom(when, -lead, zone),
  );
  return [...new Set(instants)].map((at) => ({ id: `due:${task.id}:${when}:${at}`, at, about, when }));
}

/** When a day without an hour is told of: as its work begins, so many whole days before. */
function morningOf(workspace: Workspace, due: IsoDate, lead: number, zone: Zone): number {
  const date = addDays(due, -Math.floor(lead / 1440));
  const work = zonesOn(workspace, date, zone).filter(({ zone: { kind } }) => kind === 'work');
  const opens = work.flatMap(({ spans }) => spans).map(({ from }) => from);
  const { from } = dayOf(date, zone);
  const [first = instantOf(`${date}T09:00:00`, zone)] = opens
    .filter((open) => open > from)
    .sort((a, b) => a - b);
  return first;
}

/** The opening and the close of a day, until they have been gone through. */
function ofRoutines({ days, settings }: Workspace, range: Span, zone: Zone): Raw[] {
  return (['opening', 'close'] as const).flatMap((kind) => {
    const routine = settings.reminders[kind];
    if (!routine) return [];
    return datesAround(range, zone, 0)
      .filter((date) => routine.days.includes(weekdayOf(date)))
      .filter((date) => days.get(date)?.[kind === 'opening' ? 'openedAt' : 'closedAt'] === undefined)
      .map((date): Raw => {
        const at = instantOf(`${date}T${routine.time}:00`, zone);
        return { id: `${kind}:${at}`, at, about: { kind, date }, when: at };
      });
  });
}

/** Routines of one's own that have an hour, until all their lines are ticked. */
function ofOwnRoutines(workspace: Workspace, range: Span, zone: Zone): Raw[] {
  return datesAround(range, zone, 0).flatMap((date) =>
    ownRoutinesOn(workspace, date)
      .filter(({ lines }) => linesLeft(workspace, lines, date).length > 0)
      .flatMap(({ id, time }): Raw[] => {
        if (time === null) return [];
        const at = instantOf(`${date}T${time}:00`, zone);
        return [{ id: `routine:${id}:${at}`, at, about: { kind: 'routine', date, routineId: id }, when: at }];
      }),
  );
}

/** Whether a reminder lies in sleep, or in a guarded zone; the next meeting is told of there. What has an hour of its own rings at it. */
function isQuiet(workspace: Workspace, { at, about }: Raw, zone: Zone): boolean {
  if (about.kind === 'opening' || about.kind === 'close' || about.kind === 'routine') return false;
  return zonesOn(workspace, dateOf(at, zone), zone)
    .filter(({ spans }) => spans.some(({ from, to }) => from <= at && at < to))
    .some(
      ({ zone: { kind, openness } }) =>
        kind === 'sleep' || (openness === 'guarded' && about.kind !== 'meeting'),
    );
}
