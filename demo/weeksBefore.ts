import { occurrencesOn } from '@/core/calendar/occurrences';
import type { Block, Subject, TimeEntry } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import type { Workspace } from '@/core/model/workspace';
import { newTask } from '@/core/tasks/newTask';
import { DAY, MINUTE, subtract, type Span } from '@/core/time/span';
import { addDays, instantOf, weekdayOf, type IsoDate, type Zone } from '@/core/time/zone';
import { randomFrom } from '@/core/random';

/* Eight weeks of work before the last days, with habits that show when one looks back. */

type Work = { title: string; list: string; category?: string; minutes: number };

/** What the office does week by week; on each day some of it, turn about. */
const works: readonly Work[] = [
  { title: 'Transect notes', list: 'surveys', category: 'Fieldwork', minutes: 75 },
  { title: 'Annex for the county', list: 'grants', category: 'Writing', minutes: 90 },
  { title: 'Letters to owners', list: 'permits', category: 'Permits', minutes: 45 },
  { title: 'Sorting samples', list: 'surveys', category: 'Fieldwork', minutes: 60 },
  { title: 'Text for the leaflet', list: 'volunteers', category: 'Writing', minutes: 60 },
  { title: 'Consent forms', list: 'permits', category: 'Permits', minutes: 60 },
  { title: 'Photo points', list: 'surveys', category: 'Fieldwork', minutes: 90 },
  { title: 'Funder’s questions', list: 'grants', category: 'Writing', minutes: 75 },
  { title: 'Rota of helpers', list: 'volunteers', minutes: 45 },
];

/** How long what is planned really takes, by its category: writing runs over, forms are quick. */
const pace: Record<string, number> = { Writing: 1.45, Fieldwork: 1.05, Permits: 0.8 };

/** What comes in between, on Tuesdays and Thursdays. */
const callers = ['Flood warning read out', 'Angler on the phone', 'Printer jam'];

/** The first and the last day, counted from today. */
const FROM = 66;
const TO = 10;

/** So many things of work a day. */
const A_DAY = 3;

/** What of a day was planned and what became of it. */
function dayBefore(workspace: Workspace, date: IsoDate, zone: Zone, place: number, random: () => number) {
  const hour = (time: string) => instantOf(`${date}T${time}`, zone);
  const meetings = occurrencesOn(workspace.events, date, zone).filter(({ busy, allDay }) => busy && !allDay);
  const free = subtract(
    [{ from: hour('09:30'), to: hour('17:00') }],
    [{ from: hour('12:30'), to: hour('13:15') }, ...meetings],
  );
  const weekday = weekdayOf(date);
  const tasks: Task[] = [];
  const blocks: Block[] = [];
  const entries: TimeEntry[] = [];
  const record = (subject: Subject, { from, to }: Span) =>
    entries.push({ id: `before-${date}-${entries.length}`, subject, from, to });
  let begins = hour('09:30');
  for (let i = 0; i < A_DAY; i += 1) {
    const work = works[(place * A_DAY + i) % works.length];
    if (!work) continue;
    const room = free.find(({ from, to }) => to - Math.max(from, begins) >= work.minutes * MINUTE);
    if (!room) continue;
    const start = Math.max(room.from, begins);
    const id = `before-${date}-${i}`;
    const isBegun = random() > 0.12;
    const slow = (pace[work.category ?? ''] ?? 1) * (0.85 + random() * 0.3);
    const late = weekday === 1 ? 12 : Math.round(random() * 6);
    const from = start + late * MINUTE;
    // on Mondays everything takes longer
    const to = from + Math.round(work.minutes * slow * (weekday === 1 ? 1.25 : 1)) * MINUTE;
    const { title, list: listId, category, minutes } = work;
    tasks.push({
      ...newTask({ id, title, listId, estimate: minutes, createdAt: start - 3 * DAY }),
      ...(category ? { category } : {}),
      rank: -1,
      // what was not begun was done a week later, without the timer
      doneAt: isBegun ? to : hour('17:00') + 7 * DAY,
    });
    blocks.push({ id, taskId: id, start, minutes });
    if (isBegun) record({ kind: 'task', taskId: id }, { from, to });
    begins = start + (minutes + 15) * MINUTE;
    if (isBegun) begins = Math.max(begins, to);
  }
  for (const { id, title, from, to } of meetings)
    record(
      { kind: 'event', occurrence: id, title },
      { from, to: to + Math.round(random() * 12 - 2) * MINUTE },
    );
  const caller = callers[place % callers.length];
  if (caller && (weekday === 2 || weekday === 4))
    record(
      { kind: 'other', title: caller },
      { from: hour('16:05'), to: hour('16:05') + (20 + Math.round(random() * 25)) * MINUTE },
    );
  return { tasks, blocks, entries };
}

/** The workspace with the eight weeks before the last days of `today`; a day off now and then has no record. */
export function withWeeksBefore(workspace: Workspace, today: IsoDate, zone: Zone, seed: number): Workspace {
  const random = randomFrom(seed + 1);
  const dates = Array.from({ length: FROM - TO + 1 }, (_, i) => addDays(today, i - FROM)).filter(
    (date) => weekdayOf(date) <= 5,
  );
  const days = dates
    .filter((_, i) => i % 17 !== 11)
    .map((date, place) => dayBefore(workspace, date, zone, place, random));
  return {
    ...workspace,
    tasks: workspace.tasks.with(days.flatMap(({ tasks }) => tasks)),
    blocks: workspace.blocks.with(days.flatMap(({ blocks }) => blocks)),
    entries: workspace.entries.with(days.flatMap(({ entries }) => entries)),
  };
}
