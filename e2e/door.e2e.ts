import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import { boxOf, downloads, isAccessible, isGone, pause, press, pressText, sees, type } from './steps';

let stage: Stage;
before(async () => {
  stage = await openStage();
});
after(() => stage.close());

const folder = mkdtempSync(path.join(os.tmpdir(), 'sprindle-door-'));

/** Makes the page's starts older than a start may take, without waiting for it. */
const laterOn = (page: Page) =>
  page.evaluate(() => {
    const starts: number[] = JSON.parse(localStorage.getItem('sprindle.starts') ?? '[]');
    localStorage.setItem('sprindle.starts', JSON.stringify(starts.map((at) => at - 10_000)));
  });

/** A page with a task and an imported calendar, whose application then breaks as it starts. */
async function broken(space: string) {
  const { page } = await openPage(stage, 'phone', space, '/tasks');
  await type(page, 'Add to the inbox', 'Calibrate gauge');
  await page.goto(`${stage.address}/settings`);
  await settled(page);
  const file = path.join(folder, 'visits.ics');
  const visit = (i: number) =>
    `BEGIN:VEVENT\nUID:${i}\nSUMMARY:Visit ${i}\nDTSTART:2026112${4 + i}T090000Z\nEND:VEVENT`;
  writeFileSync(file, ['BEGIN:VCALENDAR', visit(0), visit(1), 'END:VCALENDAR'].join('\n'));
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, 'Choose a calendar file')]);
  await chooser.accept([file]);
  await press(page, 'Good');
  await pause(600);
  await page.setBypassServiceWorker(true);
  await page.setCacheEnabled(false);
  await page.setRequestInterception(true);
  const breaks = { now: true };
  page.on('request', (request) =>
    breaks.now && request.url().includes('/entry-')
      ? void request.respond({ contentType: 'text/javascript', body: 'throw new Error("broken")' })
      : void request.continue(),
  );
  return { page, breaks };
}

test('two starts that fail open the safe door, which hands out everything and takes an import back', async () => {
  const { page, breaks } = await broken('door');
  for (let i = 0; i < 2; i += 1) {
    await page.goto(`${stage.address}/today`);
    await laterOn(page);
  }
  await page.goto(`${stage.address}/today`);
  await sees(page, 'The safe door');
  await isAccessible(page, 'the safe door');

  const downloaded = await downloads(page, folder);
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
  await page.goto(`${stage.address}/tasks`);
  await settled(page);
  await boxOf(page, 'Done: Calibrate gauge');
  await page.goto(`${stage.address}/plan?view=week`);
  await settled(page);
  await isGone(page, 'Visit 0');
  await leave(page);
});

test('a part that is set aside at the door is kept, and the rest opens', async () => {
  const { page, breaks } = await broken('aside');
  await page.evaluate(() => localStorage.setItem('sprindle.starts', '[1,2]'));
  await page.goto(`${stage.address}/plan`);
  await sees(page, 'The safe door');
  await page.locator('::-p-xpath(//li[contains(., "tasks/")]//button)').click();
  await sees(page, 'was set aside.');
  breaks.now = false;
  await pressText(page, 'Start Sprindle again');
  await settled(page);
  await page.goto(`${stage.address}/settings`);
  await settled(page);
  await sees(page, 'Found damaged and set aside: tasks/open');
  await leave(page);
});

test('starts that come to stand are not counted, however often and quickly they are left', async () => {
  const { page } = await openPage(stage, 'wide', 'quick', '/today');
  for (let i = 0; i < 6; i += 1) await page.goto(`${stage.address}/plan`, { waitUntil: 'domcontentloaded' });
  await laterOn(page);
  await page.goto(`${stage.address}/plan`);
  await settled(page);
  await page.waitForFunction(() => localStorage.getItem('sprindle.starts') === null);
  await leave(page);
});

test('a place that cannot be drawn says so and offers ways on, and the others work', async () => {
  const { page } = await openPage(stage, 'wide', 'failing', '/today');
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
  await page.goto(`${stage.address}/review`);
  await settled(page);
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
  await leave(page);
});
