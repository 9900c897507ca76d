import * as fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { occurrencesOf } from '../calendar/occurrences';
import { CalendarEvent } from '../model/event';
import { instantOf } from '../time/zone';
import { components, unfold } from './contentLines';
import { NotACalendar, readCalendar } from './readCalendar';

const wrap = (...lines: string[]) => ['BEGIN:VCALENDAR', ...lines, 'END:VCALENDAR'].join('\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'];
const read = (...lines: string[]) => {
  const { calendars, problems } = readCalendar(wrap(...lines), 'Europe/London');
  return { events: calendars[0]?.events ?? [], problems };
};

test('calendars of one name are one calendar, wherever they stand in the file; another name is another', () => {
  const text = [
    wrap('X-WR-CALNAME:River office', 'X-OWN:1', ...event('UID:a', 'DTSTART:20261124T090000Z')),
    wrap('X-OWN:1', 'BEGIN:X-NOTE', 'X-A:1', 'END:X-NOTE', ...event('UID:b', 'DTSTART:20261124T100000Z')),
    wrap('NAME:Field crew', 'COLOR:Teal', 'METHOD:REQUEST', ...event('UID:c', 'DTSTART:20261124T100000Z')),
  ].join('\n');
  const { calendars } = readCalendar(text, 'UTC');
  expect(calendars).toMatchObject([
    {
      name: 'River office',
      whole: true,
      events: [{ uid: 'a' }, { uid: 'b' }],
      kept: ['X-OWN:1', 'BEGIN:X-NOTE', 'X-A:1', 'END:X-NOTE'],
    },
    { name: 'Field crew', color: 'teal', whole: false, events: [{ uid: 'c' }] },
  ]);
});

test('a second event with the UID of another takes its place, and that is said', () => {
  const { events, problems } = read(
    ...event('UID:a', 'SUMMARY:Gauge', 'DTSTART:20261124T090000Z'),
    ...event('UID:a', 'SUMMARY:Weir', 'DTSTART:20261125T090000Z'),
  );
  expect(events.map(({ title }) => title)).toEqual(['Weir']);
  expect(problems.map(({ what }) => what)).toEqual([
    '“Weir” has the UID of “Gauge”, though it is another event',
  ]);
});

test('an event or a task whose UID is longer than any is left out, by its line, and the rest comes in', () => {
  const long = `UID:${'u'.repeat(1001)}`;
  const text = wrap(
    ...event(long, 'SUMMARY:Weir', 'DTSTART:20261124T090000Z'),
    ...['BEGIN:VTODO', long, 'SUMMARY:Ford', 'END:VTODO'],
    ...['BEGIN:VTODO', 'UID:t', 'SUMMARY:Mill', 'END:VTODO'],
  );
  const { calendars, problems } = readCalendar(text, 'UTC');
  expect(calendars[0]?.events).toEqual([]);
  expect(calendars[0]?.tasks.map(({ title }) => title)).toEqual(['Mill']);
  expect(problems.map(({ what }) => what)).toEqual([
    'The UID of “Weir” is longer than 1,000 characters',
    'The UID of “Ford” is longer than 1,000 characters',
  ]);
});

test('the highest sequence of a UID counts, whatever its place in the file', () => {
  const { events } = read(
    ...event('UID:a', 'SEQUENCE:3', 'SUMMARY:Latest', 'DTSTART:20261124T090000Z'),
    ...event('UID:a', 'SEQUENCE:1', 'SUMMARY:Older', 'DTSTART:20261124T080000Z'),
  );
  expect(events.map(({ title }) => title)).toEqual(['Latest']);
});

test('a changed occurrence without its event comes in by itself and is reported', () => {
  const { events, problems } = read(
    ...event('UID:a', 'RECURRENCE-ID:20261124T090000Z', 'SUMMARY:Orphan', 'DTSTART:20261124T100000Z'),
  );
  expect(events).toMatchObject([{ title: 'Orphan', rule: null }]);
  expect(problems[0]?.what).toBe('“Orphan” changes an event that is not in the file');
});

test('a length may be of days, of weeks, or of both and hours; a negative one leaves the event out', () => {
  const { events, problems } = read(
    ...event('UID:a', 'DTSTART:20261124T090000Z', 'DURATION:P1DT2H'),
    ...event('UID:b', 'DTSTART:20261124T090000Z', 'DURATION:P2W'),
    ...event('UID:c', 'DTSTART:20261124T090000Z', 'DURATION:-PT1H'),
    ...event('UID:d', 'DTSTART:20261124T090000Z', 'DURATION:P1Y2M'),
    ...event('UID:d', 'DTSTART:20261124T090000Z'),
  );
  expect(events.map(({ length }) => length)).toEqual([
    { days: 1, seconds: 7200 },
    { days: 14, seconds: 0 },
    { days: 0, seconds: 0 },
  ]);
  expect(problems.map(({ what }) => what)).toEqual([
    'DURATION “-PT1H” is no length',
    'DURATION “P1Y2M” is no length',
  ]);
});

test('an end in another zone is counted in real time', () => {
  const { events } = read(
    ...event(
      'UID:a',
      'DTSTART;TZID=Europe/London:20261124T090000',
      'DTEND;TZID=Europe/Paris:20261124T113000',
    ),
  );
  expect(events[0]?.length).toEqual({ days: 0, seconds: 5400 });
});

