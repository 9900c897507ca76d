import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressText,
  keys,
  type,
  sees,
  isGone,
  boxOf,
  tabTo,
  keyboardIsIn,
  focus,
} from './steps';

scene(
  'by keyboard: a line in plain words becomes a task with its block; it says what it collides with, and stays open',
  { at: '/plan?day=2026-11-26' },
  async ({ page }) => {
    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Count the redds tomorrow 11:00 1h in Field surveys by Fri, urgent');
    for (const words of ['Wed 25 Nov, 11:00', '1 h', 'Field surveys', 'due Fri 27 Nov', 'urgent priority'])
      await boxOf(page, `Take back: ${words}`);
    await sees(page, '“Count the redds” in Field surveys, Wed 25 Nov, 11:00 – 12:00.');
    await sees(page, 'Collides with Weir hearing');
    await isAccessible(page, 'the quick line');
    await tabTo(page, 'Take back: Wed 25 Nov, 11:00');
    await keys(page, 'Enter');
    await sees(page, '“Count the redds tomorrow 11:00” in Field surveys, without a place in the plan.');
    await focus(page, '[aria-label="Quick line"]');
    await keys(page, 'Control+a');
    await page.keyboard.type('Count the redds Thu 13:00 45m');
    await keys(page, 'Enter');
    await boxOf(page, 'Count the redds, 13:00 – 13:45, 45 min');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await keys(page, 'ArrowUp');
    await boxOf(page, 'Take back: Thu 26 Nov, 13:00');
    await press(page, 'Undo add task');
    await isGone(page, 'Count the redds, 13:00');
  },
);

scene(
  'a chip is changed by a tap; a template is placed by its name; a note goes to Today and from there into the inbox',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Quick line:');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Count the redds Thu 13:00 45m in Grants');
    await press(page, '45 min: change it');
    await isAccessible(page, 'what a length is changed to');
    await press(page, '2 h');
    await sees(page, '“Count the redds” in Grants, Thu 26 Nov, 13:00 – 15:00.');
    await press(page, 'Grants: change it');
    await press(page, 'Permits');
    await boxOf(page, 'Take back: Permits');
    await press(page, 'Add what the line says');
    await focus(page, '[aria-label="Quick line"]');
    await page.keyboard.type('gauge round Fri');
    await boxOf(page, 'Take back: template Gauge round, 1 h 30');
    await sees(page, '“gauge round” in Field surveys, Fri 27 Nov,');
    await press(page, 'Add what the line says');
    await focus(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Tomas: new pump by Friday');
    await pressText(page, 'A scratch note');
    await press(page, 'Add what the line says');
    await go(page, '/');
    await boxOf(page, 'Scratch note: Tomas: new pump by Friday');
    await isAccessible(page, 'scratch notes');
    await press(page, 'Tomorrow: Gauge 7 reads');
    await isGone(page, 'Tomorrow: Gauge 7 reads');
    await press(page, 'All into the inbox');
    await isGone(page, 'Scratch notes');
    await press(page, 'Undo make tasks of notes');
    await boxOf(page, 'Scratch note: Tomas: new pump by Friday');
    await go(page, '/settings');
    await press(page, 'Edit templates…');
    await isAccessible(page, 'block templates');
    await type(page, 'New template', 'gauge round');
    await sees(page, 'There is a template Gauge round already.');
  },
);

scene(
  'on a phone a line with a day goes into its tray, and what was typed survives a reload',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Quick line:');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Thank the lenders of boats tomorrow');
    await boxOf(page, 'Take back: Wed 25 Nov');
    await isAccessible(page, 'the quick line on a phone');
    await reload(page);
    await press(page, 'Quick line:');
    await press(page, 'Add what the line says');
    await go(page, '/plan?view=agenda');
    await sees(page, 'Thank the lenders of boats');
  },
);

scene(
  'what an address hands over stands in the quick line until it is added, once',
  { size: 'phone', at: '/tasks?add=Read%20about%20eels%20tomorrow&addText=From%20the%20county' },
  async ({ page }) => {
    await sees(page, '“Read about eels” in Field surveys, in the tray of Wed 25 Nov.');
    await page.waitForFunction(() => !location.search.includes('add'));
    await press(page, 'Add what the line says');
    await keys(page, 'Escape');
    await sees(page, 'Read about eels');
    await reload(page);
    assert.equal(await page.$('[aria-label="Quick line"]'), null);
  },
);
