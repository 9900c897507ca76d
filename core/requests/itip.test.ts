import { guest, GUEST, heard, invitation, ORGANIZER } from '../fixtures/invited';
import { at } from '../fixtures/make';
import { readItip } from './itip';

const START = at('08:00');

test.each([
  ['', 'noCalendar'],
  ['BEGIN:VCALENDAR\r\nEND:VCALENDAR', 'noMethod'],
  ['BEGIN:VCALENDAR\r\nMETHOD:REQUEST\r\nEND:VCALENDAR', 'noEvent'],
  [invitation([]).replace('UID:walk', 'X-UID:walk'), 'unreadable'],
  [invitation([]).replace('DTSTART:20261124T100000Z', 'DTSTART:20261340T100000Z'), 'unreadable'],
])('what is no message about an event is told apart: %#', (text, why) => {
  const read = readItip(text, 'Europe/London');
  expect('why' in read && read.why).toBe(why);
});

test('an invitation of 300 people over ten years is read as any other', () => {
  const crowd = Array.from({ length: 300 }, (_, i) => `ATTENDEE;CN=Guest ${i}:mailto:guest-${i}@x.example`);
  const petra = guest();
  const itip = heard(invitation([...crowd, 'RRULE:FREQ=DAILY;UNTIL=20361124T100000Z']));
  petra.hear([{ itip, sender: ORGANIZER.address, at: START }]);
  petra.answer('yes', START);
  expect(petra.event()?.attendees).toHaveLength(300);
  const [text = ''] = petra.letters();
  // whoever answers says nothing of the others
  expect(heard(text).attendees.map(({ address }) => address)).toEqual([GUEST.address]);
});
