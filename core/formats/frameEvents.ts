import { partsOf, weekdayCodes } from '../calendar/repeat';
import { Hue } from '../model/common';
import { plainEvent, type CalendarEvent } from '../model/event';
import { DAY_MINUTES, DoorRule, FrameZone, plainZone, type Frame } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { clockOf, minutesOfClock } from '../time/wall';
import { datesFrom, daysBetween, instantOf, wallOf, weekdayOf, type IsoDate, type Zone } from '../time/zone';
import type { FileEvent } from './readEvent';

/** The line of an event (RFC 5545 3.8.8.2) that says what of a zone no other property can. */
const ZONE_LINE = 'X-SPRINDLE-ZONE';

/** Which requests a zone takes, as words: `requests:known most:45`, and a word for each who is named. */
const doorTraits = ({ most, who, people }: DoorRule): string[] => [
  `requests:${who}`,
  ...(most === null ? [] : [`most:${most}`]),
  ...people.map((address) => `person:${address.replace(/\s/g, '')}`),
];

/** The rule of the door that words tell, if they tell one. */
function doorOf(words: readonly string[], valueOf: (name: string) => string | undefined): Partial<FrameZone> {
  const people = words.flatMap((word) => (word.startsWith('person:') ? [word.slice(7)] : []));
  const most = valueOf('most') === undefined ? null : Number(valueOf('most'));
  const told = DoorRule.safeParse({ who: valueOf('requests'), most, people });
  return told.success ? { door: told.data } : {};
}

/** What a zone says beyond its hours, as words: `duty open low catch-up buffer:15 hue:clay`. */
const traitsLine = ({ kind, openness, energy, catchUp, buffer, hue, door }: FrameZone): string =>
  `${ZONE_LINE}:${[
    kind,
    openness,
    energy,
    ...(catchUp ? ['catch-up'] : []),
    ...(buffer > 0 ? [`buffer:${buffer}`] : []),
    ...(hue ? [`hue:${hue}`] : []),
    ...(door ? doorTraits(door) : []),
  ].join(' ')}`;

/** The zones of a frame as weekly events that take no time, from the week of `from` on, each with its category. */
export function eventsOfFrame(
  workspace: Workspace,
  frame: Frame,
  from: IsoDate,
  zone: Zone,
): CalendarEvent[] {
  const eventOf = (of: FrameZone): CalendarEvent => {
    const first = datesFrom(from, 7).find((date) => of.days.includes(weekdayOf(date)));
    const category = workspace.categories.get(of.category ?? '')?.name;
    return {
      ...plainEvent,
      id: of.id,
      calendarId: '',
      uid: `${frame.id}/${of.id}`,
      title: of.name,
      notes: of.lines.join('\n'),
      categories: category === undefined ? [] : [category],
      busy: false,
      start: { wall: `${first ?? from}T${clockOf(of.from)}:00`, zone },
      length: { days: 0, seconds: of.minutes * 60 },
      rule: `FREQ=WEEKLY;BYDAY=${of.days.map((day) => weekdayCodes[day - 1]).join(',')}`,
      kept: [traitsLine(of)],
    };
  };
  return frame.zones.filter(({ days }) => days.length > 0).map(eventOf);
}

/** A zone that a file tells, with the name of its category, if it tells one. */
export type ToldZone = { readonly zone: Omit<FrameZone, 'id'>; readonly category: string | undefined };

/** The zones of a frame that a calendar file tells, and why some of its events are none. */
export type ToldFrame = { readonly zones: readonly ToldZone[]; readonly leftOut: readonly string[] };

const usualKinds: readonly (readonly [FrameZone['kind'], RegExp])[] = [
  ['sleep', /\b(sleep|night)/i],
  ['duty', /\b(lunch|dinner|breakfast|meal|travel|commut|way to|school|care|errand)/i],
  ['own', /\b(own time|family|leisure|free time|sport)/i],
];

