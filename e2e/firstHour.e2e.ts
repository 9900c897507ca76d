import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  go,
  isClosed,
  isGone,
  keyboardIsIn,
  press,
  pressText,
  seesNo,
  sees,
  settled,
  type,
} from './steps';

for (const size of ['phone', 'wide'] as const)
  scene(
    `a newcomer’s first block takes few presses; the steps tick themselves off and can be skipped, ${size}`,
    { size, space: 'first', at: '/today' },
    async ({ page }) => {
      let presses = 0;
      const counted = async (label: string) => {
        presses += 1;
        await press(page, label);
      };
      await sees(page, 'Your day in blocks of time');
      await isAccessible(page, 'the first steps');
      await counted('Guided start');
      for (let i = 0; i < 4; i += 1) await counted('Next');
      await counted('Use this week');
      await isClosed(page);
      await sees(page, 'Shape your week · done');
      await counted('Skip: Bring in a calendar');
      await counted('Note one');
      const lines = [
        'Read the gauges 45m',
        'Send the letter 20m',
        'Order jars',
        'Map the reach 1h',
        'Ring Bea 10m',
      ];
      await keyboardIsIn(page, '[aria-label="Quick line"]');
      for (const line of lines) {
        await type(page, 'Quick line', line);
        presses += 1;
      }
      await counted('Close');
      await isClosed(page);
      await sees(page, 'Say how long they take · 4 of 5');
      await counted('Skip: Say how long they take');
      await counted('Place one');
      presses += 1;
      await page.locator('::-p-xpath(//*[@role="dialog"]//button[contains(., " – ")])').click();
      await isClosed(page);
      await isGone(page, 'First steps');
      assert.ok(presses <= 18, `${presses} presses`);
    },
  );

scene(
  'Plan and Tasks say the same next step; it is put away and comes back by undo; a filled office is one press away and back',
  { size: 'phone', space: 'own', at: '/plan' },
  async ({ page }) => {
    for (const place of ['/plan', '/tasks']) {
      await go(page, place);
      if (place === '/plan') await pressText(page, 'To place');
      await boxOf(page, 'Next step');
      await sees(page, 'Next: Shape your week');
      await isAccessible(page, `the next step, ${place}`);
    }
    await go(page, '/today');
    await press(page, 'Put the steps away');
    await isGone(page, 'First steps');
    await press(page, 'Undo change settings');
    const there = page.waitForNavigation();
    await press(page, 'Look around in a filled office');
    await there;
    await settled(page);
    await sees(page, 'A filled office with made-up people');
    await isAccessible(page, 'the filled office');
    const back = page.waitForNavigation();
    await press(page, 'Back to my own');
    await back;
    await settled(page);
    await boxOf(page, 'First steps');
    await seesNo(page, 'made-up people');
  },
);

scene(
  'the guided start holds a step whose value cannot be read, and understands a spoken hour',
  { space: 'held', at: '/frame' },
  async ({ page }) => {
    await pressText(page, 'Guided start…');
    await keyboardIsIn(page, '[aria-label="To bed at"]');
    await type(page, 'To bed at', 'half eleven');
    await sees(page, 'Step 1 of 5');
    await page.waitForSelector('[aria-label="To bed at"]');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('[aria-label="To bed at"]')?.value === '23:30',
      { polling: 'raf' },
    );
    await type(page, 'To bed at', 'after the film');
    await press(page, 'Next');
    await sees(page, '“after the film” is no time of day');
    await sees(page, 'When do you sleep?');
    await keyboardIsIn(page, '[aria-label="To bed at"]');
    await type(page, 'To bed at', '23');
    await press(page, 'Next');
    await sees(page, 'When do you work?');
  },
);
