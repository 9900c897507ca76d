import { usualList } from '@/core/tasks/lists';
import { placeTask, planNewTask } from '@/core/commands/plan';
import { roomFor, type Standing } from '@/core/plan/targets';
import { STEP, quarterFrom } from '@/core/plan/placing';
import { newTask } from '@/core/tasks/newTask';
import { toPlace } from '@/core/tasks/toPlace';
import { lengthOf } from '@/core/time/span';
import { daysOfWeek } from '@/core/time/week';
import { durationWords, momentWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** The longest block that is placed in one go, in minutes. */
const LONGEST = 180;

/**
 * Places what is missing to a target in the first stretch of the week that is meant for it and long enough, else in the
 * longest: on the most pressing task of the category that waits, or on a new one.
 */
export function planMissing({ target, short }: Standing, week: string): void {
  const { zone, now } = here();
  const workspace = currentWorkspace();
  const { category } = target;
  const dates = daysOfWeek(week, workspace.settings.weekStart);
  const room = roomFor(workspace, { category, listId: '' }, dates, zone, now)
    .map(({ from, to }) => ({ from: quarterFrom(from), to }))
    .filter((span) => lengthOf(span) >= STEP);
  const wanted = Math.min(short, LONGEST);
  const place =
    room.find((span) => lengthOf(span) >= wanted) ?? room.toSorted((a, b) => lengthOf(b) - lengthOf(a))[0];
  if (!place) return void store.say('No stretch of this week is free for it any more.', 'problem');
  const minutes = Math.min(wanted, Math.floor(lengthOf(place) / STEP) * STEP);
  const hours = { id: newId(), start: place.from, minutes };
  const when = momentWords(place.from, zone, workspace.settings);
  const words = (title: string) => `${title}: ${when}, ${durationWords(minutes)}`;
  const waiting = toPlace(workspace, dateOf(now, zone), zone, now).find((task) => task.category === category);
  if (waiting) return void store.run(placeTask, { ...hours, taskId: waiting.id }, words(waiting.title));
  const list = usualList(workspace);
  const title = workspace.categories.get(category)?.name ?? 'Work';
  const taskId = newId();
  const task = newTask({ id: taskId, title, category, listId: list.id, estimate: minutes, createdAt: now });
  store.run(planNewTask, { task, block: { ...hours, taskId } }, words(title));
}
