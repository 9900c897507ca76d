import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, focus, holds, isClosed, isGone, keyboardIsIn, keys, press, sees } from './steps';

/** How fast people type who do not wait, in milliseconds a key. */
const FAST = { delay: 30 };

const opened = [
  { key: 'l', field: 'Quick line', at: '/plan?view=day' },
  { key: 'o', field: 'Find', at: '/plan?view=day' },
  { key: 'w', field: 'Title', at: '/plan?view=week' },
  { key: 'a', field: 'Title', at: '/plan?view=day' },
] as const;

for (const { key, field, at } of opened)
  scene(
    `what is typed right after ${key} is kept for its field, on a slow machine, the first time it opens`,
    { at, slow: 4 },
    async ({ page }) => {
      await boxOf(page, 'Permit letter, weir, 13:30');
      await page.keyboard.type(`${key}Write up the eel count`, FAST);
      await holds(page, field, 'Write up the eel count');
      await keyboardIsIn(page, `:is(input, textarea)[aria-label="${field}"]`);
      await keys(page, 'Escape');
      await boxOf(page, 'Permit letter, weir, 13:30 – 14:15, 45 min');
      await boxOf(page, 'Nothing to undo');
    },
  );

scene(
  'the time spent is corrected without waiting for its field, and Enter is kept, too',
  { at: '/plan?view=day', slow: 4 },
  async ({ page }) => {
    await focus(page, '[aria-label^="Check gauge readings, 09:30"]');
    await page.keyboard.type('e9:05\n', FAST);
    await page.waitForSelector('[aria-label^="Delete time from 09:05"]');
  },
);

scene(
  'a task is typed, taken with Enter and left with Escape before its line stands',
  { at: '/plan?view=day', slow: 4 },
  async ({ page }) => {
    await boxOf(page, 'Permit letter, weir, 13:30');
    await page.keyboard.type('lCall the gauge keeper 15m today', FAST);
    await keys(page, 'Enter', 'Escape');
    await boxOf(page, 'In the tray, Call the gauge keeper');
    await isClosed(page);
  },
);

scene(
  'keys that come before a sheet stands are no keys of the plan, and Escape closes it',
  { at: '/plan?view=day', slow: 4 },
  async ({ page }) => {
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 'o', 'd', 'Delete', 'f', 'Escape');
    await isClosed(page);
    await isGone(page, 'Find: ');
    await boxOf(page, 'Nothing to undo');
  },
);

scene(
  'the inbox is gone through at 60 ms a key, and each decision lands on its own thing',
  { at: '/tasks', slow: 4 },
  async ({ page }) => {
    await press(page, 'Go through the inbox (9)');
    await keyboardIsIn(page, '[aria-label^="Look up the funder"]');
    const pressed = [
      '2',
      'i',
      'Enter',
      '3',
      'ArrowRight',
      'Enter',
      '1',
      'Enter',
      'v',
      '4',
      'ArrowRight',
      'ArrowRight',
      'Enter',
      'Delete',
    ];
    for (const key of pressed) await page.keyboard.press(key as 'Enter', { delay: 60 }); // names of keys
    await sees(page, '7 of 9');
    await keys(page, 'Escape');
    await isClosed(page);
    await boxOf(page, 'Tasks 5 in the inbox');
  },
);

scene(
  'Escape in a field of the inbox closes the field and keeps its steps; what cannot be read runs nothing',
  { at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Go through the inbox (9)');
    await keyboardIsIn(page, '[aria-label^="Look up the funder"]');
    await keys(page, 'e');
    await page.keyboard.type('ask Ines\nwrite it down');
    await keys(page, 'Escape');
    await sees(page, 'with 2 steps');
    await keyboardIsIn(page, '[aria-label^="Look up the funder"]');
    await page.keyboard.type('b31 feb\n');
    await sees(page, '“31 feb” is no day');
    await keys(page, 'Escape', 'b');
    await page.keyboard.type('31 feb\n');
    await holds(page, 'Due', '31 feb');
    await isAccessible(page, 'a date of the inbox that cannot be read');
    await keys(page, 'Escape', 'Enter');
    await sees(page, '2 of 9');
    await keys(page, 'Enter');
    await sees(page, '3 of 9');
    await keys(page, 'Escape');
    await boxOf(page, 'Tasks 8 in the inbox');
  },
);
