import type { Page } from 'puppeteer-core';
import type { Workspace } from '@/core/model/workspace';
import { longHistory, withOpenTasks } from '@/demo/tenYears';
import { openPage, openStage, type Stage } from '../e2e/browser';
import { realTime, pressText, settled } from '../e2e/steps';
import { bringIn, median, now, startOf, watchFirstDay, zone } from './benchParts';
import { editTimes, scrollFrames } from './benchTable';
import { dragFrames, paintFrames, weekTurns, type Frames } from './benchWeek';

/** What a person waits for in the exported application in Chromium, with ten years of data and with one month. */

const RUNS = 5;
const ROUNDS = 5;

/** Opens a page with a workspace and measures how it starts. */
async function load(stage: Stage, name: string, workspace: Workspace) {
  const { page } = await openPage(stage, { space: name, at: '/settings' });
  const read = await bringIn(page, name, workspace);
  await watchFirstDay(page);
  const starts: number[] = [];
  for (let i = 0; i < RUNS; i += 1) starts.push(await startOf(page, stage, name));
  await page.goto(`${stage.address}/plan?view=week`);
  await settled(page);
  return { page, read, start: median(starts), turns: [] as number[] };
}
type Loaded = Awaited<ReturnType<typeof load>>;

/** Measures painting on the frame, as the processor is and slowed four times. */
async function painting(stage: Stage, page: Page) {
  await page.goto(`${stage.address}/frame`);
  await settled(page);
  const frames = await paintFrames(page);
  await page.emulateCPUThrottling(4);
  const slow = await paintFrames(page);
  await page.emulateCPUThrottling(1);
  return { 'as it is': frames, 'slowed four times': slow };
}

/** Measures dragging, painting and memory, and closes the page. */
async function finish(stage: Stage, { page, read, start, turns }: Loaded) {
  await page.bringToFront();
  await page.goto(`${stage.address}/plan?view=week&day=2026-11-24`);
  await settled(page);
  const frames = await dragFrames(page);
  await page.emulateCPUThrottling(4);
  const slow = await dragFrames(page);
  await page.emulateCPUThrottling(1);
  const painted = await painting(stage, page);
  const devtools = await page.createCDPSession();
  await devtools.send('HeapProfiler.collectGarbage');
  const { JSHeapUsedSize = 0 } = await page.metrics();
  await page.browserContext().close();
  return { start, memory: JSHeapUsedSize / 1e6, read, week: median(turns), frames, slow, painted };
}

/** Milliseconds from doing something until the page is `ready`, and the frame after that is drawn. */
const until = async (page: Page, act: () => Promise<unknown>, ready: () => boolean) => {
  const began = performance.now();
  await act();
  await page.waitForFunction(ready, { polling: 'mutation' });
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn))));
  return performance.now() - began;
};

/** What is waited for with twenty thousand open tasks: the tasks place, the tasks to place, and a search in them. */
async function openTasks(stage: Stage, workspace: Workspace) {
  const { page } = await load(stage, 'many', workspace);
  const times: Record<string, number[]> = { tasks: [], pane: [], search: [] };
  for (let i = 0; i < RUNS; i += 1) {
    times.tasks?.push(
      await until(
        page,
        () => page.click('[aria-label="Tasks"]'),
        () => document.querySelector('[aria-label^="Move "]') !== null,
      ),
    );
    times.pane?.push(
      await until(
        page,
        () => page.click('[aria-label="Plan"]'),
        () => document.querySelector('[aria-label^="To place: "]') !== null,
      ),
    );
    const field = '[aria-label="Search tasks and lists"]';
    await page.focus(field);
    times.search?.push(
      await until(
        page,
        () => page.keyboard.sendCharacter('gravel'),
        () =>
          [...document.querySelectorAll('[aria-label^="To place: "]')].every(({ ariaLabel }) =>
            ariaLabel?.includes('gravel'),
          ),
      ),
    );
    await page.click(field, { count: 3 });
    await page.keyboard.press('Backspace');
  }
  const table = await tableFigures(page);
  await page.browserContext().close();
  console.log(`table of 20,000 tasks: ${framesWords(table.frames)}; an edit ${table.edit.toFixed(0)} ms`);
  for (const [name, list] of Object.entries(times))
    console.log(`20,000 open tasks, ${name} (Chromium): ${median(list).toFixed(0)} ms`);
}

/** Another week of the demo office with its zones and without them, turn about: the medians, in milliseconds. */
async function weekWithZones(stage: Stage) {
  const { page } = await openPage(stage, { at: '/plan?view=week' });
  const turns: [shown: number[], hidden: number[]] = [[], []];
  for (let round = 0; round < 2 * ROUNDS; round += 1) {
    turns[round % 2 === 0 ? 0 : 1].push(...(await weekTurns(page)));
    await page.keyboard.press('z');
    await realTime(500);
  }
  await page.browserContext().close();
  const [shown, hidden] = [median(turns[0]), median(turns[1])];
  console.log(
    `another week (Chromium): ${shown.toFixed(0)} ms with zones, ${hidden.toFixed(0)} ms without, ratio ${(shown / hidden).toFixed(2)}`,
  );
}

/** Measures scrolling and editing in the table of the tasks that are there. */
async function tableFigures(page: Page) {
  await page.click('[aria-label="Tasks"]');
  await pressText(page, 'Table');
  await page.waitForSelector('[role=gridcell]');
  // the helper that tsx puts around named functions is not known to the page
  await page.evaluate('globalThis.__name = (named) => named');
  return { frames: await scrollFrames(page), edit: median(await editTimes(page)) };
}

const framesWords = ({ share, frames, longest }: Frames) =>
  `${(100 * share).toFixed(1)} % of ${frames} frames within 16.7 ms, the longest ${longest.toFixed(0)} ms`;

async function main() {
  const stage = await openStage({ offline: true });
  const [short, long] = [30, 3650].map((days) => longHistory({ seed: 7, now, zone, days }));
  if (!short || !long) throw new Error('both are made above');
  await weekWithZones(stage);
  await openTasks(stage, withOpenTasks(long, 20_000, 7, '2026-11-24'));
  const loaded = [await load(stage, 'month', short), await load(stage, 'years', long)] as const;
  // turn about, so that what else the machine does falls on both alike
  for (let round = 0; round < ROUNDS; round += 1) {
    for (const { page, turns } of loaded) {
      await page.bringToFront();
      turns.push(...(await weekTurns(page)));
    }
  }
  const [month, years] = [await finish(stage, loaded[0]), await finish(stage, loaded[1])];
  await stage.close();
  const row = (name: string, of: (figures: typeof month) => number, unit: string) =>
    console.log(
      `${name}: one month ${of(month).toFixed(0)} ${unit}, ten years ${of(years).toFixed(0)} ${unit}, ratio ${(of(years) / of(month)).toFixed(2)}`,
    );
  row('start until the first day is drawn (Chromium)', ({ start }) => start, 'ms');
  row('another week is drawn (Chromium)', ({ week }) => week, 'ms');
  for (const [name, { frames, slow }] of Object.entries({ 'one month': month, 'ten years': years }))
    for (const [how, figures] of Object.entries({ 'as it is': frames, 'slowed four times': slow }))
      console.log(`dragging in the week, ${name}, processor ${how}: ${framesWords(figures)}`);
  for (const [how, figures] of Object.entries(years.painted))
    console.log(`painting on the frame, ten years, processor ${how}: ${framesWords(figures)}`);
  row('memory after the start (Chromium, JavaScript heap)', ({ memory }) => memory, 'MB');
  row('workspace file chosen until its contents are shown', ({ read }) => read, 'ms');
}

void main();
