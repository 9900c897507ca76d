import { put } from '../commands/command';
import { at, meeting, zone } from '../fixtures/make';
import type { Calendar } from '../model/event';
import { workspaceOf } from '../model/workspace';
import { sealOf } from '../plan/sealing';
import { dateOf } from '../time/zone';
import { isIntoSealed, proposals } from './proposals';

const now = at('11:20');
const own: Calendar = { id: 'c', name: 'Mine', source: '', hue: 'reed', kept: [] };
const lenas: Calendar = {
  id: 'l',
  name: 'Lena Fisk, agency',
  source: '',
  hue: 'fern',
  kept: [],
  around: true,
};
const lena = { name: 'Lena Fisk', address: 'lena@x.example' };
const asked = meeting('visit', '14:00', 60);
const wish = { zone, now, notThisWeek: false };
const busyUntilFriday = ['24', '25', '26'].map((day) =>
  meeting(`busy-${day}`, `2026-11-${day}T00:00:00`, 1440, { calendarId: 'l', id: `l/${day}` }),
);

const workspace = workspaceOf({ calendars: [own, lenas], events: [...busyUntilFriday] });

test('one time a day is proposed, when both are free, and never the one that was asked for', () => {
  const found = proposals(workspace, asked, [lena], wish);
  expect(found).toHaveLength(3);
  expect(new Set(found.map(({ start }) => dateOf(start, zone))).size).toBe(3);
  expect(found.every(({ start }) => start >= at('00:00', '2026-11-27'))).toBe(true);
  // whose calendar is not seen is taken as free
  const [first] = proposals(workspace, asked, [{ name: 'Tomas', address: '' }], wish);
  expect(first && dateOf(first.start, zone)).toBe('2026-11-24');
});

test('a sealed week is left alone; “not this week” begins with the next', () => {
  const sealed = put(workspace, 'seals', sealOf(workspace, '2026-11-23', zone, now));
  expect(isIntoSealed(sealed, asked, zone)).toBe(true);
  for (const notThisWeek of [false, true]) {
    const [first] = proposals(sealed, asked, [], { ...wish, notThisWeek });
    expect(first && first.start >= at('00:00', '2026-11-30')).toBe(true);
  }
});
