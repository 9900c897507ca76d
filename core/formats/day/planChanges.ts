import { occurrencesShown } from '../../calendar/layers';
import type { Block, TrayItem } from '../../model/plan';
import type { Task } from '../../model/task';
import type { Workspace } from '../../model/workspace';
import { dayPlan } from '../../plan/dayPlan';
import { heldTasks } from '../../plan/group';
import { spanOfBlock, taskOf } from '../../tasks/places';
import type { Span } from '../../time/span';
import type { IsoDate, Zone } from '../../time/zone';
import { takingFrom, type AskedDay, type DayChange, type DayChanges, type DayProblem } from './change';
import { hoursInLine, plainTitle, spanOfHours, type LineHours, type PlanLine } from './text';

/** What has a place on the day: where, of which task, and its hours as a line has them; null in the tray. */
type Placed = { readonly place: Block | TrayItem; readonly task: Task; readonly hours: string | null };

export function placedOn({ workspace, date, zone }: AskedDay): Placed[] {
  const plan = dayPlan(workspace, date, zone);
  const of = (place: Block | TrayItem, hours: string | null): Placed[] => {
    const task = taskOf(workspace, place.taskId);
    return task ? [{ place, task, hours }] : [];
  };
  return [
    ...plan.blocks
      .filter(({ start }) => start >= plan.span.from)
      .flatMap((block) => of(block, hoursInLine(spanOfBlock(block), zone))),
    ...plan.tray.flatMap((item) => of(item, null)),
  ];
}

const textOfHours = (hours: LineHours, date: IsoDate, zone: Zone) =>
  hoursInLine(spanOfHours(hours, date, zone), zone);

/** What the lines of the plan change. */
export function ofPlan(day: AskedDay, lines: readonly PlanLine[]): DayChanges {
  const { workspace, date, zone } = day;
  const changes: DayChange[] = [];
  const open = placedOn(day);
  const own = lines.filter(({ done, held }) => done !== null && !held);
  const take = takingFrom(open);
  const hoursOf = ({ hours }: PlanLine) => hours && textOfHours(hours, date, zone);
  const isNamed = (line: PlanLine) => (placed: Placed) =>
    plainTitle(placed.task.title) === plainTitle(line.title);
  // what stands where it stood is found first, so that of two blocks of one task the right one moves
  const still = new Map(
    own.map((line) => [line, take((placed) => isNamed(line)(placed) && placed.hours === hoursOf(line))]),
  );
  const found = new Map<PlanLine, Placed | undefined>();
  for (const line of own) {
    const placed =
      still.get(line) ??
      take((one) => isNamed(line)(one) && (one.hours === null) === (line.hours === null)) ??
      take(isNamed(line));
    found.set(line, placed);
    const task = placed?.task ?? named(workspace, line.title);
    const to = line.hours && spanOfHours(line.hours, date, zone);
    if (!still.get(line)) changes.push(placing(line, placed, task, to));
    if (task && line.done !== (task.doneAt !== null))
      changes.push({ kind: 'done', title: task.title, taskId: task.id, done: line.done === true });
  }
  for (const { place, task } of open)
    changes.push({ kind: 'off', title: task.title, from: 'start' in place ? 'hours' : 'tray', id: place.id });
  const held = ofHeld(day, lines, found);
  const stone = ofKeystone(day, own, found);
  return {
    changes: [...changes, ...held.changes, ...stone],
    problems: [...ofMeetings(day, lines), ...held.problems],
  };
}

/** The task that a line means which has no place on the day. */
const named = ({ tasks }: Workspace, title: string): Task | undefined =>
  tasks.values().find((task) => task.doneAt === null && plainTitle(task.title) === plainTitle(title));

function placing(
  line: PlanLine,
  placed: Placed | undefined,
  task: Task | undefined,
  to: Span | null,
): DayChange {
  if (!task) return { kind: 'new', title: line.title, to, done: line.done === true };
  const { id: taskId, title } = task;
  const place = placed?.place;
  if (!to) return { kind: 'lay', title, taskId, ...(place && 'start' in place ? { blockId: place.id } : {}) };
  if (place && 'start' in place) return { kind: 'move', title, blockId: place.id, to };
  return { kind: 'place', title, taskId, ...(place ? { trayId: place.id } : {}), to };
}

/** Meetings are only read along: a line that is none of the day’s is named. */
function ofMeetings({ workspace, date, zone }: AskedDay, lines: readonly PlanLine[]): DayProblem[] {
  const there = new Set(
    occurrencesShown(workspace, date, zone).map(
      (event) => `${hoursInLine(event, zone)} ${plainTitle(event.title)}`,
    ),
  );
  return lines
    .filter(({ done, hours }) => done === null && hours !== null)
    .filter(
      ({ hours, title }) => hours && !there.has(`${textOfHours(hours, date, zone)} ${plainTitle(title)}`),
    )
    .map(({ line, title }) => ({ line, text: title, why: 'meeting' }));
}

/** Of what a group block holds only the ticks count. */
function ofHeld(
  { workspace }: AskedDay,
  lines: readonly PlanLine[],
  found: ReadonlyMap<PlanLine, Placed | undefined>,
): DayChanges {
  const changes: DayChange[] = [];
  const problems: DayProblem[] = [];
  let tasks: readonly Task[] = [];
  for (const line of lines) {
    if (!line.held) {
      const place = found.get(line)?.place;
      tasks = place && 'start' in place ? heldTasks(place, workspace) : [];
      continue;
    }
    const task = tasks.find(({ title }) => plainTitle(title) === plainTitle(line.title));
    if (!task || line.done === null) problems.push({ line: line.line, text: line.title, why: 'held' });
    else if (line.done !== (task.doneAt !== null))
      changes.push({ kind: 'done', title: task.title, taskId: task.id, done: line.done });
  }
  return { changes, problems };
}

function ofKeystone(
  { workspace, date }: AskedDay,
  own: readonly PlanLine[],
  found: ReadonlyMap<PlanLine, Placed | undefined>,
): DayChange[] {
  const line = own.find(({ keystone }) => keystone);
  const before = workspace.days.get(date)?.keystone;
  const task = line && (found.get(line)?.task ?? named(workspace, line.title));
  if (task && task.id !== before) return [{ kind: 'keystone', title: task.title, taskId: task.id }];
  const was = own.some((one) => found.get(one)?.task.id === before);
  return !line && before !== undefined && was ? [{ kind: 'keystone', title: '', taskId: null }] : [];
}
