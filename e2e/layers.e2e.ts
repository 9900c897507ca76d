import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { chooseFile } from './files';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressTool,
  pressText,
  choose,
  keys,
  type,
  sees,
  isClosed,
  isGone,
  boxOf,
  unfold,
  eventually,
} from './steps';

const hueOf = (page: Page, label: string) =>
  page.$eval(`[aria-label^=${JSON.stringify(label)}]`, (card) => /hue-\w+/.exec(card.className)?.[0]);

scene(
  'filters take lists, categories and what is done out of sight; colours change at once; both survive a reload',
  { size: 'phone', at: '/plan?view=days' },
  async ({ page }) => {
    await boxOf(page, 'Permit letter, weir');
    assert.equal(await hueOf(page, 'Permit letter, weir'), 'hue-clay');
    await pressTool(page, 'What the plan shows');
    await page.waitForSelector('[role=dialog]');
    await isAccessible(page, 'filters and colours');
    await choose(page, 'Colour by', 'state');
    await sees(page, 'not begun');
    await press(page, 'Show the list Grants');
    await press(page, 'Show what is done');
    await keys(page, 'Escape');
    await eventually(async () => assert.equal(await hueOf(page, 'Permit letter, weir'), 'hue-brook'));
    await sees(page, 'Grants, what is done out of sight');
    await isGone(page, 'Grant report, section 2');
    await isGone(page, 'Check gauge readings, 09:30');
    await reload(page);
    await isGone(page, 'Grant report, section 2');
    await pressText(page, 'Show all');
    await boxOf(page, 'Grant report, section 2');
  },
);

scene(
  'a file goes into a chosen calendar, and there again; own events go into calendars of one’s own',
  { at: '/settings' },
  async ({ page }) => {
    await type(page, 'New calendar of your own', 'Volunteers');
    await sees(page, 'Added the calendar Volunteers');
    await chooseFile(page, 'Choose a calendar file', 'volunteers.ics');
    await isAccessible(page, 'where a file goes');
    await press(page, 'Into Office');
    await sees(page, 'new');
    await press(page, 'Done');
    await isClosed(page);
    await chooseFile(page, 'Choose a calendar file', 'volunteers.ics');
    await sees(page, 'as they were');
    await press(page, 'Done');
    await isClosed(page);
    await eventually(async () =>
      assert.equal((await page.$$('[aria-label^="Remove the calendar"]')).length, 3),
    );
    await type(page, 'New calendar of your own', 'Board');
    await go(page, '/plan?day=2026-11-25');
    await press(page, 'New event');
    await choose(page, 'Calendar', 'Board');
    await type(page, 'Title', 'Board lunch');
    await sees(page, 'Board · busy');
    await press(page, 'Edit event');
    await choose(page, 'Calendar', 'Volunteers');
    await sees(page, 'Volunteers · busy');
  },
);

scene(
  'a second time zone stands beside the hours; in travel mode everything is shown in another one, until one is back home',
  { size: 'phone', at: '/plan?view=days' },
  async ({ page }) => {
    await pressTool(page, 'What the plan shows');
    await page.waitForSelector('[aria-label="Second time zone beside the hours"]');
    await page.type('[aria-label="Second time zone beside the hours"]', 'Nowhereville');
    await sees(page, 'No city is found that is called “Nowhereville”.');
    await type(page, 'Second time zone beside the hours', 'Osaka');
    await sees(page, 'Tokyo, 9 h ahead');
    await isAccessible(page, 'time zones');
    await keys(page, 'Escape');
    await sees(page, 'Tokyo');
    await isAccessible(page, 'two zones beside the hours');
    await pressTool(page, 'What the plan shows');
    await type(page, 'Show everything in the time of', 'New York');
    await keys(page, 'Escape');
    await sees(page, 'Shown in the time of New York; at home it is 11:20');
    await boxOf(page, 'Meeting Landowner: Pell Farm, 09:30 – 10:15');
    await isAccessible(page, 'travel mode');
    await pressText(page, 'Back home');
    await boxOf(page, 'Meeting Landowner: Pell Farm, 14:30 – 15:15');
  },
);

scene(
  'what the week and the day are meant for stands above the hours, and becomes a task',
  { size: 'phone', at: '/plan' },
  async ({ page }) => {
    await unfold(page);
    await pressText(page, 'Leave on time for once');
    await type(page, 'New for the day', 'Look at the otter holt');
    await boxOf(page, 'Make it a task: Look at the otter holt');
    await type(page, 'New for the week', 'Ring every landowner');
    await boxOf(page, 'Make it a task: Ring every landowner');
    await isAccessible(page, 'intentions');
    await press(page, 'Make it a task: Look at the otter holt');
    await keys(page, 'Escape');
    await boxOf(page, 'In the tray, Look at the otter holt');
    await press(page, 'Undo make it a task');
    await isGone(page, 'In the tray, Look at');
    await go(page, '/plan?view=week');
    await sees(page, 'Ring every landowner');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `forty meetings at once, one of three minutes and one of thirty days can all be read and opened, ${size}`,
    { size, space: 'fair', at: '/settings' },
    async ({ page }) => {
      await chooseFile(page, 'Choose a calendar file', 'fair.ics');
      await sees(page, 'new');
      await press(page, 'Done');
      for (const view of ['day', 'week']) {
        await go(page, `/plan?view=${view}`);
        await sees(page, 'Close season');
        assert.ok((await boxOf(page, 'Meeting Stall')).width > (size === 'wide' ? 30 : 12));
        assert.ok((await boxOf(page, 'Meeting Bell, 15:00 – 15:03')).height > 15);
        await isAccessible(page, `forty at once, ${view}, ${size}`);
        await pressText(page, ' more');
        await pressText(page, '10:00 – 11:00 · Stall 40');
        await sees(page, 'Edit event');
        await keys(page, 'Escape');
      }
    },
  );