test('a cancelled event is kept as cancelled; an untitled one gets a name', () => {
  const { events } = read(...event('UID:a', 'DTSTART:20261124T090000Z', 'STATUS:CANCELLED'));
  expect(events[0]).toMatchObject({ cancelled: true, title: 'Untitled' });
});

test('a component left open or closed twice is reported and what is around it comes in', () => {
  const { events, problems } = read(
    ...event('UID:a', 'DTSTART:20261124T090000Z', 'BEGIN:VALARM', 'TRIGGER:-PT5M'),
    'END:VTODO',
    ...event('UID:b', 'DTSTART:20261124T100000Z'),
  );
  expect(events.map(({ uid }) => uid)).toEqual(['a', 'b']);
  expect(problems.map(({ what }) => what)).toEqual(['VALARM is never closed', 'END:VTODO closes nothing']);
});

test('nesting without end and a line of a megabyte take no time and no stack', () => {
  const deep = Array.from({ length: 20_000 }, () => 'BEGIN:VEVENT').join('\n');
  expect(components(unfold(deep)).problems.length).toBeGreaterThan(0);
  const { events, problems } = read(
    ...event('UID:a', `DESCRIPTION:${'x'.repeat(1_000_000)}`, 'DTSTART:20261124T090000Z'),
  );
  expect(events).toHaveLength(1);
  expect(problems[0]?.hint).toContain('too long');
});

const rich = readFileSync('core/formats/fixtures/rich.ics', 'utf8');
const anyNoise = fc
  .array(
    fc.oneof(
      fc.string(),
      fc.constantFrom(
        'BEGIN:VCALENDAR',
        'BEGIN:VEVENT',
        'BEGIN:VTODO',
        'BEGIN:VALARM',
        'END:VEVENT',
        'DTSTART:2026',
        'DTSTART;TZID=:20261124T090000',
        'RRULE:FREQ=WEEKLY',
        'RRULE:FREQ=DAILY;INTERVAL=0',
        'RDATE;VALUE=PERIOD:20261124T090000Z/PT',
        'TRIGGER:-P',
        'ATTENDEE:',
      ),
    ),
  )
  .map((lines) => ['BEGIN:VCALENDAR', ...lines].join('\n'));
const anyMutation = fc
  .array(fc.tuple(fc.nat(rich.length), fc.nat(30), fc.string({ maxLength: 8 })), {
    minLength: 1,
    maxLength: 6,
  })
  .map((cuts) =>
    cuts.reduce((text, [at, gone, more]) => text.slice(0, at) + more + text.slice(at + gone), rich),
  );
const anyTruncation = fc.nat(rich.length).map((cut) => rich.slice(0, cut));
const anyBytes = fc.uint8Array({ maxLength: 400 }).map((bytes) => new TextDecoder().decode(bytes));

test('random bytes, mutated and truncated files never bring the reader down, nor the days that they come into', () => {
  fc.assert(
    fc.property(fc.oneof(anyBytes, anyNoise, anyMutation, anyTruncation), (text) => {
      try {
        const day = { from: instantOf('2026-11-23', 'UTC'), to: instantOf('2026-11-24', 'UTC') };
        for (const fileEvent of readCalendar(text, 'UTC').calendars.flatMap(({ events }) => events)) {
          const found = { ...fileEvent, id: fileEvent.uid || 'x', calendarId: 'c' };
          expect(CalendarEvent.safeParse(found).success).toBe(true);
          for (const { from, to } of occurrencesOf(found, day, 'UTC'))
            expect(to).toBeGreaterThanOrEqual(from);
        }
      } catch (error) {
        expect(error).toBeInstanceOf(NotACalendar);
      }
    }),
    { numRuns: 400 },
  );
});

test('a good event comes in whatever stands before and after it', () => {
  const good = event('UID:good', 'SUMMARY:Gauge', 'DTSTART:20261124T090000Z', 'DURATION:PT1H');
  const anyLine = fc.string({ maxLength: 40 }).map((text) => text.replace(/[\r\n]|BEGIN|END|^[ \t]/gi, ''));
  fc.assert(
    fc.property(fc.array(anyLine), fc.array(anyLine), (before, after) => {
      const { events } = read(...event(...before), ...good, ...event(...after));
      expect(events.map(({ uid }) => uid)).toContain('good');
    }),
  );
});

test.each([
  ['DURATION:P99999999999W'],
  ['DURATION:P1000000D'],
  ['DTEND:20990101T000000Z'],
  ['RDATE;VALUE=PERIOD:20261124T090000Z/P9999W'],
])('an event of more than ten years (%s) is reported and left out, and the rest comes in', (line) => {
  const { events, problems } = read(
    ...event('UID:a', 'DTSTART:20261124T090000Z', line),
    ...event('UID:b', 'DTSTART:20261124T090000Z', 'DURATION:P3650D'),
  );
  expect(events.map(({ uid }) => uid)).toEqual(['b']);
  expect(problems).toMatchObject([
    { where: 5, what: 'The event would last more than ten years', hint: 'The event was left out.' },
  ]);
});

test('a task whose estimate is longer than any may be comes in without it', () => {
  const text = wrap('BEGIN:VTODO', 'UID:t', 'SUMMARY:Dredge', 'ESTIMATED-DURATION:P9999D', 'END:VTODO');
  const { calendars, problems } = readCalendar(text, 'UTC');
  expect(calendars[0]?.tasks).toMatchObject([{ title: 'Dredge', estimate: null }]);
  expect(problems[0]?.what).toContain('longer than any task may take');
});
