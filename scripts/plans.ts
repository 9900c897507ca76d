import { habitsIn } from '@/core/estimates/told';
import { feasible } from '@/core/feasible/feasible';
import { EFFORTS } from '@/core/fit/effort';
import { fit } from '@/core/fit/proposal';
import { chancesOf } from '@/core/forecast/chances';
import { dayEndsOf } from '@/core/forecast/dayEnd';
import { promiseOf } from '@/core/forecast/promise';
import { firstFrame } from '@/core/model/firstFrame';
import type { Task } from '@/core/model/task';
import { firstList, workspaceOf } from '@/core/model/workspace';
import { randomFrom } from '@/core/random';
import { newTask } from '@/core/tasks/newTask';
import { addDays, datesFrom, instantOf } from '@/core/time/zone';
import { atOnce, type Working } from '@/core/working';
import { demoWorkspace } from '@/demo/generate';

/** What `benchPlans.ts` has done within Chromium, with its own Temporal: how long plans and forecasts take, in milliseconds. */

const zone = 'Europe/London';
const today = '2026-11-24';
const now = instantOf(`${today}T09:00`, zone);

/** Tasks of a quarter hour to two hours, each due on one of so many days. */
function office(count: number, days: number) {
  const random = randomFrom(count);
  const tasks = Array.from({ length: count }, (_, i): Task => {
    const estimate = 15 * (1 + Math.floor(8 * random()));
    const due = { date: addDays(today, Math.floor(days * random())), time: null };
    const made = newTask({ id: `${i}`, title: `${i}`, listId: firstList.id, createdAt: 0, estimate, due });
    return { ...made, rank: i };
  });
  return workspaceOf({ frames: [firstFrame()], tasks });
}

const timed = (work: () => unknown): number => {
  const began = performance.now();
  work();
  return Math.round(performance.now() - began);
};

/** How long the whole takes, and the longest piece of it after which others have their turn. */
function pieces(working: Working<unknown>) {
  let longest = 0;
  const all = timed(() => {
    for (let isDone = false; !isDone;)
      longest = Math.max(
        longest,
        timed(() => (isDone = working.next().done === true)),
      );
  });
  return { all, longest };
}

const found: Record<string, unknown> = {};
for (const [count, days] of [
  [60, 6],
  [500, 56],
] as const) {
  const workspace = office(count, days);
  const until = instantOf(`${addDays(today, days)}T00:00`, zone);
  const asked = { zone, now, until, tasks: null, out: [], held: [], spare: 0.15, mends: false };
  const times = Array.from({ length: EFFORTS }, (_, effort) => pieces(fit(workspace, { asked, effort })));
  found[`${count} tasks over ${days} days, each effort`] = times;
  found[`does it fit, ${count} tasks`] = timed(() => feasible({ ...workspace }, zone, now));
}
const demo = demoWorkspace({ seed: 7, now, zone });
const habits = atOnce(habitsIn(demo, { zone, now }));
const means = { habits, zone, now, seed: 1 };
const request = { title: 'Map', minutes: 120, by: null, category: null, sittings: null };
found['the ends of six days, 10,000 runs each'] = pieces(
  dayEndsOf(demo, { ...means, dates: datesFrom(today, 6) }),
);
found['the chances of deadlines, 1,000 runs'] = pieces(chancesOf(demo, means));
found['what can be promised, 200 runs'] = pieces(promiseOf(demo, { ...means, request }));
document.title = JSON.stringify(found);
