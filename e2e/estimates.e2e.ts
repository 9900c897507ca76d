import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, choose, eventually, focus, isClosed, keyboardIsIn, keys, press, sees } from './steps';

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
