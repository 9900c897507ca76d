import { z } from 'zod';
import { isZone } from '../time/zone';
import { Id, TimeText } from './common';

/** Working hours of one weekday, or null for a day off. */
const Hours = z.object({ from: TimeText, to: TimeText }).nullable();
export type Hours = z.infer<typeof Hours>;

export const Settings = z.object({
  theme: z.enum(['system', 'light', 'dark']),
  clock: z.union([z.literal(12), z.literal(24)]),
  /** Monday first. */
  workingHours: z.array(Hours).length(7),
  /** The day that a week begins on: 1 is Monday, 7 is Sunday. */
  weekStart: z.number().int().min(1).max(7).default(1),
  /** A second time zone beside the ruler. */
  secondZone: z.string().refine(isZone, 'is no time zone').nullable().default(null),
  /** What gives tasks their hue. */
  colourBy: z.enum(['list', 'category', 'priority', 'state']).default('list'),
  /** What the plan leaves out of sight. */
  leftOut: z
    .object({ lists: z.array(Id), categories: z.array(z.string()), done: z.boolean() })
    .default({ lists: [], categories: [], done: false }),
});
export type Settings = z.infer<typeof Settings>;

const office: Hours = { from: '09:00', to: '17:00' };
export const defaultSettings: Settings = {
  theme: 'system',
  clock: 24,
  workingHours: [office, office, office, office, office, null, null],
  weekStart: 1,
  secondZone: null,
  colourBy: 'list',
  leftOut: { lists: [], categories: [], done: false },
};
