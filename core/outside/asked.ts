import type { Id } from '../model/common';
import type { CalendarEvent } from '../model/event';
import type { Workspace } from '../model/workspace';
import { occurrenceAt } from '../calendar/occurrences';
import { ruleWords } from '../calendar/repeat';
import { lengthOf } from '../time/span';
import { durationWords, whenWords } from '../time/words';
import { markOfEvent } from './items';
import type { At } from './newsWords';
import { readThings } from './readThings';
import { recordOf } from './settling';

/*
 * What both sides of a calendar of an account have changed, or one has changed and the other removed, so that the person is asked.
 */

export type Asked = {
  /** The counterpart that it is about. */
  readonly id: Id;
  readonly kind: 'event' | 'task';
  readonly title: string;
  /** The calendar, by its name. */
  readonly calendar: string;
  /** What stands here and there; undefined where it is gone. */
  readonly here?: CalendarEvent | undefined;
  readonly there?: CalendarEvent | undefined;
  /** The mark of what stands there. */
  readonly mark: string;
};

/** All that is asked about, in the order of its titles; `home` is the person's zone. */
export function askedAbout(workspace: Workspace, home: string): Asked[] {
  const asked = workspace.counterparts.values().flatMap(({ id, calendarId, kind, of, theirs }): Asked[] => {
    if (!theirs || kind === 'block') return [];
    const calendar = workspace.calendars.get(calendarId)?.name ?? '';
    if (kind === 'task')
      return [{ ...{ id, kind, calendar }, title: workspace.tasks.get(of)?.title ?? '', mark: '' }];
    const { etag, text } = theirs;
    const [read] = etag === null ? [] : readThings([{ name: '', etag, text }], home);
    const there = read?.event && recordOf(workspace, calendarId, read.event);
    const here = workspace.events.get(of);
    const mark = there ? markOfEvent(there) : '';
    return [{ ...{ id, kind, calendar, here, there, mark }, title: (here ?? there)?.title ?? '' }];
  });
  return asked.sort((a, b) => a.title.localeCompare(b.title));
}

/** In what two sides differ, a row for each field: what it says here, and what there. */
export type Difference = { readonly what: string; readonly here: string; readonly there: string };

/** The fields of an event in which two sides may differ, as they are shown. */
function shown(event: CalendarEvent, { today, zone, style }: At): Record<string, string> {
  const only = occurrenceAt(event, event.start.wall, zone);
  const { location, notes, rule, attendees, cancelled } = event;
  return {
    Title: event.title,
    When: whenWords(only.from, today, zone, style),
    Length: durationWords(lengthOf(only)),
    Place: location || 'none',
    Repeats: rule === null ? 'no' : ruleWords(rule, event.start.wall.slice(0, 10), style),
    Notes: notes || 'none',
    'Who comes': attendees.map(({ name, address }) => name || address).join(', ') || 'nobody',
    Cancelled: cancelled ? 'yes' : 'no',
  };
}

/** In what the two sides of an event differ; a line for what is not told one by one. */
export function differences(here: CalendarEvent, there: CalendarEvent, at: At): Difference[] {
  const [ours, theirs] = [shown(here, at), shown(there, at)];
  const rows = Object.keys(ours).map((what) => ({
    what,
    here: ours[what] ?? '',
    there: theirs[what] ?? '',
  }));
  const told = rows.filter((row) => row.here !== row.there);
  return told.length > 0 ? told : [{ what: 'Details', here: 'as you left them', there: 'otherwise' }];
}
