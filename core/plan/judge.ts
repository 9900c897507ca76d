import type { Occurrence } from '../calendar/occurrences';
import { takesWork, zoneAround } from '../frame/belonging';
import type { Id } from '../model/common';
import type { FrameZone } from '../model/frame';
import type { Block, TrayItem } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant, meetingNeeding } from '../tasks/deadline';
import { blockOf, blocksIn, isDone, spanOfBlock, taskOf, tasksOfBlock, trayItemOf } from '../tasks/places';
import { MINUTE, minutesOf, overlaps, subtract, type Span } from '../time/span';
import { dateOf, dayOf, type IsoDate, type Zone } from '../time/zone';
import { tooClose } from './bufferRules';
import { dayPlan, minutesOn, trayMinutes, type DayPlan } from './dayPlan';
import { askedBy, heldTasks } from './group';

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

/** Why a zone is not the place: what it is for, that it keeps meetings out, or that one is not sharp then. */
export type ZoneReason =
  'sleep' | 'duty' | 'own' | 'otherWork' | 'forMeetings' | 'guarded' | 'low' | 'buffer';

/** Something that a placement means, as data. Minutes are whole; sealed weeks add kinds of their own. */
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
  /** It lies where the frame has something else, or at hours that it is not for. */
  | { readonly kind: 'inZone'; readonly zone: string; readonly why: ZoneReason }
  /** No break to a block of another kind of work, of so many minutes as is the rule. */
  | { readonly kind: 'tooClose'; readonly title: string; readonly minutes: number }
  | { readonly kind: 'overGroup'; readonly minutes: number }
  | { readonly kind: 'overDay'; readonly date: IsoDate; readonly minutes: number };

type At = { readonly zone: Zone };

/** Findings in the order in which they are told, the gravest first. */
const gravity: readonly Finding['kind'][] = [
  'collides',
  'overGroup',
  'late',
  'tooLate',
  'afterDay',
  'inZone',
  'tooClose',
  'overDay',
];

/** What a placement means, the gravest first. An empty list is a good place. */
export const judge = (workspace: Workspace, placing: Placing, at: At): Finding[] =>
  judgeAll(workspace, [placing], at);

/** What it means that a block stands where it stands. */
export const judgeBlock = (workspace: Workspace, { id, taskId, start, minutes }: Block, at: At): Finding[] =>
  judge(workspace, { what: { kind: 'block', id, taskId }, to: { kind: 'hours', start, minutes } }, at);

/** What several placements mean: what comes too late by name, what concerns a whole day or group once. */
export function judgeAll(workspace: Workspace, placings: readonly Placing[], at: At): Finding[] {
  const each = placings.map((placing) => ofOne(workspace, placing, at));
  const own =
    placings.length > 1
      ? each.flatMap((findings, i) => named(workspace, findings, placings[i]))
      : each.flat();
  const together = [...ofGroups(workspace, placings), ...ofDays(workspace, placings, at)];
  return [...own, ...together].sort((a, b) => gravity.indexOf(a.kind) - gravity.indexOf(b.kind));
}

/** Of several only what comes too late is told of each, with its title. */
function named(workspace: Workspace, findings: readonly Finding[], placing: Placing | undefined): Finding[] {
  const [task = null] = placing ? tasksOf(workspace, placing.what) : [];
  return findings.flatMap((finding) =>
    'task' in finding ? [{ ...finding, task: finding.task ?? task }] : [],
  );
}

/** What a placement means by itself, but for how full it makes a day or a group. */
function ofOne(workspace: Workspace, { what, to }: Placing, at: At): Finding[] {
  const tasks = tasksOf(workspace, what);
  if (to.kind === 'tray') return tasks.flatMap((task) => ofTray(workspace, task, to.date, at));
  if (to.kind === 'group') {
    const block = blockOf(workspace, to.blockId);
    return block ? tasks.flatMap((task) => lateness(workspace, task, spanOfBlock(block).to, false, at)) : [];
  }
  const span = { from: to.start, to: to.start + to.minutes * MINUTE };
  const titles = metBy(workspace, span, at.zone, idOf(what));
  const block = what.kind === 'block' ? blockOf(workspace, what.id) : undefined;
  return [
    ...(titles.length > 0 ? [{ kind: 'collides', titles } as const] : []),
    ...(block?.holds ? overGroup(workspace, { ...block, minutes: to.minutes }, []) : []),
    ...tasks.flatMap((task, i) => lateness(workspace, task, span.to, i > 0, at)),
    ...(isEvent(what) ? [] : afterDay(workspace, span, at)),
    ...inZone(workspace, what, span, tasks[0], at),
  ];
}

/** How much too full the groups get that something is put into. */
function ofGroups(workspace: Workspace, placings: readonly Placing[]): Finding[] {
  const into = placings.flatMap(({ to }) => (to.kind === 'group' ? [to.blockId] : []));
  return [...new Set(into)].flatMap((id) => {
    const block = blockOf(workspace, id);
    const more = placings.filter(({ to }) => to.kind === 'group' && to.blockId === id);
    return block
      ? overGroup(
          workspace,
          block,
          more.flatMap(({ what }) => tasksOf(workspace, what)),
        )
      : [];
  });
}

