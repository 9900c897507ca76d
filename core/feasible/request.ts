import type { Occurrence } from '../calendar/occurrences';
import type { Due } from '../model/task';
import type { Workspace } from '../model/workspace';
import { roomWithout } from '../plan/room';
import { newTask } from '../tasks/newTask';
import { overlaps } from '../time/span';
import { dateOf, type Zone } from '../time/zone';
import { roomBetween, shortBy } from './demand';
import { feasible, type Tight } from './feasible';
import { mendsOf, type Change, type Mend } from './mends';

/** A stretch that is short of more because of something, with by how many minutes. */
export type ShorterBy = { readonly tight: Tight; readonly more: number };

/** What a meeting takes from what is due: the stretches that are short of more with it than without it, in order. */
export function shortBecauseOf(
  workspace: Workspace,
  meeting: Pick<Occurrence, 'id' | 'from' | 'to'>,
  zone: Zone,
  now: number,
): ShorterBy[] {
  const { tight, needs, days } = feasible(workspace, zone, now);
  const without = days.map((room) =>
    overlaps(room.day, meeting)
      ? roomWithout(workspace, dateOf(room.day.from, zone), meeting.id, zone, now)
      : room,
  );
  const before = shortBy(needs, roomBetween(without));
  return tight
    .map((one) => ({ tight: one, more: Math.round(one.short - (before.get(one.to) ?? 0)) }))
    .filter(({ more }) => more > 0);
}

/** What is asked for, as a task that stands nowhere. */
const ASKED = 'asked for';

const isOfAsked = (change: Change): boolean => 'task' in change && change.task.id === ASKED;

/** What of what stands could make way for work that is asked for until a due date, each change tried; none where it fits as it is. */
export function makingRoom(
  workspace: Workspace,
  { title, minutes, due }: { readonly title: string; readonly minutes: number; readonly due: Due },
  zone: Zone,
  now: number,
): Mend[] {
  const task = {
    ...newTask({ id: ASKED, title, listId: '', estimate: minutes, createdAt: now }),
    due,
    rank: 0,
  };
  const asked = { ...workspace, tasks: workspace.tasks.with([task]) };
  const found = feasible(asked, zone, now);
  const tight = found.tight.find(({ needs }) => needs.some((need) => need.task.id === ASKED));
  return tight ? mendsOf(asked, found, tight, zone, now).filter(({ change }) => !isOfAsked(change)) : [];
}
