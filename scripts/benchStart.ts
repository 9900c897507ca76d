import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { longHistory, withOpenTasks } from '@/demo/tenYears';
import { openPage, openStage, sizes, type Size, type Stage } from '../e2e/browser';
import { realTime } from '../e2e/steps';
import {
  answer,
  bringIn,
  clickOn,
  median,
  now,
  startOf,
  watchFirstDay,
  watchPresses,
  zone,
} from './benchParts';

/**
 * How soon something is drawn, and how soon what is pressed is answered, with the processor as it is and slowed four
 * times; beside an empty page of the same framework.
 */

const RUNS = 5;
const root = path.join(__dirname, '..');

/** Builds an empty page of the same framework, and returns where it lies. */
function emptyPage(): string {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'sprindle-empty-'));
  const env = { ...process.env, APP_ROOT: 'scripts/emptyApp', EXPO_OFFLINE: '1', CI: '1' };
  const args = ['expo', 'export', '--platform', 'web', '--output-dir', folder];
  execFileSync('npx', args, { cwd: root, env: { ...env, EXPO_NO_TELEMETRY: '1' }, stdio: 'ignore' });
  cpSync(path.join(root, 'dist/temporal.js'), path.join(folder, 'temporal.js'));
  return folder;
}

/** A page with nothing kept from before: no files, no data. */
async function freshPage({ browser }: Stage, size: Size, slowed: number): Promise<Page> {
  const page = await (await browser.createBrowserContext()).newPage();
  await page.setViewport(sizes[size]);
  await page.emulateCPUThrottling(slowed);
  return page;
}

const firstPaint = (page: Page) =>
  page.evaluate(async () => {
    const [paint] = performance.getEntriesByName('first-contentful-paint');
    return paint?.startTime ?? 0;
  });

/** Milliseconds until the empty page shows its one word. */
async function emptyStart(stage: Stage, size: Size, slowed: number): Promise<number> {
  const page = await freshPage(stage, size, slowed);
  await page.evaluateOnNewDocument(() => {
    const watch = new MutationObserver(() => {
      if (!document.body?.innerText.includes('Empty')) return;
      watch.disconnect();
      requestAnimationFrame(() =>
        requestAnimationFrame(() => (document.title = `drawn ${performance.now()}`)),
      );
    });
    watch.observe(document, { childList: true, subtree: true });
  });
  await page.goto(stage.address);
  await page.waitForFunction(() => document.title.startsWith('drawn '));
  const drawn = Number((await page.title()).slice(6));
  await page.browserContext().close();
  return drawn;
}

async function demoStart(stage: Stage, size: Size, slowed: number) {
  const page = await freshPage(stage, size, slowed);
  await watchFirstDay(page);
  const drawn = await startOf(page, stage, 'demo');
  const paint = await firstPaint(page);
  await page.browserContext().close();
  return { drawn, paint };
}

async function starts(stage: Stage, empty: Stage, size: Size, slowed: number) {
  const figures = { empty: [] as number[], paint: [] as number[], drawn: [] as number[] };
  for (let i = 0; i < RUNS; i += 1) {
    figures.empty.push(await emptyStart(empty, size, slowed));
    const { paint, drawn } = await demoStart(stage, size, slowed);
    figures.paint.push(paint);
    figures.drawn.push(drawn);
  }
  const [none, paint, drawn] = [figures.empty, figures.paint, figures.drawn].map(median);
  console.log(
    `${size}, slowed ${slowed} times, nothing kept from before: first paint ${paint?.toFixed(0)} ms, the day with its blocks ${drawn?.toFixed(0)} ms; an empty page of the framework ${none?.toFixed(0)} ms, ratio ${((drawn ?? 0) / (none ?? 1)).toFixed(2)}`,
  );
}

