import type { Who } from '../../../core/model/request';
import { readItip, attendeeLine, type Itip, type Method } from '../../../core/requests/itip';
import { MINUTE } from '../../../core/time/span';
import { dateOf, instantOf, type Zone } from '../../../core/time/zone';
import { workingDay } from '../events';
import { answerLetter, askingLetter, plainLetter, type Asking } from './letters';
import type { Mail, Mailbox } from './mailbox';

const LENA: Who = { name: 'Lena Fisk', address: 'lena@fisheries.example' };
const TOMAS: Who = { name: 'Tomas Brandt', address: 'tomas@trust.example' };
const MINA: Who = { name: 'Mina Aucoin', address: 'mina@river.example' };
const ARUN: Who = { name: 'Arun Das', address: 'arun@river.example' };
const CLUB: Who = { name: 'Canoe club', address: 'hello@canoes.example' };
const BANK: Who = { name: 'Orla Finn, bank', address: 'orla@bank.example' };

/** What a colleague does who is invited; others come. */
const habits: Readonly<Record<string, 'declines' | 'proposes'>> = {
  [TOMAS.address]: 'declines',
  [MINA.address]: 'proposes',
};

/** How long after a letter of hers somebody in the town answers by themselves, in ms. */
const ANSWERS_AFTER = MINUTE;

type Asked = Asking & { readonly answer: string; readonly proposals: Itip['proposals'] };
type Place = { readonly box: Mailbox; readonly zone: Zone; readonly now: () => number };

