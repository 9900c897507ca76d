import { plainEvent, type CalendarEvent } from '@/core/model/event';
import type { Block, Subject, TimeEntry } from '@/core/model/plan';
import type { Priority, Task } from '@/core/model/task';
import { workspaceOf, type Workspace } from '@/core/model/workspace';
import { newTask } from '@/core/tasks/newTask';
import { MINUTE } from '@/core/time/span';
import { addDays, dateOf, dayOf, type IsoDate, type Zone } from '@/core/time/zone';
import { lists, officeTasks, surprises } from './office';
import { randomFrom } from '@/core/random';

const rules = [
  'FREQ=DAILY',
  'FREQ=WEEKLY',
  'FREQ=WEEKLY;BYDAY=MO,WE,FR',
  'FREQ=WEEKLY;INTERVAL=2',
  'FREQ=MONTHLY;BYDAY=-1FR',
  'FREQ=MONTHLY;BYMONTHDAY=15',
  'FREQ=YEARLY',
];

/** How much of everything a working life of `days` holds, beside its repeating series. */
const perDay = { tasks: 20_000 / 3650, entries: 60_000 / 3650, blocks: 15_000 / 3650 };

type Size = { readonly seed: number; readonly now: number; readonly zone: Zone; readonly days: number };

/**
 * A large workspace that ends at `now`: in ten years (3,650 days) 20,000 tasks, 60,000 time entries and 15,000 blocks;
 * always 300 repeating series in 4 calendars. The last day is the same whatever `days` is, so that long and short
 * histories can be compared.
 */
export function longHistory({ seed, now, zone, days }: Size): Workspace {
  const today = dateOf(now, zone);
  const tasks: Task[] = [];
  const blocks: Block[] = [];
  const entries: TimeEntry[] = [];
  for (let back = 0; back < days; back += 1) {
    const random = randomFrom(seed + back);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] ?? (list[0] as T); // no list below is empty
    const share = (amount: number) => Math.floor((back + 1) * amount) - Math.floor(back * amount);
    const morning = dayOf(addDays(today, -back), zone).from + 8 * 60 * MINUTE;
    const ids = Array.from({ length: share(perDay.tasks) }, (_, i) => `t${back}-${i}`);
    for (const id of ids)
      tasks.push(someTask(id, morning, back === 0 ? null : morning + 9 * 60 * MINUTE, random));
    for (let i = 0; i < share(perDay.blocks); i += 1) {
      blocks.push({
        id: `b${back}-${i}`,
        taskId: pick(ids),
        start: morning + i * 105 * MINUTE,
        minutes: 60,
      });
    }
    for (let i = 0; i < share(perDay.entries); i += 1) {
      const from = morning + i * 30 * MINUTE;
      const subject: Subject =
        random() < 0.2 ? { kind: 'other', title: pick(surprises) } : { kind: 'task', taskId: pick(ids) };
      entries.push({ id: `e${back}-${i}`, subject, from, to: from + 25 * MINUTE });
    }
  }
  const calendars = ['Office', 'Field crew', 'Board', 'Ines'].map((name) => ({
    id: name,
    name,
    source: `${name}.ics`,
    hue: 'slate' as const,
    kept: [],
  }));
  return workspaceOf({
    lists,
    tasks,
    blocks,
    entries,
    calendars,
    events: series(
      addDays(today, -days),
      calendars.map(({ id }) => id),
      zone,
      randomFrom(seed),
    ),
  });
}

/** The same with very many open tasks beside its own, each due on some day of the coming year or without a date. */
export function withOpenTasks(workspace: Workspace, count: number, seed: number, today: IsoDate): Workspace {
  const random = randomFrom(seed);
  const open = Array.from({ length: count }, (_, i): Task => {
    const due = random() < 0.3 ? { date: addDays(today, 1 + Math.floor(random() * 365)), time: null } : null;
    return { ...someTask(`open-${i}`, i, null, random), due };
  });
  return { ...workspace, tasks: workspace.tasks.with(open) };
}

function someTask(id: string, createdAt: number, doneAt: number | null, random: () => number): Task {
  const like = officeTasks[Math.floor(random() * officeTasks.length)];
  const words = { title: like?.title ?? 'Survey', listId: like?.list ?? 'surveys' };
  const priority: Priority = random() < 0.1 ? 'high' : 'normal';
  const estimate = like?.estimate ?? null;
  return { ...newTask({ id, createdAt, ...words, estimate, priority, doneAt }), rank: createdAt };
}

function series(
  begin: IsoDate,
  calendarIds: readonly string[],
  zone: Zone,
  random: () => number,
): CalendarEvent[] {
  return Array.from({ length: 300 }, (_, i) => {
    const calendarId = calendarIds[i % calendarIds.length] ?? '';
    const hour = String(8 + Math.floor(random() * 9)).padStart(2, '0');
    return {
      id: `${calendarId}/s${i}`,
      calendarId,
      uid: `s${i}`,
      ...plainEvent,
      title: `Series ${i}`,
      start: { wall: `${addDays(begin, Math.floor(random() * 28))}T${hour}:00:00`, zone },
      length: { days: 0, seconds: 1800 },
      busy: random() < 0.5,
      rule: rules[i % rules.length] ?? null,
    };
  });
}
