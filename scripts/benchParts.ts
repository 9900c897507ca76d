import { build } from 'esbuild';
import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { instantOf } from '@/core/time/zone';
import type { Workspace } from '@/core/model/workspace';
import { NOW, openStage, type Stage } from '../e2e/browser';
import { chooseFile } from '../e2e/files';
import { realTime, pressText, sees, settled } from '../e2e/steps';

/** What the measurements in Chromium share. */

export const zone = 'Europe/London';
export const now = instantOf('2026-11-24T11:20', zone);

/** Runs a script of this directory in a page of its own, with the browser's Temporal, and gives the title that it sets. */
export async function runInChromium(stage: Stage, script: string, slowed = 1): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [path.join(__dirname, script)],
    bundle: true,
    write: false,
    alias: {
      '@': path.join(__dirname, '..'),
      'temporal-polyfill': path.join(__dirname, 'bundle/temporal.js'),
    },
  });
  const page = await (await stage.browser.createBrowserContext()).newPage();
  page.setDefaultTimeout(300_000);
  await page.emulateCPUThrottling(slowed);
  await page.evaluate(outputFiles[0]?.text ?? '');
  const title = await page.title();
  await page.browserContext().close();
  return title;
}

/** Says what a script of this directory measures in Chromium, as the processor is and slowed four times. */
export async function benchInChromium(script: string): Promise<void> {
  const stage = await openStage({ offline: true });
  for (const slowed of [1, 4]) {
    const found: Record<string, unknown> = JSON.parse(await runInChromium(stage, script, slowed));
    for (const [what, ms] of Object.entries(found))
      console.log(`${what}${slowed > 1 ? `, slowed ${slowed} times` : ''}, ms: ${JSON.stringify(ms)}`);
  }
  await stage.close();
}

export const median = (list: number[]) => list.sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;

/** Notes when the hours of the day are first drawn with something in them, in milliseconds since navigation began. */
export const watchFirstDay = (page: Page) =>
  page.evaluateOnNewDocument(() => {
    const watch = new MutationObserver(() => {
      if (
        !document.querySelector('[aria-label="Hours of the day"] [id^="card-"]:not([aria-label^="Meeting"])')
      )
        return;
      watch.disconnect();
      requestAnimationFrame(() =>
        requestAnimationFrame(() => (document.title = `drawn ${performance.now()}`)),
      );
    });
    watch.observe(document, { childList: true, subtree: true });
  });

/** Milliseconds until the present day is drawn in the plan. */
export async function startOf(page: Page, stage: Stage, space: string): Promise<number> {
  await page.goto(`${stage.address}/plan?space=${space}&now=${NOW}&zone=${zone}`);
  await page.waitForFunction(() => document.title.startsWith('drawn '), { timeout: 30_000 });
  return Number((await page.title()).slice(6));
}

/** Brings a workspace into the space of a page that shows the settings. Returns the milliseconds until it was read. */
export async function bringIn(page: Page, name: string, workspace: Workspace): Promise<number> {
  const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'sprindle-bench-')), `${name}.json`);
  writeFileSync(file, writeWorkspaceFile(workspace));
  page.setDefaultTimeout(60_000);
  const began = performance.now();
  await chooseFile(page, 'Open an exported file', file);
  await page.waitForSelector('::-p-text(Replace everything)');
  const read = performance.now() - began;
  await pressText(page, 'Replace everything');
  await sees(page, 'Everything was replaced by the file');
  await realTime(5000);
  await settled(page);
  return read;
}

/** Notes from now on how long each press takes until the next frame (Event Timing, W3C), in milliseconds. */
export const watchPresses = (page: Page) =>
  page.evaluate(() => {
    const { dataset } = document.documentElement;
    new PerformanceObserver((list) => {
      for (const { duration, interactionId } of list.getEntries() as PerformanceEventTiming[])
        if (interactionId) dataset.longest = String(Math.max(Number(dataset.longest), duration));
    }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  });

/** The longest time from a press of what is done to the next frame. */
export async function answer(page: Page, act: () => Promise<unknown>): Promise<number> {
  await page.evaluate(() => void (document.documentElement.dataset.longest = '0'));
  await act();
  await realTime(1800);
  return Number(await page.evaluate(() => document.documentElement.dataset.longest));
}

export async function clickOn(page: Page, selector: string): Promise<void> {
  const found = await page.waitForSelector(selector);
  const box = await found?.boundingBox();
  if (box) await page.mouse.click(box.x + box.width / 2, box.y + Math.min(box.height / 2, 20));
}
