import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import type { Size } from './browser';
import { chooseFile } from './files';
import { drag, pointAt, middle } from './hands';
import { scene } from './scene';
import { go, press, pressText, keys, type, sees, holds, isGone, boxOf, hears, focus, unfold } from './steps';

for (const size of ['phone', 'wide'] as const satisfies Size[]) {
  const how = size === 'phone' ? 'touch' : 'mouse';

  scene(
    `one day’s loop: a calendar comes in, tasks are placed, moved, timed and ticked off, and the ledger adds up, ${size}`,
    { size, space: 'loop' },
    async ({ page }) => {
      // an empty day teaches the first step, and a calendar file comes in with its broken event reported by line
      await sees(page, 'Your day in blocks of time');
      await isAccessible(page, 'empty today');
      await chooseFile(page, 'Choose a calendar file', 'office.ics');
      await sees(page, '4\nnew');
      await sees(page, 'Line 38: The end (DTEND) is before the start');
      await press(page, 'Done');
      await go(page, '/settings');
      await chooseFile(page, 'Choose a calendar file', 'office.ics');
      await sees(page, '4\nas they were');
      await press(page, 'Done');
      await chooseFile(page, 'Choose a calendar file', 'hours.csv');
      await sees(page, 'This is not a calendar file');
      await press(page, 'Close this notice');
      await isAccessible(page, 'settings');

      // tasks are added; what cannot be read stays in its field with the reason
      await go(page, '/tasks');
      await press(page, 'New task');
      await type(page, 'Estimate', 'soonish');
      await sees(page, '“soonish” is no length');
      await holds(page, 'Estimate', 'soonish');
      await type(page, 'Estimate', '1h30');
      await type(page, 'Due', '23 Nov 2026');
      await sees(page, 'Mon 23 Nov has passed');
      await type(page, 'Due', 'today 14:00');
      await type(page, 'Title', 'Grant report');
      await type(page, 'Estimate', '20m');
      await type(page, 'Due', '');
      await page.$eval('input[aria-label="Due"]', (field) => field.select());
      await keys(page, 'Backspace', 'Enter');
      await type(page, 'Title', 'Order waders');
      await isAccessible(page, 'new task');
      await press(page, 'Close');
      await sees(page, '2 open · 1 h 50');
      await isAccessible(page, 'tasks');

      // a task is dragged onto an hour, and says its hours, what it collides with and that it is late before it is let go
      await go(page, '/plan');
      await boxOf(page, 'Meeting Crew call, later today, 10:00 – 10:30');
      const waiting = async () => {
        if (size === 'phone' && (await page.$('[aria-label^="To place: Grant"]')) === null)
          await pressText(page, 'To place');
        return middle(await boxOf(page, 'To place: Grant report'));
      };
      const noon = await pointAt(page, 11.5);
      await drag(page, how, await waiting(), noon, async () => {
        await sees(page, '11:30 – 13:00 · 1 h 30');
        await sees(page, 'Collides with Flood forum');
        await keys(page, 'Escape');
      });
      assert.equal(await page.$('[aria-label^="Grant report, "]'), null, 'Escape lets go of it');
      // with the drawer closed, as it is while something is dragged
      if (size === 'phone') await pressText(page, 'To place');
      const point = await pointAt(page, 13.04);
      await drag(page, how, await waiting(), point, () => sees(page, 'Ends 30 min after it is due'));
      await boxOf(page, 'Grant report, 13:00 – 14:30, 1 h 30, ends 30 min after it is due');
      await isAccessible(page, 'plan');

      // the block is moved, made longer, and moved by keyboard with spoken hours
      if (size === 'phone') await pressText(page, 'To place');
      await pointAt(page, 13.5);
      const block = await boxOf(page, 'Grant report, 13:00');
      const halfHour = block.height / 3;
      const grip = middle(block);
      await drag(page, how, grip, { ...grip, y: grip.y + halfHour });
      await pointAt(page, 15);
      const moved = await boxOf(page, 'Grant report, 13:30 – 15:00');
      const edge = { x: moved.x + moved.width / 2, y: moved.y + moved.height - 6 };
      await drag(page, how, edge, { x: edge.x, y: edge.y + halfHour });
      await boxOf(page, 'Grant report, 13:30 – 15:30, 2 h');

      await focus(page, '[aria-label^="Grant report, 13:30"]');
      await keys(page, 'Space', 'ArrowUp', 'ArrowUp', 'Shift+ArrowUp');
      await hears(page, /^13:00 – 14:45 · 1 h 45/);
      await keys(page, 'Enter');
      await boxOf(page, 'Grant report, 13:00 – 14:45');
      await press(page, 'Undo move');
      await boxOf(page, 'Grant report, 13:30 – 15:30');
      await press(page, 'Redo move');
      await boxOf(page, 'Grant report, 13:00 – 14:45');

      // tray, “Place…” and taking off work without losing the task
      if (size === 'phone') {
        await press(page, 'Close this notice');
        await unfold(page);
      }
      const tray = await boxOf(page, 'Tray');
      // it stands there again as soon as something is dragged
      if (size === 'phone') await pressText(page, 'To place');
      await drag(page, how, middle(await boxOf(page, 'To place: Order waders')), middle(tray, 20));
      if (size === 'phone') await pressText(page, 'To place');
      await boxOf(page, 'In the tray, Order waders, 20 min');
      const to = await pointAt(page, 15);
      await drag(
        page,
        how,
        {
          ...middle(await boxOf(page, 'In the tray, Order waders'), 22),
          x: (await boxOf(page, 'In the tray, Order waders')).x + 70,
        },
        to,
      );
      await boxOf(page, 'Order waders, 15:00 – 15:20');
      await focus(page, '[aria-label^="Order waders, 15:00"]');
      await keys(page, 'Delete');
      if (size === 'phone') await pressText(page, 'To place');
      await boxOf(page, 'To place: Order waders');
      await press(page, 'Place Order waders');
      await press(page, 'Today 12:00 – 12:20');
      await boxOf(page, 'Order waders, 12:00 – 12:20');

      // a timer survives a reload, ticking off says how it went, and the ledger adds up
      await go(page, '/today?now=2026-11-24T11:21:00Z');
      await press(page, 'Start Order waders');
      await boxOf(page, 'Running time');
      await go(page, '/today?now=2026-11-24T11:51:00Z');
      await boxOf(page, 'Stop Order waders');
      await isAccessible(page, 'today');
      await press(page, 'Done: Order waders');
      await sees(page, 'took 30 min, 10 min over its estimate');
      await go(page, '/review');
      await boxOf(page, 'Order waders: planned 20 min, actual 30 min, drift +10 min');
      await boxOf(page, 'Grant report: planned 1 h 45, actual –, drift −105 min');
      const said = await page.$eval(
        '[aria-label^="From planned to actual"]',
        (picture) => picture.getAttribute('aria-label') ?? '',
      );
      assert.equal(
        said,
        'From planned to actual: Planned 3 h 50, Over +10, Under 0, Not started −210, Unplanned 0, Actual 30 min',
      );
      await isAccessible(page, 'review');

      // everything is there after a reload, and a deleted task comes back by undo
      await go(page, '/plan');
      await boxOf(page, 'Grant report, 13:00 – 14:45');
      await go(page, '/tasks');
      await pressText(page, 'Grant report');
      await press(page, 'Delete task');
      await isGone(page, 'Done: Grant report');
      await press(page, 'Undo delete task');
      await boxOf(page, 'Done: Grant report');
    },
  );
}

for (const [size, dark] of [
  ['phone', true],
  ['wide', false],
] as const)
  scene(
    `the demo office stands, and no screen has a violation, ${size}`,
    { size, dark },
    async ({ page }) => {
      for (const route of ['/today', '/plan', '/tasks', '/review?day=2026-11-23', '/settings']) {
        await go(page, route);
        await isAccessible(page, `demo ${route} ${size}`);
        const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        assert.ok(sideways <= 0, `${route} does not scroll sideways`);
      }
    },
  );
