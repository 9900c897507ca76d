import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { sizes } from './browser';
import { drag, hold, middle } from './hands';
import { scene } from './scene';
import {
  calm,
  go,
  press,
  pressTool,
  pressText,
  keys,
  textOf,
  sees,
  holds,
  isGone,
  isClosed,
  boxOf,
  keyboardIsOn,
  keyboardIsIn,
  focus,
  eventually,
  isNowhere,
} from './steps';

scene(
  'on a phone what is planned gets at least 60 % of the height in every view',
  { size: 'phone', at: '/plan' },
  async ({ page }) => {
    // while something runs, of what is left above it
    const plan = (await boxOf(page, 'Running: Map of bank repairs')).y;
    const besideTimer = await boxOf(page, 'Hours of the day');
    assert.ok(besideTimer.height >= 0.6 * plan, `while something runs: ${besideTimer.height} of ${plan}`);
    await press(page, 'Stop what runs');
    await go(page, '/plan');
    const shown = { Month: 'Days of the month', Agenda: 'Agenda', Day: 'Hours of the day' };
    for (const view of ['Days', 'Week', 'Working week', 'Month', 'Agenda', 'Day']) {
      await press(page, 'View: ');
      await isAccessible(page, 'the views');
      await page.locator(`[role=dialog] [aria-label="${view}"]`).click();
      await boxOf(page, `View: ${view}`);
      const hours = await boxOf(
        page,
        Object.entries(shown).find(([name]) => name === view)?.[1] ?? 'Hours of the days',
      );
      assert.ok(hours.height >= 0.6 * sizes.phone.height, `${view}: ${hours.height}`);
    }
    await go(page, '/plan');
    await boxOf(page, 'View: Day');
  },
);

scene(
  'the view that was chosen last comes back where the address names none',
  { at: '/plan' },
  async ({ page }) => {
    await pressText(page, 'Agenda');
    await sees(page, 'Today, Tue 24 Nov');
    await go(page, '/plan');
    await sees(page, 'Today, Tue 24 Nov');
  },
);

scene(
  'a task is ticked off on its block, in the agenda and in the list, and the keyboard goes to the next',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await page.click('[id^=card-] [aria-label="Done: Map of bank repairs"]');
    await boxOf(page, 'Map of bank repairs, 10:30 – 11:15, 45 min, done');
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 's');
    await boxOf(page, 'Stop Permit letter, weir');
    await keys(page, 'f');
    await boxOf(page, 'Permit letter, weir, 13:30 – 14:15, 45 min, done');
    await keyboardIsOn(page, /^Permit letter, weir/);
    await keys(page, 'Shift+Digit6');
    await sees(page, 'Today, Tue 24 Nov');
    await press(page, 'Done: Grant report, section 2');
    await sees(page, 'Grant report, section 2 · done');
    await isAccessible(page, 'the agenda with ticks');
    await keys(page, '3');
    // the plan has a box of that name too
    await boxOf(page, 'Move Renew the electrofishing licence');
    await focus(page, '[aria-label="Done: Renew the electrofishing licence"]');
    await keys(page, 'Space');
    await isGone(page, 'Done: Renew the electrofishing licence');
    await keyboardIsOn(page, /^Done: /);
  },
);

scene(
  'a block by touch: its tick in the hours of several days',
  { size: 'phone', at: '/plan?view=days' },
  async ({ page }) => {
    const tick = await page.waitForSelector('[aria-label="Done: Read the report through"]');
    await tick?.tap();
    await boxOf(page, 'Read the report through, 09:30 – 11:00, 1 h 30, done');
  },
);

scene('a task is ticked off in its row of the month', { at: '/plan?view=month' }, async ({ page }) => {
  await press(page, 'Done: Order waders');
  await page.waitForSelector(
    '[aria-label="Tue 24 Nov"] [aria-label="Done: Order waders"][aria-checked=true]',
  );
  await isAccessible(page, 'the month with ticks');
  await page.click('[aria-label="Tue 24 Nov"] [aria-label="Done: Order waders"] + [role=button]');
  await page.waitForSelector(
    '::-p-xpath(//*[@role="complementary"]//textarea[@aria-label="Title"][text()="Order waders"])',
  );
});

scene(
  'on a phone holding a block, or a row of the agenda, brings what can be done with it',
  { size: 'phone', at: '/plan?view=week' },
  async ({ page }) => {
    await hold(page, middle(await boxOf(page, 'Permit letter, weir, 13:30')));
    await pressText(page, 'Start');
    await isClosed(page);
    await go(page, '/plan?view=agenda');
    const row = await page.waitForSelector(
      '::-p-xpath(//*[@role="button" or name()="button"][contains(., "Permit letter, weir")])',
    );
    const box = await row?.boundingBox();
    assert.ok(box);
    await hold(page, { x: box.x + 180, y: box.y + 20 });
    await boxOf(page, 'Stop');
    await isAccessible(page, 'what can be done with a task');
    await pressText(page, 'Take off the plan');
    await sees(page, 'Permit letter, weir is off the plan and stays in its list');
  },
);

