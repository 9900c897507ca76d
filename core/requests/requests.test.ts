import * as fc from 'fast-check';
import { runs } from '../fixtures/runs';
import { guest, GUEST, heard, invitation, organizer, ORGANIZER } from '../fixtures/invited';
import { addEvent } from '../commands/events';
import { at, meeting } from '../fixtures/make';
import { answerOfGuest } from './invite';
import { outgoing } from './outgoing';
import { eventOf, received } from './receive';
import { hoursMark } from './revision';

const START = at('08:00');

type Turn =
  | { readonly who: 'organizer'; readonly what: 'move' | 'rename' | 'stay' | 'off'; readonly hour: number }
  | { readonly who: 'guest'; readonly what: 'yes' | 'maybe' | 'no' | 'other' }
  | { readonly who: 'post'; readonly which: number; readonly twice: boolean };

const turn: fc.Arbitrary<Turn> = fc.oneof(
  {
    weight: 2,
    arbitrary: fc.record({
      who: fc.constant('organizer' as const),
      what: fc.constantFrom('move', 'move', 'rename', 'stay', 'off'),
      hour: fc.integer({ min: 10, max: 11 }),
    }),
  },
  {
    weight: 3,
    arbitrary: fc.record({
      who: fc.constant('guest' as const),
      what: fc.constantFrom('yes', 'maybe', 'no', 'other'),
    }),
  },
  {
    weight: 6,
    arbitrary: fc.record({ who: fc.constant('post' as const), which: fc.nat(20), twice: fc.boolean() }),
  },
);

/** Two people and the letters between them, which arrive in any order, late and doubled. */
function correspondence() {
  const [lena, petra] = [organizer(START), guest()];
  const post: { to: 'lena' | 'petra'; text: string }[] = [];
  let now = START;
  const collect = () => {
    now += 1000;
    post.push(...lena.letters(now).map((text) => ({ to: 'petra' as const, text })));
    post.push(...petra.letters().map((text) => ({ to: 'lena' as const, text })));
  };
  const deliver = ({ to, text }: (typeof post)[number]) => {
    const letter = { itip: heard(text), at: now, sender: (to === 'lena' ? GUEST : ORGANIZER).address };
    (to === 'lena' ? lena : petra).hear([letter]);
  };
  return { lena, petra, post, collect, deliver, now: () => now };
}

test(
  'whatever order letters come in, doubled and late: both sides end with the same hours, and the same answer',
  () => {
    fc.assert(
      fc.property(fc.array(turn, { maxLength: 25 }), (turns) => {
        const { lena, petra, post, collect, deliver, now } = correspondence();
        const delivered: typeof post = [];
        let isOff = false;
        collect();
        for (const one of turns) {
          if (one.who === 'organizer' && !isOff) {
            if (one.what === 'move') lena.move(`2026-11-24T${String(one.hour).padStart(2, '0')}:00:00`);
            else if (one.what === 'rename') lena.rename(`Walk ${now()}`);
            else if (one.what === 'stay') lena.stay();
            else {
              lena.callOff();
              isOff = true;
            }
          } else if (one.who === 'guest') {
            const proposals =
              one.what === 'other'
                ? [15, 16, 17].map((hour) => ({ start: at(`${hour}:00`), minutes: 60 }))
                : [];
            petra.answer(one.what, now() + 500, proposals);
          } else if (one.who === 'post' && post.length > 0) {
            const [letter] = post.splice(one.which % post.length, 1);
            if (letter) {
              deliver(letter);
              if (one.twice) post.push(letter);
              delivered.push(letter);
            }
          }
          collect();
        }
        // all that was written arrives in the end, the oldest last
        while (post.length > 0) {
          const letter = post.pop();
          if (letter) deliver(letter);
          collect();
        }
        for (const late of delivered) deliver(late);
        collect();
        expect(post).toEqual([]);

        const [request, invitation] = [petra.request(), lena.invitation()];
        if (isOff) {
          // what was never sent need not be called off
          expect(petra.standing() ?? 'off').toBe('off');
          expect(petra.event()?.cancelled ?? true).toBe(true);
          return;
        }
        const [asked, own] = [request && eventOf(request), lena.event()];
        expect(asked && hoursMark(asked)).toBe(own && hoursMark(own));
        expect(asked?.title).toBe(own?.title);
        const [one] = invitation?.guests ?? [];
        const answer = one && invitation && answerOfGuest(invitation, one);
        expect(answer?.kind ?? 'asked').toBe(petra.standing());
        expect(answer?.proposals.length ?? 0).toBe(petra.standing() === 'other' ? 3 : 0);
        const comes = ['yes', 'maybe'].includes(petra.standing() ?? '');
        // what moved after it was answered stays in sight until it is answered again
        if (petra.standing() !== 'asked') expect(petra.event() !== undefined).toBe(comes);
      }),
      { numRuns: runs(150) },
    );
  },
  runs(20_000),
);

