import { readMessage } from '../formats/mail/readMessage';
import { writeMessage } from '../formats/mail/writeMessage';
import { noteTold } from '../commands/requests';
import { guest, GUEST, heard, invitation, organizer, ORGANIZER } from '../fixtures/invited';
import { at, zone } from '../fixtures/make';
import { bookingAnswer, outgoing } from './outgoing';
import { answerTo } from './receive';

const START = at('08:00');
const sendingOf = (own: typeof GUEST, now = START) => ({
  own,
  zone,
  now,
  style: { clock: 24, dates: 'dayFirst' } as const,
});

/** Somebody who was asked for a walk at ten, and answers. */
function asked() {
  const petra = guest();
  petra.hear([{ itip: heard(invitation([])), sender: ORGANIZER.address, at: START }]);
  return petra;
}

test('what waits to be sent keeps what it is known by, so that it is sent once; another answer is another letter', () => {
  const petra = asked();
  expect(outgoing(petra.workspace(), sendingOf(GUEST))).toEqual([]);
  petra.answer('yes', START);
  const id = (now: number) => outgoing(petra.workspace(), sendingOf(GUEST, now))[0]?.writing.id;
  expect(id(START)).toBe(id(START + 60_000));
  const first = id(START);
  petra.answer('no', START + 2000);
  expect(id(START + 2000)).not.toBe(first);
});

test('an answer says in words what it says to programs, and is read by both', async () => {
  const petra = asked();
  const proposals = [{ start: at('14:00'), minutes: 60 }];
  petra.answer('other', START, proposals);
  const [letter] = outgoing(petra.workspace(), sendingOf(GUEST));
  if (!letter) throw new Error('Nothing waits.');
  const read = await readMessage(writeMessage(letter.writing));
  expect(read?.subject).toBe('Another time, please: Walk');
  expect(read?.text).toContain('- Tue 24 Nov, 14:00 – 15:00');
  expect(heard(read?.invitation ?? '')).toMatchObject({ method: 'COUNTER', proposals });
});

test('those who are invited hear of it once, of what changes, and of its end', () => {
  const lena = organizer(START);
  const tell = (now: number) => {
    const letters = outgoing(lena.workspace(), sendingOf(ORGANIZER, now));
    for (const { of, then } of letters)
      if (then.kind === 'told')
        lena.change(noteTold.apply(lena.workspace(), { id: of, what: then.what, stamp: then.stamp }));
    return letters.map(({ writing }) => writing.subject);
  };
  expect(tell(START)).toEqual(['Invitation: walk']);
  expect(tell(START + 1000)).toEqual([]);
  lena.rename('Long walk');
  expect(tell(START + 2000)).toEqual(['Changed: Long walk']);
  lena.callOff();
  expect(tell(START + 3000)).toEqual(['Called off: Long walk']);
  expect(tell(START + 4000)).toEqual([]);
  expect(lena.invitation()).toBeUndefined();
});

test('a booking is answered on its page: by mail goes a text that leads there', () => {
  const petra = guest();
  const itip = { ...heard(invitation([])), uid: 'booking-x' };
  petra.hear([{ itip, sender: ORGANIZER.address, at: START }]);
  const request = petra.workspace().requests.get('booking-x');
  if (!request?.event) throw new Error('It was heard.');
  const answer = { kind: 'yes' as const, at: START, hours: '', proposals: [], note: 'See you' };
  const answered = { ...request, answer };
  expect(answerTo(answered)).toBeUndefined();
  expect(
    outgoing(
      { ...petra.workspace(), requests: petra.workspace().requests.with([answered]) },
      sendingOf(GUEST),
    ),
  ).toEqual([]);
  const writing = bookingAnswer(request, answer, 'https://x.example/book/t/x', sendingOf(GUEST));
  expect(writing?.calendar).toBeUndefined();
  expect(writing?.text).toMatch(/^See you\n\nI will come[^]*https:\/\/x\.example\/book\/t\/x$/);
});
