import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { calendarFile, chooseFile, downloads } from './files';
import { scene } from './scene';
import { settled, enter, go, press, pressText, type, sees, isGone, boxOf, isSaved } from './steps';

/** Makes the page's starts older than a start may take, without waiting for it. */
const laterOn = (page: Page) =>
  page.evaluate(() => {
    const starts: number[] = JSON.parse(localStorage.getItem('sprindle.starts') ?? '[]');
    localStorage.setItem('sprindle.starts', JSON.stringify(starts.map((at) => at - 10_000)));
  });

const visit = (i: number) => [`UID:${i}`, `SUMMARY:Visit ${i}`, `DTSTART:2026112${4 + i}T090000Z`];

/** Adds a task and brings in a calendar, and then has the application break as it starts. */
async function broken(page: Page) {
  await type(page, 'Add to the inbox', 'Calibrate gauge');
  await go(page, '/settings');
  await chooseFile(page, 'Choose a calendar file', calendarFile('visits.ics', visit(0), visit(1)));
  await press(page, 'Done');
  await isSaved(page, 'Visit 1');
  await page.setBypassServiceWorker(true);
  await page.setCacheEnabled(false);
  await page.setRequestInterception(true);
  const breaks = { now: true };
  page.on('request', (request) =>
    breaks.now && request.url().includes('/entry-')
      ? void request.respond({ contentType: 'text/javascript', body: 'throw new Error("broken")' })
      : void request.continue(),
  );
  return breaks;
}

scene(
  'two starts that fail open the safe door, which hands out everything and takes an import back',
  { size: 'phone', space: 'door', at: '/tasks', expects: /broken/ },
  async ({ page }) => {
    const breaks = await broken(page);
    for (let i = 0; i < 2; i += 1) {
      await enter(page, '/today');
      await laterOn(page);
    }
    await enter(page, '/today');
    await sees(page, 'The safe door');
    await isAccessible(page, 'the safe door');

    const downloaded = await downloads(page);
    await pressText(page, 'Export everything');
    await sees(page, 'Saved as');
    const name = `sprindle-door-${new Date().toISOString().slice(0, 10)}.json`;
    const copy = JSON.parse(readFileSync(await downloaded(name), 'utf8'));
    assert.deepEqual([copy.tasks.length, copy.events.length, copy.tasks[0].title], [1, 2, 'Calibrate gauge']);

    await sees(page, 'visits.ics');
    await pressText(page, 'Take it back');
    await sees(page, 'visits.ics was taken back.');
    breaks.now = false;
    await pressText(page, 'Start Sprindle again');
    await settled(page);
    await go(page, '/tasks');
    await boxOf(page, 'Done: Calibrate gauge');
    await go(page, '/plan?view=week');
    await isGone(page, 'Visit 0');
  },
);

scene(
  'a part that is set aside at the door is kept, and the rest opens',
  { size: 'phone', space: 'aside', at: '/tasks', expects: /broken/ },
  async ({ page }) => {
    const breaks = await broken(page);
    await page.evaluate(() => localStorage.setItem('sprindle.starts', '[1,2]'));
    await enter(page, '/plan');
    await sees(page, 'The safe door');
    await page.locator('::-p-xpath(//li[contains(., "tasks/")]//button)').click();
    await sees(page, 'was set aside.');
    breaks.now = false;
    await pressText(page, 'Start Sprindle again');
    await settled(page);
    await go(page, '/settings');
    await sees(page, 'Found damaged and set aside: tasks/open');
  },
);

scene(
  'starts that come to stand are not counted, however often and quickly they are left',
  { space: 'quick' },
  async ({ page, stage }) => {
    for (let i = 0; i < 6; i += 1)
      await page.goto(`${stage.address}/plan`, { waitUntil: 'domcontentloaded' });
    await laterOn(page);
    await go(page, '/plan');
    await page.waitForFunction(() => localStorage.getItem('sprindle.starts') === null);
  },
);

scene(
  'a place that cannot be drawn says so and offers ways on, and the others work',
  { space: 'failing', expects: /No such day/ },
  async ({ page }) => {
    await page.setBypassServiceWorker(true);
    await page.setCacheEnabled(false);
    await page.setRequestInterception(true);
    page.on('request', (request) => {
      if (!request.url().includes('/ReviewScreen-')) return void request.continue();
      void fetch(request.url())
        .then((answer) => answer.text())
        .then((script) =>
          script.replace(
            '"Nothing was planned and no time was recorded"',
            '(()=>{throw new Error("No such day")})()',
          ),
        )
        .then((body) => request.respond({ contentType: 'text/javascript', body }));
    });
    await go(page, '/review');
    await sees(page, 'Review could not be shown');
    await sees(page, 'No such day');
    await isAccessible(page, 'a place that failed');
    await pressText(page, 'Look for what fails');
    await sees(page, 'No single record makes it fail.');
    await press(page, 'Tasks');
    await type(page, 'Add to the inbox', 'Still here');
    await boxOf(page, 'Done: Still here');
    await press(page, 'Settings');
    await sees(page, 'One error was noted, the last one at Review.');
    await pressText(page, 'Clear the error log');
    await page.waitForFunction(() => localStorage.getItem('sprindle.errors') === null);
  },
);
