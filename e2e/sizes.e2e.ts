import assert from 'node:assert/strict';
import { after } from 'node:test';
import type { Page } from 'puppeteer-core';
import { openStage, type Stage } from './browser';
import { brokenWords, outOfReach } from './reach';
import { scene } from './scene';
import { boxOf, calm, eventually, press, pressText } from './steps';

type Window = readonly [width: number, height: number];

/** Windows from the smallest phone to a large screen, in pixels. */
const windows: readonly Window[] = [
  [320, 640],
  [390, 844],
  [600, 900],
  [768, 1024],
  [820, 1180],
  [1024, 768],
  [1280, 800],
  [1920, 1080],
];
/** What is left of a window of 1,280 pixels at 200 and at 400 %, and a phone on its side. */
const low: readonly Window[] = [
  [640, 400],
  [320, 256],
  [844, 390],
];
const views = ['day', 'days', 'week', 'workweek', 'month', 'agenda'].map((view) => `/plan?view=${view}`);
const places = [
  ...views,
  '/today',
  '/opening',
  '/close',
  '/estimates',
  '/weekly',
  '/weekly?day=2026-11-16',
  '/tasks',
  '/review?day=2026-11-23',
  '/review?span=week&day=2026-11-09',
  '/frame',
  '/settings',
];
const hasHours = (place: string) => /^.plan.*(day|days|week|workweek)$/.test(place);

/** Waits until no word is cut or broken, everything can be reached, and the hours have half of the height. */
const isWhole = (page: Page, place: string, [width, height]: Window) =>
  eventually(async () => {
    const about = `${place} at ${width} × ${height}`;
    assert.deepEqual(await brokenWords(page, '[role=main]'), [], `${about}: words`);
    assert.deepEqual(await outOfReach(page, 'body'), [], `${about}: out of reach`);
    if (!hasHours(place)) return;
    const hours = await page.$eval('[aria-label^="Hours of the day"]', ({ clientHeight }) => clientHeight);
    assert.ok(hours / height >= 0.5, `${about}: the hours have ${hours} pixels`);
  });

async function sized(page: Page, [width, height]: Window): Promise<void> {
  await page.setViewport({ width, height });
  await calm(page);
}

async function isWholeIn(page: Page, place: string, all: readonly Window[]): Promise<void> {
  for (const window of all) {
    await sized(page, window);
    await isWhole(page, place, window);
  }
}
/** One window of each layout. */
const eachLayout = windows.filter(([width]) => [390, 820, 1280].includes(width));

/** As wide as WCAG 2.2 asks for (1.4.12 Text Spacing), set as a reader's own style sheet sets it. */
const SPACED =
  '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important }';

for (const place of places)
  scene(
    `${place} is whole in windows of any size, and with letters, words and lines spaced`,
    { at: place },
    async ({ page }) => {
      await isWholeIn(page, place, [...windows, ...low]);
      await page.addStyleTag({ content: SPACED });
      await isWholeIn(page, `${place}, spaced`, eachLayout);
    },
  );

for (const place of views.filter(hasHours))
  scene(`${place} is whole with details open beside it`, { at: place }, async ({ page }) => {
    await press(page, 'Grant report, section 2');
    await boxOf(page, 'Close the details');
    for (const window of windows.filter(([width]) => width >= 1024)) {
      await sized(page, window);
      await isWhole(page, place, window);
      const days = await page.$$eval('.beside-others', (all) => all.map(({ clientWidth }) => clientWidth));
      assert.ok(Math.min(...days, 90) >= 88, `days are ${days.join(', ')} pixels wide`);
    }
  });

let large: Promise<Stage> | undefined;
after(async () => (await large)?.close());

for (const place of places)
  scene(
    `${place} is whole when the browser’s text is twice as large`,
    { at: place, on: () => (large ??= openStage({ text: 32 })) },
    ({ page }) => isWholeIn(page, place, eachLayout),
  );

scene(
  'of a week on a phone hue, pattern and length are drawn; what is touched says what it is',
  { size: 'phone', at: '/plan?view=week' },
  async ({ page }) => {
    const card = await page.waitForSelector(
      '[aria-label^="Weir hearing"], [aria-label^="Meeting Weir hearing"]',
    );
    assert.equal(await card?.evaluate(({ textContent }) => textContent), '2 h');
    await card?.hover();
    const line = '::-p-xpath(//*[@aria-expanded]//*[contains(text(), "Weir hearing, 10:30 – 12:30")])';
    await page.waitForSelector(line);
  },
);

for (const view of ['day', 'days', 'week', 'workweek'])
  scene(
    `a phone’s tasks to place show four beside the ${view}, and leave half of the height to the hours`,
    { size: 'phone', at: `/plan?view=${view}` },
    async ({ page }) => {
      await pressText(page, 'To place');
      await boxOf(page, 'Search the tasks to place');
      const { height, whole } = await page.evaluate(() => {
        const list = document.querySelector('[aria-label="Tasks to place"]')?.getBoundingClientRect();
        const cards = [...document.querySelectorAll('[aria-label^="To place: "]')];
        const inSight = cards.filter(
          (card) => card.getBoundingClientRect().bottom <= (list?.bottom ?? 0) + 1,
        );
        const hours = document.querySelector('[aria-label^="Hours of the day"]');
        return { height: (hours?.clientHeight ?? 0) / innerHeight, whole: inSight.length };
      });
      assert.ok(height >= 0.5, `the hours have ${height}`);
      assert.ok(whole >= 4, `${whole} are in sight`);
    },
  );
