import type { Id } from '../model/common';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { STEP } from '../plan/placing';
import { lastInstant } from '../tasks/deadline';
import { goalsAhead, isTaskOf } from '../tasks/goals';
import { beginningOf } from '../tasks/inbox';
import { openOnes } from '../tasks/openTasks';
import { isWhole } from '../tasks/parts';
import { blocksIn, spanOfBlock, taskOf, tasksOfBlock } from '../tasks/places';
import { kindOf, minutesTaken } from '../tasks/takes';
import { inTurn } from '../tasks/waiting';
import { MINUTE } from '../time/span';
import { dateOf, type IsoDate } from '../time/zone';
import { runningEntries } from '../track/entries';
import { minutesSpent } from '../track/spent';
import type { FitAsked } from './asked';

/** Tasks that are done in one go, mostly a single one, with what they need of the plan. */
export type Wanted = {
  /** The first gives the block its name, the others are held by it. */
  readonly tasks: readonly [Task, ...Task[]];
  readonly minutes: number;
  /** The earliest beginning and the latest end (epoch ms; Infinity where there is none). */
  readonly from: number;
  readonly last: number;
  readonly weight: number;
  /** The blocks ahead that may move, in mending. */
  readonly blocks: readonly Block[];
};

/** Tasks of so many minutes or less share a block, which gets no longer than an hour. */
const SMALL = 15;
const GROUP = 60;

/** How far ahead blocks are looked for that a task has already, in minutes. */
const AHEAD = 92 * 24 * 60;

/** What a priority counts: each step twice as much as the one below. */
const WEIGHTS: Readonly<Record<Task['priority'], number>> = { urgent: 8, high: 4, normal: 2, low: 1 };
const FOR_A_GOAL = 1.5;
const KEYSTONE = 2;

/** The blocks ahead that stay where they are, and those that may move. */
export type Around = { readonly stay: readonly Block[]; readonly move: readonly Block[] };

export function blocksAround(workspace: Workspace, asked: FitAsked): Around {
  const { zone, now, until, mends } = asked;
  const running = runningEntries(workspace.entries).map(({ subject }) =>
    subject.kind === 'task' ? subject.taskId : '',
  );
  const all = blocksIn(workspace, { from: now, to: Math.max(until, now + AHEAD * MINUTE) }, zone);
  const mayMove = (block: Block) =>
    mends &&
    !block.pinned &&
    !block.holds &&
    block.start >= now &&
    spanOfBlock(block).to <= until &&
    !running.includes(block.taskId) &&
    taskOf(workspace, block.taskId)?.doneAt === null &&
    // a time of something that repeats stays where its rule puts it
    workspace.blocks.has(block.id);
  return { stay: all.filter((block) => !mayMove(block)), move: all.filter(mayMove) };
}

/** The open tasks that are asked for and still need something of the plan, each after what it waits for; small ones together. */
export function wantedOf(workspace: Workspace, asked: FitAsked, { stay, move }: Around): Wanted[] {
  const { zone, now, tasks: ids, out } = asked;
  const isAsked = ({ id, inbox }: Task) => (ids === null ? !inbox : ids.includes(id));
  const isMoving = ({ id }: Task) => move.some(({ taskId }) => taskId === id);
  const chosen = openOnes(workspace, dateOf(now, zone), zone).filter(
    (task) =>
      (isAsked(task) || isMoving(task)) &&
      !out.includes(task.id) &&
      !isWhole(workspace, task.id) &&
      // what repeats has its place by its rule
      (workspace.tasks.has(task.id) || ids !== null),
  );
  const keystones = keystonesFrom(workspace, dateOf(now, zone));
  const goals = goalsAhead(workspace, dateOf(now, zone)).filter(({ doneAt }) => doneAt === null);
  const all = inTurn(workspace, chosen).flatMap((task): Wanted[] => {
    const from = task.notBefore ? Math.max(now, beginningOf(task.notBefore, zone)) : now;
    if (from >= asked.until) return [];
    const own = stay.filter((block) => tasksOfBlock(block).includes(task.id));
    const given = [...own.map(spanOfBlock), ...heldOf(asked, task.id)];
    const inGroup = own.some(({ taskId }) => taskId !== task.id);
    const placed = given.reduce(
      (sum, { from, to }) => sum + Math.max(0, to - Math.max(from, now)) / MINUTE,
      0,
    );
    const left = minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now) - placed;
    const blocks = move.filter(({ taskId }) => taskId === task.id);
    const moving = blocks.reduce((sum, block) => sum + block.minutes, 0);
    // what was asked for by name gets a little more where it has had all its time and is not done
    const least = ids?.includes(task.id) && given.length === 0 ? STEP : 0;
    const minutes = Math.max(left, moving, least);
    if (inGroup || minutes < LEAST) return [];
    const weight =
      WEIGHTS[task.priority] *
      (goals.some((goal) => isTaskOf(goal, task)) ? FOR_A_GOAL : 1) *
      (keystones.has(task.id) ? KEYSTONE : 1);
    return [
      { tasks: [task], minutes, from, last: lastInstant(task, workspace.events, zone), weight, blocks },
    ];
  });
  return grouped(all);
}

/** Fewer minutes are not worth a block. */
const LEAST = 5;

const heldOf = ({ held }: FitAsked, id: Id) => held.filter(({ taskId }) => taskId === id).map(spanOfBlock);

const keystonesFrom = ({ days }: Workspace, today: IsoDate): Set<Id> =>
  new Set(days.values().flatMap(({ id, keystone }) => (id >= today && keystone ? [keystone] : [])));

/** Small tasks of one kind that are due on the same day, or have all the time, in blocks of an hour at most. */
function grouped(all: readonly Wanted[]): Wanted[] {
  const isSmall = ({ minutes, tasks: [task], blocks, from }: Wanted) =>
    minutes <= SMALL &&
    !task.waitsFor &&
    !task.partOf &&
    !task.sitting &&
    blocks.length === 0 &&
    from === all[0]?.from;
  const byKey = new Map<string, Wanted[]>();
  for (const one of all.filter(isSmall)) {
    const key = `${kindOf(one.tasks[0])} ${one.tasks[0].due?.date ?? ''} ${one.tasks[0].neededBy?.recurrence ?? ''}`;
    byKey.set(key, [...(byKey.get(key) ?? []), one]);
  }
  const groups = [...byKey.values()].flatMap(inHours);
  const inGroups = new Set(groups.flatMap(({ tasks }) => tasks));
  return [...all.filter(({ tasks: [task] }) => !inGroups.has(task)), ...groups];
}

/** Small tasks put together until an hour is full; one that is left by itself is no group. */
function inHours(small: readonly Wanted[]): Wanted[] {
  const hours: Wanted[][] = [[]];
  for (const one of small) {
    const last = hours.at(-1) ?? [];
    const full = last.reduce((sum, { minutes }) => sum + minutes, one.minutes) > GROUP;
    if (full) hours.push([one]);
    else last.push(one);
  }
  return hours.flatMap((hour) => {
    const [first, ...others] = hour;
    if (!first || others.length === 0) return [];
    return [
      {
        ...first,
        tasks: [first.tasks[0], ...others.map(({ tasks: [task] }) => task)] as const,
        minutes: hour.reduce((sum, { minutes }) => sum + minutes, 0),
        last: Math.min(...hour.map(({ last }) => last)),
        weight: Math.max(...hour.map(({ weight }) => weight)),
      },
    ];
  });
}
