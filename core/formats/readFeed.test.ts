import { readFeed, type FeedReading } from './readFeed';

const zone = 'Europe/London';
const event = (uid: string, ...lines: string[]) => [
  'BEGIN:VEVENT',
  `UID:${uid}`,
  'DTSTART:20261125T150000Z',
  'DURATION:PT1H',
  ...lines,
  'END:VEVENT',
];
const feed = (...events: readonly string[][]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', ...events.flat(), 'END:VCALENDAR'].join('\r\n');
const marks = ({ events }: FeedReading) => new Map(events.map(({ uid, readAs }) => [uid, readAs]));
const read = (text: string, known = new Map<string, string>()) => readFeed(text, zone, known);
const titles = ({ events }: FeedReading) => events.map(({ title }) => title);

test('only what is said otherwise is told again; when it was written does not matter, a changed time of a series does', () => {
  const first = read(feed(event('a', 'SUMMARY:Weir'), event('b', 'SUMMARY:Forum', 'RRULE:FREQ=WEEKLY')));
  const known = marks(first);
  expect([titles(first), first.size]).toEqual([['Weir', 'Forum'], 2]);
  const stamped = feed(
    event('a', 'DTSTAMP:20261124T112000Z', 'SUMMARY:Weir'),
    event('b', 'SUMMARY:Forum', 'RRULE:FREQ=WEEKLY'),
  );
  const same = read(stamped, known);
  expect([titles(same), same.gone, same.size]).toEqual([[], [], 2]);
  const moved = event('b', 'SUMMARY:Forum, late', 'RECURRENCE-ID:20261202T150000Z');
  const later = read(feed(event('b', 'SUMMARY:Forum', 'RRULE:FREQ=WEEKLY'), moved), known);
  expect([titles(later), later.gone]).toEqual([['Forum'], ['a']]);
  expect(later.events[0]?.exceptions.map(({ title }) => title)).toEqual(['Forum, late']);
});

test('what could not be read is told each time, and counts as still there', () => {
  const broken = feed(event('a', 'SUMMARY:Weir'), [
    'BEGIN:VEVENT',
    'UID:b',
    'DTSTART:20261399T150000Z',
    'END:VEVENT',
  ]);
  const first = read(broken, new Map([['b', '0.old']]));
  expect([titles(first), first.gone, first.problems.length]).toEqual([['Weir'], [], 1]);
  const again = read(broken, new Map([...marks(first), ['b', '0.old']]));
  expect([titles(again), again.gone, again.problems.length]).toEqual([[], [], 1]);
});

test('a zone that it names is told if there is one', () => {
  const said = (zone: string) =>
    read(feed(event('a', 'SUMMARY:Weir')).replace('VERSION:2.0', `X-WR-TIMEZONE:${zone}`)).zone;
  expect([said('America/Halifax'), said('Middle/Earth')]).toEqual(['America/Halifax', null]);
});
