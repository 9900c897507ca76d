import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  choose,
  eventually,
  focus,
  go,
  holds,
  isSaved,
  isClosed,
  keyboardIsIn,
  keys,
  press,
  pressText,
  reload,
  sees,
  seesNo,
  textOf,
  type,
} from './steps';

for (const size of ['phone', 'wide'] as const)
  scene(
    `one’s record says how far off estimates are and for what, and how far to trust it, ${size}`,
    { size, at: '/review?span=week' },
    async ({ page }) => {
      await press(page, 'Estimates');
      await sees(page, 'For Writing it takes 1.');
      await sees(page, 'For Permits it takes 0.');
      await sees(page, 'Tried on your own record: each of ');
      await choose(page, 'By', 'Length');
      await sees(page, 'Over 30 min, up to 1 h');
      await isAccessible(page, `estimates, ${size}`);
      await press(page, 'Show the figures: Estimate and what it took');
      await focus(page, '[role=table] [role=row]:nth-child(2) [role=button]');
      await keys(page, 'Enter');
      await sees(page, 'Not done');
      await keys(page, 'Escape');
      await isClosed(page);
      // closed by a key, it gives the keyboard back to the line
      await keyboardIsIn(page, '[role=table]');
      await press(page, 'Hours');
      await boxOf(page, 'The day before');
    },
  );

scene(
  'beside an estimate stands what such work usually takes, and a tap takes it',
  { at: '/plan?view=day&day=2026-11-25' },
  async ({ page }) => {
    await press(page, 'Grant report, section 3, ');
    await sees(page, 'Writing usually takes 1.');
    await sees(page, 'like it took 1 h 30');
    await page.locator('::-p-xpath(//*[@role="button"][.="1 h 30"])').click();
    await eventually(async () =>
      assert.equal(await page.$eval('input[aria-label="Estimate"]', ({ value }) => value), '1 h 30'),
    );
    await press(page, 'Undo edit');
    await eventually(async () =>
      assert.equal(await page.$eval('input[aria-label="Estimate"]', ({ value }) => value), '2 h'),
    );
  },
);

scene(
  'what such work usually takes is taken by keys in the quick line and in the table, and told of a new task',
  { at: '/tasks' },
  async ({ page }) => {
    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Transect notes, reach 5 in Grants');
    await holds(page, 'Quick line', 'Transect notes, reach 5 in Grants');
    await sees(page, 'Usually 1 h 1');
    await focus(page, '[aria-label$="as its estimate"]');
    await keys(page, 'Enter');
    await holds(page, 'Quick line', /^Transect notes, reach 5 in Grants 1h\d\dm$/);
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await isAccessible(page, 'a usual length in the quick line');
    await keys(page, 'Enter');
    await holds(page, 'Quick line', '');
    await keys(page, 'Escape');
    await isClosed(page);

    await pressText(page, 'Table');
    await sees(page, 'Transect notes, reach 5');
    await focus(page, '[role=grid]');
    await keys(page, 'ArrowRight', 'ArrowRight', 'ArrowRight');
    await page.keyboard.type('1h');
    await keys(page, 'Enter', 'ArrowUp', 'Enter');
    await sees(page, 'alike.');
    await isAccessible(page, 'a usual length in the table');
    await keys(page, 'ArrowDown', 'Enter');
    await eventually(async () =>
      assert.match(await textOf(page, '[role=row][aria-rowindex="2"]'), /1 h \d\d/),
    );

    await go(page, '/plan?view=day');
    await keys(page, 'w');
    await holds(page, 'Title', '');
    await page.keyboard.type('Transect notes, reach 6');
    await holds(page, 'Title', 'Transect notes, reach 6');
    await keys(page, 'Tab');
    await sees(page, 'alike.');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `loads and what fits count what work really takes once that is chosen, say so, and count estimates again, ${size}`,
    { size, at: '/plan?view=day' },
    async ({ page }) => {
      await keys(page, 'l');
      await type(page, 'Quick line', 'Letter to the press today 1h category Writing');
      await holds(page, 'Quick line', '');
      await keys(page, 'Escape');
      await isClosed(page);
      await sees(page, '5 h 30 of 6 h 15 planned');
      await press(page, 'Review');
      await press(page, 'Estimates');
      await press(page, 'Count with what things really take');
      await sees(page, 'As of 24 Nov: ');
      await sees(page, 'times its estimate.');
      await isAccessible(page, `what is counted, ${size}`);
      await press(page, 'Plan');
      await sees(page, 'planned, as it really takes');
      await seesNo(page, '5 h 30 of 6 h 15 planned');
      await press(page, 'Undo change settings');
      await sees(page, '5 h 30 of 6 h 15 planned');
      await seesNo(page, 'as it really takes');
      await press(page, 'Redo change settings');
      await isSaved(page, 'pace');
      await reload(page);
      await sees(page, 'planned, as it really takes');
    },
  );
