import { dateOf, instantOf, type Zone } from '../../core/time/zone';
import type { Collection } from './collection';
import { TRACKER } from './contents';
import { errandText, meetingText, moved } from './events';
import type { Post } from './mail/post';

const MINUTE = 60_000;

type Town = {
  readonly calendars: ReadonlyMap<string, Collection>;
  readonly post: Post;
  readonly zone: Zone;
  readonly now: () => number;
};

/** What happens in the town by itself. */
type Happening = { readonly what: string; readonly act: (town: Town, nth: number) => void };

const movesForum: Happening = {
  what: 'the catchment forum moves by an hour',
  act({ calendars, now }, nth) {
    const partners = calendars.get('partners');
    const forum = partners?.get('forum.ics');
    // there and back again, so that it stays within a day
    if (forum) partners?.put('forum.ics', moved(forum.text, nth % 2 === 0 ? -60 : 60, now()));
  },
};

const comesIn: Happening = {
  what: 'a meeting with the bank comes in',
  act({ calendars, zone, now }, nth) {
    const uid = `bank-${nth}`;
    const meeting = { uid, title: 'Bank: bridging loan', inDays: 1, at: '16:30', minutes: 30, place: 'Call' };
    calendars.get('partners')?.put(`${uid}.ics`, meetingText(meeting, zone, now()));
  },
};

const asksForHelp: Happening = {
  what: 'a task comes into the tracker',
  act({ calendars, zone, now }, nth) {
    const errand = { uid: `help-${nth}`, title: `Gravel for reach ${nth + 1}`, inDays: 2 };
    calendars.get(TRACKER)?.put(`${errand.uid}.ics`, errandText(errand, zone, now()));
  },
};

const bankAsks: Happening = {
  what: 'the bank asks for half an hour',
  act: ({ post }) => void post.bankAsks(),
};

const bankCallsOff: Happening = {
  what: 'the bank calls it off',
  act: ({ post }) => void post.bankCallsOff(),
};

/** What happens each day, by its hour in the town, and once so many minutes after it has opened. */
const daily: readonly (readonly [string, Happening])[] = [
  ['10:05', movesForum],
  ['10:40', asksForHelp],
  ['10:40', bankAsks],
  ['15:20', comesIn],
  ['15:40', bankCallsOff],
];
const once: readonly (readonly [number, Happening])[] = [[2, movesForum]];

/** Lets happen what the script has for the time since it was last asked; `opened` is when the town did, epoch ms. */
export function script(town: Town, opened: number) {
  let until = opened;
  let count = 0;
  const due = (now: number): { at: number; happening: Happening }[] => {
    const all = once.map(([minutes, happening]) => ({ at: opened + minutes * MINUTE, happening }));
    // whoever asks after more than two days gets what happened on the last two
    for (let day = Math.max(until, now - 2 * 1440 * MINUTE); day < now + 1440 * MINUTE; day += 1440 * MINUTE)
      for (const [time, happening] of daily)
        all.push({ at: instantOf(`${dateOf(day, town.zone)}T${time}`, town.zone), happening });
    return all.filter(({ at }) => at > until && at <= now).sort((a, b) => a.at - b.at);
  };
  return {
    catchUp(): void {
      const now = town.now();
      for (const { happening } of due(now)) {
        happening.act(town, count);
        count += 1;
      }
      until = Math.max(until, now);
    },
    tells: [
      ...once.map(([minutes, { what }]) => `${minutes} minutes after it opened: ${what}`),
      ...daily.map(([time, { what }]) => `${time}: ${what}`),
    ],
  };
}
