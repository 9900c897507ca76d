import * as fc from 'fast-check';
import { heldTimes, holdsOver, holdTimes, takeHold } from '../commands/holds';
import { at, date, meeting, zone } from '../fixtures/make';
import { hours, office, zoneOf } from '../fixtures/zones';
import { writeFreeTimes } from '../formats/writeFreeBusy';
import { firstFrame } from '../model/firstFrame';
import type { Calendar } from '../model/event';
import { workspaceOf } from '../model/workspace';
import { dayPlan, takenOn } from '../plan/dayPlan';
import { overlaps } from '../time/span';
import { freeTimes as found, type Giving } from './freeTimes';
import { freeTimesMarkdown, freeTimesText } from './freeTimesWords';

const NOW = at('11:20');
const freeTimes = (...asked: Parameters<typeof found>) => found(...asked).times;
const days = [1, 2, 3, 4, 5];
const open = zoneOf('Meetings', { ...hours(14, 180), days, openness: 'open' });
const base: Giving = {
  ...{ minutes: 60, from: date, days: 7, weekdays: days, most: 5, leavesSealed: false },
  ...{ theirs: 'America/Halifax', hours: null, with: [] },
};
const ines: Calendar = { id: 'ines', name: 'Ines', source: '', hue: 'reed', kept: [], around: true };
const workspace = workspaceOf({
  frames: [{ ...firstFrame(), zones: [open] }],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'slate', kept: [] }, ines],
  events: [
    meeting('Call', '14:00', 60),
    meeting('Hers', `2026-11-25T14:00:00`, 120, { calendarId: 'ines', id: 'ines/1' }),
  ],
});
const given = {
  minutes: 60,
  theirs: 'America/Halifax',
  city: 'Halifax',
  elsewhere: true,
  style: { clock: 24, dates: 'dayFirst' },
} as const;

test('times lie in zones open to meetings, one of each day first, and are told in the time of whoever gets them', () => {
  const times = freeTimes(workspace, { ...base, most: 2 }, zone, NOW);
  expect(freeTimesText(times, given)).toBe(
    [
      'I have time for 1 h then, in your time (Halifax):',
      '- Tue 24 Nov, 11:00 – 13:00 your time (Halifax)',
      '- Wed 25 Nov, 10:00 – 13:00 your time (Halifax)',
    ].join('\n'),
  );
  expect(freeTimesMarkdown(times, { ...given, elsewhere: false, city: 'London', theirs: zone })).toBe(
    [
      '**I have time for 1 h then, London time:**',
      '',
      '- Tue 24 Nov, 15:00 – 17:00',
      '- Wed 25 Nov, 14:00 – 17:00',
    ].join('\n'),
  );
});

test('others have to be free, too, and it is by day for whoever gets them', () => {
  const withInes = freeTimes(workspace, { ...base, with: ['ines'] }, zone, NOW);
  expect(withInes[1]).toEqual({ from: at('16:00', '2026-11-25'), to: at('17:00', '2026-11-25') });
  const hers = { ...ines, hours: { zone: 'Asia/Kolkata', from: '09:00', to: '20:15' } };
  const elsewhere = { ...workspace, calendars: workspace.calendars.with([hers]) };
  // a quarter past eight in the evening there is 14:45 here
  expect(freeTimes(elsewhere, { ...base, minutes: 30, with: ['ines'] }, zone, NOW)[0]).toEqual({
    from: at('14:00', '2026-11-26'),
    to: at('14:45', '2026-11-26'),
  });
  const auckland = { ...base, theirs: 'Pacific/Auckland', hours: { from: '08:30', to: '17:30' } };
  expect(freeTimes(workspace, auckland, zone, NOW)).toEqual([]);
  const halifax = freeTimes(workspace, { ...base, hours: { from: '11:30', to: '12:30' } }, zone, NOW);
  expect(halifax[0]).toEqual({ from: at('15:30'), to: at('16:30') });
});

test('where zones that are open have no room, other work that is not guarded makes some, and that is told', () => {
  const long = { ...base, minutes: 240 };
  expect(found(workspace, long, zone, NOW)).toEqual({ times: [], open: false });
  const withOffice = workspaceOf({ frames: [{ ...firstFrame(), zones: [open, office] }] });
  expect(found(withOffice, long, zone, NOW)).toMatchObject({ open: false });
  expect(found(withOffice, long, zone, NOW).times[0]?.from).toBe(at('11:30'));
  expect(found(withOffice, base, zone, NOW).open).toBe(true);
});

test('as a VFREEBUSY they tell times alone', () => {
  const text = writeFreeTimes([{ from: at('15:00'), to: at('17:00') }], {
    uid: 'u',
    now: NOW,
    organizer: 'petra@trust.example',
  });
  expect(text).toContain('FREEBUSY;FBTYPE=FREE:20261124T150000Z/20261124T170000Z\r\n');
  expect(text).not.toContain('SUMMARY');
});

test('what is held takes time until it is over; what is taken lets the others go', () => {
  const [one, two] = freeTimes(workspace, { ...base, most: 2 }, zone, NOW);
  if (!one || !two) throw new Error('there are two times');
  const held = { until: NOW + 3_600_000, giving: 'g' };
  const events = [one, two].map(({ from, to }, i) => ({
    ...meeting(`held-${i}`, new Date(from).toISOString().slice(0, 19), (to - from) / 60_000),
    held,
  }));
  const calendar = { id: 'c', name: 'Office', source: '', hue: 'slate' as const, kept: [] };
  const after = holdTimes.apply(workspace, { events, calendar });
  expect(freeTimes(after, { ...base, most: 2 }, zone, NOW)).not.toContainEqual(one);
  expect([holdsOver(after, held.until - 1), holdsOver(after, held.until)]).toEqual([
    [],
    ['held-0', 'held-1'],
  ]);
  const taken = takeHold.apply(after, { id: 'held-0', title: 'With Lena', minutes: 45 });
  expect(heldTimes(taken)).toEqual([]);
  expect(taken.events.has('held-1')).toBe(false);
  expect(taken.events.get('held-0')).toMatchObject({
    title: 'With Lena',
    length: { days: 0, seconds: 2700 },
  });
});

test('whatever is wanted, what is given is free, long enough, within their hours and no more than wanted', () => {
  const wanted = fc.record({
    minutes: fc.integer({ min: 15, max: 240 }),
    days: fc.integer({ min: 1, max: 14 }),
    weekdays: fc.subarray([1, 2, 3, 4, 5, 6, 7]),
    most: fc.integer({ min: 1, max: 8 }),
    theirs: fc.constantFrom('America/Halifax', 'Asia/Kolkata', 'Europe/London'),
    hours: fc.option(fc.constantFrom({ from: '08:30', to: '17:30' }, { from: '22:00', to: '06:00' })),
  });
  fc.assert(
    fc.property(wanted, (some) => {
      const times = freeTimes(workspace, { ...base, ...some }, zone, NOW);
      expect(times.length).toBeLessThanOrEqual(some.most);
      for (const span of times) {
        expect(span.to - span.from).toBeGreaterThanOrEqual(some.minutes * 60_000);
        expect(span.from).toBeGreaterThanOrEqual(NOW);
        const plan = dayPlan(workspace, new Date(span.from).toISOString().slice(0, 10), zone);
        expect([...takenOn(workspace, plan)].some((taken) => overlaps(taken, span))).toBe(false);
      }
    }),
  );
});