/** What a file says of a zone in a line of ours, else what its title lets one think. */
function traitsOf({ kept, title }: FileEvent): Partial<FrameZone> {
  const [line] = kept.filter((each) => each.startsWith(`${ZONE_LINE}:`));
  if (line === undefined) return { kind: usualKinds.find(([, words]) => words.test(title))?.[0] ?? 'work' };
  const words = line.slice(ZONE_LINE.length + 1).split(' ');
  const valueOf = (name: string) => words.find((word) => word.startsWith(`${name}:`))?.slice(name.length + 1);
  const oneOf = <const T extends string>(all: readonly T[], otherwise: T) =>
    all.find((each) => words.includes(each)) ?? otherwise;
  const hue = Hue.safeParse(valueOf('hue'));
  return {
    kind: oneOf(['sleep', 'duty', 'own', 'work'], 'work'),
    openness: oneOf(['open', 'guarded', 'free'], 'free'),
    energy: oneOf(['sharp', 'low', 'steady'], 'steady'),
    catchUp: words.includes('catch-up'),
    buffer: Number(valueOf('buffer') ?? 0),
    ...(hue.success ? { hue: hue.data } : {}),
    ...doorOf(words, valueOf),
  };
}

/** The weekdays of an event, Monday is 1: those of its rule, every day of a daily one, else that of its start. */
function daysOf({ rule }: FileEvent, date: IsoDate): number[] {
  const parts = partsOf(rule ?? '');
  if (parts.get('FREQ') === 'DAILY') return [1, 2, 3, 4, 5, 6, 7];
  const named =
    parts
      .get('BYDAY')
      ?.split(',')
      .map((code) => weekdayCodes.indexOf(code) + 1) ?? [];
  return parts.get('FREQ') === 'WEEKLY' && named.length > 0
    ? named.filter((day) => day > 0)
    : [weekdayOf(date)];
}

/**
 * The zones that the events of a file make of a week: those that come daily or weekly, and single ones on their weekday.
 * `zone` is the person's: hours are told by the clock on the wall there. Whole days and what lasts longer are left out.
 */
export function frameOfEvents(events: readonly FileEvent[], zone: Zone): ToldFrame {
  const leftOut: string[] = [];
  const zones = new Map<string, ToldZone>();
  for (const event of events) {
    const { title, start, length, notes, categories } = event;
    const why = reasonAgainst(event);
    if (why) {
      leftOut.push(`${title}: ${why}`);
      continue;
    }
    const wall = wallOf(instantOf(start.wall, start.zone ?? zone), zone);
    const from = minutesOfClock(wall.slice(11, 16));
    const minutes = lengthOf(length);
    const days = movedDays(event, wall);
    const told = FrameZone.safeParse({
      ...plainZone,
      ...traitsOf(event),
      id: 'told',
      name: title,
      days,
      from,
      minutes,
      lines: notes.split('\n').filter(Boolean),
    });
    if (!told.success) {
      leftOut.push(`${title}: its hours cannot be read`);
      continue;
    }
    const { id: _, ...own } = told.data;
    const key = `${own.name} ${own.kind} ${from} ${minutes}`;
    const twin = zones.get(key);
    const all = [...new Set([...(twin?.zone.days ?? []), ...days])].sort((a, b) => a - b);
    zones.set(key, { zone: { ...own, days: all }, category: categories[0] ?? twin?.category });
  }
  return { zones: [...zones.values()], leftOut };
}

const lengthOf = ({ days, seconds }: FileEvent['length']) => days * DAY_MINUTES + Math.round(seconds / 60);

function reasonAgainst({ title, start, length, rule, cancelled }: FileEvent): string | undefined {
  if (title.trim() === '') return 'it has no title';
  if (cancelled) return 'it is cancelled';
  if (start.wall.length === 10) return 'it takes whole days';
  if (lengthOf(length) < 1) return 'it takes no time';
  if (lengthOf(length) > DAY_MINUTES) return 'it lasts longer than a day';
  const freq = partsOf(rule ?? '').get('FREQ');
  return freq === undefined || freq === 'WEEKLY' || freq === 'DAILY'
    ? undefined
    : 'it does not come every week';
}

/** The weekdays of an event by the person's clock; where its own clock has another date, they are moved by a day. */
function movedDays(event: FileEvent, wall: string): number[] {
  const [there, here] = [event.start.wall.slice(0, 10), wall.slice(0, 10)];
  const by = daysBetween(there, here);
  return daysOf(event, there).map((day) => ((day - 1 + by + 7) % 7) + 1);
}
