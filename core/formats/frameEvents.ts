import { plainEvent, type CalendarEvent } from '../model/event';
import type { Frame, FrameZone } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { clockOf } from '../time/wall';
import { addDays, weekdayOf, type IsoDate, type Zone } from '../time/zone';

/** Weekdays as RFC 5545 3.3.10 names them, Monday first. */
const NAMES = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

/** The zones of a frame as weekly events that take no time, from the week of `from` on, each with its category. */
export function eventsOfFrame(
  workspace: Workspace,
  frame: Frame,
  from: IsoDate,
  zone: Zone,
): CalendarEvent[] {
  const eventOf = (of: FrameZone): CalendarEvent => {
    const first = Array.from({ length: 7 }, (_, i) => addDays(from, i)).find((date) =>
      of.days.includes(weekdayOf(date)),
    );
    const category = workspace.categories.get(of.category ?? '')?.name;
    return {
      ...plainEvent,
      id: of.id,
      calendarId: '',
      uid: `${frame.id}/${of.id}`,
      title: of.name,
      notes: of.lines.join('\n'),
      categories: category === undefined ? [] : [category],
      busy: false,
      start: { wall: `${first ?? from}T${clockOf(of.from)}:00`, zone },
      length: { days: 0, seconds: of.minutes * 60 },
      rule: `FREQ=WEEKLY;BYDAY=${of.days.map((day) => NAMES[day - 1]).join(',')}`,
    };
  };
  return frame.zones.filter(({ days }) => days.length > 0).map(eventOf);
}
