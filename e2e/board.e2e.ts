import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { drag, hourOf, middle, swipe } from './hands';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressTool,
  pressText,
  choose,
  keys,
  type,
  sees,
  isGone,
  boxOf,
  hears,
  keyboardIsOn,
  focus,
  eventually,
} from './steps';

scene(
  'the view and the day live in the address, and come back with it',
  { at: '/plan' },
  async ({ page }) => {
    await pressText(page, 'Week');
    await sees(page, '23 – 29 Nov');
    await press(page, 'Later');
    await sees(page, '30 Nov – 6 Dec');
    await eventually(() => assert.match(page.url(), /view=week.*day=2026-12-01|day=2026-12-01.*view=week/));
    await reload(page);
    await sees(page, '30 Nov – 6 Dec');
    await keys(page, 'ArrowLeft');
    await sees(page, '23 – 29 Nov');
    await pressTool(page, 'Go to a day');
    await type(page, 'Day', '15 Jan');
    await sees(page, '11 – 17 Jan');
    await keys(page, 'Home');
    await sees(page, '23 – 29 Nov');
  },
);

for (const [size, dark] of [
  ['phone', true],
  ['wide', false],
] as const)
  scene(
    `every view shows meetings, blocks and loads without a violation, ${size}`,
    { size, dark, at: '/plan?view=week' },
    async ({ page }) => {
      for (const view of ['week', 'days', 'month', 'agenda']) {
        await go(page, `/plan?view=${view}`);
        await isAccessible(page, view);
      }
    },
  );

scene(
  'by mouse: from the list to an hour of another day, on to another day, to a tray, and off the plan',
  { at: '/plan?view=week' },
  async ({ page }) => {
    const card = await boxOf(page, 'To place: Stock count');
    await drag(page, 'mouse', middle(card), await hourOf(page, 'Fri 27 Nov', 14));
    await sees(page, 'Stock count, boat shed: Fri 27 Nov');
    const block = await boxOf(page, 'Stock count, boat shed, 14:00 – 14:45');
    await drag(page, 'mouse', middle(block), await hourOf(page, 'Thu 26 Nov', 12.1));
    await sees(page, 'Stock count, boat shed: Thu 26 Nov, 12:00 – 12:45');
    const moved = await boxOf(page, 'Stock count, boat shed, 12:00 – 12:45');
    const tray = await boxOf(page, 'Tray of Sat 28 Nov');
    await drag(page, 'mouse', middle(moved), middle(tray));
    const chip = await boxOf(page, 'In the tray, Stock count');
    await drag(page, 'mouse', middle(chip), { x: 200, y: 500 });
    await boxOf(page, 'To place: Stock count');
  },
);

scene(
  'by touch: a block is held and moved to another day, and a swipe turns the week',
  { size: 'phone', at: '/plan?view=days' },
  async ({ page }) => {
    const block = await boxOf(page, 'Grant report, section 2, 12:00');
    await drag(page, 'touch', middle(block), await hourOf(page, 'Thu 26 Nov', 13.1));
    await sees(page, 'Grant report, section 2: Thu 26 Nov, 13:00 – 14:30');
    await press(page, 'Close this notice');
    const board = await boxOf(page, 'Hours of the days');
    const y = board.y + 30;
    await swipe(page, { x: board.x + 350, y }, { x: board.x + 110, y: y + 8 });
    await sees(page, '27 – 29 Nov');
  },
);

scene(
  'by keyboard: picked up, moved to another day and hour, and dropped',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await focus(page, '[aria-label^="To place: Stock count"]');
    await keys(page, 'Space', 'ArrowRight', 'ArrowRight', 'ArrowDown');
    await hears(page, /^Thu 26 Nov, /);
    await keys(page, 'Enter');
    await sees(page, 'Stock count, boat shed: Thu 26 Nov');
    await keyboardIsOn(page, /^Stock count, boat shed, /);
    await keys(page, 'Space', 'ArrowLeft', 't', 'Enter');
    await sees(page, 'Stock count, boat shed is in the tray of Wed 25 Nov');
  },
);

scene('onto a day of the month: the task lies in its tray', { at: '/plan?view=month' }, async ({ page }) => {
  const card = await boxOf(page, 'To place: Stock count');
  const day = await boxOf(page, 'Sat 14 Nov');
  await drag(page, 'mouse', middle(card), { x: day.x + 40, y: day.y + 60 });
  await sees(page, 'Stock count, boat shed is in the tray of Sat 14 Nov');
  const line = await page.waitForSelector('::-p-text(Risk sheet)');
  const from = await line?.boundingBox();
  assert.ok(from);
  await drag(page, 'mouse', middle(from), { x: day.x + 40, y: day.y + 60 });
  await sees(page, 'Risk sheet for the volunteer day: Sat 14 Nov, 09:00');
  await press(page, 'Undo move');
  await pressText(page, 'Agenda');
  await press(page, 'Undo put in the tray');
  await isGone(page, 'Undo put in the tray');
});

