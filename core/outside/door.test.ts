import { answerRequest } from '../commands/requests';
import { put } from '../commands/command';
import { at, date, meeting, zone } from '../fixtures/make';
import { hours, office, withZones, zoneOf } from '../fixtures/zones';
import type { Calendar } from '../model/event';
import { openDoor, type DoorRule } from '../model/frame';
import { defaultSettings } from '../model/settings';
import { hoursMark } from '../requests/revision';
import { admitted, brokenRules, doorCount } from './door';

const calendar: Calendar = { id: 'c', name: 'Mine', source: '', hue: 'reed', kept: [] };
const lena = { name: 'Lena', address: 'lena@x.example' };
const line = { ...lena, answer: 'yes' as const, line: '' };

/** Someone who works from nine to five, and has meetings from two to four by a rule. */
function officeOf(door: Partial<DoorRule>, limits: Partial<typeof defaultSettings.door> = {}) {
  const meetings = zoneOf('Meetings', {
    ...hours(14, 120),
    openness: 'open',
    door: { ...openDoor, ...door },
  });
  const met = meeting('met', '2026-11-10T09:00:00', 60, { attendees: [line] });
  const bare = put(put(withZones(office, meetings), 'calendars', calendar), 'events', met);
  return { ...bare, settings: { ...bare.settings, door: { ...defaultSettings.door, ...limits } } };
}
const asking = (from: string, to: string, by = lena) => ({ span: { from: at(from), to: at(to) }, by });
const kinds = (...of: Parameters<typeof brokenRules>) => brokenRules(...of).map(({ kind }) => kind);

test('what is too long, outside the open hours, or from others than a zone is for breaks a rule', () => {
  const workspace = officeOf({ most: 45, who: 'named', people: ['LENA@x.example'] });
  expect(kinds(workspace, asking('14:00', '14:30'), zone)).toEqual([]);
  expect(kinds(workspace, asking('14:00', '15:00'), zone)).toEqual(['tooLong']);
  expect(kinds(workspace, asking('10:00', '10:30'), zone)).toEqual(['notOpen']);
  const stranger = { name: '', address: 'new@x.example' };
  expect(kinds(workspace, asking('14:00', '14:30', stranger), zone)).toEqual(['notForThem']);
  const known = officeOf({ who: 'known' });
  expect(kinds(known, asking('14:00', '14:30'), zone)).toEqual([]);
  expect(kinds(known, asking('14:00', '14:30', stranger), zone)).toEqual(['notForThem']);
});

test('without zones that expect meetings none is missed', () =>
  expect(kinds(withZones(office), asking('10:00', '11:00'), zone)).toEqual([]));

/** A request that was accepted for an hour of that day. */
function accepted(workspace: ReturnType<typeof officeOf>, id: string, from: string) {
  const { id: _, calendarId: __, ...event } = meeting(id, from, 60);
  const request = {
    ...{ id, event, sequence: 0, stamp: 0, parts: [], cancelled: null, organizer: lena, sender: null },
    heardAt: at('08:00'),
  };
  const answer = { kind: 'yes' as const, at: at('09:00'), hours: hoursMark(event), proposals: [], note: '' };
  return answerRequest.apply(put(workspace, 'requests', request), { id, answer, calendar, own: [] });
}

test('so many a day and no more; what went to open hours is counted', () => {
  const one = accepted(officeOf({}, { day: 2 }), 'a', '14:00');
  expect(kinds(one, asking('15:00', '16:00'), zone)).toEqual([]);
  const two = accepted(one, 'b', '10:00');
  expect(kinds(two, asking('15:00', '16:00'), zone)).toEqual(['dayFull']);
  // one that is counted already does not count against itself
  expect(kinds(two, { ...asking('14:00', '15:00'), id: 'a' }, zone)).toEqual([]);
  expect(doorCount(two, { from: at('00:00'), to: at('23:59') }, zone)).toEqual({ open: 1, all: 2 });
  expect(doorCount(two, { from: at('00:00', '2026-11-25'), to: at('23:59', '2026-11-25') }, zone).all).toBe(
    0,
  );
});

test('of free stretches only what takes a stranger is offered to one', () => {
  const spans = [{ from: at('13:00'), to: at('15:00') }];
  const wish = { minutes: 30, by: { name: '', address: '' } };
  expect(admitted(officeOf({}), spans, wish, zone)).toEqual([{ from: at('14:00'), to: at('15:00') }]);
  expect(admitted(officeOf({ most: 20 }), spans, wish, zone)).toEqual([]);
  expect(admitted(officeOf({ who: 'known' }), spans, wish, zone)).toEqual([]);
  expect(date).toBe('2026-11-24');
});
