import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  reload,
  press,
  pressText,
  keys,
  type,
  sees,
  boxOf,
  tabTo,
  keyboardIsIn,
  eventually,
  focus,
} from './steps';

scene(
  'by keyboard: a misspelt word finds a task by its title or its step, and Enter opens it where it lies in the plan',
  {},
  async ({ page }) => {
    await keys(page, 'o');
    await keyboardIsIn(page, 'input[aria-label="Find"]');
    await page.keyboard.type('xylophone');
    await sees(page, 'Nothing has these words.');
    await keys(page, 'Control+a');
    await page.keyboard.type('volunters brin');
    await sees(page, 'One thing');
    await sees(page, 'Volunteer day: tool list');
    await isAccessible(page, 'finding');
    await keys(page, 'Control+a');
    await page.keyboard.type('sensor log weir');
    await keys(page, 'Enter');
    await page.waitForFunction(() => location.pathname === '/plan' && location.search.includes('2026-11-27'));
    await boxOf(page, 'Sensor log of the weir pool,');
    await boxOf(page, 'Done: Sensor log of the weir pool');
  },
);

scene(
  'on a phone what is found is ticked off where it stands, a new task is found at once, and a meeting opens on its day',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await type(page, 'Add to the inbox', 'Borrow a theodolite');
    await press(page, 'Find');
    await keyboardIsIn(page, 'input[aria-label="Find"]');
    await page.keyboard.type('theod');
    await sees(page, 'Inbox · no place yet');
    await page.click('[role=dialog] [aria-label="Done: Borrow a theodolite"]');
    await sees(page, 'done · no place yet');
    await isAccessible(page, 'finding on a phone');
    await focus(page, 'input[aria-label="Find"]');
    for (let i = 0; i < 5; i += 1) await keys(page, 'Backspace');
    await page.keyboard.type('hearing');
    await eventually(async () =>
      assert.ok((await page.$$('[aria-label="Found"] [role=listitem]')).length >= 3),
    );
    await tabTo(page, 'Done: ');
    await keys(page, 'ArrowDown');
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[role=listitem] [role=button], [role=listitem] button')]
        .find((row) => row.innerText.startsWith('Weir hearing'))
        ?.click(),
    );
    await page.waitForFunction(() => location.search.includes('2026-11-25'));
    await sees(page, 'Weir hearing');
  },
);

scene(
  'tasks are narrowed down by saved filters and by new conditions, which are kept under a name and forgotten',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'My order: order and filter');
    await pressText(page, 'Up to 15 min');
    await sees(page, '4 open');
    await isAccessible(page, 'a saved filter');
    await press(page, 'Show all');
    await sees(page, '33 open');
    await press(page, 'Filter…');
    await pressText(page, 'No date');
    await press(page, 'High or urgent only');
    await isAccessible(page, 'the conditions of a filter');
    await type(page, 'Keep it as', 'Important some day');
    await press(page, 'Forget the filter Important some day');
    await press(page, 'Undo change settings');
    await boxOf(page, 'Forget the filter Important some day');
    await reload(page);
    await press(page, 'My order: order and filter');
    await pressText(page, 'Important some day');
  },
);

scene(
  'what looks things up beside the page is started anew when it fails',
  { expects: /lost on purpose/ },
  async ({ page }) => {
    await keys(page, 'o');
    await keyboardIsIn(page, 'input[aria-label="Find"]');
    await page.keyboard.type('sensor log');
    await sees(page, 'Sensor log of the weir pool');
    const mirrors = () => page.workers().filter((worker) => worker.url().includes('mirror'));
    const [mirror] = mirrors();
    await mirror?.evaluate(() => {
      queueMicrotask(() => {
        throw new Error('lost on purpose');
      });
    });
    // another may stand already, as the day asks for one, too
    await eventually(async () => assert.ok(mirrors().every((other) => other !== mirror)));
    await keys(page, 'Control+a');
    await page.keyboard.type('volunteer tool');
    await sees(page, 'Volunteer day: tool list');
  },
);
