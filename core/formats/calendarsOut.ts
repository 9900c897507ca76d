import { framesOf } from '../frame/holding';
import type { Hue } from '../model/common';
import { plainEvent, type CalendarEvent } from '../model/event';
import type { Block } from '../model/plan';
import { alarmBefore } from '../model/reminder';
import type { RepeatingTask } from '../model/repeating';
import type { Workspace } from '../model/workspace';
import { subjectTitle } from '../tasks/places';
import { inTray } from '../tasks/repeating';
import type { IsoDate, Zone } from '../time/zone';
import { leadsOf } from '../remind/leads';
import { eventsOfFrame } from './frameEvents';
import type { BlockOut, CalendarOut } from './writeCalendar';

/** A repeating task as an event that has the same times. */
export function eventOfRepeating(repeating: RepeatingTask): CalendarEvent {
  const { id, title, start, minutes, rule, without, changedAt } = repeating;
  return {
    ...plainEvent,
    id,
    calendarId: '',
    uid: id,
    title,
    start,
    length: inTray(repeating) ? { days: 1, seconds: 0 } : { days: 0, seconds: minutes * 60 },
    rule,
    without,
    ...(changedAt === undefined ? {} : { changedAt }),
  };
}

/**
 * What goes out as a calendar file: calendars and frames by their ids, and under `blocks` and `tasks` those of the person's
 * own plan, as a calendar of their own. `colourOf` gives the CSS colour name of a hue; frames begin on `today`.
 */
export function calendarsOut(
  workspace: Workspace,
  chosen: ReadonlySet<string>,
  colourOf: (hue: Hue) => string,
  { today, zone }: { readonly today: IsoDate; readonly zone: Zone },
): CalendarOut[] {
  const { calendars, events, tasks, blocks, repeats } = workspace;
  const frames = framesOf(workspace)
    .filter(({ id }) => chosen.has(id))
    .map((frame) => ({
      name: frame.name,
      kept: [],
      color: null,
      events: eventsOfFrame(workspace, frame, today, zone),
      tasks: [],
      blocks: [],
    }));
  const ofCalendars = calendars
    .values()
    .filter(({ id }) => chosen.has(id))
    .map(({ id, name, hue, kept }) => ({
      name,
      kept,
      color: colourOf(hue),
      events: [...(events.parts.get(id)?.values() ?? [])],
      tasks: [],
      blocks: [],
    }));
  const out = [...ofCalendars, ...frames];
  if (!chosen.has('blocks') && !chosen.has('tasks')) return out;
  const blockOut = (block: Block): BlockOut => {
    const task = tasks.get(block.taskId);
    const title = subjectTitle({ kind: 'task', taskId: block.taskId }, workspace);
    return { block, title, leads: task && task.doneAt === null ? leadsOf(workspace, task) : [] };
  };
  const plan: CalendarOut = {
    name: 'My plan',
    kept: [],
    color: null,
    // times of repeating tasks to which nothing has happened go out as the rule that gives them
    events: chosen.has('blocks')
      ? repeats
          .values()
          .map((one) => ({ ...eventOfRepeating(one), reminders: leadsOf(workspace, one).map(alarmBefore) }))
      : [],
    tasks: chosen.has('tasks') ? tasks.values() : [],
    blocks: chosen.has('blocks') ? blocks.values().map(blockOut) : [],
  };
  return [...out, plan];
}
