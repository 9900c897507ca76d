import { readFileSync } from 'node:fs';
import * as fc from 'fast-check';
import ICAL from 'ical.js';
import nodeIcal from 'node-ical';
import { occurrencesOf } from '../calendar/occurrences';
import { ruleStarts } from '../calendar/rule';
import { plainEvent, type CalendarEvent } from '../model/event';
import type { Task } from '../model/task';
import { instantOf, wallOf } from '../time/zone';
import { readCalendar } from './readCalendar';
import { writeCalendar, type CalendarOut } from './writeCalendar';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);
const range = { from: instantOf('2026-01-01', zone), to: instantOf('2028-01-01', zone) };
const out = (parts: Partial<CalendarOut>) =>
  writeCalendar([{ name: 'Office', kept: [], color: null, events: [], tasks: [], blocks: [], ...parts }], {
    zone,
    now,
  });
const only = (text: string) => {
  const { calendars, problems } = readCalendar(text, zone);
  expect(problems).toEqual([]);
  return calendars[0];
};

const anyZone = fc.constantFrom(
  'Europe/London',
  'America/New_York',
  'Asia/Kolkata',
  'Australia/Lord_Howe',
  'UTC',
);
const anyRule = fc.constantFrom(
  null,
  'FREQ=DAILY;COUNT=40',
  'FREQ=WEEKLY;BYDAY=MO,WE;UNTIL=20271231T000000Z',
  'FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=SU,TU;COUNT=30',
  'FREQ=MONTHLY;BYDAY=-1FR;COUNT=20',
  'FREQ=MONTHLY;BYMONTHDAY=-1;COUNT=20',
);
// not in the night: ical.js tells an hour that a clock change skips otherwise than RFC 5545 3.3.5 does
const anyWall = fc
  .record({ day: fc.nat(600), hour: fc.integer({ min: 4, max: 22 }), quarter: fc.nat(3) })
  .map(({ day, hour, quarter }) =>
    new Date(Date.UTC(2026, 0, 1 + day, hour, quarter * 15)).toISOString().slice(0, 19),
  );
const anyEvent = fc
  .record({ wall: anyWall, zone: anyZone, rule: anyRule, minutes: fc.integer({ min: 0, max: 3000 }) })
  .map(({ wall, zone: own, rule, minutes }): CalendarEvent => ({
    ...plainEvent,
    id: 'c/a',
    calendarId: 'c',
    uid: 'a',
    title: 'Crew call',
    // an event whose start is not one of its rule's is not defined (RFC 5545 3.8.5.3)
    start: { wall: (rule && ruleStarts(rule, wall, own, wall, '2029-01-01')[0]) || wall, zone: own },
    length: { days: 0, seconds: minutes * 60 },
    rule,
  }));
const instants = (event: CalendarEvent) =>
  occurrencesOf(event, range, zone)
    .filter(({ from }) => from >= range.from)
    .map(({ from, to }) => [from, to]);

/** The occurrences as ical.js tells them from the file alone, by the zones that stand in it. */
function byIcalJs(text: string): number[][] {
  const root = new ICAL.Component(ICAL.parse(text));
  const zones = new Map(
    root.getAllSubcomponents('vtimezone').map((part) => {
      const timezone = new ICAL.Timezone(part);
      return [timezone.tzid, timezone];
    }),
  );
  const event = new ICAL.Event(root.getFirstSubcomponent('vevent') ?? undefined);
  const own = zones.get(
    String(root.getFirstSubcomponent('vevent')?.getFirstProperty('dtstart')?.getParameter('tzid')),
  );
  const unix = (time: ICAL.Time) => {
    const lastRead = time.clone();
    if (own && !lastRead.zone.tzid.startsWith('UTC')) lastRead.zone = own;
    return lastRead.toUnixTime() * 1000;
  };
  const iterator = event.iterator();
  const found: number[][] = [];
  for (let next = iterator.next(); next && found.length < 900; next = iterator.next()) {
    const { startDate } = event.getOccurrenceDetails(next);
    const from = unix(startDate);
    if (from >= range.to) break;
    if (from >= range.from) found.push([from, from + event.duration.toSeconds() * 1000]);
  }
  return found;
}

/** The same from a reader that shares no code with it. */
function byOtherReader(text: string): number[][] {
  const event = Object.values(nodeIcal.sync.parseICS(text)).find((each) => each?.type === 'VEVENT');
  if (event?.type !== 'VEVENT') throw new Error('the file has one event');
  return nodeIcal
    .expandRecurringEvent(event, { from: new Date(range.from), to: new Date(range.to - 1) })
    .map(({ start, end }) => [start.getTime(), end.getTime()])
    .filter(([from = 0]) => from >= range.from);
}

test('what goes out comes in again as it was', () => {
  fc.assert(
    fc.property(anyEvent, fc.string(), fc.string(), (event, title, notes) => {
      const trimmed = { ...event, title: title.trim() || 'x', notes: notes.trim() };
      const read = only(out({ events: [trimmed] }))?.events[0];
      const { id: _, calendarId: __, ...wanted } = trimmed;
      expect(read).toEqual(wanted);
    }),
  );
});

