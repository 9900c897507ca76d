import { plainZone, type Frame, type FrameHold, type FrameZone, type Target } from '@/core/model/frame';
import { weekOf } from '@/core/time/week';
import { addDays, type IsoDate } from '@/core/time/zone';

const everyDay = [1, 2, 3, 4, 5, 6, 7];
const weekdays = [1, 2, 3, 4, 5];

type Kind = Partial<FrameZone> & Pick<FrameZone, 'name' | 'kind'>;
type Told = Kind & Pick<FrameZone, 'days'>;

/** A zone from one hour to another; `until` may lie on the next day. */
const zone = (from: number, until: number, told: Told): Omit<FrameZone, 'id'> => ({
  ...plainZone,
  from: from * 60,
  minutes: (until - from) * 60,
  ...told,
});

const life = [
  zone(23, 31, { name: 'Sleep', kind: 'sleep', days: everyDay }),
  zone(7.75, 8.5, { name: 'School run', kind: 'duty', days: weekdays }),
  zone(8.5, 9, { name: 'Travel', kind: 'duty', hue: 'clay', days: weekdays }),
  zone(17, 17.5, { name: 'Travel', kind: 'duty', hue: 'clay', days: weekdays, buffer: 15 }),
  zone(18, 19.5, { name: 'Dinner', kind: 'duty', days: everyDay }),
  zone(10, 17, { name: 'Own time', kind: 'own', days: [6, 7] }),
];

const writing: Kind = {
  name: 'Writing',
  kind: 'work',
  category: 'Writing',
  openness: 'guarded',
  energy: 'sharp',
};
const post: Kind = { name: 'Post and small things', kind: 'work', hue: 'berry', energy: 'low' };
const meetings: Kind = { name: 'Meetings', kind: 'work', hue: 'slate', openness: 'open' };
const permits: Kind = { name: 'Permits', kind: 'work', category: 'Permits', lists: ['permits'] };
const fieldwork: Kind = { name: 'Fieldwork', kind: 'work', category: 'Fieldwork', lists: ['surveys'] };
const catchUp = zone(13, 17, {
  name: 'Catch-up',
  kind: 'work',
  hue: 'fern',
  days: [5],
  catchUp: true,
  lines: ['File the receipts', 'Thank the volunteers'],
});

const fieldSeason = [
  ...life,
  zone(9, 11.5, { ...writing, days: [1, 3, 5] }),
  zone(11.5, 13, { ...permits, days: [1, 3, 5] }),
  zone(9, 13, { ...fieldwork, days: [2, 4] }),
  zone(13, 14, { ...post, days: [1, 2, 3, 4] }),
  zone(14, 16, { ...meetings, days: [1, 2, 3, 4] }),
  zone(16, 17, { ...post, days: [1, 2, 3, 4] }),
  catchUp,
];

const winter = [
  ...life,
  zone(9, 12, { ...writing, days: [1, 2, 3, 4] }),
  zone(12, 14, { ...permits, days: [1, 2, 3, 4] }),
  zone(9, 13, { ...fieldwork, days: [5] }),
  zone(14, 16, { ...meetings, days: [1, 2, 3, 4] }),
  zone(16, 17, { ...post, days: [1, 2, 3, 4] }),
  catchUp,
];

const frame = (id: string, name: string, rank: number, zones: readonly Omit<FrameZone, 'id'>[]): Frame => ({
  id,
  name,
  rank,
  zones: zones.map((told, i) => ({ ...told, id: `${id}-${i}` })),
  before: [],
  retired: false,
});

/** The two frames of the office. */
export const frames: readonly Frame[] = [
  frame('field-season', 'Field season', 0, fieldSeason),
  frame('winter', 'Winter', 1, winter),
];

/** What the office wants of its weeks. */
export const targets: readonly Target[] = [
  { id: 'Writing', category: 'Writing', least: 8 * 60, most: null },
  { id: 'Permits', category: 'Permits', least: null, most: 6 * 60 },
];

/** Winter begins in two weeks. */
export const holdsFrom = (today: IsoDate): FrameHold[] => [
  {
    id: 'winter-holds',
    frameId: 'winter',
    from: addDays(weekOf(today, 1), 14),
    until: null,
    how: 'on',
    every: 4,
  },
];
