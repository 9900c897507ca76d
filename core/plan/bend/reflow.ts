import { takesWork } from '../../frame/belonging';
import { zonesOn, type ZoneOnDay } from '../../frame/zones';
import type { Id } from '../../model/common';
import type { Block } from '../../model/plan';
import type { Task } from '../../model/task';
import type { Workspace } from '../../model/workspace';
import { beginningOf } from '../../tasks/inbox';
import { spanOfBlock, taskOf } from '../../tasks/places';
import { MINUTE, overlaps, type Span } from '../../time/span';
import { dayOf, type IsoDate, type Zone } from '../../time/zone';
import { dayPlan } from '../dayPlan';
import { runningStretch, workLeft } from './late';

/*
 * The rest of a day moves along around what is fixed. What moves keeps its order, uses up gaps and buffers first, and
 * begins as early as that allows.
 */

/** Blocks that move begin on steps of so many minutes. */
export const BEND_STEP = 5;

/** What makes a day bend. */
export type Bend =
  /** Nothing begins before its planned hour, and what is late pushes the rest along. */
  | { readonly kind: 'late' }
  /** The gaps close: everything begins as early as it can. */
  | { readonly kind: 'pullUp' }
  /** A stretch (epoch ms, minutes) is kept free, and what lies there or after it gives way. */
  | { readonly kind: 'room'; readonly at: number; readonly minutes: number }
  /** A block becomes longer by so many minutes, and pushes what follows. */
  | { readonly kind: 'extend'; readonly blockId: Id; readonly minutes: number }
  /** Two blocks change places, each as long as it was: the later begins where the earlier did, which ends where the later did. */
  | { readonly kind: 'swap'; readonly blockIds: readonly [Id, Id] };

export type Bending = {
  readonly date: IsoDate;
  readonly zone: Zone;
  readonly now: number;
  readonly bend: Bend;
  /** Blocks that stay where they are, as if they were pinned. */
  readonly held: ReadonlySet<Id>;
};

/** A block with the hours that it gets. */
export type Shift = { readonly block: Block; readonly start: number; readonly minutes: number };

export type Reflow = {
  /** What gets other hours of the day, by start. */
  readonly moved: readonly Shift[];
  /** What could move, and need not. */
  readonly kept: readonly Block[];
  /** What no longer fits, in its order; `minutes` is what is left of it. */
  readonly over: readonly { readonly block: Block; readonly minutes: number }[];
};

/** A block that may move: the earliest it may begin (epoch ms), what is left of it, and what it has to go around. */
type Movable = {
  readonly block: Block;
  readonly from: number;
  readonly minutes: number;
  readonly around: readonly Span[];
};

/** The rest of a day as it moves along. Pure; of one day only. */
export function reflow(workspace: Workspace, bending: Bending): Reflow {
  const { movable, fixed, asked, end } = apart(workspace, bending);
  const day = dayOf(bending.date, bending.zone);
  const outcome = { moved: [] as Shift[], kept: [] as Block[], over: [] as Reflow['over'][number][] };
  let free = day.from;
  for (const { block, from, minutes, around } of movable) {
    const start = firstStart(Math.max(from, free), minutes, [...fixed, ...around], day);
    if (start + minutes * MINUTE > end) {
      outcome.over.push({ block, minutes });
      continue;
    }
    free = start + minutes * MINUTE;
    if (start === block.start && minutes === block.minutes) outcome.kept.push(block);
    else outcome.moved.push({ block, start, minutes });
  }
  return { ...outcome, moved: [...asked, ...outcome.moved] };
}

/** The first instant from one on at which so many minutes lie clear of all stretches: itself, or a step after what was in the way. */
function firstStart(from: number, minutes: number, around: readonly Span[], day: Span): number {
  let start = from;
  for (;;) {
    const span = { from: start, to: start + minutes * MINUTE };
    const hit = around.find((other) => overlaps(other, span));
    if (!hit) return start;
    start = stepFrom(hit.to, day);
  }
}

/** The first step of a day from an instant on. */
const stepFrom = (instant: number, day: Span): number => {
  const step = BEND_STEP * MINUTE;
  return day.from + Math.ceil((instant - day.from) / step) * step;
};

