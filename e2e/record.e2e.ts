import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, go, isAt, isClosed, isGone, keys, press, pressText, sees, seesNo } from './steps';

/** The same day, in the evening. */
async function inTheEvening(page: Page): Promise<void> {
  await page.evaluateOnNewDocument(() => {
    const clock = Date.now;
    Date.now = () => clock() + 345 * 60_000;
  });
  await go(page, '/close?day=2026-11-24&step=record');
}

scene(
  'a day without a record is filled as planned in one step',
  { size: 'phone', at: '/today' },
  async ({ page }) => {
    await press(page, 'Stop');
    await isGone(page, 'Running: ');
    await inTheEvening(page);
    await sees(page, '5 h 46 open');
    await isAccessible(page, 'a day to be filled');
    await pressText(page, 'All 5 as planned, 3 h 36');
    await sees(page, '3 h 36 recorded as planned');
    await sees(page, '2 h 10 open');
    await seesNo(page, 'All 5 as planned');
  },
);

scene(
  'what a timer ran on for is told at the close, and kept or given to what was planned',
  {},
  async ({ page }) => {
    await sees(page, 'Rest of the day');
    await inTheEvening(page);
    await press(page, 'Count all ');
    await isClosed(page);
    await keys(page, 's');
    await sees(page, 'Stopped');
    await sees(page, 'ran on');
    await press(page, 'Break, for 6 min');
    await sees(page, '11:30 – 12:00 is Map of bank repairs, longer than planned');
    await isAccessible(page, 'a record that ran on');
    await press(page, 'Flood forum, agenda, for 30 min');
    await sees(page, 'Flood forum, agenda: 30 min');
  },
);

scene(
  'the days of a week that do not add up are mended one by one from Review',
  { at: '/review?span=week&day=2026-11-16' },
  async ({ page }) => {
    await sees(page, 'Days that do not add up');
    await press(page, 'As planned, ');
    await sees(page, 'recorded as planned');
    await keys(page, 'Control+z');
    await boxOf(page, 'As planned, ');
    await isAccessible(page, 'a week that does not add up');
    await press(page, 'Mend the record… Tue 17 Nov');
    await isAt(page, 'Close the day');
    await sees(page, 'was not recorded');
  },
);
