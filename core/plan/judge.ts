import type { Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Block, TrayItem } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant, meetingNeeding } from '../tasks/deadline';
import { blockOf, blocksIn, spanOfBlock, taskOf, trayItemOf } from '../tasks/places';
import { MINUTE, minutesOf, overlaps, subtract, type Span } from '../time/span';
import { dateOf, dayOf, type IsoDate, type Zone } from '../time/zone';
import { dayPlan, minutesOn, type DayPlan } from './dayPlan';
import { askedBy, heldTasks, tasksOfBlock } from './group';

/*
 * What a placement means. Every place that puts something somewhere, or shows where it stands, asks here; the words
 * are made in findingWords.ts.
 */

/** Where something goes, or stands. */
export type Place =
  /** Onto hours; start in epoch ms. */
  | { readonly kind: 'hours'; readonly start: number; readonly minutes: number }
  /** Into the tray of a day. */
  | { readonly kind: 'tray'; readonly date: IsoDate }
  /** Into a group block. */
  | { readonly kind: 'group'; readonly blockId: Id };

/** What is put somewhere. What it is or was before no longer counts: it does not collide with itself. */
export type Placed =
  | { readonly kind: 'task'; readonly taskId: Id }
  | { readonly kind: 'tray'; readonly id: Id; readonly taskId: Id }
  /** A block with all that it holds. */
  | { readonly kind: 'block'; readonly id: Id; readonly taskId: Id }
  | { readonly kind: 'event'; readonly event: Pick<Occurrence, 'id' | 'busy' | 'from' | 'to'> }
  /** A task or an event that is yet to be made. */
  | { readonly kind: 'newTask' }
  | { readonly kind: 'newEvent' };

export type Placing = { readonly what: Placed; readonly to: Place };

/** A task named in a finding where several are judged together. */
type Named = { readonly title: string } | null;

/** Something that a placement means, as data. Minutes are whole; zones and sealed weeks add kinds of their own. */
export type Finding =
  | { readonly kind: 'collides'; readonly titles: readonly string[] }
  /** It ends after a task is due, or after the meeting that needs it has begun. */
  | { readonly kind: 'late'; readonly task: Named; readonly minutes: number; readonly meeting: string | null }
  /** The whole day comes too late for a task. */
  | {
      readonly kind: 'tooLate';
      readonly task: Named;
      readonly due: boolean;
      readonly meeting: string | null;
    }
  | { readonly kind: 'afterDay'; readonly minutes: number }
  | { readonly kind: 'overGroup'; readonly minutes: number }
  | { readonly kind: 'overDay'; readonly date: IsoDate; readonly minutes: number };

type At = { readonly zone: Zone };

/** What a placement means, the gravest first. An empty list is a good place. */
export function judge(workspace: Workspace, { what, to }: Placing, at: At): Finding[] {
  switch (to.kind) {
    case 'hours':
      return ofHours(workspace, what, to, at);
    case 'tray':
      return [...ofTray(workspace, what, to.date, at), ...overDay(workspace, what, to, [to.date], at)];
    case 'group':
      return ofGroup(workspace, what, to.blockId, at);
  }
}

/** What it means that a block stands where it stands. */
export const judgeBlock = (workspace: Workspace, { id, taskId, start, minutes }: Block, at: At): Finding[] =>
  judge(workspace, { what: { kind: 'block', id, taskId }, to: { kind: 'hours', start, minutes } }, at);

/** The findings of several placements together, each task named, what is said of the same day or group once. */
export function judgeAll(workspace: Workspace, placings: readonly Placing[], at: At): Finding[] {
  const [first] = placings;
  if (first && placings.length === 1) return judge(workspace, first, at);
  const tasks = placings.flatMap(({ what }) => tasksOf(workspace, what));
  const each = placings.flatMap(({ what, to }) =>
    judge(workspace, { what, to }, at)
      .filter(({ kind }) => kind === 'late' || kind === 'tooLate')
      .map((finding) => namedIn(finding, tasksOf(workspace, what))),
  );
  return [...each, ...together(workspace, placings, tasks, at)];
}

const namedIn = (finding: Finding, [task]: readonly Task[]): Finding =>
  'task' in finding && finding.task === null && task ? { ...finding, task } : finding;

