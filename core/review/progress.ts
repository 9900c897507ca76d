import type { Workspace } from '../model/workspace';
import { runningStretch, workLeft } from '../plan/bend/late';
import { reflow } from '../plan/bend/reflow';
import { dayPlan, trayMinutes } from '../plan/dayPlan';
import { spanOfBlock, taskOf } from '../tasks/places';
import { minutesSpent } from '../track/spent';
import { daysOfWeek } from '../time/week';
import { dateOf, type IsoDate, type Zone } from '../time/zone';

/** How much of the work that was planned is done, and how much is left, in whole minutes. */
export type Progress = { readonly done: number; readonly left: number };

/**
 * How far the planned work of a day is: blocks of tasks that are done count whole, of others what was spent on them since
 * they began; what lies in the tray counts by its estimate.
 */
export function dayProgress(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Progress {
  const { blocks, tray } = dayPlan(workspace, date, zone);
  const parts = [
    ...blocks.map((block) => ({ ...block, open: workLeft(workspace, block, now) })),
    ...tray.map(({ taskId }) => {
      const minutes = trayMinutes(workspace, taskId);
      const spent = Math.floor(minutesSpent(workspace.entries, taskId, now));
      return { taskId, minutes, open: Math.max(0, minutes - spent) };
    }),
  ];
  const sum = { done: 0, left: 0 };
  for (const { taskId, minutes, open } of parts) {
    const left = taskOf(workspace, taskId)?.doneAt === null ? open : 0;
    sum.done += minutes - left;
    sum.left += left;
  }
  return sum;
}

/** How far the planned work of a week is; `date` is any day of it. */
export function weekProgress(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Progress {
  const days = daysOfWeek(date, workspace.settings.weekStart).map((day) =>
    dayProgress(workspace, day, zone, now),
  );
  return days.reduce((sum, { done, left }) => ({ done: sum.done + done, left: sum.left + left }), {
    done: 0,
    left: 0,
  });
}

/** By when what is left of today ends (epoch ms), and how much of it does not fit, in minutes. */
export type Rest = { readonly ends: number; readonly over: number };

/**
 * When what is left of today ends if it moves along from now on, meetings included; undefined when nothing is left. What
 * no longer fits the day is not in it.
 */
export function restOfDay(workspace: Workspace, zone: Zone, now: number): Rest | undefined {
  const date = dateOf(now, zone);
  const plan = dayPlan(workspace, date, zone);
  const { moved, over } = reflow(workspace, { date, zone, now, bend: { kind: 'late' }, held: new Set() });
  const elsewhere = new Set([...moved, ...over].map(({ block }) => block.id));
  const staying = plan.blocks.filter(
    (block) => !elsewhere.has(block.id) && workLeft(workspace, block, now) > 0,
  );
  const open = staying.filter(({ taskId }) => taskOf(workspace, taskId)?.doneAt === null);
  const running = runningStretch(workspace, zone, now);
  const spans = [
    ...moved.map(spanOfBlock),
    ...open.map(spanOfBlock),
    ...plan.meetings.filter(({ busy }) => busy),
    ...(running ? [running.span] : []),
  ];
  const ends = spans.reduce((latest, { to }) => Math.max(latest, to), now);
  const left = over.reduce((sum, { minutes }) => sum + minutes, 0);
  return ends === now && left === 0 ? undefined : { ends, over: left };
}
