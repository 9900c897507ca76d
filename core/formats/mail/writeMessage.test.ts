import * as fc from 'fast-check';
import { readMessage } from './readMessage';
import { writeMessage } from './writeMessage';

const from = { name: 'Petra Weir', address: 'petra@trust.example' };
const words = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 120 })
  .map((text) => text.replace(/[\s\p{C}]+/gu, ' ').trim())
  .filter((text) => text !== '' && !/^(re|fwd?|aw|wg|tr|sv)\s*:/i.test(text));

test('whatever is written, in whatever letters, is read again as it was', () =>
  fc.assert(
    fc.asyncProperty(words, words, async (subject, text) => {
      const raw = writeMessage({ from, to: [from], subject, text, id: 'a@b', at: Date.UTC(2026, 10, 24) });
      expect(/^[\x00-\x7f]*$/.test(raw)).toBe(true);
      expect(raw.split('\r\n').every((line) => line.length <= 200)).toBe(true);
      const read = await readMessage(raw);
      expect([read?.subject, read?.text]).toEqual([subject, text]);
      expect(read?.sentAt).toBe(Date.UTC(2026, 10, 24));
    }),
    { numRuns: 100 },
  ));

test('neither a subject nor a name begins a header of its own', async () => {
  const raw = writeMessage({
    from: { name: 'Lena"\r\nBcc: all@x.example', address: 'lena@x.example>\r\nBcc: more@x.example' },
    to: [from],
    subject: 'Walk\r\nBcc: some@x.example',
    text: 'Hello',
    id: 'a@b',
    at: 0,
    calendar: { method: 'REQUEST', text: 'BEGIN:VCALENDAR\r\nEND:VCALENDAR' },
  });
  expect(raw).not.toMatch(/^Bcc:/m);
  expect((await readMessage(raw))?.invitation).toContain('BEGIN:VCALENDAR');
});