scene(
  'the hours are made higher and lower, and the week begins on the chosen day',
  { size: 'phone', space: 'week', at: '/plan?view=week' },
  async ({ page }) => {
    const before = (await boxOf(page, 'Tue 24 Nov')).height;
    await pressTool(page, 'What the plan shows');
    await press(page, 'Higher hours');
    await keys(page, 'Escape');
    await eventually(async () => assert.ok((await boxOf(page, 'Tue 24 Nov')).height > before));
    await go(page, '/settings');
    await choose(page, 'The week begins on', 'Sunday');
    await go(page, '/plan?view=week');
    await sees(page, '22 – 28 Nov');
  },
);

scene(
  'several tasks are chosen, dragged onto an hour together, and taken back by one undo',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await press(page, 'Choose several');
    for (const name of ['Clean up the sensor log', 'Newsletter paragraph']) {
      await focus(page, `[aria-label^="To place: ${name}"]`);
      await keys(page, 'Enter');
    }
    await sees(page, 'Chosen: 2 tasks · 2 h 40');
    await isAccessible(page, 'several chosen tasks');
    const card = await boxOf(page, 'To place: Newsletter paragraph');
    await drag(page, 'mouse', middle(card), await hourOf(page, 'Thu 26 Nov', 13.1), () =>
      sees(page, '2 tasks, 13:00 – 18:30'),
    );
    await boxOf(page, 'Newsletter paragraph, 13:00 – 13:40');
    await boxOf(page, 'Clean up the sensor log, 16:30 – 18:30');
    await press(page, 'Undo place');
    await boxOf(page, 'To place: Newsletter paragraph');
  },
);

scene(
  'on a phone the list is narrowed to one list, and chosen tasks go into their next pockets',
  { size: 'phone', at: '/plan' },
  async ({ page }) => {
    await page.locator('::-p-text(· open)').click();
    await press(page, 'Search the tasks to place');
    await choose(page, 'Tasks of', 'Permits');
    await isGone(page, 'To place: Newsletter');
    await press(page, 'Choose several');
    await focus(page, '[aria-label^="To place: Ask Tomas"]');
    await keys(page, 'x');
    await press(page, 'Place them');
    await isAccessible(page, 'placing several');
    await sees(page, 'Ask Tomas about gravel prices · today');
    await press(page, 'Place 1 task so');
    await isGone(page, 'To place: Ask Tomas');
  },
);

scene(
  'an event of whole days goes to other days by mouse and by keys, and a thing that is flung keeps its grip',
  { at: '/plan?view=week' },
  async ({ page }) => {
    const event = await boxOf(page, 'Spawning: no work');
    const day = event.width / 5;
    const wednesday = { x: event.x + 2.5 * day, y: event.y + 8 };
    await drag(page, 'mouse', wednesday, { x: wednesday.x + day, y: wednesday.y + 60 }, () =>
      sees(page, 'Tue 24 Nov – Sat 28 Nov'),
    );
    const stands = (x: number) =>
      eventually(async () => assert.ok(Math.abs((await boxOf(page, 'Spawning: no work')).x - x) < 1));
    await stands(event.x + day);
    await focus(page, '[aria-label^="Spawning: no work"]');
    await keys(page, 'Space', 'ArrowLeft', 'Enter');
    await stands(event.x);

    const block = middle(await boxOf(page, 'Grant report, section 2'));
    const friday = await hourOf(page, 'Fri 27 Nov', 12);
    await page.mouse.move(block.x, block.y);
    await page.mouse.down();
    await page.mouse.move(friday.x, block.y);
    await page.mouse.move(friday.x, block.y + 2);
    await page.mouse.up();
    await sees(page, 'Grant report, section 2: Fri 27 Nov, 12:00 – 13:30');
  },
);

scene(
  'in the day view a block goes onto another day of the row, which says what that makes late',
  { size: 'phone', at: '/plan' },
  async ({ page }) => {
    const friday = await boxOf(page, 'Days of this week');
    const to = { x: friday.x + (friday.width * 4.5) / 7, y: friday.y + 30 };
    await drag(page, 'touch', middle(await boxOf(page, 'Grant report, section 2')), to, () =>
      sees(page, 'Too late: it is due before'),
    );
    await sees(page, 'Grant report, section 2 is in the tray of Fri 27 Nov');
  },
);
