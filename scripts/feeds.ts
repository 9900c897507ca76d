import { refreshCalendar, subscribe } from '@/core/commands/refreshing';
import { readFeed } from '@/core/formats/readFeed';
import { emptyWorkspace, type Workspace } from '@/core/model/workspace';
import { newsOf } from '@/core/outside/news';
import { freedBy } from '@/core/plan/freed';
import { firstList } from '@/core/model/workspace';
import { addDays, instantOf } from '@/core/time/zone';

/** What `benchFeeds.ts` has done within Chromium, with its own Temporal: how long a large subscribed calendar takes, in milliseconds. */

const zone = 'Europe/London';
const today = '2026-11-24';
const now = instantOf(`${today}T09:00`, zone);
const COUNT = 5000;

/** Meetings of ten years, the first of them told otherwise in `version`. */
const feed = (version: number) =>
  [
    'BEGIN:VCALENDAR',
    ...Array.from({ length: COUNT }, (_, i) => [
      'BEGIN:VEVENT',
      `UID:meeting-${i}`,
      `SEQUENCE:${i === 0 ? version : 0}`,
      `DTSTART:${addDays(today, Math.floor(i / 2)).replaceAll('-', '')}T${i === 0 ? 10 + version : 10}0000Z`,
      'DURATION:PT1H',
      `SUMMARY:Meeting ${i}`,
      'DESCRIPTION:What is to be talked about\\, in a few words.',
      'END:VEVENT',
    ]).flat(),
    'END:VCALENDAR',
  ].join('\r\n');

const rest = { listId: firstList.id, at: now };
const marks = ({ events }: Workspace) =>
  new Map(events.values().flatMap(({ uid, readAs }) => (readAs ? [[uid, readAs] as const] : [])));

const told: Record<string, number> = {};
function timed<T>(what: string, act: () => T): T {
  const began = performance.now();
  const result = act();
  told[what] = Math.round((performance.now() - began) * 10) / 10;
  return result;
}

const first = timed('5,000 events read, in the worker', () => readFeed(feed(0), zone, new Map()));
const calendar = { id: 'big', name: 'Big', source: '', hue: 'reed' as const, kept: [] };
const workspace = timed('5,000 events taken over, on the page', () =>
  subscribe.apply(emptyWorkspace, { calendar, refresh: { ...first, ...rest } }),
);
const known = timed('their marks, on the page', () => marks(workspace));
const next = timed('read again with one change, in the worker', () => readFeed(feed(1), zone, known));
const after = timed('one change taken over, on the page', () =>
  refreshCalendar.apply(workspace, { ...next, ...rest, calendarId: 'big' }),
);
const ids = next.events.map(({ uid }) => `big/${uid}`);
timed('what it means, on the page', () => [
  newsOf(workspace, after, ids, zone, now),
  freedBy(workspace, after, zone, now),
]);
document.title = JSON.stringify(told);