/** What several placements mean only together: how full a group or a day gets. */
function together(
  workspace: Workspace,
  placings: readonly Placing[],
  tasks: readonly Task[],
  at: At,
): Finding[] {
  const groups = placings.flatMap(({ to }) => (to.kind === 'group' ? [to.blockId] : []));
  const group = groups[0] === undefined ? undefined : blockOf(workspace, groups[0]);
  if (group) return overGroup(workspace, group, tasks);
  const dates = new Set(placings.flatMap(({ to }) => datesOf(to, at)));
  return [...dates].flatMap((date) => {
    const change = placings.reduce((sum, { what, to }) => sum + gained(workspace, what, to, date, at), 0);
    return overBy(dayPlan(workspace, date, at.zone), change, 0);
  });
}

/** The tasks that something stands for. */
function tasksOf(workspace: Workspace, what: Placed): Task[] {
  if (what.kind === 'event' || what.kind === 'newTask' || what.kind === 'newEvent') return [];
  const block = what.kind === 'block' ? blockOf(workspace, what.id) : undefined;
  const ids = block ? tasksOfBlock(block) : [what.taskId];
  return ids.flatMap((id) => taskOf(workspace, id) ?? []);
}

function ofHours(
  workspace: Workspace,
  what: Placed,
  to: Extract<Place, { kind: 'hours' }>,
  at: At,
): Finding[] {
  const span = { from: to.start, to: to.start + to.minutes * MINUTE };
  const titles = metBy(workspace, span, at.zone, idOf(what));
  const tasks = tasksOf(workspace, what);
  const late = tasks.flatMap((task, i) => lateness(workspace, task, span.to, i > 0, at));
  const block = what.kind === 'block' ? blockOf(workspace, what.id) : undefined;
  const group = block?.holds ? overGroup(workspace, { ...block, minutes: to.minutes }, []) : [];
  return [
    ...(titles.length > 0 ? [{ kind: 'collides', titles } as const] : []),
    ...group,
    ...late,
    ...(isEvent(what) ? [] : afterDay(workspace, span, at)),
    ...overDay(workspace, what, to, datesOf(to, at), at),
  ];
}

const isEvent = ({ kind }: Placed) => kind === 'event' || kind === 'newEvent';

/** The id under which something lies in the plan already. */
const idOf = (what: Placed): Id | undefined => {
  if (what.kind === 'event') return what.event.id;
  return what.kind === 'block' ? what.id : undefined;
};

/** The titles of the busy meetings and the blocks that a stretch shares time with, but for the one of an id. */
function metBy(workspace: Workspace, span: Span, zone: Zone, except: Id | undefined): string[] {
  const meetings = new Map<string, Occurrence>();
  for (const date of new Set([dateOf(span.from, zone), dateOf(span.to - 1, zone)])) {
    for (const meeting of dayPlan(workspace, date, zone).meetings)
      if (meeting.busy && meeting.id !== except && overlaps(meeting, span)) meetings.set(meeting.id, meeting);
  }
  const blocks = blocksIn(workspace, span, zone).filter(({ id }) => id !== except);
  return [
    ...[...meetings.values()].map(({ title }) => title),
    ...blocks.map(({ taskId }) => taskOf(workspace, taskId)?.title ?? 'a block'),
  ];
}

/** That something which ends at an instant comes too late for an open task. */
function lateness({ events }: Workspace, task: Task, end: number, named: boolean, { zone }: At): Finding[] {
  const last = lastInstant(task, events, zone);
  const minutes = Math.round((end - last) / MINUTE);
  if (task.doneAt !== null || minutes <= 0) return [];
  const meeting = meetingNeeding(task, events, zone);
  return [
    {
      kind: 'late',
      task: named ? task : null,
      minutes,
      meeting: meeting?.from === last ? meeting.title : null,
    },
  ];
}

/** That a block goes on when the working hours of its day are over. Days off have none. */
function afterDay(workspace: Workspace, span: Span, { zone }: At): Finding[] {
  const end = dayPlan(workspace, dateOf(span.from, zone), zone).working.at(-1)?.to ?? Infinity;
  return span.to > end ? [{ kind: 'afterDay', minutes: Math.round((span.to - end) / MINUTE) }] : [];
}