test('no sign in a name or an id breaks the file, or doubles when it goes round', () => {
  const odd = fc.string({ unit: fc.constantFrom('\\', ';', ',', ':', 'n', '"', '\n', 'a'), minLength: 1 });
  fc.assert(
    fc.property(anyEvent, odd, odd, (event, name, uid) => {
      const read = only(out({ name: `${name}.`, events: [{ ...event, uid: `${uid}.` }] }));
      expect([read?.name, read?.events.map((each) => each.uid)]).toEqual([
        `${name}.`.trim(),
        [`${uid}.`.trim()],
      ]);
    }),
  );
  const text = out({
    color: 'red\nEND:VCALENDAR',
    events: [
      {
        ...plainEvent,
        id: 'a',
        calendarId: 'c',
        uid: 'a\nEND:VEVENT',
        title: 'Crew call',
        rule: 'FREQ=DAILY\nEND:VEVENT',
        start: { wall: '2026-11-24', zone: null },
        length: { days: 1, seconds: 0 },
      },
    ],
  });
  expect(text.split('\r\n').filter((line) => line.startsWith('END:'))).toEqual([
    'END:VEVENT',
    'END:VCALENDAR',
  ]);
});

test('ical.js and another reader agree on every time of what goes out', () => {
  fc.assert(
    fc.property(anyEvent, (event) => {
      const text = out({ events: [event] });
      const wanted = instants(event);
      expect(byIcalJs(text)).toEqual(wanted);
      expect(byOtherReader(text)).toEqual(wanted);
    }),
    { numRuns: 60 },
  );
});

const rich = readFileSync('core/formats/fixtures/rich.ics', 'utf8');

test('a rich file is understood, and nothing of it is lost on the way out', () => {
  const first = only(rich);
  const [crew] = first?.events ?? [];
  expect(crew).toMatchObject({
    title: 'Crew call, weekly',
    notes: 'Bring:\n- the gauge book',
    categories: ['Field', 'Crew'],
    color: 'teal',
    calls: [{ uri: 'https://calls.example/crew', label: 'Crew room' }],
    attendees: [
      { name: 'Okafor, Ada', address: 'ada@trust.example', answer: 'yes' },
      { name: 'lin@trust.example', answer: 'no' },
    ],
    reminders: [
      { minutesBefore: 15, kept: ['ACTION:AUDIO'] },
      { at: Date.UTC(2026, 2, 2, 7), kept: ['ACTION:DISPLAY'] },
      {
        minutesBefore: 2,
        fromEnd: true,
        again: { times: 2, minutes: 5 },
        acknowledged: Date.UTC(2026, 2, 2, 10),
      },
    ],
    also: [{ wall: '2026-03-04T14:00:00', length: { seconds: 7200 } }],
    exceptions: [{ andLater: false }, { recurrence: '2026-05-04T09:00:00', andLater: true }],
  });
  expect(crew?.kept).toEqual(
    expect.arrayContaining(['X-WEIR;X-GATE=2:open', 'STATUS:CONFIRMED', 'TRIGGER:soon']),
  );
  const [todo] = first?.tasks ?? [];
  expect(todo).toMatchObject({
    title: 'Permit letter',
    due: { date: '2026-04-01', time: '16:00' },
    estimate: 120,
    priority: 'high',
    done: true,
    doneAt: Date.UTC(2026, 2, 30, 10, 15),
  });
  expect(first?.kept).toEqual(['X-OWN-SETTING:kept', 'BEGIN:X-GAUGE', 'X-LEVEL:1.2', 'END:X-GAUGE']);

  const events = (first?.events ?? []).map((event) => ({ ...event, id: event.uid, calendarId: 'c' }));
  const tasks = (first?.tasks ?? []).map((task, rank): Task => {
    const { doneAt, title, notes, estimate, priority, due } = task;
    const origin = { kind: 'calendarFile' as const, calendarId: 'c', uid: task.uid, lastRead: { ...task } };
    return {
      id: `c/${task.uid}`,
      title,
      notes,
      estimate,
      priority,
      due,
      doneAt,
      rank,
      listId: 'x',
      createdAt: 0,
      origin,
    };
  });
  const text = out({ events, tasks, kept: first?.kept ?? [] });
  expect(text.split('\r\n').every((line) => new Blob([line]).size <= 75)).toBe(true);
  expect(only(text)).toEqual(first);
});

test('moved, cancelled, added and later changed occurrences stand where ical.js puts them', () => {
  const events = (only(rich)?.events ?? []).map((event) => ({
    ...event,
    id: event.uid,
    calendarId: 'c',
    // ical.js cannot tell periods together with a change of all later ones
    also: event.also.map(({ wall }) => ({ wall, length: null })),
  }));
  const root = new ICAL.Component(ICAL.parse(out({ events })));
  const [main, ...changes] = root.getAllSubcomponents('vevent');
  const event = new ICAL.Event(main);
  changes.forEach((change) => event.relateException(change));
  const iterator = event.iterator();
  const found: string[] = [];
  for (let next = iterator.next(); next; next = iterator.next())
    found.push(event.getOccurrenceDetails(next).startDate.toString());
  const [crew] = events;
  const own = crew ? occurrencesOf(crew, range, 'Europe/Paris') : [];
  expect(found.sort()).toEqual(own.map(({ from }) => wallOf(from, 'Europe/Paris')).sort());
  expect(own).toHaveLength(29);
});

test('a block goes out with its task’s title and at its instant', () => {
  const block = { id: 'b', taskId: 't', start: now, minutes: 75 };
  const text = out({ blocks: [{ block, title: 'Read; the gauges', leads: [10] }] });
  expect(text).toContain(
    'DTSTART:20261124T112000Z\r\nDURATION:PT1H15M\r\nSUMMARY:Read\\; the gauges\r\nRELATED-TO:t',
  );
  expect(text).toContain('BEGIN:VALARM\r\nTRIGGER:-PT10M\r\nACTION:DISPLAY');
});
