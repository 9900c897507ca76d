import { minutesOfClock } from '../time/wall';
import * as z from '../zod';
import type { Collection } from './collection';
import { openObject, TimeText } from './common';
import { equal } from './equal';
import { DAY_MINUTES, plainZone, type Frame, type FrameZone } from './frame';
import type { Settings } from './settings';

/** The frame that every person has from the start. */
export const FIRST_FRAME = 'first-frame';

/** Working hours, Monday first, null for a day off, as settings told them before there were frames. */
const WorkingWeek = z.array(z.nullable(openObject({ from: TimeText, to: TimeText }))).check(z.length(7));
type WorkingWeek = z.infer<typeof WorkingWeek>;

const office = { from: '09:00', to: '17:00' };
const plainWeek: WorkingWeek = [office, office, office, office, office, null, null];

/** Zones of work for working hours: one for all days that have the same. */
function zonesOf(week: WorkingWeek): FrameZone[] {
  const zones = new Map<string, FrameZone>();
  week.forEach((hours, i) => {
    if (!hours || hours.from >= hours.to) return;
    const key = `${hours.from}–${hours.to}`;
    const from = minutesOfClock(hours.from);
    const zone = zones.get(key) ?? {
      ...plainZone,
      id: `work ${key}`,
      name: 'Work',
      kind: 'work' as const,
      days: [],
      from,
      minutes: Math.min(DAY_MINUTES, minutesOfClock(hours.to) - from),
    };
    zones.set(key, { ...zone, days: [...zone.days, i + 1] });
  });
  return [...zones.values()];
}

/** A first frame of working hours: Monday to Friday from nine to five, unless others are known. */
export const firstFrame = (week: WorkingWeek = plainWeek): Frame => ({
  id: FIRST_FRAME,
  name: 'My week',
  zones: zonesOf(week),
  before: [],
  retired: false,
  rank: 0,
});

/** Whether a frame is as everybody has it at first, never changed. */
export const isUntouched = ({ id, zones, before, hours }: Frame): boolean =>
  id === FIRST_FRAME && before.length === 0 && hours === undefined && equal(zones, zonesOf(plainWeek));

type Framed = { readonly settings: Settings; readonly frames: Collection<Frame> };

/**
 * The workspace with a frame: without any it gets the first one. Working hours that older settings told become its zones,
 * and are told there no more.
 */
export function withFrame<W extends Framed>(workspace: W): W {
  if (workspace.frames.size > 0) return workspace;
  // a field that the settings have no more is kept by them as it came
  const { workingHours, ...settings } = workspace.settings as Settings & {
    workingHours?: unknown;
  };
  const week = WorkingWeek.safeParse(workingHours);
  return {
    ...workspace,
    settings: workingHours === undefined ? workspace.settings : settings,
    frames: workspace.frames.with([firstFrame(week.data)]),
  };
}
