import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { middle, swipe } from './hands';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressText,
  keys,
  type,
  textOf,
  sees,
  isGone,
  boxOf,
  keyboardIsOn,
  keyboardIsIn,
  focus,
  eventually,
  choose,
} from './steps';

/** Waits until one thing of the inbox has the keyboard. */
const holds = (page: Page, title: string) => keyboardIsIn(page, `[aria-label^="${title}"]`);

scene(
  'by keyboard alone the inbox is gone through: a length, a day, a list, parked, deleted, left; each can be undone',
  { at: '/tasks' },
  async ({ page }) => {
    await boxOf(page, 'Tasks 9 in the inbox');
    await press(page, 'Go through the inbox (9)');
    await holds(page, 'Look up the funder');
    await sees(page, '1 of 9');
    await isAccessible(page, 'the inbox, one thing at a time');
    await keys(page, '2', 'ArrowRight', 'ArrowRight');
    await sees(page, 'In Field surveys, in the tray of Wed 25 Nov: 1 h stay free.');
    await keys(page, 'Enter');
    await holds(page, 'Find the spare key');
    await keys(page, 'i');
    await sees(page, 'In Grants, without a day or a date.');
    await keys(page, 'Enter');
    await holds(page, 'Minibus');
    await keys(page, 'b');
    await keyboardIsIn(page, 'input[aria-label="Due"]');
    await page.keyboard.type('fri');
    await keys(page, 'Enter');
    await sees(page, 'due Fri 27 Nov');
    await holds(page, 'Minibus');
    await keys(page, 'Enter');
    await holds(page, 'Check whether the permit');
    await keys(page, 'v');
    await holds(page, 'Landowner at reach 6');
    await keys(page, 'Delete');
    await holds(page, 'Idea: one page');
    await keys(page, 'p');
    await press(page, 'In a week');
    await holds(page, 'New batteries');
    await sees(page, '7 of 9');
    await keys(page, 'Escape');
    await boxOf(page, 'Tasks 4 in the inbox');
    await press(page, 'Undo park');
    await boxOf(page, 'Tasks 5 in the inbox');
    await go(page, '/plan?day=2026-11-25');
    await sees(page, 'Look up the funder’s rules');
  },
);

scene(
  'on a phone a finger takes and leaves things of the inbox, and what is captured without a list waits there',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await type(page, 'Add to the inbox', 'Ask for a quote for gravel');
    await boxOf(page, 'Tasks 10 in the inbox');
    await press(page, 'Go through the inbox');
    await pressText(page, '30 min');
    await press(page, 'File into a list');
    await choose(page, 'List', 'Grants');
    await sees(page, 'In Grants, without a day or a date.');
    const card = await boxOf(page, 'Look up the funder');
    const y = card.y + card.height / 2;
    await swipe(page, { x: 60, y }, { x: 300, y });
    await sees(page, '2 of 10');
    await swipe(page, { x: 300, y }, { x: 60, y });
    await sees(page, '3 of 10');
    await isAccessible(page, 'the inbox on a phone');
    await press(page, 'Close');
    await boxOf(page, 'Tasks 9 in the inbox');
    await reload(page);
    await boxOf(page, 'Tasks 9 in the inbox');
  },
);

scene(
  'several tasks are changed in one step, put off, hidden until an hour and parked; all of it is undone',
  { at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Choose several');
    await press(page, 'Choose: Photos for the newsletter');
    await press(page, 'Choose: Stock count, boat shed');
    await sees(page, '2 chosen');
    await isAccessible(page, 'choosing several tasks');
    await press(page, 'Change…');
    await pressText(page, 'High');
    await type(page, 'Estimate', '25m');
    await isAccessible(page, 'changing several tasks');
    await press(page, 'Change 2 tasks');
    await isGone(page, 'Stop choosing');
    await eventually(async () => assert.equal((await textOf(page)).match(/^25 min$/gm)?.length, 2));
    await press(page, 'Undo edit several tasks');
    await sees(page, '40 min');

    await pressText(page, 'Stock count, boat shed');
    await press(page, 'Later: Stock count');
    await isAccessible(page, 'for another time');
    await pressText(page, 'Hide it until');
    await type(page, 'Another day or hour', 'tomorrow 9:00');
    await keys(page, 'Enter');
    await pressText(page, 'Hidden until later · 5');
    await pressText(page, 'Stock count, boat shed');
    await sees(page, 'Out of sight until Wed 25 Nov, 09:00');
    await press(page, 'Bring it back now');
    await press(page, 'Close');
    await pressText(page, 'Hidden until later · 4');
  },
);

scene(
  'a task has steps with ticks and estimates, and is broken into sittings that add up under it',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Volunteer day: tool list');
    await sees(page, 'Steps · 1 of 4 done');
    await press(page, 'Step done: Order it');
    await sees(page, 'Steps · 2 of 4 done');
    await type(page, 'Add a step', 'Tell the driver');
    await sees(page, 'Steps · 2 of 5 done');
    await press(page, 'Take it as the estimate');
    await isGone(page, 'Take it as the estimate');
    await isAccessible(page, 'the steps of a task');
    await press(page, 'Break down…');
    await press(page, 'Break into 4 sittings');
    await sees(page, 'Parts · 0 of 4 done');
    await sees(page, '1 h 20 estimated, nothing planned');
    await press(page, 'Volunteer day: tool list, 4 of 4');
    await sees(page, 'A part of');
    await press(page, 'Undo break down');
  },
);

scene(
  'tasks without an estimate are counted where days are planned, and gone through by figures',
  { at: '/plan' },
  async ({ page }) => {
    await press(page, '10 without an estimate…');
    await sees(page, '10 without an estimate');
    await keyboardIsOn(page, /how long\?/);
    await isAccessible(page, 'going through estimates');
    await keys(page, '2');
    await boxOf(page, '9 without an estimate…');
    await keyboardIsOn(page, /how long\?/);
    await keys(page, '1');
    await boxOf(page, '8 without an estimate…');
    await press(page, 'Undo edit');
    await boxOf(page, '9 without an estimate…');
  },
);

scene(
  'a thing of the inbox is dragged onto a category or filed by key; blocks of the plan are chosen and put off together',
  { at: '/plan?view=week' },
  async ({ page }) => {
    const { x, y } = middle(await boxOf(page, 'To place: Ask Ines'));
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 20, y);
    const kinds = await page.waitForSelector('[aria-label="Into a category"]');
    const kind = await (await kinds?.$('::-p-text(Fieldwork)'))?.boundingBox();
    assert.ok(kind);
    await page.mouse.move(kind.x + 20, kind.y + 5, { steps: 5 });
    await page.mouse.up();
    await sees(page, 'Ask Ines whether the eel counts are in: Fieldwork');
    await boxOf(page, 'Tasks 8 in the inbox');
    await focus(page, '[aria-label^="To place: New batteries"]');
    await keys(page, 'Space', 'i', 'i');
    await eventually(async () => assert.equal(await textOf(page, '[aria-live=assertive]'), 'Into Grants'));
    await keys(page, 'Enter');
    await sees(page, 'New batteries for the level logger: Grants');

    for (const block of ['Grant report, section 2, 12:00', 'Read the report through, ']) {
      await focus(page, `[aria-label^="${block}"]`);
      await keys(page, 'x');
    }
    await sees(page, 'Chosen: 2 tasks');
    await isAccessible(page, 'chosen blocks');
    await press(page, 'Later…');
    await press(page, 'In a week');
    await isGone(page, 'Grant report, section 2, 12:00');
    await press(page, 'Undo put off');
    await boxOf(page, 'Grant report, section 2, 12:00');
  },
);
