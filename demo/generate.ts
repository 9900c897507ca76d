import { occurrencesOn } from '@/core/calendar/occurrences';
import { placeTask, planNewTask, putInTray } from '@/core/commands/plan';
import { addLink, attach } from '@/core/commands/attachments';
import { noteOn } from '@/core/commands/remarks';
import { addEntry, startTimer } from '@/core/commands/track';
import { editTask, tickOff } from '@/core/commands/tasks';
import type { Intention } from '@/core/model/plan';
import type { RepeatingTask } from '@/core/model/repeating';
import type { Task } from '@/core/model/task';
import { defaultSettings } from '@/core/model/settings';
import { workspaceOf, type Workspace } from '@/core/model/workspace';
import { newTask } from '@/core/tasks/newTask';
import { blocksIn, spanOfBlock } from '@/core/tasks/places';
import { pockets, quarterFrom } from '@/core/plan/placing';
import { MINUTE, lengthOf } from '@/core/time/span';
import { addDays, dateOf, dayOf, instantOf, weekdayOf, type IsoDate, type Zone } from '@/core/time/zone';
import {
  addressOf,
  again,
  categories,
  group,
  intended,
  lists,
  officeTasks,
  self,
  surprises,
  type OfficeTask,
} from './office';
import { at, CALENDAR, calendars, eventsAround, workingDay } from './calendars';
import { routines, withDays } from './days';
import { frames, holdsFrom, targets } from './frames';
import { withGoals } from './goals';
import { withNextWeek } from './nextWeek';
import { aside, filters, scratchNotes, templates, toolSteps } from './inbox';
import { randomFrom } from '@/core/random';
import { sealed, sealedBefore } from './seals';
import { withWeeksBefore } from './weeksBefore';

function toTask(
  { title, list, estimate, priority, due, dueAt, notes, category }: OfficeTask,
  i: number,
  today: IsoDate,
  now: number,
): Task {
  return {
    id: `task-${i}`,
    title,
    listId: list,
    estimate,
    priority: priority ?? 'normal',
    notes: notes ?? '',
    ...(category ? { category } : {}),
    rank: i,
    doneAt: null,
    createdAt: now - (14 - (i % 7)) * 24 * 60 * MINUTE,
    due: due === undefined ? null : { date: workingDay(today, due), time: dueAt ?? null },
  };
}

const intentions = (today: IsoDate): Intention[] =>
  intended.map(({ text, span }, rank) => ({
    id: `intention-${rank}`,
    text,
    span,
    date: today,
    doneAt: null,
    rank,
  }));

/** The task that comes again after it was done. */
const AGAIN = 'Clean up the sensor log';

/** The task that the demo shows with steps. */
const TOOLS = 'Volunteer day: tool list';

/** The tasks that come again each week, from the next Monday on. */
function repeating(today: IsoDate, zone: Zone): RepeatingTask[] {
  const monday = addDays(today, 8 - weekdayOf(today));
  return again.map(({ day, at: time, title, list, minutes }, i) => {
    const date = addDays(monday, time ? day - 7 : day);
    return {
      id: `again-${i}`,
      title,
      notes: '',
      listId: list,
      estimate: minutes,
      priority: 'normal',
      rank: officeTasks.length + i,
      start: time ? { wall: at(date, time), zone } : { wall: date, zone: null },
      minutes,
      rule: 'FREQ=WEEKLY',
      without: [],
      due: null,
    };
  });
}

/** Puts a task into the first pocket of a day that takes it, a short break after what is before it; else into the tray. */
function plan(workspace: Workspace, task: Task, date: IsoDate, zone: Zone, tray: boolean): Workspace {
  const minutes = task.estimate ?? 30;
  const pocket = pockets(workspace, date, zone, 0).find((free) => lengthOf(free) >= minutes);
  if (tray || !pocket) return putInTray.apply(workspace, { id: `tray-${task.id}`, taskId: task.id, date });
  const start = quarterFrom(pocket.from);
  return placeTask.apply(workspace, { id: `block-${task.id}`, taskId: task.id, start, minutes });
}

/** What the hearing of a day needs is tied to it. */
function tied(workspace: Workspace, date: IsoDate): Workspace {
  const neededBy = { eventId: `${CALENDAR}/hearing`, recurrence: at(date, '10:30') };
  const task = workspace.tasks.values().find(({ title }) => title === 'Hearing papers, two copies');
  return task ? editTask.apply(workspace, { id: task.id, neededBy }) : workspace;
}

/** A block of a day that holds a few small tasks. */
function smallTasks(workspace: Workspace, date: IsoDate, zone: Zone): Workspace {
  const { title, at: time, minutes, holds } = group;
  const start = instantOf(at(date, time), zone);
  const createdAt = start - 3 * 24 * 60 * MINUTE;
  const task = newTask({ id: 'group', title, listId: 'volunteers', estimate: minutes, createdAt });
  const held = workspace.tasks.values().flatMap((small) => (holds.includes(small.title) ? [small.id] : []));
  return planNewTask.apply(workspace, {
    task,
    block: { id: 'group', taskId: 'group', start, minutes, holds: held },
  });
}

