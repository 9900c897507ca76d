import type { Page } from 'puppeteer-core';
import { longHistory } from '@/demo/tenYears';
import { NOW, openPage, openStage, type Stage } from '../e2e/browser';
import { realTime, settled } from '../e2e/steps';
import { answer, bringIn, clickOn, median, now, runInChromium, watchPresses, zone } from './benchParts';

/** How long Review takes in Chromium, with ten years of data and with one month. */

const RUNS = 5;

/** Milliseconds from an address until what the selector names is drawn, and the longest task of the page meanwhile. */
async function drawn(page: Page, address: string, selector: string) {
  await page.goto('about:blank');
  const began = performance.now();
  await page.goto(address);
  await page.evaluate(() => {
    const { dataset } = document.documentElement;
    dataset.longest = '0';
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries())
        dataset.longest = `${Math.max(Number(dataset.longest), Math.round(duration))}`;
    }).observe({ type: 'longtask' });
  });
  await page.waitForSelector(selector, { timeout: 120_000 });
  const took = performance.now() - began;
  await realTime(500);
  return { took, longest: Number(await page.evaluate(() => document.documentElement.dataset.longest)) };
}

async function pages(stage: Stage) {
  for (const [name, days] of [
    ['month', 30],
    ['years', 3650],
  ] as const) {
    const { page } = await openPage(stage, { space: name, at: '/settings' });
    await bringIn(page, name, longHistory({ seed: 7, now, zone, days }));
    for (const span of ['week', 'year', 'dates'] as const) {
      const more = span === 'dates' ? '&day=2016-11-25&until=2026-11-24' : '';
      const address = `${stage.address}/review?space=${name}&now=${NOW}&zone=${zone}&span=${span}${more}`;
      const times: number[] = [];
      let longest = 0;
      for (let i = 0; i < RUNS; i += 1) {
        const found = await drawn(page, address, '[aria-label^="No category: planned"]');
        times.push(found.took);
        longest = Math.max(longest, found.longest);
      }
      console.log(
        `Review opens on ${span === 'dates' ? 'ten years' : `a ${span}`}, ${name}: ${median(times).toFixed(0)} ms, the page at most ${longest} ms at once`,
      );
    }
    if (name === 'years') await presses(page, stage);
    await page.browserContext().close();
  }
}

/** What is pressed in Review with ten years of data, slowed four times: the longest from a press to the next frame. */
async function presses(page: Page, stage: Stage) {
  await page.goto(`${stage.address}/review?space=years&now=${NOW}&zone=${zone}&span=week`);
  await settled(page);
  await watchPresses(page);
  await page.emulateCPUThrottling(4);
  const acts = ['Month', 'Hours of work', 'List', 'The month before', 'Quarter', 'Weekday', 'Year', 'Week'];
  const times: string[] = [];
  for (const name of acts) {
    const selector = `::-p-xpath(//*[@role="radio"][.="${name}"])`;
    times.push(`${name} ${await answer(page, () => clickOn(page, selector))}`);
  }
  console.log(
    `Review, ten years of data, slowed four times, from a press to the next frame (ms): ${times.join(', ')}`,
  );
  await page.emulateCPUThrottling(1);
}

async function main() {
  const stage = await openStage({ offline: true });
  console.log(`alone, ms: ${await runInChromium(stage, 'benchLedger.ts')}`);
  await pages(stage);
  await stage.close();
}

void main();
