import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { outOfReach } from './reach';
import { scene } from './scene';
import { go, reload, press, type, sees, boxOf, eventually, isGone } from './steps';

const HOUR = 60;

/** Lets minutes go by, or with `set` sets the clock of the page by them. */
const minutes = (page: Page, count: number, how: 'go by' | 'set') =>
  page.evaluate(
    (ms, passes) => {
      const [clock, steady] = [Date.now, performance.now.bind(performance)];
      Date.now = () => clock() + ms;
      if (passes) performance.now = () => steady() + ms;
    },
    count * 60_000,
    how === 'go by',
  );

/** Has the next page open so many minutes later. */
const laterOn = (page: Page, count: number) =>
  page.evaluateOnNewDocument((ms) => {
    const clock = Date.now;
    Date.now = () => clock() + ms;
  }, count * 60_000);

/** A timer that has run for four minutes. */
async function running(page: Page): Promise<void> {
  await type(page, 'Add to the inbox', 'Survey report');
  await type(page, 'Add to the inbox', 'Ring the landowner');
  await press(page, 'Start Survey report');
  await minutes(page, 4, 'go by');
  await boxOf(page, 'Stop Survey report');
}

const ways: readonly [string, string][] = [
  ['Stop', 'Stop Survey report'],
  ['Done', 'Done: Survey report'],
  ['switching', 'Start Ring the landowner'],
];

scene(
  'a clock set back by two hours takes nothing of what a timer has run, however it ends',
  { size: 'phone', space: 'back', at: '/tasks' },
  async ({ page }) => {
    for (const [how, label] of ways) {
      await go(page, `/tasks?space=back-${how}`);
      await running(page);
      await minutes(page, -2 * HOUR, 'set');
      await press(page, label);
      if (how === 'Done') {
        await press(page, 'My order: order and filter');
        await press(page, 'Show done');
      }
      await sees(page, how === 'Done' ? 'took 4 min' : '4 min spent');
    }
  },
);

scene(
  'a clock set forth is asked about, by the running timer and by one just stopped; what was seen is kept',
  { space: 'forth', at: '/tasks' },
  async ({ page }) => {
    await running(page);
    await minutes(page, 26 * HOUR, 'set');
    await sees(page, 'The timer ran on unseen');
    await sees(page, 'has counted 26 h 04. For 26 h of it Sprindle was closed');
    await isAccessible(page, 'unseen time');
    await press(page, 'Keep 4 min, and go on from now');
    await sees(page, '4 min kept on Survey report');
    await minutes(page, -2 * HOUR, 'set');
    await sees(page, 'The computer’s clock went back by 2 h');
    await minutes(page, 87_602 * HOUR, 'set');
    await page.$eval('[aria-label="Stop Survey report"]', (button) => (button as HTMLElement).click()); // before the next second
    await press(page, 'Keep 1 min, ended');
    await sees(page, '5 min spent');
  },
);

scene(
  'a timer that ran on while the browser was closed overnight is asked about when it opens again',
  { size: 'phone', space: 'overnight', at: '/tasks' },
  async ({ page }) => {
    await running(page);
    await minutes(page, 0, 'set');
    const seen = () => page.evaluate(() => localStorage.getItem('sprindle.overnight.seen'));
    const before = await seen();
    await eventually(async () => assert.notEqual(await seen(), before));
    await laterOn(page, 14 * HOUR);
    await reload(page);
    await sees(page, 'The timer ran on unseen');
    await press(page, 'Count all 14 h');
    await boxOf(page, 'Stop Survey report');
  },
);

scene(
  'a timer that ran on through a meeting, or over night, is asked about with the hours at which something changed',
  { size: 'phone' },
  async ({ page }) => {
    await laterOn(page, 45);
    await go(page, '/plan?view=day');
    await sees(page, 'The timer ran on through Flood forum, agenda');
    await press(page, 'What counts…');
    await boxOf(page, '11:40, when its 45 min were through');
    await isAccessible(page, 'what counts');
    await press(page, '11:30, when Flood forum, agenda began');
    await sees(page, '35 min kept on Map of bank repairs');
    await isGone(page, 'Running: Map of bank repairs');
    await press(page, 'Undo');
    await press(page, 'I was in it: Flood forum, agenda');
    await sees(page, 'Flood forum, agenda counts for itself');
    await isGone(page, 'Asked: ');
    await boxOf(page, 'Running: Map of bank repairs');
    await laterOn(page, 14 * HOUR);
    await reload(page);
    await sees(page, 'The timer ran on unseen');
    await reload(page);
    await sees(page, 'The timer ran on unseen');
    assert.deepEqual(await outOfReach(page, '[role=dialog]'), []);
    await press(page, 'Yesterday, 12:10, when its 45 min were through');
    await sees(page, '10 min kept on Map of bank repairs');
    await press(page, 'Undo');
    await sees(page, 'Yesterday, 14:30 – 15:15 counts for Map of bank repairs so far.');
    await press(page, 'I was in it: Landowner: Pell Farm');
    await sees(page, 'Landowner: Pell Farm counts for itself');
  },
);