/** That a day comes too late for what is put into its tray. */
function ofTray(workspace: Workspace, what: Placed, date: IsoDate, { zone }: At): Finding[] {
  const { from } = dayOf(date, zone);
  return tasksOf(workspace, what).flatMap((task): Finding[] => {
    if (task.doneAt !== null || lastInstant(task, workspace.events, zone) > from) return [];
    const meeting = meetingNeeding(task, workspace.events, zone);
    return [
      {
        kind: 'tooLate',
        task: null,
        due: task.due !== null && task.due.date < date,
        meeting: meeting && meeting.from < from ? meeting.title : null,
      },
    ];
  });
}

function ofGroup(workspace: Workspace, what: Placed, blockId: Id, at: At): Finding[] {
  const block = blockOf(workspace, blockId);
  if (!block) return [];
  const tasks = tasksOf(workspace, what);
  const late = tasks.flatMap((task) => lateness(workspace, task, spanOfBlock(block).to, false, at));
  return [...overGroup(workspace, block, tasks), ...late];
}

/** That a group block is too short for what it holds and what is put into it. */
function overGroup(workspace: Workspace, block: Block, more: readonly Task[]): Finding[] {
  const held = new Map([...heldTasks(block, workspace), ...more].map((task) => [task.id, task]));
  const minutes = askedBy([...held.values()]) - block.minutes;
  return minutes > 0 ? [{ kind: 'overGroup', minutes }] : [];
}

/** The days that a place lies on. */
function datesOf(to: Place, { zone }: At): IsoDate[] {
  if (to.kind === 'tray') return [to.date];
  if (to.kind === 'group') return [];
  return [...new Set([dateOf(to.start, zone), dateOf(to.start + to.minutes * MINUTE - 1, zone)])];
}

function overDay(
  workspace: Workspace,
  what: Placed,
  to: Place,
  dates: readonly IsoDate[],
  at: At,
): Finding[] {
  return dates.flatMap((date) => {
    const plan = dayPlan(workspace, date, at.zone);
    const room = isEvent(what) ? roomLost(plan, what, to) : 0;
    return overBy(plan, gained(workspace, what, to, date, at), room);
  });
}

/** That more is planned on a day than it has room for, once so much (minutes) is planned more and room is lost. */
function overBy({ date, load }: DayPlan, more: number, lost: number): Finding[] {
  const minutes = more + lost - load.free;
  return minutes > 0 ? [{ kind: 'overDay', date, minutes }] : [];
}

/** How many minutes more are planned on a day once something is moved from where it is to a place. */
function gained(workspace: Workspace, what: Placed, to: Place, date: IsoDate, { zone }: At): number {
  if (isEvent(what)) return 0;
  const { span } = dayPlan(workspace, date, zone);
  const block = what.kind === 'block' ? blockOf(workspace, what.id) : undefined;
  const item = what.kind === 'tray' ? trayItemOf(workspace, what.id) : undefined;
  const estimate = 'taskId' in what ? (taskOf(workspace, what.taskId)?.estimate ?? 0) : 0;
  const left = (block ? minutesOn(span, block) : 0) + (item?.date === date ? estimate : 0);
  if (to.kind === 'hours') return minutesOn(span, to) - left;
  return (to.kind === 'tray' && to.date === date ? estimate : 0) - left;
}

/** How many minutes of the working hours an event takes more once it stands elsewhere. */
function roomLost(plan: DayPlan, what: Placed, to: Place): number {
  if (to.kind !== 'hours' || (what.kind === 'event' && !what.event.busy)) return 0;
  const others = [...plan.meetings, ...plan.allDay].filter(({ busy, id }) => busy && id !== idOf(what));
  const span = { from: to.start, to: to.start + to.minutes * MINUTE };
  return plan.load.room - minutesOf(subtract(plan.working, [...others, span]));
}

/** A task as it is placed: out of the block or the tray that it stands in, if it has a place in the plan. */
export function placedFrom(place: Block | TrayItem | undefined, taskId: Id): Placed {
  if (!place) return { kind: 'task', taskId };
  return { kind: 'start' in place ? 'block' : 'tray', id: place.id, taskId };
}