test('somebody else than whoever asked neither moves a meeting nor calls it off', () => {
  const petra = guest();
  const hear = (text: string, sender: string) => petra.hear([{ itip: heard(text), sender, at: START }]);
  hear(invitation([]), ORGANIZER.address);
  petra.answer('yes', START);
  const before = petra.workspace();
  hear(invitation(['SEQUENCE:9'], 'CANCEL'), 'mallory@else.example');
  const usurped = invitation(['SEQUENCE:9']).replaceAll('lena@river.example', 'mallory@else.example');
  hear(usurped, 'mallory@else.example');
  hear(
    invitation(['SEQUENCE:9']).replace('CN=Lena Fisk', 'SENT-BY="mailto:mallory@else.example"'),
    'mallory@else.example',
  );
  expect(petra.workspace()).toBe(before);
  hear(invitation(['SEQUENCE:1'], 'CANCEL'), ORGANIZER.address);
  expect([petra.standing(), petra.event()?.cancelled]).toEqual(['off', true]);
});

test('nobody takes over a meeting of one’s own by its name', () => {
  const petra = guest();
  const calendar = { id: 'c', name: 'Mine', source: '', hue: 'reed' as const, kept: [] };
  const own = meeting('walk', '09:00', 30, { id: 'c/walk', title: 'My own walk' });
  petra.change(addEvent.apply(petra.workspace(), { event: own, calendar }));
  const before = petra.workspace();
  petra.hear([{ itip: heard(invitation([])), sender: ORGANIZER.address, at: START }]);
  expect(petra.workspace()).toBe(before);
});

test('nobody answers in the name of somebody else', () => {
  const [lena, petra] = [organizer(START), guest()];
  const [text = ''] = lena.letters(START);
  petra.hear([{ itip: heard(text), sender: ORGANIZER.address, at: START }]);
  petra.answer('no', START);
  const [reply = ''] = petra.letters();
  const before = lena.workspace();
  lena.hear([{ itip: heard(reply), sender: 'mallory@else.example', at: START }]);
  expect(lena.workspace()).toBe(before);
  lena.hear([{ itip: heard(reply), sender: GUEST.address.toUpperCase(), at: START }]);
  expect(lena.event()?.attendees[0]?.answer).toBe('no');
});

test('a sequence that goes back changes nothing, and says why', () => {
  const itip = (sequence: number) => heard(invitation([`SEQUENCE:${sequence}`]));
  const first = received(undefined, { itip: itip(3), sender: ORGANIZER.address, at: START }, []);
  const request = first.kind === 'taken' ? first.request : undefined;
  expect(received(request, { itip: itip(2), sender: ORGANIZER.address, at: START }, [])).toEqual({
    kind: 'refused',
    why: 'older',
  });
  expect(received(request, { itip: itip(3), sender: ORGANIZER.address, at: START }, [])).toEqual({
    kind: 'known',
  });
});