/** Those of the town who write to Petra, ask for her time, and answer what she sends. */
export function post({ box, zone, now }: Place) {
  const asked = new Map<string, Asked>();
  /** What somebody is going to do, and when. */
  const due: { readonly at: number; readonly act: () => Promise<void> }[] = [];
  let count = 0;
  /** Later than any letter before, by a second at least, as stamps know no less. */
  let last = 0;
  const stamp = () => (last = Math.max(Math.floor(now() / 1000) * 1000, last + 1000));
  const arrive = async (raw: string, keywords: readonly string[] = []) =>
    void (await box.put({ raw, folder: 'inbox', keywords }));

  async function tell(asking: Asked, method: Parameters<typeof askingLetter>[1]): Promise<void> {
    asked.set(asking.uid, asking);
    await arrive(askingLetter(asking, method, zone));
  }

  const at = (inDays: number, time: string) =>
    instantOf(`${workingDay(dateOf(now(), zone), inDays)}T${time}`, zone);

  const ask = (by: Who, title: string, start: number, minutes: number, place = 'Mill room') =>
    tell(
      {
        ...{ uid: `ask-${(count += 1)}@town.example`, by, title, start, minutes, place },
        ...{ sequence: 0, stamp: stamp(), answer: 'not yet', proposals: [] },
      },
      'REQUEST',
    );

  const write = (from: Who, subject: string, text: string, keywords: readonly string[] = []) =>
    arrive(plainLetter(from, subject, text, stamp(), (count += 1)), keywords);

  const plays: Readonly<Record<string, (asking: Asked) => Promise<void>>> = {
    later: (asking) =>
      tell(
        {
          ...asking,
          start: asking.start + 60 * MINUTE,
          sequence: asking.sequence + 1,
          stamp: stamp(),
          answer: 'not yet',
          proposals: [],
        },
        'REQUEST',
      ),
    cancel: (asking) =>
      tell({ ...asking, sequence: asking.sequence + 1, stamp: stamp(), answer: 'called off' }, 'CANCEL'),
    agree(asking) {
      const [best] = asking.proposals;
      if (!best) return Promise.resolve();
      const { start, minutes } = best;
      return tell(
        {
          ...asking,
          start,
          minutes,
          sequence: asking.sequence + 1,
          stamp: stamp(),
          answer: 'moved as proposed',
          proposals: [],
        },
        'REQUEST',
      );
    },
    refuse: (asking) =>
      tell({ ...asking, stamp: stamp(), answer: 'proposals refused', proposals: [] }, 'DECLINECOUNTER'),
    /** One more time of it, a day later. */
    add: (asking) =>
      arrive(
        askingLetter(
          { ...asking, start: asking.start + 1440 * MINUTE, sequence: asking.sequence + 1, stamp: stamp() },
          'ADD',
          zone,
        ),
      ),
    again: (asking) => tell({ ...asking }, 'REQUEST'),
  };

  /** Somebody answers an invitation of hers. */
  async function answer(who: Who, itip: Itip): Promise<void> {
    const { event, sequence, organizer } = itip;
    if (!event || !organizer) return;
    const habit = habits[who.address];
    const method: Method = habit === 'proposes' ? 'COUNTER' : 'REPLY';
    const start = instantOf(event.start.wall, event.start.zone ?? zone) + 60 * MINUTE;
    const minutes = Math.round(event.length.seconds / 60) || 60;
    const attendees = [attendeeLine(who, habit === 'declines' ? 'no' : habit ? 'maybe' : 'yes', false)];
    const saying = {
      ...{ event, sequence, organizer, attendees, stamp: stamp() },
      ...(method === 'COUNTER' && {
        proposals: [{ start, minutes }],
        comment: 'An hour later would suit me.',
      }),
    };
    await arrive(answerLetter(who, { event: saying, method, to: organizer.address }, saying.stamp));
  }

  /** What a letter of hers sets going. */
  function received(itip: Itip, to: readonly Who[]): void {
    const asking = asked.get(itip.uid);
    const then = (act: () => Promise<void>) => due.push({ at: now() + ANSWERS_AFTER, act });
    if (itip.method === 'REQUEST') for (const who of to) then(() => answer(who, itip));
    if (!asking) return;
    if (itip.method === 'REFRESH') then(() => tell(asking, 'REQUEST'));
    if (itip.method === 'COUNTER') {
      asked.set(asking.uid, { ...asking, answer: 'another time, please', proposals: itip.proposals });
      then(async () => {
        const one = asked.get(asking.uid);
        if (one && one.proposals.length > 0) await plays.agree?.(one);
      });
    }
    if (itip.method === 'REPLY')
      asked.set(asking.uid, { ...asking, answer: itip.attendees[0]?.answer ?? 'not yet' });
  }

  return {
    plays,
    ask,
    write,
    asked: () => [...asked.values()].sort((a, b) => a.start - b.start),
    get: (uid: string) => asked.get(uid),
    at,
    /** A message has been sent from the mailbox. */
    sent({ read }: Mail): void {
      const calendar = read.attachments.find(({ mimeType }) => mimeType === 'text/calendar');
      const itip = calendar && readItip(String(calendar.content), zone);
      const to = (read.to ?? []).map(({ name, address }) => ({ name, address: address ?? '' }));
      if (itip && 'method' in itip) received(itip, to);
    },
    /** Lets those answer whose time has come, or all at once. */
    async answerDue(all = false): Promise<void> {
      const ready = due.filter((one) => all || one.at <= now());
      for (const one of ready) {
        due.splice(due.indexOf(one), 1);
        await one.act();
      }
    },
    /** What lies in the mailbox when the town opens. */
    async open(): Promise<void> {
      await write(
        MINA,
        'Gauge readings for the report',
        'Dear Petra,\n\nthe readings of the upper gauge are in. Could you check the ones of May before the grant report goes out on Friday?\n\nMina',
        ['$seen', '$flagged'],
      );
      await write(
        CLUB,
        'Is the portage open?',
        'Hello,\n\nwe plan our winter tour. Can you tell us by Thursday whether the portage at the old weir stays open?\n\nThe canoe club',
      );
      await write(
        ARUN,
        'An hour for the culvert drawings',
        'Dear Petra,\n\ncould you spare an hour this week to go through the culvert drawings with me? It would take about 60 minutes.\n\nArun',
      );
      await ask(LENA, 'Fish pass: site visit', at(2, '10:00'), 90, 'Lower bridge');
    },
    bankAsks: () => ask(BANK, 'Bank: flood cover', at(1, '16:30'), 30, 'Call'),
    bankCallsOff: async () => {
      const asking = [...asked.values()].findLast(({ by }) => by === BANK);
      if (asking && asking.answer !== 'called off') await plays.cancel?.(asking);
    },
  };
}

export type Post = ReturnType<typeof post>;
