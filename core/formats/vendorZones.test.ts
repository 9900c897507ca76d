import * as fc from 'fast-check';
import { anyRuleOfTimes } from '../fixtures/rules';
import { runs } from '../fixtures/runs';
import { strangeRules } from '../fixtures/strangeRules';
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

const ofOneRule = (rule: string, offset = '+0100') => [
  'BEGIN:STANDARD',
  'DTSTART:19700104T020000',
  `RRULE:${rule}`,
  `TZOFFSETFROM:${offset}`,
  'TZOFFSETTO:+0000',
  'END:STANDARD',
];
const zoneOf = (parts: readonly string[]) => {
  const { roots } = components(
    unfold(['BEGIN:VTIMEZONE', 'TZID:Odd', ...parts, 'END:VTIMEZONE'].join('\r\n')),
  );
  return zoneFinder(roots, 'UTC')('Odd');
};

test.each(['FREQ=DAILY;INTERVAL=7;BYDAY=MO', 'FREQ=SECONDLY', 'FREQ=MINUTELY;BYDAY=MO', 'FREQ=NEVER'])(
  'three thousand parts of a zone with the rule %s come to an end',
  (rule) => {
    expect(() => zoneOf(Array.from({ length: 3000 }, () => ofOneRule(rule)).flat())).not.toThrow();
  },
);

test(
  'zones of any rules, many of them, come to an end',
  () => {
    const anyPart = fc
      .tuple(
        fc.oneof(
          fc.constantFrom(...strangeRules),
          anyRuleOfTimes.map((rule) => rule.slice('FREQ='.length)),
        ),
        fc.constantFrom('+0100', '-2359', '+9999', 'x'),
      )
      .map(([rule, offset]) => ofOneRule(`FREQ=${rule}`, offset));
    fc.assert(
      fc.property(fc.array(anyPart, { minLength: 1, maxLength: 40 }), (parts) => {
        expect(() => zoneOf(parts.flat())).not.toThrow();
      }),
      { numRuns: runs(20), endOnFailure: true },
    );
  },
  runs(20_000),
);
