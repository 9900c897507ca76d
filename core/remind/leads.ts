import { categoryOfNames } from '../model/categories';
import { derived, derivedByPart } from '../model/collection';
import type { Category } from '../model/category';
import type { CalendarEvent, EventDetails } from '../model/event';
import { alarmBefore, type Alarm, type Leads } from '../model/reminder';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';

/*
 * How long before something one is reminded of it: as the thing itself says, else as its category, else as all of its
 * kind. An empty list is no reminder.
 */

/** The reminders before the hours of a task, in minutes. */
export const leadsOf = (
  { categories, settings }: Workspace,
  { leads, category }: Pick<Task, 'leads' | 'category'>,
): Leads => leads ?? categories.get(category ?? '')?.leads ?? settings.reminders.blocks;

/** The reminders before a task is due, in minutes. */
export const dueLeadsOf = ({ settings }: Workspace, { dueLeads }: Task): Leads =>
  dueLeads ?? settings.reminders.due;

const ownDueByPart = derivedByPart<Task, boolean>((tasks) =>
  [...tasks].some(({ doneAt, dueLeads = [] }) => doneAt === null && dueLeads.length > 0),
);

/** Whether one is reminded of any due time. */
export const hasDueLeads = ({ settings, tasks, repeats }: Workspace): boolean =>
  settings.reminders.due.length > 0 ||
  ownDueByPart(tasks).includes(true) ||
  repeats.values().some(({ dueLeads = [] }) => dueLeads.length > 0);

/** The alarms of a meeting; those of its file are its own. */
export function alarmsOf(workspace: Workspace, details: EventDetails): readonly Alarm[] {
  const { reminders, unreminded, categories, start } = details;
  if (reminders.length > 0) return reminders;
  // what takes whole days has no hour to be reminded of
  if (unreminded || start.wall.length === 10) return [];
  const leads = categoryOfNames(workspace, categories)?.leads ?? workspace.settings.reminders.meetings;
  return leads.map(alarmBefore);
}

/** Whether an alarm is other than so many minutes before the start, once. */
export const isOdd = ({ at, fromEnd, again, minutesBefore }: Alarm): boolean =>
  at !== undefined || fromEnd !== undefined || again !== undefined || minutesBefore < 0;

type Alarmed = Pick<EventDetails, 'reminders' | 'unreminded'>;

/** The reminders of an event as minutes before its start; undefined where it says nothing of its own. */
export function ownLeads({ reminders, unreminded }: Alarmed): Leads | undefined {
  if (unreminded) return [];
  const leads = reminders.filter((alarm) => !isOdd(alarm)).map(({ minutesBefore }) => minutesBefore);
  return leads.length > 0 ? leads : undefined;
}

/** The reminders of an event with these minutes before its start; odd ones of its file stay, unless there is to be none. */
export function withLeads({ reminders }: Alarmed, leads: Leads | undefined): Alarmed {
  if (leads?.length === 0) return { reminders: [], unreminded: true };
  const known = (lead: number) =>
    reminders.find((alarm) => !isOdd(alarm) && alarm.minutesBefore === lead) ?? alarmBefore(lead);
  return { reminders: [...(leads ?? []).map(known), ...reminders.filter(isOdd)], unreminded: undefined };
}

/** When an alarm rings, in minutes after what it counts from. */
export function offsetsOf({ at, minutesBefore, again }: Alarm): number[] {
  const first = at === undefined ? -minutesBefore : 0;
  return Array.from({ length: 1 + (again?.times ?? 0) }, (_, i) => first + i * (again?.minutes ?? 0));
}

/** Eight days, in minutes. */
const NEAR = 8 * 1440;

/** Whether an alarm lies so far from what it is of, or at an instant of its own, that it is looked for by itself. */
export const isFar = (alarm: Alarm) =>
  alarm.at !== undefined || offsetsOf(alarm).some((offset) => Math.abs(offset) > NEAR);

/** All alarms that an event has at any of its times. */
export const alarmsEver = ({ reminders, exceptions }: CalendarEvent): Alarm[] => [
  ...reminders,
  ...exceptions.flatMap((exception) => exception.reminders),
];

const farByPart = derivedByPart<CalendarEvent, CalendarEvent[]>((events) =>
  [...events].filter((event) => alarmsEver(event).some(isFar)),
);

/** The events that have alarms at an instant of their own, or far from them. */
export const farAlarms = ({ events }: Workspace): CalendarEvent[] => farByPart(events).flat();

const longest = (all: readonly (Leads | undefined)[]): number =>
  all.reduce((most, leads) => Math.max(most, ...(leads ?? [])), 0);
const longestOfCategories = derived<Category, number>((categories) =>
  longest(categories.values().map(({ leads }) => leads)),
);
const longestOfTasks = derivedByPart<Task, number>((tasks) =>
  longest([...tasks].map(({ doneAt, leads }) => (doneAt === null ? leads : []))),
);
const reachByPart = derivedByPart<CalendarEvent, number>((events) => {
  const offsets = [...events]
    .flatMap(alarmsEver)
    .filter((alarm) => !isFar(alarm))
    .flatMap(offsetsOf);
  return offsets.reduce((most, offset) => Math.max(most, Math.abs(offset)), 0);
});

/** How far from a reminder what it is of may lie, in minutes, whether blocks or meetings; far alarms left out. */
export function reachOf(workspace: Workspace): { readonly blocks: number; readonly meetings: number } {
  const { settings, categories, tasks, repeats, events } = workspace;
  const ofKinds = longestOfCategories(categories);
  const given = longest(repeats.values().map(({ leads }) => leads));
  return {
    blocks: Math.max(ofKinds, given, longest([settings.reminders.blocks]), ...longestOfTasks(tasks)),
    meetings: Math.max(ofKinds, longest([settings.reminders.meetings]), ...reachByPart(events)),
  };
}
