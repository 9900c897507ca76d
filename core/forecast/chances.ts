import type { Habits } from '../estimates/habits';
import { overfull, roomBetween, type Demand } from '../feasible/demand';
import { feasible, type Need } from '../feasible/feasible';
import type { Workspace } from '../model/workspace';
import { randomFrom } from '../random';
import { minutesTaken } from '../tasks/takes';
import type { Zone } from '../time/zone';
import { minutesSpent } from '../track/spent';
import type { Working } from '../working';
import { groundOf, lotOf, normal } from './lots';

/** One time that it is played through: what is needed then, and the lots that go on from there. */
export type Played = {
  readonly needs: readonly Demand[];
  readonly off: number;
  readonly random: () => number;
};

type PlayedAsked = {
  readonly habits: Habits;
  readonly now: number;
  readonly seed: number;
  readonly runs: number;
};

/** What is due, played through a number of times: each task takes what such tasks took by one's habits, less what of it has its place. */
export function playedThrough(
  workspace: Workspace,
  due: readonly Need[],
  { habits, now, seed, runs }: PlayedAsked,
): Played[] {
  const grounds = due.map(({ task, minutes, from, to }) => ({
    span: { from, to },
    ground: groundOf(workspace, habits, task, now),
    placed: Math.max(
      0,
      minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now) - minutes,
    ),
  }));
  return Array.from({ length: runs }, (_, i) => {
    const random = randomFrom(seed * runs + i);
    const off = normal(random);
    const needs = grounds.map(({ span, ground, placed }) => ({
      ...span,
      minutes: Math.max(0, lotOf(ground, habits, off, random) - placed),
    }));
    return { needs, off, random };
  });
}

/** A deadline, what has to be done by then, and in how many of a hundred cases it is. */
export type Chance = {
  readonly at: number;
  readonly titles: readonly string[];
  readonly chance: number;
};

type ChancesAsked = {
  readonly habits: Habits;
  readonly zone: Zone;
  /** Epoch ms. */
  readonly now: number;
  readonly seed: number;
};

/** How often it is played through. */
const RUNS = 1000;

/** How sure each deadline of the next four weeks is, the earliest first: the share of the runs in which no stretch that ends then holds more work than room. */
export function* chancesOf(
  workspace: Workspace,
  { habits, zone, now, seed }: ChancesAsked,
): Working<Chance[]> {
  const { due, days } = feasible(workspace, zone, now);
  const room = roomBetween(days);
  const missed = new Map<number, number>();
  const played = playedThrough(workspace, due, { habits, now, seed, runs: RUNS });
  for (const [i, { needs }] of played.entries()) {
    if (i % 50 === 49) yield i / RUNS;
    for (const { to } of overfull(needs, room)) missed.set(to, (missed.get(to) ?? 0) + 1);
  }
  const ends = [...new Set(due.map(({ to }) => to))].sort((a, b) => a - b);
  return ends.map((at) => ({
    at,
    titles: due.filter(({ to }) => to === at).map(({ task }) => task.title),
    chance: Math.round(100 * (1 - (missed.get(at) ?? 0) / RUNS)),
  }));
}
