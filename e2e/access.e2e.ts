import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import { boxOf, press } from './steps';

let stage: Stage;
before(async () => void (stage = await openStage()));
after(() => stage.close());

const places = [
  '/today',
  '/plan?view=day',
  '/plan?view=week',
  '/plan?view=month',
  '/plan?view=agenda',
  '/tasks',
  '/review',
  '/settings',
  '/frame',
];

/** Windows so low that not all fits: a wide screen at 200 %, a phone on its side, a screen at 400 %. */
const low = [
  { width: 640, height: 400 },
  { width: 844, height: 390 },
  { width: 320, height: 256 },
];

/** What can be pressed or typed into and cannot be brought into sight, or is cut off sideways. */
const outOfReach = (page: Page, within: string) =>
  page.$$eval(
    `${within} :is(a, button, input, textarea, [role=button], [role=radio], [role=checkbox])`,
    (all) =>
      all.flatMap((element) => {
        const name = element.getAttribute('aria-label') ?? element.textContent?.slice(0, 40);
        if (element.closest('[aria-hidden=true], [inert]') || element.getClientRects().length === 0)
          return [];
        element.scrollIntoView({ block: 'center', inline: 'center' });
        const { left, top, width, height } = element.getBoundingClientRect();
        const [x, y] = [left + width / 2, top + height / 2];
        const there = document.elementFromPoint(x, y);
        const isSeen = there !== null && (element.contains(there) || there.contains(element));
        return isSeen || (x >= 0 && y >= 0 && x < innerWidth && y < innerHeight)
          ? []
          : [`${name} at ${x}, ${y}`];
      }),
  );

for (const size of low)
  test(`in a window of ${size.width} × ${size.height} everything can be brought into sight, and hours get half of it`, async () => {
    const { page, complaints } = await openPage(stage, 'phone', 'demo', '/today');
    await page.setViewport({ ...size, hasTouch: true });
    for (const place of places) {
      await page.goto(`${stage.address}${place}`);
      await settled(page);
      assert.deepEqual(await outOfReach(page, '#root'), [], place);
      const hours = await page.$('[aria-label^="Hours of the"]');
      if (hours && place.startsWith('/plan')) {
        const box = await hours.boundingBox();
        assert.ok((box?.height ?? 0) >= size.height / 2, `${place}: ${box?.height}`);
      }
    }
    for (const sheet of ['newTask', 'quick'] as const) {
      await page.goto(`${stage.address}/tasks`);
      await settled(page);
      await press(page, sheet === 'newTask' ? 'New task' : 'Quick line:');
      await page.waitForSelector('[role=dialog] :is(input, textarea)');
      assert.deepEqual(await outOfReach(page, '[role=dialog]'), [], sheet);
    }
    await boxOf(page, 'Close');
    assert.deepEqual(complaints, []);
    await leave(page);
  });
