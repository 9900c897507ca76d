import { swipe } from './hands';
import assert from 'node:assert/strict';
import { after } from 'node:test';
import { openStage, type Stage } from './browser';
import { outOfReach } from './reach';
import { scene } from './scene';
import { go, press, keys, sees, boxOf, keyboardIsOn, keyboardIsIn, focus, eventually, hears } from './steps';

scene(
  'in the month and the agenda things are moved by keys, and what is held goes by an hour or by five minutes',
  { at: '/plan?view=agenda&day=2026-11-25' },
  async ({ page }) => {
    const shift = async (key: 'ArrowRight' | 'ArrowDown') => {
      await page.keyboard.down('Shift');
      await page.keyboard.press(key);
      await page.keyboard.up('Shift');
    };
    await page.$eval('::-p-xpath(//*[@role="button"][contains(., "Pack the survey boxes")])', (line) =>
      (line as HTMLElement).focus(),
    );
    await shift('ArrowRight');
    await sees(page, 'Pack the survey boxes: Thu 26 Nov');
    await press(page, 'Undo move');
    await go(page, '/plan?view=day&day=2026-11-25');
    await focus(page, '[aria-label^="Pack the survey boxes, 09:30"]');
    await keys(page, 'Space', 'PageDown', 'Control+ArrowDown', 'Enter');
    await boxOf(page, 'Pack the survey boxes, 10:35 – 11:35');
  },
);

scene(
  'a press elsewhere lets go of what the keys hold, and a field says what it kept',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 'Space', 'ArrowDown');
    await page.click('[aria-label="Search tasks and lists"]');
    await hears(page, 'Left where it was');
    await page.keyboard.type('weir');
    await keys(page, 'Enter');
    await boxOf(page, 'Permit letter, weir, 13:30');
    await focus(page, '[aria-label^="Check gauge readings, 09:30"]');
    await keys(page, 'e');
    await keyboardIsOn(page, /, from$/);
    await page.keyboard.type('9:05');
    await keys(page, 'Enter');
    await hears(page, 'Tue 24 Nov, from: 09:05');
  },
);

scene(
  'what is drawn of a task is said; two fingers and a swipe do what the guide says',
  { size: 'phone', at: '/plan?view=agenda' },
  async ({ page }) => {
    await sees(page, 'Today, Tue 24 Nov');
    await swipe(page, { x: 330, y: 300 }, { x: 60, y: 300 });
    await page.waitForFunction(
      () => document.title.includes('Plan: Agenda, ') && !document.title.includes('Tue 24'),
    );
    const zooms = (at: string) =>
      page.$eval(at, (element) =>
        element.dispatchEvent(
          new WheelEvent('wheel', { ctrlKey: true, deltaY: -60, bubbles: true, cancelable: true }),
        ),
      );
    assert.equal(await zooms('[aria-label=Agenda]'), true, 'the browser enlarges the agenda');
    await go(page, '/plan?view=day');
    await boxOf(page, 'Map of bank repairs, 10:30 – 11:15, 45 min, high priority, running');
    const high = async () => (await boxOf(page, 'Permit letter, weir, 13:30')).height;
    const before = await high();
    assert.equal(await zooms('[aria-label="Hours of the day"]'), false, 'the page stays as it is');
    await eventually(async () => assert.ok((await high()) > before));
  },
);

scene(
  'in America dates say the month first and weeks begin on Sunday',
  { space: 'america', locale: 'en-US' },
  async ({ page }) => {
    await sees(page, 'Tue, Nov 24 · 11:20 am');
    await go(page, '/plan?view=week');
    await page.waitForFunction(() => document.title.endsWith('Plan: Week, Nov 22 – 28 · Sprindle'));
    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Order willow cuttings by 12/4');
    await sees(page, 'due Fri, Dec 4');
  },
);

/** A browser whose own text is half as large again. */
let large: Promise<Stage> | undefined;
after(async () => (await large)?.close());

scene(
  'text of half as much again, as the browser has it, is followed and cut off nowhere',
  { size: 'phone', on: () => (large ??= openStage({ text: 24 })) },
  async ({ page }) => {
    const size = (selector: string) =>
      page.$eval(selector, (element) => Number.parseFloat(getComputedStyle(element).fontSize));
    // a title of 16 pixels, as a line of such text holds few words
    assert.equal(await size('[role=main] h1'), 24);
    for (const place of ['/today', '/plan?view=day', '/tasks']) {
      await go(page, place);
      assert.deepEqual(await outOfReach(page, '#root'), [], place);
    }
    await page.setViewport({ width: 1280, height: 800 });
    // it is too large for panes, so that the places stand below
    await eventually(async () => assert.ok((await boxOf(page, 'Places')).width > 1000));
  },
);
