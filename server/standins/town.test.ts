import { readCalendar } from '../../core/formats/readCalendar';
import { instantOf, type Zone } from '../../core/time/zone';
import { faults, isFault } from './faults';
import { town } from './town';

const zone: Zone = 'Europe/London';
const opened = () => town({ zone, now: instantOf('2026-11-24T09:50', zone) });
const feedOf = async ({ app }: ReturnType<typeof town>, headers: Record<string, string> = {}) =>
  app.request('http://town/feeds/partners.ics', { headers });
const eventsOf = (text: string) => readCalendar(text, zone).calendars[0]?.events ?? [];
const forumOf = (text: string) => eventsOf(text).find(({ uid }) => uid === 'forum');

test('its feeds are calendars without a fault, and told anew only when they have changed', async () => {
  const there = opened();
  const first = await feedOf(there);
  const text = await first.text();
  const { calendars, problems } = readCalendar(text, zone);
  expect([calendars.length, calendars[0]?.name, problems]).toEqual([1, 'River partners', []]);
  expect(forumOf(text)?.start).toEqual({ wall: '2026-11-25T15:00:00', zone });
  const etag = first.headers.get('etag') ?? '';
  const modified = first.headers.get('last-modified') ?? '';
  expect((await feedOf(there, { 'if-none-match': etag })).status).toBe(304);
  expect((await feedOf(there, { 'if-modified-since': modified })).status).toBe(304);
  // the tag goes before the time
  expect((await feedOf(there, { 'if-none-match': '"old"', 'if-modified-since': modified })).status).toBe(200);
});

test('busy times are told without a word of what they are', async () => {
  const there = opened();
  const text = await (await there.app.request('http://town/feeds/mina.ifb')).text();
  expect(text).not.toContain('SUMMARY');
  const [first] = eventsOf(text);
  expect([first?.title, first?.start, first?.length.seconds]).toEqual([
    'Busy',
    { wall: '2026-11-24T13:00:00', zone: 'UTC' },
    5400,
  ]);
});

test('its day goes by: at five past ten the forum has moved, by a version that is newer', async () => {
  const there = opened();
  there.clock.set(instantOf('2026-11-24T10:06', zone));
  const forum = forumOf(await (await feedOf(there)).text());
  // moved two minutes after it opened, and back again
  expect([forum?.start.wall, forum?.sequence]).toEqual(['2026-11-25T15:00:00', 2]);
});

test('one plays the other side on its page', async () => {
  const there = opened();
  const play = (path: string, body = '') =>
    there.app.request(`http://town/play/partners/${path}`, {
      method: 'POST',
      body,
      headers: { 'content-type': 'application/x-www-form-urlencoded', origin: 'http://town' },
    });
  await play('forum.ics/later');
  await play('anglers.ics/cancel');
  await play('culvert.ics/remove');
  await play('add', 'title=Owls+%3Cb%3E');
  const text = await (await feedOf(there)).text();
  expect(forumOf(text)?.start.wall).toBe('2026-11-25T16:00:00');
  expect(eventsOf(text).find(({ uid }) => uid === 'anglers')?.cancelled).toBe(true);
  expect(eventsOf(text).some(({ uid }) => uid === 'culvert')).toBe(false);
  const page = await (await there.app.request('http://town/')).text();
  expect(page).toContain('Owls &lt;b&gt;');
  await play('fault', 'fault=410');
  expect((await feedOf(there)).status).toBe(410);
});

test('its tracker is reached by the account alone, and what is finished on the page is finished there', async () => {
  const there = opened();
  const at = 'http://town/dav/calendars/petra/tracker/tracker-2.ics';
  expect((await there.app.request(at)).status).toBe(401);
  await there.app.request('http://town/play/tracker/tracker-2.ics/finish', {
    method: 'POST',
    headers: { origin: 'http://town', 'content-type': 'application/x-www-form-urlencoded' },
  });
  const headers = { authorization: `Basic ${btoa('petra:weir')}` };
  expect(await (await there.app.request(at, { headers })).text()).toContain('STATUS:COMPLETED');
});

test('each fault is one', () => {
  expect(faults.every(isFault)).toBe(true);
  expect(isFault('other')).toBe(false);
});
