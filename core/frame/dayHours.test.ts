import { date } from '../fixtures/make';
import { hours, lunch, office, sleep, withZones, zoneOf } from '../fixtures/zones';
import { usualHours } from '../time/dayHours';
import { dayHoursOf } from './dayHours';

test('the hours of a day are those of its zones; a day off has those of the next day of work', () => {
  expect(dayHoursOf(withZones(office, lunch, sleep), date)).toEqual({
    up: '07:00',
    bed: '23:00',
    begin: '09:00',
    end: '17:00',
    lunch: '12:30',
  });
  const early = zoneOf('Early', { ...hours(6, 420), days: [1] });
  const night = zoneOf('Night', { kind: 'sleep', ...hours(20.5, 510) });
  expect(dayHoursOf(withZones(early, night), date)).toMatchObject({
    up: '05:00',
    bed: '20:30',
    begin: '06:00',
    end: '13:00',
  });
});

test('a frame without work has the usual hours', () => {
  expect(dayHoursOf(withZones(sleep), date)).toEqual(usualHours);
});
