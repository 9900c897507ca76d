import * as fc from 'fast-check';
import { refreshCalendar } from '../commands/refreshing';
import { moveEvent } from '../commands/events';
import { at, task, zone } from '../fixtures/make';
import { readFeed } from '../formats/readFeed';
import { workspaceOf, type Workspace } from '../model/workspace';
import { foremost, newsOf, type News } from './news';
import { effectWords, newsLine, newsWords } from './newsWords';

const NOW = at('11:20');
const style = { clock: 24, dates: 'dayFirst' } as const;
const words = { today: '2026-11-24', zone, style } as const;

type Told = { uid: string; day?: string; time?: string; title?: string; rule?: string; sequence?: number };

const text = (...events: Told[]) =>
  [
    'BEGIN:VCALENDAR',
    'REFRESH-INTERVAL;VALUE=DURATION:PT15M',
    ...events.flatMap(({ uid, day = '20261125', time = '1500', title = uid, rule, sequence = 0 }) => [
      'BEGIN:VEVENT',
      `UID:${uid}`,
      `SEQUENCE:${sequence}`,
      `DTSTART;TZID=Europe/London:${day}T${time}00`,
      'DURATION:PT1H',
      `SUMMARY:${title}`,
      ...(rule ? [`RRULE:${rule}`] : []),
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
  ].join('\r\n');

const empty = workspaceOf({
  calendars: [{ id: 'partners', name: 'River partners', source: '', hue: 'reed', kept: [] }],
  lists: [{ id: 'surveys', name: 'Surveys', hue: 'brook', icon: 'waves', rank: 0 }],
});

const marks = ({ events }: Workspace) =>
  new Map(events.values().flatMap(({ uid, readAs }) => (readAs ? [[uid, readAs] as const] : [])));

function refreshed(before: Workspace, feed: string) {
  const reading = readFeed(feed, zone, marks(before));
  const after = refreshCalendar.apply(before, {
    ...reading,
    calendarId: 'partners',
    listId: 'surveys',
    at: NOW,
  });
  const ids = [...reading.events.map(({ uid }) => uid), ...reading.gone].map((uid) => `partners/${uid}`);
  return { after, reading, news: newsOf(before, after, ids, zone, NOW) };
}
const first = (...events: Told[]) => refreshed(empty, text(...events)).after;

test('what is told again as it was changes nothing, and how often it changes is read', () => {
  const before = first({ uid: 'forum' }, { uid: 'walk' });
  const { after, reading, news } = refreshed(before, text({ uid: 'forum' }, { uid: 'walk' }));
  expect(after).toBe(before);
  expect([reading.events, reading.gone, reading.size, reading.says, news]).toEqual([[], [], 2, 15, []]);
});

test('a meeting that has moved says from where to where, and what it lies over now', () => {
  const before = workspaceOf({
    ...{ calendars: empty.calendars.values(), lists: empty.lists.values() },
    events: first({ uid: 'forum', title: 'Catchment forum' }).events.values(),
    tasks: [task('report', { title: 'Grant report' })],
    blocks: [{ id: 'b', taskId: 'report', start: at('16:00', '2026-11-25'), minutes: 60 }],
  });
  const { news } = refreshed(
    before,
    text({ uid: 'forum', title: 'Catchment forum', time: '1600', sequence: 1 }),
  );
  expect(news.map((item) => newsWords(item, words))).toEqual([
    'Catchment forum moved from tomorrow 15:00 to 16:00',
  ]);
  expect(news.flatMap((item) => effectWords(item, words))).toEqual(['collides with Grant report']);
  const all = {
    id: 'n',
    at: NOW,
    calendarId: 'partners',
    calendar: 'River partners',
    items: news,
    tasks: [],
    more: 2,
    freed: [],
    late: [],
  };
  expect(newsLine(all, words)).toBe(
    'River partners: Catchment forum moved from tomorrow 15:00 to 16:00. Collides with Grant report. And 2 more changes.',
  );
});

test('a meeting that needs something earlier now says by when, and that its block comes too late', () => {
  const neededBy = { eventId: 'partners/forum', recurrence: '2026-11-25T15:00:00' };
  const before = workspaceOf({
    ...{ calendars: empty.calendars.values(), lists: empty.lists.values() },
    events: first({ uid: 'forum' }).events.values(),
    tasks: [task('maps', { title: 'Print the maps', neededBy })],
    blocks: [{ id: 'b', taskId: 'maps', start: at('13:30', '2026-11-25'), minutes: 30 }],
  });
  const earlier = refreshed(before, text({ uid: 'forum', time: '1130', sequence: 1 })).news;
  expect(earlier.flatMap((item) => effectWords(item, words))).toEqual([
    'needs “Print the maps” earlier, by tomorrow 11:30, before its block ends',
  ]);
  const later = refreshed(before, text({ uid: 'forum', time: '1800', sequence: 1 })).news;
  expect(later.flatMap((item) => effectWords(item, words))).toEqual([]);
});

test('what collides is told first, unless it has moved on since', () => {
  const look = (id: string, eventId: string, collides: string[]): News => ({
    ...{
      id,
      at: NOW,
      calendarId: 'partners',
      calendar: 'River partners',
      more: 0,
      freed: [],
      late: [],
      tasks: [],
    },
    items: [
      {
        kind: 'moved',
        title: 'a',
        was: null,
        now: null,
        allDay: false,
        others: 0,
        needed: [],
        eventId,
        collides,
      },
    ],
  });
  const [over, other] = [look('1', 'a', ['Report']), look('2', 'b', [])];
  expect(foremost([over, other])?.id).toBe('1');
  expect(foremost([over, other, look('3', 'a', [])])?.id).toBe('3');
  expect(foremost([])).toBeUndefined();
});

test('of a series the first time is told, and how many others go the same way', () => {
  const rule = 'FREQ=WEEKLY;COUNT=6';
  const before = first({ uid: 'gauges', rule });
  const moved = refreshed(before, text({ uid: 'gauges', rule, time: '0900', sequence: 1 })).news;
  expect(moved.map((item) => newsWords(item, words))).toEqual([
    'gauges moved from tomorrow 15:00 to 09:00 (and 5 more times)',
  ]);
  const shorter = refreshed(before, text({ uid: 'gauges', rule: 'FREQ=WEEKLY;COUNT=4', sequence: 1 })).news;
  expect(shorter.map((item) => newsWords(item, words))).toEqual([
    'gauges, Wed 23 Dec 15:00, is cancelled (and 1 more time)',
  ]);
});

test('what is new or gone is told, what is over is not, and an older version changes nothing', () => {
  const before = first({ uid: 'forum', sequence: 3 }, { uid: 'past', day: '20261123' });
  const { news } = refreshed(before, text({ uid: 'bank', day: '20261126' }));
  expect(news.map((item) => newsWords(item, words))).toEqual([
    'forum, tomorrow 15:00, is cancelled',
    'bank is new, Thu 26 Nov 15:00',
  ]);
  const older = refreshed(
    before,
    text({ uid: 'forum', time: '1000', sequence: 2 }, { uid: 'past', day: '20261123' }),
  );
  expect(older.after.events.get('partners/forum')?.start.wall).toBe('2026-11-25T15:00:00');
});

test('an event that cannot be read any more is not taken for one that is gone', () => {
  const before = first({ uid: 'forum' }, { uid: 'walk' });
  const { after } = refreshed(before, text({ uid: 'forum', time: '99x' }, { uid: 'walk' }));
  expect(after).toBe(before);
});

test('what was changed here stays until the calendar says something else; then all is as it says', () => {
  const uids = ['a', 'b', 'c', 'd'];
  const hour = fc.integer({ min: 10, max: 20 }).map((n) => `${n}00`);
  const side = fc.array(fc.record({ uid: fc.constantFrom(...uids), time: hour }), { maxLength: 6 });
  fc.assert(
    fc.property(fc.array(fc.record({ there: side, here: side }), { maxLength: 6 }), (rounds) => {
      const told = new Map(uids.map((uid) => [uid, { time: '0900', sequence: 0 }]));
      const feed = () => text(...[...told].map(([uid, one]) => ({ uid, ...one })));
      let workspace = refreshed(empty, feed()).after;
      const mine = new Map<string, string>();
      for (const { there, here } of rounds) {
        for (const { uid, time } of here) {
          const id = `partners/${uid}`;
          const recurrence = workspace.events.get(id)?.start.wall ?? '';
          const start = { wall: `2026-11-25T${time.slice(0, 2)}:00:00`, zone };
          const changes = { start, length: { days: 0, seconds: 3600 } };
          workspace = moveEvent.apply(workspace, { id, recurrence, scope: 'all', newId: 'new', changes });
          mine.set(uid, time);
        }
        for (const { uid, time } of there) {
          const was = told.get(uid);
          if (was?.time === time) continue;
          told.set(uid, { time, sequence: (was?.sequence ?? 0) + 1 });
          mine.delete(uid);
        }
        workspace = refreshed(workspace, feed()).after;
        for (const uid of uids)
          expect(workspace.events.get(`partners/${uid}`)?.start.wall.slice(11, 13)).toBe(
            (mine.get(uid) ?? told.get(uid)?.time)?.slice(0, 2),
          );
      }
    }),
    { numRuns: 25 },
  );
});
