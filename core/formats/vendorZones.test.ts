import { instantOf } from '../time/zone';
import { components, unfold } from './contentLines';
import { zoneFinder } from './vendorZones';
import { zoneLines } from './writeZone';

const january = '2026-01-15T12:00:00';
const july = '2026-07-15T12:00:00';

test.each([
  'Europe/London',
  'America/New_York',
  'America/St_Johns',
  'Asia/Kolkata',
  'Australia/Sydney',
  'America/Santiago',
  'Africa/Casablanca',
])('a zone that a file describes by a name of its own is known by its clock: %s', (zone) => {
  const lines = zoneLines(zone, 2024, 2027).map((line) => line.replace(/^TZID:.*/, 'TZID:Office time'));
  const { roots } = components(unfold(['BEGIN:VCALENDAR', ...lines, 'END:VCALENDAR'].join('\r\n')));
  const found = zoneFinder(roots[0]!.parts, 'Pacific/Fiji')('Office time');
  expect(found).toBeDefined();
  for (const wall of [january, july]) expect(instantOf(wall, found!)).toBe(instantOf(wall, zone));
});

test.each(['FREQ=DAILY;INTERVAL=7;BYDAY=MO', 'FREQ=SECONDLY', 'FREQ=MINUTELY;BYDAY=MO', 'FREQ=NEVER'])(
  'three thousand parts of a zone with the rule %s come to an end',
  (rule) => {
    const part = [
      'BEGIN:STANDARD',
      'DTSTART:19700104T020000',
      `RRULE:${rule}`,
      'TZOFFSETFROM:+0100',
      'TZOFFSETTO:+0000',
      'END:STANDARD',
    ];
    const text = [
      'BEGIN:VTIMEZONE',
      'TZID:Odd',
      ...Array.from({ length: 3000 }, () => part).flat(),
      'END:VTIMEZONE',
    ];
    const { roots } = components(unfold(text.join('\r\n')));
    expect(() => zoneFinder(roots, 'UTC')('Odd')).not.toThrow();
  },
);
