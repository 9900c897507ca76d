import * as fc from 'fast-check';
import { instantOf, wallOf } from '../time/zone';
import { readChange } from './readChange';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);
const block = { start: instantOf('2026-11-25T10:00', zone), minutes: 90 };
const read = (text: string) => {
  const found = readChange(text, block, now, zone);
  return found && `${wallOf(found.start, zone).slice(0, 16)} ${found.minutes}`;
};

test.each([
  ['14:00 1h', '2026-11-25T14:00 60'],
  ['14:00', '2026-11-25T14:00 90'],
  ['45m', '2026-11-25T10:00 45'],
  ['1h30', '2026-11-25T10:00 90'],
  ['+30m', '2026-11-25T10:00 120'],
  ['-1h', '2026-11-25T10:00 30'],
  ['tomorrow 9', '2026-11-25T09:00 90'],
  ['fri', '2026-11-27T10:00 90'],
  ['fri 14:30 2h', '2026-11-27T14:30 120'],
  ['27 Nov 1.5h', '2026-11-27T10:00 90'],
  ['9pm 20 min', '2026-11-25T21:00 20'],
])('“%s” on a block of Wednesday 10:00, 1 h 30, means %s', (text, wanted) => {
  expect(read(text)).toBe(wanted);
});

test.each(['', '25:00', 'soon', '-2h', '+', '14:00 0h', 'someday 9'])('“%s” cannot be read', (text) => {
  expect(read(text)).toBeUndefined();
});

test('whatever is typed, it is read or refused, and never left without a length', () => {
  const anyTyped = fc.oneof(fc.string(), fc.stringMatching(/^[-+0-9:hmap .]{0,12}$/));
  fc.assert(
    fc.property(anyTyped, (text) => {
      const found = readChange(text, block, now, zone);
      expect(found === undefined || (Number.isFinite(found.start) && found.minutes >= 1)).toBe(true);
    }),
  );
});
