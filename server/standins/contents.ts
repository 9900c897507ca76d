import type { Errand, Meeting } from './events';

export type Contents = {
  readonly name: string;
  /** It is another person's. */
  readonly around?: boolean;
  /** Where that person is. */
  readonly zone?: string;
  /** It is reached by the account alone, which may write in it. */
  readonly own?: boolean;
  readonly meetings: readonly Meeting[];
};

/** Busy times of a person on the coming days. */
const taken = (who: string, hours: readonly string[]): Meeting[] =>
  hours.map((at, inDays) => ({
    uid: `${who}-${inDays}`,
    title: 'Busy',
    inDays,
    at,
    minutes: 90,
    private: true,
  }));

/** What the calendars of the town hold when it opens. All people and places are made up. */
export const calendars: Readonly<Record<string, Contents>> = {
  partners: {
    name: 'River partners',
    meetings: [
      { uid: 'forum', title: 'Catchment forum', inDays: 1, at: '15:00', minutes: 60, place: 'Mill room' },
      { uid: 'anglers', title: 'Anglers, stocking plan', inDays: 2, at: '10:00', minutes: 45, place: 'Call' },
      { uid: 'culvert', title: 'Culvert walk', inDays: 3, at: '13:00', minutes: 90, place: 'Lower bridge' },
      { uid: 'farms', title: 'Farm visits, spring', inDays: 6, at: '09:30', minutes: 120 },
      {
        uid: 'gauges',
        title: 'Gauge readings',
        inDays: 1,
        at: '08:30',
        minutes: 15,
        rule: 'FREQ=WEEKLY;COUNT=12',
      },
    ],
  },
  'hall-and-van': {
    name: 'Hall and van',
    meetings: [
      { uid: 'van-planting', title: 'Van: planting day', inDays: 2, at: '08:00', minutes: 540 },
      { uid: 'hall-quiz', title: 'Hall: quiz for the weir fund', inDays: 4, at: '18:30', minutes: 180 },
      { uid: 'van-survey', title: 'Van: fish survey', inDays: 5, at: '07:30', minutes: 300 },
    ],
  },
  petra: {
    name: 'Petra, at the trust',
    own: true,
    meetings: [
      {
        uid: 'board',
        title: 'Board, spring budget',
        inDays: 2,
        at: '14:00',
        minutes: 60,
        place: 'Mill room',
      },
      { uid: 'warden', title: 'River warden', inDays: 3, at: '09:00', minutes: 30 },
      { uid: 'school', title: 'School visit, otters', inDays: 7, at: '10:30', minutes: 90 },
    ],
  },
  tomas: { name: 'Tomas Brandt', around: true, meetings: taken('tomas', ['14:00', '09:00', '11:00']) },
  mina: {
    name: 'Mina Aucoin, Halifax',
    around: true,
    zone: 'America/Halifax',
    meetings: taken('mina', ['13:00', '15:30', '14:00']),
  },
  arun: {
    name: 'Arun Das, Pune',
    around: true,
    zone: 'Asia/Kolkata',
    meetings: taken('arun', ['10:00', '12:00', '09:30']),
  },
};

/** The key of what holds tasks. */
export const TRACKER = 'tracker';

/** What lies in the tracker of the trust, whose tasks are shared. */
export const tracker: { readonly name: string; readonly tasks: readonly Errand[] } = {
  name: 'Tracker',
  tasks: [
    { uid: 'tracker-1', title: 'Fence along the spawning ground', inDays: 3 },
    { uid: 'tracker-2', title: 'Answer the canoe club', inDays: 1 },
    { uid: 'tracker-3', title: 'Photographs of the old weir', inDays: 6 },
  ],
};
