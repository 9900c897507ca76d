import assert from 'node:assert/strict';
import { mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, NOW, openPage, openStage, settled, type Stage } from './browser';
import {
  boxOf,
  chooseFile,
  downloads,
  drag,
  eventually,
  focus,
  isGone,
  labels,
  pause,
  pointAt,
  press,
  pressText,
  sees,
  tabTo,
  textOf,
  type,
} from './steps';

let stage: Stage;
before(async () => {
  stage = await openStage();
});
after(() => stage.close());

const addTasks = async (page: Page, ...titles: string[]) => {
  for (const title of titles) await type(page, 'Add to the inbox', title);
};
const order = async (page: Page) =>
  (await labels(page)).filter((label) => label.startsWith('Move ')).map((label) => label.slice(5));

test('the whole job by keyboard alone', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'keys');
  await tabTo(page, 'Tasks');
  await page.keyboard.press('Enter');
  await tabTo(page, 'Add to the inbox');
  await page.keyboard.type('Read the gauges');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Done: Read the gauges');
  await tabTo(page, 'Plan');
  await page.keyboard.press('Enter');
  await tabTo(page, 'To place: Read the gauges');
  await page.keyboard.press('Space');
  assert.match(await textOf(page, '[aria-live=assertive]'), /^Tue 24 Nov, 11:30 – 12:00 · 30 min/);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Escape');
  await boxOf(page, 'To place: Read the gauges');
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Read the gauges, 11:45 – 12:15');
  await page.keyboard.press('Enter');
  await tabTo(page, 'Start Read the gauges');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Stop Read the gauges');
  await page.keyboard.down('Control');
  await page.keyboard.press('z');
  await page.keyboard.up('Control');
  await boxOf(page, 'Start Read the gauges');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('the own order changes by dragging the grip, by mouse and by keyboard, and is undone', async () => {
  const { page } = await openPage(stage, 'wide', 'order', '/tasks');
  await addTasks(page, 'Third', 'Second', 'First');
  assert.deepEqual(await order(page), ['First', 'Second', 'Third']);
  const [from, to] = [await boxOf(page, 'Move First'), await boxOf(page, 'Move Third')];
  await drag(page, 'mouse', { x: from.x + 10, y: from.y + 20 }, { x: to.x + 10, y: to.y + 26 });
  await pause(300);
  assert.deepEqual(await order(page), ['Second', 'Third', 'First']);
  await press(page, 'Undo reorder');
  assert.deepEqual(await order(page), ['First', 'Second', 'Third']);
  await focus(page, '[aria-label="Move Third"]');
  for (const key of ['Space', 'ArrowUp', 'Space'] as const) {
    await page.keyboard.press(key);
    await pause(350);
  }
  assert.deepEqual(await order(page), ['First', 'Third', 'Second']);
  await leave(page);
});

test('a swipe over a block scrolls the hours and moves nothing', async () => {
  const { page } = await openPage(stage, 'phone', 'demo', '/plan');
  const block = await boxOf(page, 'Grant report, section 2, 12:00');
  const scrolled = () => page.$eval('[aria-label="Hours of the day"]', (strip) => strip.scrollTop);
  const before = await scrolled();
  const finger = await page.touchscreen.touchStart(block.x + 80, block.y + 60);
  for (let i = 1; i <= 8; i += 1) await finger.move(block.x + 80, block.y + 60 - i * 15);
  await finger.end();
  await pause(400);
  assert.ok((await scrolled()) > before + 40, 'the strip scrolled');
  await boxOf(page, 'Grant report, section 2, 12:00 – 13:30');
  await leave(page);
});

test('the strip scrolls by itself while something is held near its edge', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/plan');
  const strip = await boxOf(page, 'Hours of the day');
  const card = await boxOf(page, 'To place: Volunteer day');
  const scrolled = () => page.$eval('[aria-label="Hours of the day"]', (element) => element.scrollTop);
  const before = await scrolled();
  const edge = { x: strip.x + strip.width / 2, y: strip.y + strip.height - 20 };
  await drag(page, 'mouse', { x: card.x + 40, y: card.y + 12 }, edge, () => pause(700));
  assert.ok((await scrolled()) > before + 60, 'it scrolled');
  await eventually(async () =>
    assert.ok(
      (await labels(page)).some((label) => /^Volunteer day: tool list, (1[5-9]|2\d):/.test(label)),
      'and the task lies in the evening',
    ),
  );
  await leave(page);
});

