import { mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import * as fc from 'fast-check';
import { appServer } from '../app';
import { keepPages, keptPages } from './keep';
import type { Offer } from '../../core/outside/booking';
import { bookingPages, startsOf, type Page } from './pages';

const NOW = Date.UTC(2026, 10, 24, 11, 20);
const HOUR = 3_600_000;
const at = (hour: number) => Date.UTC(2026, 10, 26, hour);
const TOKEN = 'a-token-nobody-guesses';
const KEY = 'a-key-that-is-long-enough';
const offer: Offer = {
  ...{ host: 'Petra', title: 'A talk about weirs', minutes: 60, zone: 'Europe/London' },
  spans: [{ from: at(9), to: at(12) }],
  ...{ until: at(24), many: true, notice: 60 },
};

function opened(more: Partial<Offer> = {}) {
  let now = NOW;
  const pages = bookingPages(() => now);
  const app = appServer(__dirname, undefined, {}, pages, () => now);
  const own = (what: string, body: object, headers = {}) =>
    app.request(`http://localhost/booking/${TOKEN}/${what}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...headers },
      body: JSON.stringify({ key: KEY, ...body }),
    });
  const book = (form: Record<string, string>, headers = {}, token = TOKEN) =>
    app.request(`http://localhost/book/${token}`, {
      method: 'POST',
      headers: { origin: 'http://localhost', ...headers },
      body: new URLSearchParams({ name: 'Lena', address: 'lena@x.example', note: '', ...form }),
    });
  pages.offer(TOKEN, KEY, { ...offer, ...more });
  const look = (rest = '') => app.request(`http://localhost/book/${TOKEN}${rest}`);
  return { pages, own, book, look, pass: (ms: number) => void (now += ms) };
}

