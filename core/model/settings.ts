import * as z from '../zod';
import { Id, openObject, ZoneName } from './common';

export const Settings = openObject({
  theme: z.enum(['system', 'light', 'dark']),
  clock: z.union([z.literal(12), z.literal(24)]),
  /** The day that a week begins on: 1 is Monday, 7 is Sunday. */
  weekStart: z._default(z.int().check(z.gte(1), z.lte(7)), 1),
  /** A second time zone beside the ruler. */
  secondZone: z._default(z.nullable(ZoneName), null),
  /** What gives tasks their hue. */
  colourBy: z._default(z.enum(['list', 'category', 'priority', 'state']), 'list'),
  /** The zones of the frame are drawn behind the days. */
  showZones: z._default(z.boolean(), true),
  /** The view of several days goes from one working day to the next. */
  skipDaysOff: z._default(z.boolean(), false),
  /** What the plan leaves out of sight. */
  leftOut: z._default(openObject({ lists: z.array(Id), categories: z.array(Id), done: z.boolean() }), {
    lists: [],
    categories: [],
    done: false,
  }),
});
export type Settings = z.infer<typeof Settings>;

export const defaultSettings: Settings = {
  theme: 'system',
  clock: 24,
  weekStart: 1,
  secondZone: null,
  colourBy: 'list',
  showZones: true,
  skipDaysOff: false,
  leftOut: { lists: [], categories: [], done: false },
};

/** The settings without what points at records that are deleted; the very same when nothing does. */
export function forgottenInSettings(
  settings: Settings,
  collection: string,
  ids: readonly string[],
): Settings {
  const { leftOut } = settings;
  if (collection !== 'lists' && collection !== 'categories') return settings;
  const kept = leftOut[collection].filter((id) => !ids.includes(id));
  return kept.length === leftOut[collection].length
    ? settings
    : { ...settings, leftOut: { ...leftOut, [collection]: kept } };
}