/** What people do all day. */
async function answers(stage: Stage, size: Size, slowed: number) {
  const { page } = await openPage(stage, { size, at: '/plan' });
  await realTime(3000);
  await watchPresses(page);
  await page.emulateCPUThrottling(slowed);
  const label = (name: string) => `[aria-label^="${name}"]`;
  const view = (name: string) => `::-p-xpath(//*[@role="radio" or @role="button"][.="${name}"])`;
  const goTo = (path: string) => `[role=navigation] a[href="${path}"]`;
  const acts: [string, string][] = [
    ['open a block', '[id^=card-]:not([aria-label^=Meeting])'],
    ['the next day', label('The day after')],
    ['the week', view('Week')],
    ['the next week', label('Later')],
    ['the month', view('Month')],
    ['the agenda', view('Agenda')],
    ['the day', view('Day')],
    ['go to Tasks', goTo('/tasks')],
    ['tick', label('Done: ')],
    ['go to Today', goTo('/today')],
    ['start the timer', label('Start ')],
    ['go to Review', goTo('/review')],
    ['go to Settings', goTo('/settings')],
    ['go to Plan', goTo('/plan')],
  ];
  const times: string[] = [];
  for (const [name, selector] of acts) {
    // on a phone the views are chosen from a list of them
    if (size === 'phone' && selector.startsWith('::')) await clickOn(page, label('View: '));
    await realTime(600);
    times.push(`${name} ${await answer(page, () => clickOn(page, selector))}`);
    // where nothing is open Escape draws nothing, and would be counted until something else does
    if (name === 'open a block') await page.keyboard.press('Escape');
    await realTime(600);
  }
  console.log(`${size}, slowed ${slowed} times, from a press to the next frame (ms): ${times.join(', ')}`);
  await page.browserContext().close();
}

const SEARCH = '[aria-label="Search tasks and lists"]';

async function search(stage: Stage, page: Page, slowed: number) {
  await page.emulateCPUThrottling(slowed);
  await page.goto(`${stage.address}/plan`);
  const field = await page.waitForSelector(SEARCH);
  await realTime(5000);
  await watchPresses(page);
  await field?.focus();
  const letters: number[] = [];
  for (const letter of 'gravel') letters.push(await answer(page, () => page.keyboard.press(letter as 'g')));
  console.log(
    `wide, slowed ${slowed} times, a letter into the search over 20,000 tasks, to the next frame: at most ${Math.max(...letters)} ms`,
  );
}

async function main() {
  const empty = await openStage({ root: emptyPage(), offline: true });
  const stage = await openStage({ offline: true });
  for (const slowed of [1, 4])
    for (const size of ['phone', 'wide'] as const) await starts(stage, empty, size, slowed);
  await empty.close();
  for (const slowed of [1, 4])
    for (const size of ['phone', 'wide'] as const) await answers(stage, size, slowed);

  const drawn: Record<string, number> = {};
  for (const [name, days] of [
    ['month', 30],
    ['years', 3650],
  ] as const) {
    const history = longHistory({ seed: 7, now, zone, days });
    const { page } = await openPage(stage, { space: name, at: '/settings' });
    await bringIn(page, name, history);
    await page.emulateCPUThrottling(4);
    await watchFirstDay(page);
    const times: number[] = [];
    for (let i = 0; i < RUNS; i += 1) {
      times.push(await startOf(page, stage, name));
      await realTime(4000);
    }
    drawn[name] = median(times);
    await page.browserContext().close();
  }
  const { month = 0, years = 0 } = drawn;
  console.log(
    `wide, slowed 4 times, the day with its blocks: one month ${month.toFixed(0)} ms, ten years ${years.toFixed(0)} ms, ratio ${(years / month).toFixed(2)}`,
  );

  const many = withOpenTasks(longHistory({ seed: 7, now, zone, days: 3650 }), 20_000, 7, '2026-11-24');
  const { page } = await openPage(stage, { space: 'many', at: '/settings' });
  await bringIn(page, 'many', many);
  for (const slowed of [1, 4]) await search(stage, page, slowed);
  await stage.close();
}

void main();