/** What really happened on a day up to `now`: each thing in its order, with drift, some not begun, something unplanned. */
function live(workspace: Workspace, date: IsoDate, zone: Zone, now: number, random: () => number): Workspace {
  const day = dayOf(date, zone);
  const things = [
    ...occurrencesOn(workspace.events, date, zone)
      .filter(({ busy, allDay }) => busy && !allDay)
      .map(({ id, title, from, to }) => ({
        subject: { kind: 'event' as const, occurrence: id, title },
        from,
        to,
      })),
    ...blocksIn(workspace, day, zone).map((block) => ({
      subject: { kind: 'task' as const, taskId: block.taskId },
      ...spanOfBlock(block),
    })),
  ].sort((a, b) => a.from - b.from);
  const isPast = day.to <= now;
  let free = day.from;
  let lived = workspace;
  for (const [i, { subject, from, to }] of things.entries()) {
    const skipped = isPast && subject.kind === 'task' && random() < 0.14;
    const stretch = subject.kind === 'event' ? 0.95 + random() * 0.25 : 0.8 + random() * 0.6;
    const begin = Math.max(from + Math.round(random() * 5 - 1) * MINUTE, free);
    const end = begin + Math.max(5, Math.round(((to - from) / MINUTE) * stretch)) * MINUTE;
    if (skipped || begin >= now) continue;
    if (end > now) {
      lived = startTimer.apply(lived, {
        id: `entry-${date}-${i}`,
        subject,
        at: Math.max(begin, now - 25 * MINUTE),
      });
      break;
    }
    lived = addEntry.apply(lived, { id: `entry-${date}-${i}`, subject, from: begin, to: end });
    if (subject.kind === 'task') lived = tickOff.apply(lived, { id: subject.taskId, at: end });
    free = end;
  }
  const surprise = surprises[Math.floor(random() * surprises.length)] ?? 'Call';
  if (!isPast || random() < 0.3) return lived;
  const minutes = Math.round(15 + random() * 50);
  // on days off nothing comes up
  if (things.length === 0) return lived;
  return addEntry.apply(lived, {
    id: `entry-${date}-other`,
    subject: { kind: 'other', title: surprise },
    from: free,
    to: free + minutes * MINUTE,
  });
}

/** The gauge readings of the week are attached to what is made of them. */
function withReadings(workspace: Workspace, now: number): Workspace {
  const task = workspace.tasks.values().find(({ title }) => title === 'Grant report, section 2');
  const text = 'day,level in cm\r\nMon,41\r\nTue,44\r\nWed,52\r\nThu,47\r\nFri,43\r\n';
  const file = {
    id: 'readings',
    name: 'gauge readings.csv',
    type: 'text/csv',
    size: text.length,
    addedAt: now,
  };
  return task
    ? attach.apply(workspace, {
        files: [{ ...file, of: { kind: 'task', taskId: task.id }, data: btoa(text) }],
      })
    : workspace;
}

/** The gauges can be looked up, and the sensors are cleaned again so long after they were. */
function withLinks(workspace: Workspace, now: number): Workspace {
  const task = workspace.tasks.values().find(({ title }) => title === 'Grant report, section 2');
  const pump = workspace.tasks.values().find(({ title }) => title === AGAIN);
  const weeks = { every: 2, unit: 'week' } as const;
  const again = pump ? editTask.apply(workspace, { id: pump.id, again: weeks }) : workspace;
  const address = 'https://gauges.river.example/reach-4';
  const link = { id: 'gauges', address, name: 'Gauge data of reach 4', addedAt: now };
  return task ? addLink.apply(again, { ...link, of: { kind: 'task', taskId: task.id } }) : again;
}

/** What was noted in a meeting of the day that has ended, the first of it that takes time. */
function noted(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Workspace {
  const meeting = occurrencesOn(workspace.events, date, zone).find(({ busy, to }) => busy && to <= now);
  const text = 'Bram has the boat until Thursday.\n\n- [ ] ask him for the **long rope**\n- [x] tell Ines';
  return meeting ? noteOn.apply(workspace, { meeting, text }) : workspace;
}

/**
 * The demo office as a workspace: two weeks around the day of `now`, meetings, tasks, blocks, what really happened up to
 * `now` (epoch ms), and eight weeks before that to look back on. The same seed, instant and zone give the same office.
 */
export function demoWorkspace({ seed, now, zone }: { seed: number; now: number; zone: Zone }): Workspace {
  const random = randomFrom(seed);
  const today = dateOf(now, zone);
  const tasks = officeTasks.map((task, i) => toTask(task, i, today, now));
  const inSteps = tasks.map((task) => (task.title === TOOLS ? { ...task, steps: toolSteps(now) } : task));
  const contents = {
    lists,
    categories,
    frames,
    frameHolds: holdsFrom(today),
    targets,
    tasks: [...inSteps, ...aside(now, zone, tasks.length)],
    templates,
    scratch: scratchNotes(now, zone),
    calendars,
    events: eventsAround(today, zone),
    repeats: repeating(today, zone),
    intentions: intentions(today),
  };
  let workspace = workspaceOf(contents, {
    ...defaultSettings,
    filters,
    routines,
    addresses: [addressOf(self)],
  });
  workspace = tied(workspace, workingDay(today, 1));
  officeTasks.forEach(({ on, tray }, i) => {
    const task = tasks[i];
    if (task && on !== undefined)
      workspace = plan(workspace, task, workingDay(today, on), zone, tray ?? false);
  });
  workspace = smallTasks(workspace, workingDay(today, 2), zone);
  for (let back = 9; back >= 0; back -= 1)
    workspace = live(workspace, addDays(today, -back), zone, now, random);
  workspace = withWeeksBefore(workspace, today, zone, seed);
  workspace = withDays(workspace, today, zone, now, random);
  workspace = sealedBefore(workspace, today, zone);
  workspace = withGoals(workspace, today, zone);
  workspace = withNextWeek(workspace, today, now);
  return withLinks(withReadings(noted(sealed(workspace, today, zone), today, zone, now), now), now);
}