test('single times of what repeats are called off, moved and added, also before the whole is known', () => {
  const petra = guest();
  const hear = (text: string) => petra.hear([{ itip: heard(text), sender: ORGANIZER.address, at: START }]);
  const instance = (method: string, lines: string[]) => invitation(['SEQUENCE:1', ...lines], method);
  hear(instance('CANCEL', ['RECURRENCE-ID:20261201T100000Z']));
  expect(petra.standing()).toBe('partly');
  hear(invitation(['RRULE:FREQ=WEEKLY;COUNT=4']));
  hear(
    instance('REQUEST', ['RECURRENCE-ID:20261208T100000Z'])
      .replace('DTSTART:20261124T100000Z', 'DTSTART:20261208T140000Z')
      .replace('DTEND:20261124T110000Z', 'DTEND:20261208T150000Z'),
  );
  hear(instance('ADD', []).replaceAll('20261124T1', '20261126T1'));
  petra.answer('yes', START);
  const event = petra.event();
  expect(event?.without).toEqual(['2026-12-01T10:00:00']);
  expect(event?.exceptions.map(({ recurrence, start }) => [recurrence, start.wall])).toEqual([
    ['2026-12-08T10:00:00', '2026-12-08T14:00:00'],
  ]);
  expect(event?.also.map(({ wall }) => wall)).toEqual(['2026-11-26T10:00:00']);
});

test('who knows a part alone asks for the whole, once, and gets it', () => {
  const { lena, petra } = correspondence();
  lena.letters(START);
  const part = heard(invitation(['SEQUENCE:1', 'RECURRENCE-ID:20261201T100000Z'], 'CANCEL'));
  petra.hear([{ itip: part, sender: ORGANIZER.address, at: START }]);
  const sending = { own: GUEST, zone: 'Europe/London', now: START + 5000, style: petra.workspace().settings };
  const [letter] = outgoing(petra.workspace(), sending);
  const refresh = { itip: heard(letter?.writing.calendar?.text ?? ''), sender: GUEST.address, at: START };
  lena.hear([refresh]);
  const again = lena.letters(START + 9000);
  expect(again).toHaveLength(1);
  lena.hear([refresh]);
  expect(lena.letters(START + 12_000)).toEqual([]);
  petra.hear([{ itip: heard(again[0] ?? ''), sender: ORGANIZER.address, at: START }]);
  expect(petra.standing()).toBe('asked');
});

test('three times that are proposed go out in one message, and come in again', () => {
  const petra = guest();
  petra.hear([{ itip: heard(invitation([])), sender: ORGANIZER.address, at: START }]);
  const proposals = ['14:00', '15:00', '16:30'].map((time) => ({ start: at(time), minutes: 45 }));
  petra.answer('other', START, proposals);
  const [text = ''] = petra.letters();
  const counter = heard(text);
  expect([counter.method, counter.proposals, counter.stamp]).toEqual(['COUNTER', proposals, START]);
  expect(petra.letters()).toEqual([]);
});

test('answers of two devices: the later one holds on both sides, whichever arrives first', () => {
  for (const order of [
    [0, 1],
    [1, 0],
  ]) {
    const [lena, petra] = [organizer(START), guest()];
    const [text = ''] = lena.letters(START);
    petra.hear([{ itip: heard(text), sender: ORGANIZER.address, at: START }]);
    const letters = (['no', 'yes'] as const).flatMap((kind, i) => {
      petra.answer(kind, START + 1000 * (i + 1));
      return petra.letters();
    });
    for (const i of order) lena.hear([{ itip: heard(letters[i] ?? ''), sender: GUEST.address, at: START }]);
    const known = lena.invitation();
    const [one] = known?.guests ?? [];
    expect(known && one && answerOfGuest(known, one)?.kind).toBe('yes');
  }
});
