import { put } from '../commands/command';
import { at, meeting, zone } from '../fixtures/make';
import { hours, office, withZones, zoneOf } from '../fixtures/zones';
import { sealOf } from '../plan/sealing';
import type { Booking } from './booking';
import { itipOfBooking, markOfOffer, newPage, offeredTimes, offerOf } from './bookingPage';

const now = at('11:20');
const meetings = zoneOf('Meetings', { ...hours(14, 120), openness: 'open' });
const workspace = put(
  put(withZones(office, meetings), 'calendars', { id: 'c', name: 'Mine', source: '', hue: 'reed', kept: [] }),
  'events',
  meeting('Salary of Ines', '2026-11-25T14:30:00', 30),
);
const page = newPage({
  ...{ token: 'a-token', key: 'a-key', title: 'A talk', host: 'Petra', minutes: 30, days: 3 },
  ...{ until: '2026-11-26', many: true, notice: 60, leavesSealed: true },
});

test('free times in open hours leave the browser, and nothing of what lies between them', () => {
  expect(offeredTimes(workspace, page, zone, now)).toEqual([
    { from: at('14:00'), to: at('16:00') },
    { from: at('14:00', '2026-11-25'), to: at('14:30', '2026-11-25') },
    { from: at('15:00', '2026-11-25'), to: at('16:00', '2026-11-25') },
    { from: at('14:00', '2026-11-26'), to: at('16:00', '2026-11-26') },
  ]);
  const offer = offerOf(workspace, page, zone, now);
  expect(JSON.stringify(offer)).not.toContain('Salary');
  expect(markOfOffer(offer)).toBe(markOfOffer(offerOf(workspace, page, zone, now)));
  expect(markOfOffer(offer)).not.toBe(markOfOffer(offerOf(workspace, { ...page, minutes: 60 }, zone, now)));
});

test('nothing is offered after its last day, in a sealed week, or where no hours are open', () => {
  const starts = (of: typeof page, from = workspace) => offeredTimes(from, of, zone, now).length;
  expect(starts({ ...page, until: '2026-11-24' })).toBe(1);
  expect(starts({ ...page, until: '2026-11-23' })).toBe(0);
  const sealed = put(workspace, 'seals', sealOf(workspace, '2026-11-23', zone, now));
  expect([starts(page, sealed), starts({ ...page, leavesSealed: false }, sealed)]).toEqual([0, 4]);
  expect(starts(page, withZones(office))).toBe(0);
});

test('a booking is a request of its visitor; what is called off says so', () => {
  const booking: Booking = {
    ...{ id: 'x', start: at('14:00'), minutes: 30, name: 'Lena', address: 'lena@x.example', note: 'Weirs' },
    ...{ at: now, sequence: 2, state: 'asked', proposals: [], word: '' },
  };
  const own = { name: 'Petra', address: 'petra@trust.example' };
  const itip = itipOfBooking(booking, page, own);
  expect([itip.method, itip.uid, itip.sequence, itip.organizer?.address]).toEqual([
    'REQUEST',
    'booking-x',
    2,
    'lena@x.example',
  ]);
  expect([itip.event?.title, itip.event?.start.wall]).toEqual(['A talk: Lena', '2026-11-24T14:00:00']);
  expect(itipOfBooking({ ...booking, state: 'off' }, page, own).method).toBe('CANCEL');
});
