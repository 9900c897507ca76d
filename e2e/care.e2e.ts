import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { chooseFile, downloads } from './files';
import { drag, pointAt, swipe } from './hands';
import { scene } from './scene';
import {
  go,
  press,
  pressText,
  keys,
  type,
  sees,
  seesNo,
  isGone,
  boxOf,
  labels,
  hears,
  tabTo,
  focus,
  eventually,
  isSaved,
  isClosed,
} from './steps';

const addTasks = async (page: Page, ...titles: string[]) => {
  for (const title of titles) await type(page, 'Add to the inbox', title);
};
const stand = (page: Page, ...titles: string[]) =>
  eventually(async () => {
    const grips = (await labels(page)).filter((label) => label.startsWith('Move '));
    assert.deepEqual(
      grips.map((label) => label.slice(5)),
      titles,
    );
  });

scene('the whole job by keyboard alone', { space: 'keys' }, async ({ page }) => {
  await tabTo(page, 'Tasks');
  await keys(page, 'Enter');
  await tabTo(page, 'Add to the inbox');
  await page.keyboard.type('Read the gauges');
  await keys(page, 'Enter');
  await boxOf(page, 'Done: Read the gauges');
  await tabTo(page, 'Plan');
  await keys(page, 'Enter');
  await tabTo(page, 'To place: Read the gauges');
  await keys(page, 'Space');
  await hears(page, /^Tue 24 Nov, 11:30 – 12:00 · 30 min/);
  await keys(page, 'ArrowDown', 'Escape');
  await boxOf(page, 'To place: Read the gauges');
  await keys(page, 'Space', 'ArrowDown', 'Enter');
  await boxOf(page, 'Read the gauges, 11:45 – 12:15');
  await keys(page, 'Enter');
  await tabTo(page, 'Start Read the gauges');
  await keys(page, 'Enter');
  await boxOf(page, 'Stop Read the gauges');
  await keys(page, 'Control+z');
  await boxOf(page, 'Start Read the gauges');
});

scene(
  'the own order changes by dragging the grip, by mouse and by keyboard, and is undone',
  { space: 'order', at: '/tasks' },
  async ({ page }) => {
    await addTasks(page, 'Third', 'Second', 'First');
    await stand(page, 'First', 'Second', 'Third');
    const [from, to] = [await boxOf(page, 'Move First'), await boxOf(page, 'Move Third')];
    await drag(page, 'mouse', { x: from.x + 10, y: from.y + 20 }, { x: to.x + 10, y: to.y + 26 });
    await stand(page, 'Second', 'Third', 'First');
    await press(page, 'Undo reorder');
    await stand(page, 'First', 'Second', 'Third');
    await focus(page, '[aria-label="Move Third"]');
    await keys(page, 'Space');
    await hears(page, 'place 3 of 3');
    await keys(page, 'ArrowUp');
    await hears(page, 'place 2 of 3');
    await keys(page, 'Space');
    await stand(page, 'First', 'Third', 'Second');
  },
);

scene(
  'a swipe over a block scrolls the hours and moves nothing',
  { size: 'phone', at: '/plan' },
  async ({ page }) => {
    const block = await boxOf(page, 'Grant report, section 2, 12:00');
    const scrolled = () => page.$eval('[aria-label="Hours of the day"]', (strip) => strip.scrollTop);
    const before = await scrolled();
    const x = block.x + 80;
    await swipe(page, { x, y: block.y + 60 }, { x, y: block.y - 60 });
    await eventually(async () => assert.ok((await scrolled()) > before + 40, 'the strip scrolled'));
    await boxOf(page, 'Grant report, section 2, 12:00 – 13:30');
  },
);

scene(
  'the strip scrolls by itself while something is held near its edge, by an hour a second at most',
  { at: '/plan' },
  async ({ page }) => {
    const strip = await boxOf(page, 'Hours of the day');
    const card = await boxOf(page, 'To place: Volunteer day');
    const scrolled = () => page.$eval('[aria-label="Hours of the day"]', (element) => element.scrollTop);
    const before = await scrolled();
    const edge = { x: strip.x + strip.width / 2, y: strip.y + strip.height - 20 };
    const hour =
      (await page.$eval('[aria-label="Hours of the day"]', ({ scrollHeight }) => scrollHeight)) / 24;
    const began = Date.now();
    await drag(page, 'mouse', { x: card.x + 40, y: card.y + 12 }, edge, async () => {
      await eventually(async () => assert.ok((await scrolled()) > before + 60, 'it scrolled'));
      const way = (await scrolled()) - before;
      const most = (hour * (Date.now() - began)) / 1000;
      assert.ok(way <= most, `${way} px where ${most} were the most`);
    });
    await eventually(async () =>
      assert.ok(
        (await labels(page)).some((label) => /^Volunteer day: tool list, (1[5-9]|2\d):/.test(label)),
        'and the task lies in the evening',
      ),
    );
  },
);