/** The zones of a day that keep out what does not belong in them. */
export const closedZones = (workspace: Workspace, date: IsoDate, zone: Zone): readonly ZoneOnDay[] =>
  zonesOn(workspace, date, zone).filter(
    ({ zone: { kind, openness } }) => kind !== 'work' || openness === 'guarded',
  );

/** What of a day may move, by start, what all of it goes around, and when the day ends for it. */
function apart(workspace: Workspace, bending: Bending) {
  const { date, zone, now, bend } = bending;
  const day = dayOf(date, zone);
  const plan = dayPlan(workspace, date, zone);
  const running = runningStretch(workspace, zone, now);
  const own = blocksOfBend(plan.blocks, bend);
  const asked = askedOf(own, bending);
  const isAsked = ({ id }: Block) => asked.some(({ block }) => block.id === id);
  // what was missed today moves, too, as it is to be done today
  const begin = bend.kind === 'room' ? bend.at : (own[0]?.start ?? day.from);
  const opening = plan.working[0]?.from ?? Infinity;
  const mayMove = (block: Block) =>
    !block.pinned &&
    !bending.held.has(block.id) &&
    block.id !== running?.block?.id &&
    block.start >= day.from &&
    spanOfBlock(block).to > begin;
  const movable: Movable[] = [];
  const fixed: Span[] = [...plan.meetings, ...plan.allDay].filter(({ busy }) => busy);
  for (const block of plan.blocks) {
    const task = taskOf(workspace, block.taskId);
    if (!task || task.doneAt !== null || isAsked(block)) continue;
    const minutes = workLeft(workspace, block, now);
    if (!mayMove(block)) fixed.push(spanOfBlock(block));
    else if (minutes > 0) movable.push(movableOf(workspace, block, task, minutes, opening, bending));
  }
  if (running) fixed.push(running.span);
  if (bend.kind === 'room') fixed.push({ from: bend.at, to: bend.at + bend.minutes * MINUTE });
  fixed.push(...asked.map(spanOfBlock));
  const ends = [...plan.working, ...movable.map(({ block }) => spanOfBlock(block))].map(({ to }) => to);
  const end = plan.working.length === 0 ? day.to : Math.min(day.to, Math.max(...ends));
  movable.sort((a, b) => a.block.start - b.block.start || (a.block.id < b.block.id ? -1 : 1));
  return { movable, fixed, asked, end };
}

/** The blocks that a bend itself is about, by start: one that becomes longer, or two that change places. */
function blocksOfBend(blocks: readonly Block[], bend: Bend): Block[] {
  const ids: readonly Id[] =
    bend.kind === 'extend' ? [bend.blockId] : bend.kind === 'swap' ? bend.blockIds : [];
  return blocks.filter(({ id }) => ids.includes(id)).sort((a, b) => a.start - b.start);
}

/** What the bend itself asks of its blocks; nothing where one of them is held. */
function askedOf([first, second]: readonly Block[], { bend, held }: Bending): Shift[] {
  if (!first || held.has(first.id)) return [];
  if (bend.kind === 'extend')
    return [{ block: first, start: first.start, minutes: first.minutes + bend.minutes }];
  if (!second || held.has(second.id)) return [];
  const behind = first.start + second.minutes * MINUTE;
  return [
    { block: second, start: first.start, minutes: second.minutes },
    {
      block: first,
      start: Math.max(behind, spanOfBlock(second).to - first.minutes * MINUTE),
      minutes: first.minutes,
    },
  ];
}

function movableOf(
  workspace: Workspace,
  block: Block,
  task: Task,
  minutes: number,
  opening: number,
  { date, zone, now, bend }: Bending,
): Movable {
  const day = dayOf(date, zone);
  const own = spanOfBlock(block);
  const hidden = task.notBefore ? Math.min(beginningOf(task.notBefore, zone), block.start) : day.from;
  const planned = bend.kind === 'pullUp' ? Math.min(opening, block.start) : block.start;
  const around = closedZones(workspace, date, zone)
    // one who put it there meant it
    .filter(({ zone: one, spans }) => !takesWork(one, task) && !spans.some((span) => overlaps(span, own)))
    .flatMap(({ spans }) => spans);
  const present = now > day.from ? stepFrom(now, day) : day.from;
  // what still lies ahead need not begin on a step
  const from = planned >= now ? Math.max(planned, hidden) : Math.max(present, hidden);
  return { block, from, minutes, around };
}
