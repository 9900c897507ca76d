import type { Habits } from '../estimates/habits';
import type { Id } from '../model/common';
import type { Block } from '../model/plan';
import type { Seal } from '../model/seal';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { workLeft } from '../plan/bend/late';
import { dayPlan } from '../plan/dayPlan';
import { partsOf } from '../plan/sealing';
import { blocksOfTask, spanOfBlock, taskOf } from '../tasks/places';
import { minutesTaken } from '../tasks/takes';
import { intersect, MINUTE, minutesOf, overlaps, type Span } from '../time/span';
import { dateOf, dayOf, type IsoDate, type Zone } from '../time/zone';
import { runningTask } from '../track/entries';
import { entriesOf, minutesSpent, spanOfEntry } from '../track/spent';
import { groundOf, type Ground } from './lots';

/** Work that a day asks for: not before `from` (epoch ms), or in any gap where that is null. */
export type Sitting = {
  readonly taskId: Id;
  readonly from: number | null;
  /** As planned. */
  readonly minutes: number;
  /** What it takes where its task ends with it; null for one after which the task goes on: it lasts as long as planned. */
  readonly ground: Ground | null;
  /** Minutes of its task that come before it. */
  readonly before: number;
};

/** What is left of a day from an instant on. */
export type DayAhead = {
  readonly date: IsoDate;
  readonly from: number;
  readonly meetings: readonly (Span & { readonly id: Id; readonly title: string })[];
  readonly sittings: readonly Sitting[];
};

type Means = { readonly habits: Habits; readonly zone: Zone; readonly now: number };

/** A piece of a task that is planned somewhere from now on. */
type Piece = { readonly task: Task; readonly from: number; readonly minutes: number };

const isOpen = (task: Task | undefined): task is Task => task?.doneAt === null;

/** The open work in a block, one piece for each of its tasks. */
function piecesOf(workspace: Workspace, block: Block, now: number): Piece[] {
  let left = workLeft(workspace, block, now);
  return partsOf(block, workspace).flatMap((part): Piece[] => {
    const task = taskOf(workspace, part.taskId);
    const minutes = Math.min(left, part.minutes);
    left -= minutes;
    return isOpen(task) && minutes > 0 ? [{ task, from: block.start, minutes }] : [];
  });
}

/** What lies in the blocks of a task that are still to end, by start. */
const piecesAhead = (workspace: Workspace, task: Task, now: number): Piece[] =>
  blocksOfTask(workspace, task.id)
    .filter((block) => spanOfBlock(block).to > now)
    .flatMap((block) => piecesOf(workspace, block, now))
    .filter((piece) => piece.task.id === task.id)
    .sort((a, b) => a.from - b.from);

const sum = (pieces: readonly Piece[]) => pieces.reduce((total, { minutes }) => total + minutes, 0);

/** A task of which more than this is planned nowhere goes on after its last piece, in minutes. */
const WHOLE = 5;

function sittingOf(workspace: Workspace, piece: Piece, { habits, now }: Means): Sitting {
  const { task, from, minutes } = piece;
  const ahead = piecesAhead(workspace, task, now);
  const before = ahead.filter((other) => other.from < from);
  const last = ahead.at(-1);
  const spent = minutesSpent(workspace.entries, task.id, now);
  // a task that another's block holds has no piece of its own
  const isLast = !last || last.from <= from;
  const planned = Math.max(minutes, sum(ahead)) + spent;
  const ends = isLast && planned + WHOLE >= minutesTaken(workspace, task);
  const known = { ...task, estimate: task.estimate ?? planned };
  return {
    ...{ taskId: task.id, from, minutes, before: sum(before) },
    ground: ends ? groundOf(workspace, habits, known, now) : null,
  };
}

/** The task that runs, where nothing is left of it in the day's blocks. */
function runningElsewhere(workspace: Workspace, planned: readonly Piece[], now: number): Piece[] {
  const task = taskOf(workspace, runningTask(workspace.entries) ?? '');
  if (!isOpen(task) || planned.some((piece) => piece.task.id === task.id)) return [];
  const left = minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now);
  return [{ task, from: now, minutes: Math.max(WHOLE, left) }];
}

/** What a day asks for as it is planned now; of the present day what is left of it. */
export function dayAhead(workspace: Workspace, date: IsoDate, means: Means): DayAhead {
  const { zone, now } = means;
  const { span, meetings, blocks, tray } = dayPlan(workspace, date, zone);
  const from = Math.max(span.from, now);
  const planned = blocks.flatMap((block) => piecesOf(workspace, block, now));
  const running = date === dateOf(now, zone) ? runningElsewhere(workspace, planned, now) : [];
  const pieces = [...running, ...planned];
  const inTray = tray.flatMap(({ taskId }): Sitting[] => {
    const task = taskOf(workspace, taskId);
    if (!isOpen(task) || pieces.some((piece) => piece.task.id === taskId)) return [];
    const ground = groundOf(workspace, means.habits, task, now);
    return [
      {
        taskId,
        from: null,
        minutes: Math.max(WHOLE, minutesTaken(workspace, task) - ground.spent),
        ground,
        before: 0,
      },
    ];
  });
  return {
    ...{ date, from },
    meetings: meetings.filter(({ busy, to }) => busy && to > from),
    sittings: [...pieces.map((piece) => sittingOf(workspace, piece, means)), ...inTray],
  };
}

/** What of a sealed day's plan was worked on that day, as it had stood when the day began: `now` is that instant, by which the habits are known, too. */
export function dayOfSeal(workspace: Workspace, seal: Seal, date: IsoDate, means: Means): DayAhead {
  const day = dayOf(date, means.zone);
  const parts = seal.blocks.flatMap(({ start, parts: own }) => own.map((part) => ({ ...part, start })));
  const sittings = parts.flatMap(({ taskId, start, minutes }): Sitting[] => {
    const task = taskOf(workspace, taskId);
    if (!task || start < day.from || start >= day.to) return [];
    const times = entriesOf(workspace.entries, { kind: 'task', taskId }).map((entry) =>
      spanOfEntry(entry, day.to),
    );
    if (intersect(times, [day]).length === 0) return [];
    const own = parts.filter((other) => other.taskId === taskId);
    const goesOn = own.some((other) => other.start > start);
    const known = { ...task, estimate: task.firstEstimate ?? task.estimate ?? minutes };
    const spent = minutesOf(intersect(times, [{ from: 0, to: day.from }]));
    const before = own
      .filter((other) => other.start >= day.from && other.start < start)
      .reduce((total, other) => total + other.minutes, 0);
    const ground = goesOn ? null : { ...groundOf(workspace, means.habits, known, means.now), spent };
    return [{ taskId, from: start, minutes, ground, before }];
  });
  const meetings = seal.meetings.filter((meeting) => !meeting.wholeDays && overlaps(meeting, day));
  return { date, from: day.from, meetings, sittings };
}

/** Minutes as planned, all together. */
export const plannedMinutes = ({ sittings }: DayAhead): number =>
  sittings.reduce((total, { minutes }) => total + minutes, 0);

/** When a day ends as it is planned (epoch ms). */
export const plannedEnd = ({ from, meetings, sittings }: DayAhead): number =>
  Math.max(
    from,
    ...meetings.map(({ to }) => to),
    ...sittings.map((one) => (one.from === null ? 0 : one.from + one.minutes * MINUTE)),
  );
