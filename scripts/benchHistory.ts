import { applyChanges, changesAt, changesBetween } from '@/core/commands/changes';
import { moveBlock } from '@/core/commands/plan';
import { editTask } from '@/core/commands/tasks';
import { addEntry } from '@/core/commands/track';
import type { Workspace } from '@/core/model/workspace';
import { readCalendar } from '@/core/formats/readCalendar';
import { readWorkspaceFile, writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { writeCalendar } from '@/core/formats/writeCalendar';
import { plainEvent } from '@/core/model/event';
import { sealWeek } from '@/core/commands/seals';
import { dayPlan } from '@/core/plan/dayPlan';
import { dayShares, sumOfShares } from '@/core/plan/left';
import { sealOf } from '@/core/plan/sealing';
import { sinceSeal } from '@/core/plan/sinceSeal';
import { standings } from '@/core/plan/targets';
import { weekCuts } from '@/core/review/cuts';
import { daysOfWeek } from '@/core/time/week';
import { ledger } from '@/core/review/ledger';
import { addDays, dayOf, instantOf } from '@/core/time/zone';
import { findTasks } from '@/core/tasks/find';
import { toPlace } from '@/core/tasks/toPlace';
import { longHistory, withOpenTasks } from '@/demo/tenYears';
import { assemble, changedPartitions, contentOf } from '@/state/partitions';

/** What ten years of data cost against one month, on the same days and the same edits. */

const zone = 'Europe/London';
const today = '2026-11-24';
const now = instantOf(`${today}T18:00`, zone);
const histories = {
  month: longHistory({ seed: 7, now, zone, days: 30 }),
  years: longHistory({ seed: 7, now, zone, days: 3650 }),
};

const median = (list: number[]) => list.sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
function time(work: () => unknown): number {
  const began = performance.now();
  work();
  return performance.now() - began;
}

/** Days that nobody has looked at yet, one after the other; the first builds the indexes. */
const openDays = (workspace: Workspace) =>
  median(
    Array.from({ length: 14 }, (_, i) => {
      const date = addDays(today, -i);
      return time(() => [dayPlan(workspace, date, zone), ledger(workspace, dayOf(date, zone), zone, now)]);
    }),
  );

/** The first day after the start: nothing has been indexed or expanded yet. */
const firstDay = (workspace: Workspace) =>
  median(
    Array.from({ length: 7 }, () => {
      const fresh = assemble(structuredClone(kept.get(workspace) ?? {})).workspace;
      return time(() => [dayPlan(fresh, today, zone), ledger(fresh, dayOf(today, zone), zone, now)]);
    }),
  );

/** What a week says of itself: what is left, its targets, what has come since its seal, how meetings cut it up; no week twice. */
const weekFigures = (workspace: Workspace) =>
  median(
    Array.from({ length: 9 }, (_, i) => {
      const week = addDays('2026-11-23', -7 * i);
      const sealed = sealWeek.apply(workspace, { seal: sealOf(workspace, week, zone, now), today: week });
      const seal = sealed.seals.get(week);
      // the days have been looked at by then, as the week is shown
      const days = daysOfWeek(week, 1);
      days.forEach((date) => dayPlan(sealed, date, zone));
      return time(() => [
        sumOfShares(days.map((date) => dayShares(sealed, date, zone))),
        standings(sealed, week, zone, now),
        seal && sinceSeal(sealed, seal, zone),
        weekCuts(sealed, week, zone),
      ]);
    }),
  );

const edits = (workspace: Workspace) => [
  moveBlock.apply(workspace, { id: 'b0-0', start: now }),
  addEntry.apply(workspace, {
    id: 'new',
    subject: { kind: 'other', title: 'Pump' },
    from: now,
    to: now + 60_000,
  }),
];
const bytes = (workspace: Workspace) =>
  edits(workspace).reduce((sum, after) => {
    const parts = changedPartitions(workspace, after);
    return sum + parts.reduce((size, part) => size + JSON.stringify(contentOf(after, part)).length, 0);
  }, 0);
const editTime = (workspace: Workspace) =>
  median(
    Array.from({ length: 9 }, () =>
      time(() => edits(workspace).map((after) => changesBetween(workspace, after))),
    ),
  );

const stored = (workspace: Workspace) =>
  Object.fromEntries(changedPartitions(null, workspace).map((part) => [part, contentOf(workspace, part)]));

const kept = new Map(Object.values(histories).map((workspace) => [workspace, stored(workspace)]));

const rows: [string, (workspace: Workspace) => number, string][] = [
  ['the first day', firstDay, 'ms'],
  ['opening a day', openDays, 'ms'],
  ['the figures of a week', weekFigures, 'ms'],
  ['bytes written, two edits', bytes, 'bytes'],
  ['two edits', editTime, 'ms'],
  ['validated load', (workspace) => time(() => assemble(kept.get(workspace) ?? {})), 'ms'],
];
for (const [name, measure, unit] of rows) {
  const [month, years] = [measure(histories.month), measure(histories.years)];
  console.log(
    `${name}: one month ${month.toFixed(1)} ${unit}, ten years ${years.toFixed(1)} ${unit}, ratio ${(years / month).toFixed(2)}`,
  );
}

/** Twenty thousand open tasks beside the ten years: one is renamed, those that need a place are found and searched. */
const many = withOpenTasks(histories.years, 20_000, 7, today);
const rename = () => {
  const after = editTask.apply(many, { id: 'open-777', title: 'Sort the samples' });
  const changes = changesAt(many, after, now);
  const next = applyChanges(after, changes);
  return changedPartitions(many, next).map((part) => JSON.stringify(contentOf(next, part)));
};
const repeated = (work: () => unknown) => median(Array.from({ length: 9 }, () => time(work)));
const waiting = toPlace(many, today, zone, now);
const someOpen = waiting.slice(0, 1);
console.log(
  `renaming one of ${many.tasks.size - histories.years.tasks.size} open tasks: ${repeated(rename).toFixed(1)} ms, ${rename().join('').length} bytes`,
);
console.log(
  `finding the ${waiting.length} that need a place: ${repeated(() => toPlace({ ...many, tasks: many.tasks.with(someOpen) }, today, zone, now)).toFixed(1)} ms, searching them: ${repeated(() => findTasks(waiting, many, 'gravel', null)).toFixed(1)} ms`,
);

/** Files: a calendar of 1,500 events and a megabyte, and the whole of ten years as one file. */
const calendarText = writeCalendar(
  [
    {
      name: 'Gauges',
      kept: [],
      color: null,
      tasks: [],
      blocks: [],
      events: Array.from({ length: 1500 }, (_, i) => ({
        ...plainEvent,
        id: `e${i}`,
        calendarId: 'c',
        uid: `e${i}`,
        title: `Gauge ${i}`,
        notes: 'level and flow '.repeat(36),
        start: { wall: `${addDays('2026-01-01', i % 365)}T09:00:00`, zone },
        length: { days: 0, seconds: 1800 },
      })),
    },
  ],
  { zone, now },
);
const workspaceText = writeWorkspaceFile(histories.years);
const files: [string, string, () => unknown][] = [
  ['reading a calendar of 1,500 events', calendarText, () => readCalendar(calendarText, zone)],
  ['writing ten years as one file', workspaceText, () => writeWorkspaceFile(histories.years)],
  ['reading ten years from one file', workspaceText, () => readWorkspaceFile(workspaceText)],
];
for (const [name, text, work] of files) {
  console.log(`${name} (${(text.length / 1e6).toFixed(1)} MB): ${time(work).toFixed(0)} ms`);
}