/** How much too full the days get on which something is put. */
function ofDays(workspace: Workspace, placings: readonly Placing[], at: At): Finding[] {
  const dates = new Set(placings.flatMap(({ to }) => datesOf(to, at)));
  return [...dates].flatMap((date): Finding[] => {
    const plan = dayPlan(workspace, date, at.zone);
    const change = placings.reduce(
      (sum, { what, to }) => sum + gained(workspace, what, to, plan) + roomLost(plan, what, to),
      0,
    );
    const minutes = change - plan.load.free;
    return minutes > 0 ? [{ kind: 'overDay', date, minutes }] : [];
  });
}

/** The tasks that something stands for. */
function tasksOf(workspace: Workspace, what: Placed): Task[] {
  if (what.kind === 'event' || what.kind === 'newTask' || what.kind === 'newEvent') return [];
  const block = what.kind === 'block' ? blockOf(workspace, what.id) : undefined;
  const ids = block ? tasksOfBlock(block) : [what.taskId];
  return ids.flatMap((id) => taskOf(workspace, id) ?? []);
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
  const blocks = blocksIn(workspace, span, zone).filter(
    (block) => block.id !== except && !isDone(workspace, block),
  );
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

/** That something lies in a zone that is not meant for it. Outside all zones nothing is said. */
function inZone(
  workspace: Workspace,
  what: Placed,
  span: Span,
  task: Task | undefined,
  { zone }: At,
): Finding[] {
  const found = zoneAround(workspace, span, zone);
  const why = found && reasonAgainst(found.zone, what, task);
  if (found && why) return [{ kind: 'inZone', zone: found.zone.name, why }];
  if (isEvent(what)) return [];
  const { fixedBuffers, blocks } = dayPlan(workspace, dateOf(span.from, zone), zone);
  if (fixedBuffers.some((buffer) => overlaps(buffer, span)))
    return [{ kind: 'inZone', zone: '', why: 'buffer' }];
  const others = blocks.filter(({ id }) => id !== idOf(what));
  const title = tooClose(workspace, others, span, task?.category);
  return title === undefined
    ? []
    : [{ kind: 'tooClose', title, minutes: workspace.settings.buffers.betweenKinds }];
}

function reasonAgainst(zone: FrameZone, what: Placed, task: Task | undefined): ZoneReason | undefined {
  if (isEvent(what)) {
    // what takes no time disturbs nothing
    if (what.kind === 'event' && !what.event.busy) return undefined;
    return zone.openness === 'guarded' ? 'guarded' : zone.kind === 'sleep' ? 'sleep' : undefined;
  }
  if (zone.kind !== 'work') return zone.kind;
  if (!task) return undefined;
  if (!takesWork(zone, task)) return zone.openness === 'open' ? 'forMeetings' : 'otherWork';
  return task.energy === 'sharp' && zone.energy === 'low' ? 'low' : undefined;
}

/** That a day comes too late for an open task that is put into its tray. */
function ofTray({ events }: Workspace, task: Task, date: IsoDate, { zone }: At): Finding[] {
  const { from } = dayOf(date, zone);
  if (task.doneAt !== null || lastInstant(task, events, zone) > from) return [];
  const meeting = meetingNeeding(task, events, zone);
  return [
    {
      kind: 'tooLate',
      task: null,
      due: task.due !== null && task.due.date < date,
      meeting: meeting && meeting.from < from ? meeting.title : null,
    },
  ];
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

/** How many minutes more are planned on a day once something is moved from where it is to a place. */
function gained(workspace: Workspace, what: Placed, to: Place, { date, span }: DayPlan): number {
  if (isEvent(what)) return 0;
  const block = what.kind === 'block' ? blockOf(workspace, what.id) : undefined;
  const item = what.kind === 'tray' ? trayItemOf(workspace, what.id) : undefined;
  const estimate = 'taskId' in what ? trayMinutes(workspace, what.taskId) : 0;
  const left = (block ? minutesOn(span, block) : 0) + (item?.date === date ? estimate : 0);
  if (to.kind === 'hours') return minutesOn(span, to) - left;
  return (to.kind === 'tray' && to.date === date ? estimate : 0) - left;
}

/** How many minutes of the working hours an event takes more once it stands elsewhere. */
function roomLost(plan: DayPlan, what: Placed, to: Place): number {
  if (!isEvent(what) || to.kind !== 'hours' || (what.kind === 'event' && !what.event.busy)) return 0;
  const all = [...plan.meetings, ...plan.allDay].filter(({ busy }) => busy);
  const others = all.filter(({ id }) => id !== idOf(what));
  const span = { from: to.start, to: to.start + to.minutes * MINUTE };
  const left = (taken: readonly Span[]) => minutesOf(subtract(plan.working, [...taken, ...plan.buffers]));
  return left(all) - left([...others, span]);
}

/** A task as it is placed: out of the block or the tray that it stands in, if it has a place in the plan. */
export function placedFrom(place: Block | TrayItem | undefined, taskId: Id): Placed {
  if (!place) return { kind: 'task', taskId };
  return { kind: 'start' in place ? 'block' : 'tray', id: place.id, taskId };
}
