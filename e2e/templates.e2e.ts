import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, choose, go, isAt, isClosed, isGone, keys, press, sees, seesNo, type } from './steps';

scene(
  'the template of a day is typed, seen, laid out around the meetings, and undone in one step',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await boxOf(page, 'Permit letter, weir, 13:30');
    await keys(page, 'l');
    await page.keyboard.type('Desk day Fri');
    await sees(page, 'Lays out Desk day on Fri 27 Nov');
    await keys(page, 'Enter');
    await sees(page, 'Lay out Fri 27 Nov');
    // the log of the week is written at nine
    await sees(page, 'not 09:00, which is taken');
    await isAccessible(page, 'a day before it is laid out');
    await press(page, 'Lay it out');
    await sees(page, 'Desk day is laid out on Fri 27 Nov');
    for (const day of ['Wed 25 Nov', 'Thu 26 Nov', 'Fri 27 Nov']) {
      await press(page, 'The day after');
      await isAt(page, day);
    }
    await boxOf(page, 'Write, no telephone');
    await sees(page, 'Two pages before lunch');
    await keys(page, 'Control+z');
    await isGone(page, 'Write, no telephone');
    await seesNo(page, 'Two pages before lunch');
  },
);

scene(
  'a day is kept as a template on a phone, changed where all templates are, and laid out on another day',
  { size: 'phone', at: '/plan?view=day' },
  async ({ page }) => {
    await press(page, 'More');
    await press(page, 'Lay out the day…');
    await type(page, 'Name of the new template', 'Report day');
    await sees(page, 'Report day is a template');
    await press(page, 'Edit templates…');
    const within = '[aria-label="Template Report day"]';
    await page.waitForSelector(within);
    await isAccessible(page, 'templates');
    await page.locator(`${within} [aria-label="New line: Blocks"]`).fill('16:45 Air the waders 15m');
    await keys(page, 'Enter');
    await boxOf(page, 'Length of Air the waders');
    await keys(page, 'Escape');
    await isClosed(page);
    await go(page, '/plan?view=day&day=2026-11-27');
    await press(page, 'More');
    await press(page, 'Lay out the day…');
    await choose(page, 'Template', 'Report day');
    await sees(page, 'Air the waders');
    await press(page, 'Lay it out');
    await isClosed(page);
    await boxOf(page, 'Air the waders, 16:45');
  },
);

scene(
  'a meeting is placed by the name of its kind, with what its template knows; a block brings its steps',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await boxOf(page, 'Permit letter, weir, 13:30');
    await keys(page, 'l');
    await page.keyboard.type('Landowner call Fri');
    await sees(page, 'in your calendar, Fri 27 Nov');
    await keys(page, 'Enter');
    await boxOf(page, 'Meeting Landowner call');
    await page.keyboard.type('Gauge round Thu');
    await keys(page, 'Enter', 'Escape');
    await press(page, 'Meeting Landowner call');
    await sees(page, 'Join the call');
    await sees(page, 'Who tells the tenant');
    await press(page, 'Gauge round, ');
    await sees(page, 'Steps · 0 of 3 done');
  },
);
