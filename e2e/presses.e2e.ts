import assert from 'node:assert/strict';
import type { KeyInput, Page } from 'puppeteer-core';
import { scene } from './scene';
import { calm, go, isAt, sees, isGone, boxOf, holds, focus, keys, keyboardIsOn, keyboardIsIn } from './steps';

/** A keyboard that counts what is pressed besides words. */
function counted(page: Page) {
  const pressed: string[] = [];
  return {
    pressed,
    async press(...keys: readonly KeyInput[]): Promise<void> {
      for (const key of keys) {
        pressed.push(key);
        await page.keyboard.press(key);
      }
    },
    type: (words: string) => page.keyboard.type(words),
  };
}

type Keyboard = ReturnType<typeof counted>;
type Job = {
  readonly name: string;
  /** As many presses as it takes today; a change that takes more is seen here. */
  readonly presses: number;
  readonly does: (keys: Keyboard, page: Page) => Promise<unknown>;
};

const running = /^Map of bank repairs/;

/** The loop of a day, each job from a page that was just opened, with nothing focused. */
const jobs: readonly Job[] = [
  {
    name: 'add a task with its estimate and its due date',
    presses: 2,
    async does(keys, page) {
      await keys.press('l');
      await keyboardIsIn(page, '[aria-label="Quick line"]');
      await keys.type('Order seed trays 45m by Friday');
      await keys.press('Enter');
      // what was typed is shown as it is understood, too, so that only an empty field says that it was taken
      await holds(page, 'Quick line', '');
      await sees(page, 'Order seed trays');
    },
  },
  {
    name: 'place a task where it fits first',
    presses: 4,
    async does(keys, page) {
      await keys.press('2');
      await isAt(page, 'Plan');
      await boxOf(page, 'To place: Renew the electrofishing licence');
      await keys.press('n');
      await keyboardIsOn(page, /^To place: Renew/);
      await keys.press('Space', 'Enter');
      await boxOf(page, 'Renew the electrofishing licence, 15:15');
    },
  },
  {
    name: 'correct a time entry',
    presses: 7,
    async does(keys, page) {
      await keys.press('2');
      await isAt(page, 'Plan');
      await boxOf(page, 'Check gauge readings, 09:30');
      await keys.press('Home');
      await keyboardIsOn(page, running);
      await keys.press('p');
      await keyboardIsOn(page, /^Check gauge readings/);
      await keys.press('e');
      await keyboardIsOn(page, /, from$/);
      await calm(page);
      await keys.press('Tab');
      await keyboardIsOn(page, /^to$/);
      await keys.type('10:45');
      await keys.press('Enter');
      await page.waitForSelector('[aria-label^="Delete time from"][aria-label$="to 10:45"]');
      await keys.press('Escape');
      await keyboardIsOn(page, /^Check gauge readings/);
    },
  },
  {
    name: 'stop the timer',
    presses: 1,
    async does(keys, page) {
      await boxOf(page, 'Running');
      await keys.press('s');
      await isGone(page, 'Running');
    },
  },
  {
    name: 'tick off what was on',
    presses: 4,
    async does(keys, page) {
      await keys.press('2');
      await isAt(page, 'Plan');
      await boxOf(page, 'Map of bank repairs, 10:30');
      await keys.press('Home');
      await keyboardIsOn(page, /^Meeting Flood forum/);
      await keys.press('p');
      await keyboardIsOn(page, running);
      await keys.press('f');
      await page.waitForSelector('[aria-label="Done: Map of bank repairs"][aria-checked=true]');
    },
  },
  {
    name: 'a new event at an hour',
    presses: 2,
    async does(keys, page) {
      await keys.press('l');
      await keyboardIsIn(page, '[aria-label="Quick line"]');
      await keys.type('Weir walk with Anouk Thu 14:30 1h');
      await page.keyboard.down('Alt');
      await keys.press('Enter');
      await page.keyboard.up('Alt');
      await sees(page, 'Weir walk with Anouk: Thu 26 Nov, 14:30');
    },
  },
  {
    name: 'narrow tasks down to what is overdue',
    presses: 3,
    async does(keys, page) {
      await keys.press('3');
      await isAt(page, 'Tasks');
      await sees(page, 'Filter…');
      await keys.press('v');
      await keyboardIsIn(page, '[role=radiogroup][aria-label=Due] [aria-checked=true]');
      await keys.press('ArrowRight');
      await sees(page, '1 open');
    },
  },
  {
    name: 'take a list out of sight in the plan',
    presses: 6,
    async does(keys, page) {
      await keys.press('2');
      await isAt(page, 'Plan');
      await boxOf(page, 'Map of bank repairs, 10:30');
      await keys.press('v');
      await boxOf(page, 'Show the list');
      await keyboardIsIn(page, '[role=dialog]');
      await keys.press('Tab', 'Tab');
      await keyboardIsOn(page, /^Show the list Grants/);
      await keys.press('Space', 'Escape');
      await sees(page, 'Grants out of sight');
    },
  },
];

scene('the loop of a day takes few presses by keys alone', {}, async ({ page }) => {
  for (const { name, presses, does } of jobs) {
    await go(page, '/today');
    const keys = counted(page);
    await does(keys, page);
    assert.equal(keys.pressed.length, presses, `${name}: ${keys.pressed.join(' ')}`);
    assert.ok(presses <= 12, name);
  }
});

scene(
  'Enter once more leads into the details beside the plan; Q leads there and back',
  { at: '/plan' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
    await keys(page, 'Enter');
    await page.waitForSelector('[role=complementary] textarea[aria-label="Title"]');
    await keys(page, 'Enter');
    await keyboardIsIn(page, '[role=complementary] [aria-label="Title"]');
    await focus(page, '[aria-label="Close the details"]');
    await keys(page, 'q');
    await keyboardIsOn(page, /^Grant report, section 2, 12:00/);
    await keys(page, 'q');
    await keyboardIsIn(page, '[role=complementary]');
  },
);
