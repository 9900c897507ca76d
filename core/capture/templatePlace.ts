import type { Template } from '../model/template';
import type { Workspace } from '../model/workspace';
import { stretchesWhere } from '../frame/belonging';
import { pockets, quarterFrom } from '../plan/placing';
import { lengthOfTask } from '../tasks/newTask';
import { intersect, MINUTE, type Span } from '../time/span';
import { addDays, dateOf, datesFrom, instantOf, type Zone } from '../time/zone';
import type { QuickLine } from './quickLine';
import { templateOf, valueOf, type QuickTask } from './quickTask';

/** How many days are looked through for room. */
const DAYS = 7;

/** The hours of a template on a day; those that end before they begin go over midnight. */
function hoursOn({ hours }: Template, date: string, zone: Zone): Span | null {
  if (!hours) return null;
  const end = hours.to > hours.from ? date : addDays(date, 1);
  return { from: instantOf(`${date}T${hours.from}`, zone), to: instantOf(`${end}T${hours.to}`, zone) };
}

/**
 * The task of a line that names a template and tells no hour, with a place: the first room within the hours of the template,
 * and in its zone before others, on the day that is told or in the week from `now` (epoch ms) on. Where there is none it goes to the first of those hours,
 * to be judged like any other.
 */
export function placedByTemplate(
  quick: QuickTask,
  line: QuickLine,
  workspace: Workspace,
  { now, zone }: { readonly now: number; readonly zone: Zone },
): QuickTask {
  const template = templateOf(line, workspace);
  const when = valueOf(line, 'when');
  if (!template || template.day || when?.time) return quick;
  const minutes = lengthOfTask(quick.task);
  const at = (start: number): QuickTask => ({ ...quick, goes: { kind: 'hours', start, minutes } });
  if (quick.comes) {
    const date = quick.comes.start.wall.slice(0, 10);
    if (!template.hours) return quick;
    const start = { wall: `${date}T${template.hours.from}:00`, zone };
    return { ...at(instantOf(start.wall, zone)), comes: { ...quick.comes, start } };
  }
  const today = dateOf(now, zone);
  const days = when ? [when.date] : datesFrom(today, DAYS);
  for (const date of days) {
    const hours = hoursOn(template, date, zone);
    const free = pockets(workspace, date, zone, now);
    const within = hours ? intersect(free, [hours]) : free;
    const meant = stretchesWhere(workspace, date, zone, ({ name }) => name === template.inZone);
    const room = [...intersect(within, meant), ...within]
      .map(({ from, to }) => ({ from: quarterFrom(from), to }))
      .find(({ from, to }) => to - from >= minutes * MINUTE);
    if (room) return at(room.from);
  }
  const ahead = days.flatMap((date) => hoursOn(template, date, zone) ?? []).find(({ from }) => from >= now);
  return ahead ? at(ahead.from) : quick;
}