test('a block dragged off the strip leaves the plan and stays in the list', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/plan');
  await pointAt(page, 13.5);
  const block = await boxOf(page, 'Permit letter, weir, 13:30');
  await drag(page, 'mouse', { x: block.x + 50, y: block.y + 10 }, { x: 200, y: 400 }, () =>
    sees(page, 'Take off the plan'),
  );
  await boxOf(page, 'To place: Permit letter, weir');
  await leave(page);
});

test('a calendar file can be dropped on the window', async () => {
  const { page } = await openPage(stage, 'wide', 'drop');
  await page.evaluate(() => {
    const text =
      'BEGIN:VCALENDAR\nBEGIN:VEVENT\nUID:a\nSUMMARY:Dropped call\nDTSTART:20261124T130000Z\nDURATION:PT1H\nEND:VEVENT\nEND:VCALENDAR';
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([text], 'dropped.ics', { type: 'text/calendar' }));
    window.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
  });
  await sees(page, '1\nnew');
  await pressText(page, 'Undo import');
  assert.ok(!(await textOf(page)).includes('Dropped call'));
  await leave(page);
});

test('a killed tab opens on the last state, and two tabs show each other’s changes', async () => {
  const { page } = await openPage(stage, 'wide', 'tabs', '/tasks');
  await addTasks(page, 'Kept');
  await pause(500);
  const again = await page.browserContext().newPage();
  await page.close();
  await again.goto(`${stage.address}/tasks?space=tabs&now=${NOW}&zone=Europe/London`);
  await settled(again);
  await boxOf(again, 'Done: Kept');
  const other = await again.browserContext().newPage();
  await other.goto(`${stage.address}/tasks?space=tabs&now=${NOW}&zone=Europe/London`);
  await settled(other);
  await again.bringToFront();
  await addTasks(again, 'From the first tab');
  await boxOf(other, 'Done: From the first tab');
  await other.bringToFront();
  await press(other, 'Done: Kept');
  await isGone(again, 'Done: Kept');
  await leave(again);
});

test('storage that is switched off is said, and one can still look around', async () => {
  const { page } = await openPage(stage, 'wide', 'off');
  await page.evaluateOnNewDocument(() => {
    indexedDB.open = () => {
      throw new DOMException('off', 'SecurityError');
    };
  });
  await page.goto(`${stage.address}/tasks`);
  await sees(page, 'The browser’s storage is refused to this page.');
  await addTasks(page, 'Only for now');
  await boxOf(page, 'Done: Only for now');
  await leave(page);
});

test('times by hand: an end before the start is refused with the reason, and the day’s unplanned work is recorded', async () => {
  const { page } = await openPage(stage, 'phone', 'hand', '/tasks');
  await addTasks(page, 'Sort samples');
  await boxOf(page, 'Done: Sort samples');
  await settled(page);
  await pressText(page, 'Sort samples');
  await pressText(page, 'Add time…');
  await type(page, 'From', '10:00');
  await type(page, 'To, or how long', '9:30');
  await sees(page, 'The end must be after the start.');
  await type(page, 'To, or how long', '45m');
  await isGone(page, 'To, or how long');
  await page.goto(`${stage.address}/review`);
  await boxOf(page, 'Sort samples: planned –, actual 45 min, drift +45 min');
  await sees(page, 'not planned');
  await leave(page);
});

test('everything goes out as one file and comes in again elsewhere, by one step that can be undone', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/settings');
  const downloaded = await downloads(page, mkdtempSync(path.join(os.tmpdir(), 'sprindle-export-')));
  await press(page, 'Export everything');
  const file = await downloaded('sprindle-demo-2026-11-24.json');
  await page.goto(`${stage.address}/settings?space=elsewhere`);
  await settled(page);
  await chooseFile(page, 'Open an exported file', file);
  await sees(page, '46 tasks, 4 lists, 16 events, 2 calendars');
  await pressText(page, 'Replace everything');
  await page.keyboard.press('Escape');
  await press(page, 'Tasks');
  await boxOf(page, 'Done: Stock count, boat shed');
  await press(page, 'Undo replace everything');
  await isGone(page, 'Done: Stock count, boat shed');
  await leave(page);
});