scene(
  'on a wide screen everything opens beside the board, which goes on; marked hours stay marked',
  { at: '/plan?view=week' },
  async ({ page }) => {
    const zone = async () => (await boxOf(page, 'Zone Fieldwork')).width;
    await eventually(async () => assert.equal(await zone(), 16));
    const block = await boxOf(page, 'Grant report, section 2, 12:00');
    await page.mouse.click(block.x + 20, block.y + 12);
    await page.waitForSelector('[role=complementary] textarea[aria-label="Title"]');
    // the days are narrower now, and keep their room for what is planned
    await eventually(async () => assert.equal(await zone(), 4));
    assert.equal(await page.$('[role=dialog]'), null);
    await isAccessible(page, 'the week with details beside it');
    await press(page, 'Later');
    await sees(page, '30 Nov – 6 Dec');
    await keys(page, 'Escape');
    await isNowhere(page, '[role=complementary]');
    await press(page, 'Earlier');
    const free = await boxOf(page, 'Meeting Local press round');
    await drag(page, 'mouse', middle({ ...free, y: free.y + 70 }), middle({ ...free, y: free.y + 110 }));
    await page.waitForSelector('[role=complementary] textarea[aria-label="Title"]');
    await page.keyboard.type('Weed the nursery beds');
    // other hours that are marked meanwhile are asked for, and the title stays
    await calm(page);
    const beside = await boxOf(page, 'Meeting Local press round');
    await drag(
      page,
      'mouse',
      middle({ ...beside, y: beside.y + 140 }),
      middle({ ...beside, y: beside.y + 180 }),
    );
    await eventually(async () => assert.match(await textOf(page, '[role=complementary]'), /13:15 – 13:45/));
    await page.click('[role=complementary] textarea[aria-label="Title"]');
    await keys(page, 'Enter');
    await boxOf(page, 'Meeting Weed the nursery beds, 13:15 – 13:45');
  },
);

scene(
  'what is typed for a new task stays when it is left, and only “Discard” discards it',
  { size: 'phone', space: 'draft', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'New task');
    await keyboardIsIn(page, '[role=dialog] textarea[aria-label="Title"]');
    await page.keyboard.type('Ring the mill');
    await page.type('input[aria-label="Estimate"]', '25m');
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'New task');
    await page.waitForSelector('[role=dialog] textarea[aria-label="Title"]');
    await holds(page, 'Title', 'Ring the mill');
    await holds(page, 'Estimate', '25 min');
    await press(page, 'Discard');
    await press(page, 'New task');
    await page.waitForSelector('[role=dialog] textarea[aria-label="Title"]');
    await holds(page, 'Title', '');
    await holds(page, 'Estimate', '');
  },
);

scene(
  'a day is chosen from a month: by touch to go there, by keys for what is due',
  { size: 'phone', at: '/plan?view=day' },
  async ({ page }) => {
    await pressTool(page, 'Go to a day');
    await boxOf(page, 'Days of Nov 2026');
    await isAccessible(page, 'a month to choose from');
    await press(page, 'The month after');
    await (await page.waitForSelector('[role=dialog] [aria-label^="Fri 4 Dec"]'))?.tap();
    await sees(page, 'Fri 4 Dec');
    await go(page, '/tasks');
    await press(page, 'New task');
    await press(page, 'Due: choose from a month');
    await focus(page, '[role=dialog] [aria-label^="Tue 24 Nov"]');
    await keys(page, 'ArrowDown', 'ArrowRight');
    await keyboardIsOn(page, /^Wed 2 Dec/);
    await keys(page, 'Enter');
    await page.waitForSelector('input[aria-label="Due"][value^="Wed 2 Dec"]');
    // its hours stand below, with what takes them
    await focus(page, '[aria-label="Hours of Wed 2 Dec"] [tabindex="0"]');
    await keyboardIsOn(page, /^09:30, free/);
    await keys(page, 'ArrowDown');
    for (let i = 0; i < 3; i += 1) await keys(page, 'ArrowRight');
    await keyboardIsOn(page, /^14:00, taken by Ines/);
    await keys(page, 'ArrowDown');
    await keyboardIsOn(page, /^17:00/);
    await keys(page, 'Space');
    await page.waitForSelector('input[aria-label="Due"][value="Wed 2 Dec, 17:00"]');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `a press on a day of the month leads there, ${size}`,
    { size, at: '/plan?view=month' },
    async ({ page }) => {
      const { x, y, width, height } = await boxOf(page, 'Thu 26 Nov');
      const point = { x: x + width / 2, y: y + height - 6 };
      if (size === 'phone') await page.touchscreen.tap(point.x, point.y);
      else await page.mouse.click(point.x, point.y);
      if (size === 'phone') {
        await boxOf(page, 'Open this day');
        await sees(page, 'Grant report, section 2');
        await press(page, 'Open this day');
        await isClosed(page);
      }
      await page.waitForSelector('[aria-label="Hours of the day"]');
      await sees(page, 'Thu 26 Nov');
    },
  );

scene(
  'on a phone the tasks begin right below their lists; order and filter are in one row that opens',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    const { y } = await boxOf(page, 'Move Small things');
    assert.ok(y <= 260, `the first task stands ${y} px down`);
    await press(page, 'My order: order and filter');
    await pressText(page, 'Estimate');
    await press(page, 'Fold up: order and filter');
    await isGone(page, 'Bring tasks in…');
    await boxOf(page, 'Estimate: order and filter');
  },
);
