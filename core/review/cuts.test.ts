import * as fc from 'fast-check';
import { at, date, meeting, zone } from '../fixtures/make';
import { hours, office, withZones, zoneOf } from '../fixtures/zones';
import { lengthOf } from '../time/span';
import { cutsOf, weekCuts } from './cuts';

const dayCuts = (...[workspace, day, where]: [typeof base, string, string]) =>
  cutsOf(workspace, [day], where)[0];

const guarded = zoneOf('Writing', { ...hours(9, 180), days: [3], openness: 'guarded' });
const base = withZones(office, guarded);
const withMeetings = (...events: ReturnType<typeof meeting>[]) => ({
  ...base,
  events: base.events.with(events),
});

test('meetings cut a working day into stretches, of which those of an hour or more are counted', () => {
  const cut = withMeetings(
    meeting('Team', '10:00', 60),
    meeting('Call', '11:30', 30),
    meeting('Talk', '14:00', 60, { busy: false }),
    meeting('Evening', '18:00', 60),
  );
  expect(dayCuts(cut, date, zone)).toMatchObject({ longest: 300, long: 2, longMinutes: 360 });
  expect(dayCuts(cut, '2026-11-28', zone)).toMatchObject({ longest: 0, long: 0, free: [] });
});

test('the best guarded stretch of a week is what meetings leave of the zones that keep them out', () => {
  const wednesday = '2026-11-25';
  const cut = withMeetings(meeting('Team', `${wednesday}T10:00:00`, 30));
  const { guarded: best, days } = weekCuts(cut, date, zone);
  expect(best).toEqual({ from: at('10:30', wednesday), to: at('12:00', wednesday) });
  expect(days).toHaveLength(7);
  expect(weekCuts(withMeetings(), date, zone).guarded).toMatchObject({ from: at('09:00', wednesday) });
});

test('stretches and meetings fill the working hours, whatever they are', () => {
  const anyMeeting = fc.tuple(fc.integer({ min: 0, max: 1380 }), fc.integer({ min: 1, max: 300 }));
  fc.assert(
    fc.property(fc.array(anyMeeting, { maxLength: 8 }), (all) => {
      const cut = withMeetings(
        ...all.map(([from, minutes], i) =>
          meeting(
            `m${i}`,
            `${String(Math.floor(from / 60)).padStart(2, '0')}:${String(from % 60).padStart(2, '0')}`,
            minutes,
          ),
        ),
      );
      const { free = [], longest, longMinutes } = dayCuts(cut, date, zone) ?? {};
      const minutes = free.reduce((sum, span) => sum + lengthOf(span), 0);
      const taken = new Set(all.flatMap(([from, length]) => Array.from({ length }, (_, i) => from + i)));
      const left = Array.from({ length: 480 }, (_, i) => 540 + i).filter((minute) => !taken.has(minute));
      expect(minutes).toBe(left.length);
      expect(longest).toBeLessThanOrEqual(minutes);
      expect(longMinutes).toBeLessThanOrEqual(minutes);
    }),
  );
});