test('free times are shown in the zone of whoever looks, and nothing else of the plan', async () => {
  const { look } = opened();
  const page = await (await look('?zone=Asia/Kolkata')).text();
  expect(page).toContain('A talk about weirs');
  expect([...page.matchAll(/<span>(\d\d:\d\d)</g)].map(([, time]) => time)).toEqual([
    '14:30',
    '15:00',
    '15:30',
    '16:00',
    '16:30',
  ]);
  expect((await look('?zone=Nowhere')).status).toBe(200);
  expect((await look()).headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
});

test('of two who take one time, one gets it; the other is told, and offered the next with all they wrote', async () => {
  const { book, look } = opened();
  const both = await Promise.all([
    book({ start: String(at(9)) }),
    book({ start: String(at(9)), name: 'Tomas', address: 'tomas@x.example', note: 'Fish “&” <chips>' }),
  ]);
  expect(both.map(({ status }) => status)).toEqual([303, 409]);
  const second = await both[1]?.text();
  expect(second).toContain('Somebody has just taken this time');
  expect(second).toContain(`value="${at(10)}" required checked`);
  expect(second).toContain('Fish “&amp;” &lt;chips&gt;');
  const mine = await look(String(both[0]?.headers.get('location')).replace(`/book/${TOKEN}`, ''));
  expect(await mine.text()).toContain('has not answered yet');
});

test('who has made a page hears of bookings and answers them; a proposal is taken, and what is called off is free again', async () => {
  const { own, book, look, pages } = opened();
  const id = String((await book({ start: String(at(9)) })).headers.get('location')).split(/[/?]/)[3] ?? '';
  const { bookings } = (await (await own('bookings', {})).json()) as Page; // what the route gives
  expect(bookings.map(({ state, start, name }) => [state, start, name])).toEqual([['asked', at(9), 'Lena']]);
  const proposals = [{ start: at(15), minutes: 60 }];
  await own('answer', { answer: { id, kind: 'other', proposals, note: 'Sorry' } });
  expect(await (await look(`/${id}`)).text()).toContain('These times are proposed instead');
  const page = () => pages.get(TOKEN) ?? ({} as Page); /* it is there */
  expect(pages.take(page(), id, at(16)).kind).toBe('closed');
  expect(pages.take(page(), id, at(15))).toMatchObject({
    kind: 'booked',
    booking: { sequence: 1, state: 'asked' },
  });
  expect(startsOf(page(), NOW)).toContain(at(9));
  pages.callOff(page(), id);
  expect(pages.answer(page(), { id, kind: 'yes', proposals: [], note: '' })).toBe(false);
});

test('pages of others, forged forms and floods are refused, each in plain words', async () => {
  const { own, book, look, pass } = opened();
  expect((await own('bookings', { key: 'another-key-of-somebody' })).status).toBe(404);
  expect((await own('offer', { key: 'another-key-of-somebody', offer })).status).toBe(404);
  expect((await own('bookings', {}, { 'sec-fetch-site': 'cross-site' })).status).toBe(403);
  expect((await own('offer', { offer: { ...offer, zone: 'Nowhere' } })).status).toBe(400);
  expect((await book({ start: String(at(9)) }, { origin: 'https://evil.example' })).status).toBe(403);
  expect((await book({ start: String(at(9)), note: 'x'.repeat(20_000) })).status).toBe(413);
  const wrong = await book({ start: 'soon' });
  expect([wrong.status, await wrong.text()]).toEqual([
    400,
    expect.stringContaining('It takes a time, a name'),
  ]);
  for (const hour of [9, 10, 11]) await book({ start: String(at(hour)) });
  for (let i = 0; i < 10; i += 1) await book({ start: String(at(9)), address: `${i}@x.example` });
  expect((await book({ start: String(at(9)), address: 'new@x.example' })).status).toBe(429);
  pass(HOUR);
  for (let i = 0; i < 20; i += 1) expect((await book({ start: '1' }, {}, `guess-${i}`)).status).toBe(404);
  expect((await look()).status).toBe(429);
});

test('one page is booked once where that is said, and not later than its notice and its end', () => {
  const page = (more: Partial<Offer>): Page => ({
    token: TOKEN,
    key: '',
    offer: { ...offer, ...more },
    bookings: [],
  });
  expect(startsOf(page({ notice: 60 * 46 }), NOW)).toEqual([
    at(9) + HOUR / 2,
    at(10),
    at(10) + HOUR / 2,
    at(11),
  ]);
  expect(startsOf(page({ until: at(10) }), NOW)).toEqual([at(9)]);
  const pages = bookingPages(() => NOW);
  pages.offer(TOKEN, KEY, { ...offer, many: false });
  const there = () => pages.get(TOKEN) ?? page({});
  const visitor = { start: at(9), name: 'Lena', address: 'lena@x.example', note: '' };
  expect(pages.book(there(), visitor).kind).toBe('booked');
  expect(pages.book(there(), { ...visitor, start: at(11), address: 'b@x.example' }).kind).toBe('closed');
});

test('however many come in whatever order, no two have the same minutes', () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 12 }), { maxLength: 30 }), (quarters) => {
      const pages = bookingPages(() => NOW);
      pages.offer(TOKEN, KEY, offer);
      quarters.forEach((quarter, i) => {
        const page = pages.get(TOKEN);
        if (page)
          pages.book(page, {
            start: at(9) + quarter * 15 * 60_000,
            name: 'x',
            address: `${i}@x.example`,
            note: '',
          });
      });
      const starts = (pages.get(TOKEN)?.bookings ?? []).map(({ start }) => start).sort((a, b) => a - b);
      expect(starts.every((start, i) => i === 0 || start - (starts[i - 1] ?? 0) >= HOUR)).toBe(true);
    }),
  ));

test('pages outlast the server; what is no such file is refused', () => {
  const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'sprindle-book-')), 'in/pages.json');
  expect(keptPages(file)).toEqual([]);
  const pages = bookingPages(
    () => NOW,
    [],
    (all) => keepPages(file, all),
  );
  pages.offer(TOKEN, KEY, offer);
  expect(bookingPages(() => NOW, keptPages(file)).owned(TOKEN, KEY)?.offer).toEqual(offer);
  keepPages(file, [{ ...keptPages(file)[0], token: 1 } as unknown as Page]); // as a file may be broken
  expect(() => keptPages(file)).toThrow('holds no pages');
});
