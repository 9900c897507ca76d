import { occurrenceAt } from '../calendar/occurrences';
import type { Workspace } from '../model/workspace';
import { linesLeft, ownRoutinesOn } from '../plan/routines';
import { deadlineOf } from '../tasks/deadline';
import { blockOf, taskOf } from '../tasks/places';
import { DAY, MINUTE } from '../time/span';
import { dateOf, type Zone } from '../time/zone';
import { runningTask } from '../track/entries';
import { MOST, type Ring, type Ringing } from './ring';
import { ringsIn } from './rings';

/*
 * What becomes of reminders as time goes by: one rings within a moment of its instant; what came while nobody looked is
 * listed, not rung one after the other; nothing rings twice, however the clock is set.
 */

/** A reminder that is seen no later than this still rings (ms). */
export const STILL_RINGS = 2 * MINUTE;
/** What was missed longer ago than this is not told any more. */
const TOLD = 3 * DAY;
/** How far ahead the next reminder is looked for. */
const AHEAD = DAY / 2;

/** What a device that has never looked remembers: nothing that came before was missed. */
export const newRinging = (now: number): Ringing => ({ until: now, rung: [], open: [], later: [] });

/** Looks at the clock: the answer is what is to ring now, beside what is remembered from here on. */
export function look(
  ringing: Ringing,
  workspace: Workspace,
  now: number,
  zone: Zone,
): { readonly ringing: Ringing; readonly answer: readonly Ring[] } {
  const known = new Set(ringing.rung.map(({ id }) => id));
  const range = { from: Math.max(Math.min(ringing.until, now), now - TOLD), to: now + 1 };
  const again = ringing.later.filter(({ at }) => at <= now);
  const come = [...ringsIn(workspace, range, zone).filter(({ id }) => !known.has(id)), ...again];
  const told = come.filter((ring) => stillMatters(workspace, ring, now, zone));
  const isLate = ({ at }: Ring) => at < now - STILL_RINGS;
  const open = ringing.open.filter(({ ring }) => !told.some(({ id }) => id === ring.id));
  const added = told.map((ring) => ({ ring, missed: isLate(ring) || ring.quiet }));
  const rung = [...ringing.rung, ...come.map(({ id, at }) => ({ id, at }))];
  return {
    answer: told.filter((ring) => !isLate(ring) && !ring.quiet),
    ringing: {
      until: now + 1,
      rung: rung.filter(({ at }) => at > now - TOLD).slice(-MOST),
      open: [...open, ...added].slice(-MOST),
      later: ringing.later.filter(({ at }) => at > now),
    },
  };
}

/** When to look next (epoch ms): at the next reminder, or half a day on. */
export function nextLook(
  { later, until, rung }: Ringing,
  workspace: Workspace,
  now: number,
  zone: Zone,
): number {
  const known = new Set(rung.map(({ id }) => id));
  const from = Math.min(until, now);
  const [next] = ringsIn(workspace, { from, to: now + AHEAD }, zone).filter(({ id }) => !known.has(id));
  return Math.min(now + AHEAD, next?.at ?? Infinity, ...later.map(({ at }) => at));
}

/** Reminders that have been answered are not shown any more. */
export function answered(ringing: Ringing, ids: ReadonlySet<string>): Ringing {
  return { ...ringing, open: ringing.open.filter(({ ring }) => !ids.has(ring.id)) };
}

/** A reminder rings once more at an instant. */
export function putOff(ringing: Ringing, id: string, at: number): Ringing {
  const found = ringing.open.find(({ ring }) => ring.id === id);
  if (!found) return ringing;
  const later = [...ringing.later, { ...found.ring, at, quiet: false }].slice(-MOST);
  return { ...answered(ringing, new Set([id])), later };
}

/** Whether what a reminder is about still stands as it did, and nobody has begun with it or is done. */
export function stillMatters(workspace: Workspace, { about, when }: Ring, now: number, zone: Zone): boolean {
  switch (about.kind) {
    case 'block': {
      const task = taskOf(workspace, about.taskId);
      const block = blockOf(workspace, about.blockId);
      const isOpen = task !== undefined && task.doneAt === null && !task.parked;
      return isOpen && block?.start === when && runningTask(workspace.entries) !== task.id;
    }
    case 'meeting': {
      const event = workspace.events.get(about.eventId);
      if (!event || event.cancelled || event.without.includes(about.recurrence)) return false;
      return occurrenceAt(event, about.recurrence, zone).from === when;
    }
    case 'due': {
      const task = taskOf(workspace, about.taskId);
      return task?.due != null && task.doneAt === null && deadlineOf(task.due, zone) === when;
    }
    case 'opening':
    case 'close':
      return about.date === dateOf(now, zone);
    case 'routine': {
      const routine = ownRoutinesOn(workspace, about.date).find(({ id }) => id === about.routineId);
      const left = linesLeft(workspace, routine?.lines ?? [], about.date);
      return left.length > 0 && about.date === dateOf(now, zone);
    }
  }
}
