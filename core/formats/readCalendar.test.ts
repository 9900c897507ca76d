import * as fc from 'fast-check';
import { readCalendar, NotACalendar } from './readCalendar';

const file = (...lines: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', ...lines, 'END:VCALENDAR'].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'];
const eventsIn = (text: string) => {
  const { calendars, problems, leftOut } = readCalendar(text, 'Europe/London');
  return { events: calendars[0]?.events ?? [], tasks: calendars[0]?.tasks ?? [], problems, leftOut };
};
const read = (...lines: string[]) => eventsIn(file(...lines));

test('reads zoned, UTC, floating and all-day starts, and a length from DTEND or DURATION', () => {
  const { events, problems } = read(
    ...event(
      'UID:a',
      'SUMMARY:Crew call',
      'DTSTART;TZID=Europe/Paris:20261124T090000',
      'DTEND;TZID=Europe/Paris:20261124T093000',
    ),
    ...event('UID:b', 'DTSTART:20261124T140000Z', 'DURATION:PT1H30M', 'TRANSP:TRANSPARENT'),
    ...event('UID:c', 'DTSTART:20261124T100000', 'DTEND:20261124T110000', 'LOCATION:Weir\\, north bank'),
    ...event('UID:d', 'DTSTART;VALUE=DATE:20261124', 'DTEND;VALUE=DATE:20261127'),
    ...event('UID:e', 'DTSTART;VALUE=DATE:20261124'),
  );
  expect(problems).toEqual([]);
  expect(
    events.map(({ start, length, busy, location }) => ({ ...start, ...length, busy, location })),
  ).toEqual([
    { wall: '2026-11-24T09:00:00', zone: 'Europe/Paris', days: 0, seconds: 1800, busy: true, location: '' },
    { wall: '2026-11-24T14:00:00', zone: 'UTC', days: 0, seconds: 5400, busy: false, location: '' },
    {
      wall: '2026-11-24T10:00:00',
      zone: null,
      days: 0,
      seconds: 3600,
      busy: true,
      location: 'Weir, north bank',
    },
    { wall: '2026-11-24', zone: null, days: 3, seconds: 0, busy: true, location: '' },
    { wall: '2026-11-24', zone: null, days: 1, seconds: 0, busy: true, location: '' },
  ]);
});

test('says EXDATE and RECURRENCE-ID in the zone of the start, and joins changed occurrences to their event', () => {
  const { events } = read(
    ...event(
      'UID:a',
      'DTSTART;TZID=Europe/Paris:20261102T090000',
      'RRULE:FREQ=WEEKLY',
      'EXDATE:20261109T080000Z',
    ),
    ...event(
      'UID:a',
      'RECURRENCE-ID:20261116T080000Z',
      'SEQUENCE:2',
      'DTSTART;TZID=Europe/Paris:20261117T100000',
    ),
  );
  expect(events).toHaveLength(1);
  expect(events[0]).toMatchObject({
    rule: 'FREQ=WEEKLY',
    without: ['2026-11-09T09:00:00'],
    exceptions: [{ recurrence: '2026-11-16T09:00:00', start: { wall: '2026-11-17T10:00:00' } }],
  });
});

test('finds the zone behind a name of the file’s own by its clock', () => {
  const { events, problems } = read(
    'BEGIN:VTIMEZONE',
    'TZID:Office time',
    'BEGIN:STANDARD',
    'DTSTART:19701025T030000',
    'TZOFFSETFROM:+0200',
    'TZOFFSETTO:+0100',
    'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
    'END:STANDARD',
    'BEGIN:DAYLIGHT',
    'DTSTART:19700329T020000',
    'TZOFFSETFROM:+0100',
    'TZOFFSETTO:+0200',
    'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
    'END:DAYLIGHT',
    'END:VTIMEZONE',
    ...event('UID:a', 'DTSTART;TZID=Office time:20261124T090000', 'DURATION:PT1H'),
    ...event('UID:b', 'DTSTART;TZID=Nowhere:20261124T090000', 'DURATION:PT1H'),
  );
  expect(
    new Date(`2026-11-24T09:00:00+01:00`).toLocaleString('en-GB', { timeZone: events[0]?.start.zone ?? '' }),
  ).toContain('09:00');
  expect(events).toHaveLength(1);
  expect(problems[0]?.what).toContain('Nowhere');
});

test('reports a broken component with its line, and the rest comes in', () => {
  const { events, problems } = read(
    ...event('UID:a', 'SUMMARY:Good', 'DTSTART:20261124T090000Z', 'DURATION:PT1H'),
    ...event('UID:b', 'SUMMARY:No such day', 'DTSTART:20261345T090000Z'),
    ...event('UID:c', 'SUMMARY:Ends first', 'DTSTART:20261124T090000Z', 'DTEND:20261124T080000Z'),
    ...event('UID:d', 'SUMMARY:Odd line', 'this line is noise', 'DTSTART:20261124T110000Z', 'DURATION:PT1H'),
    ...event('UID:e', 'SUMMARY:Bad rule', 'DTSTART:20261124T090000Z', 'RRULE:FREQ=SOMETIMES'),
  );
  expect(events.map(({ title }) => title)).toEqual(['Good', 'Odd line']);
  expect(problems.map(({ where }) => where)).toEqual([12, 18, 23, 31]);
  expect(problems[1]?.what).toBe('The end (DTEND) is before the start');
});

test('a file that is no calendar says so', () => {
  expect(() => readCalendar('name,hours\ncrew,3', 'UTC')).toThrow(NotACalendar);
});

test('folded lines, a byte-order mark and bare line feeds are read', () => {
  const text = `\uFEFF${file(...event('UID:a', 'SUMMARY:Flood', '  forum', 'DTSTART:20261124T090000Z')).replace(/\r\n/g, '\n')}`;
  expect(eventsIn(text).events[0]?.title).toBe('Flood forum');
});

test('no damage to a good file makes the reader throw anything but “not a calendar”', () => {
  const good = file(
    ...event(
      'UID:a',
      'DTSTART;TZID=Europe/Paris:20261102T090000',
      'RRULE:FREQ=WEEKLY;COUNT=4',
      'DTEND;TZID=Europe/Paris:20261102T100000',
    ),
  );
  fc.assert(
    fc.property(fc.nat(good.length), fc.nat(12), fc.string({ maxLength: 8 }), (at, cut, noise) => {
      try {
        readCalendar(good.slice(0, at) + noise + good.slice(at + cut), 'Europe/London');
      } catch (error) {
        expect(error).toBeInstanceOf(NotACalendar);
      }
    }),
    { numRuns: 300 },
  );
});