scene(
  'a block dragged off the strip leaves the plan and stays in the list',
  { at: '/plan' },
  async ({ page }) => {
    await pointAt(page, 13.5);
    const block = await boxOf(page, 'Permit letter, weir, 13:30');
    await drag(page, 'mouse', { x: block.x + 50, y: block.y + 10 }, { x: 200, y: 400 }, () =>
      sees(page, 'Take off the plan'),
    );
    await boxOf(page, 'To place: Permit letter, weir');
  },
);

scene('a calendar file can be dropped on the window', { space: 'drop' }, async ({ page }) => {
  await page.evaluate(() => {
    const text =
      'BEGIN:VCALENDAR\nBEGIN:VEVENT\nUID:a\nSUMMARY:Dropped call\nDTSTART:20261124T130000Z\nDURATION:PT1H\nEND:VEVENT\nEND:VCALENDAR';
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([text], 'dropped.ics', { type: 'text/calendar' }));
    window.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
  });
  await sees(page, '1\nnew');
  await pressText(page, 'Undo import');
  await seesNo(page, 'Dropped call');
});

scene(
  'a killed tab opens on the last state, and two tabs show each other’s changes',
  { space: 'tabs', at: '/tasks' },
  async ({ page, tab, emptyTab }) => {
    await addTasks(page, 'Kept');
    await isSaved(page, 'Kept');
    // a context lasts as long as one of its tabs
    await emptyTab();
    await page.close();
    const again = await tab('/tasks');
    await boxOf(again, 'Done: Kept');
    const other = await tab('/tasks');
    await again.bringToFront();
    await addTasks(again, 'From the first tab');
    await boxOf(other, 'Done: From the first tab');
    await other.bringToFront();
    await press(other, 'Done: Kept');
    await isGone(again, 'Done: Kept');
  },
);

scene(
  'storage that is switched off is said, and one can still look around',
  { space: 'off' },
  async ({ page }) => {
    await page.evaluateOnNewDocument(() => {
      indexedDB.open = () => {
        throw new DOMException('off', 'SecurityError');
      };
    });
    await go(page, '/tasks');
    await sees(page, 'The browser’s storage is refused to this page.');
    await addTasks(page, 'Only for now');
    await boxOf(page, 'Done: Only for now');
  },
);

scene(
  'times by hand: an end before the start is refused with the reason, and the day’s unplanned work is recorded',
  { size: 'phone', space: 'hand', at: '/tasks' },
  async ({ page }) => {
    await addTasks(page, 'Sort samples');
    await boxOf(page, 'Done: Sort samples');
    await pressText(page, 'Sort samples');
    await pressText(page, 'Add time…');
    await type(page, 'From', '10:00');
    await type(page, 'To, or how long', '9:30');
    await sees(page, 'The end must be after the start.');
    await type(page, 'To, or how long', '45m');
    await isGone(page, 'To, or how long');
    await go(page, '/review');
    await boxOf(page, 'Sort samples: planned –, actual 45 min, drift +45 min');
    await sees(page, 'not planned');
  },
);

scene(
  'everything goes out as one file and comes in again elsewhere, by one step that can be undone',
  { at: '/settings' },
  async ({ page }) => {
    const downloaded = await downloads(page);
    await press(page, 'Export everything');
    const file = await downloaded('sprindle-demo-2026-11-24.json');
    await go(page, '/settings?space=elsewhere');
    await chooseFile(page, 'Open an exported file', file);
    await sees(page, '160 tasks, 4 lists, 16 events, 2 calendars');
    await pressText(page, 'Replace everything');
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Tasks');
    await boxOf(page, 'Done: Stock count, boat shed');
    await press(page, 'Undo replace everything');
    await isGone(page, 'Done: Stock count, boat shed');
  },
);
