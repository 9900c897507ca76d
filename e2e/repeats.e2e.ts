import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { drag, pointAt, hourOf, middle } from './hands';
import { scene } from './scene';
import { go, press, pressText, choose, keys, type, sees, isGone, boxOf, labels, focus, calm } from './steps';

scene(
  'a repeating block: one is moved, then this and later; ticked off it is done that once',
  { at: '/plan?view=week' },
  async ({ page }) => {
    const block = await boxOf(page, 'Look after the willow cuttings, 13:30');
    await drag(page, 'mouse', middle(block), await hourOf(page, 'Thu 26 Nov', 12.1));
    await sees(page, 'Which of its times does this hold for?');
    await isAccessible(page, 'which times of a task');
    await press(page, 'This one');
    await boxOf(page, 'Look after the willow cuttings, 12:00 – 12:30');
    await press(page, 'Later');
    const next = await boxOf(page, 'Look after the willow cuttings, 13:30');
    await drag(page, 'mouse', middle(next), await hourOf(page, 'Thu 3 Dec', 15.1));
    await press(page, 'This and all later ones');
    await boxOf(page, 'Look after the willow cuttings, 15:00 – 15:30');
    await press(page, 'Later');
    await boxOf(page, 'Look after the willow cuttings, 15:00 – 15:30');
    await press(page, 'Earlier');
    await press(page, 'Undo move');
    await boxOf(page, 'Look after the willow cuttings, 13:30 – 14:00');
    await focus(page, '[aria-label^="Look after the willow cuttings, 13:30"]');
    await keys(page, 'Delete');
    await sees(page, 'Take off Look after the willow cuttings');
    await press(page, 'This and all later ones');
    await isGone(page, 'Look after the willow cuttings, 13:30');
    await press(page, 'Undo delete task');
    await focus(page, '[aria-label^="Look after the willow cuttings, 13:30"]');
    await keys(page, 'Enter');
    await press(page, 'Done: Look after the willow cuttings');
    await keys(page, 'Escape');
    await boxOf(page, 'Look after the willow cuttings, 13:30 – 14:00, 30 min, done');
    await press(page, 'Later');
    await boxOf(page, 'Look after the willow cuttings, 13:30 – 14:00, 30 min, repeats');
  },
);

scene(
  'a task is made to repeat, its later times renamed, and all deleted; it survives a reload',
  { size: 'phone', at: '/plan?day=2026-11-26&view=days' },
  async ({ page }) => {
    await focus(
      page,
      '[aria-label^="In the tray, Read the report"], [aria-label^="Read the report through"]',
    );
    await keys(page, 'Enter');
    await pressText(page, 'by weeks');
    await sees(page, 'It repeats every week on Thursday.');
    await isAccessible(page, 'a repeating task');
    await keys(page, 'Escape');
    await go(page, '/plan?day=2026-12-03&view=days');
    const label = (await labels(page)).find((name) => /Read the report through/.test(name)) ?? '';
    assert.match(label, /Read the report through/);
    await focus(page, `[aria-label=${JSON.stringify(label)}]`);
    await keys(page, 'Enter');
    await pressText(page, 'this and later');
    await type(page, 'Title', 'Read the draft');
    await sees(page, 'Read the draft changed, and all later ones');
    // what is open is the later ones from here on
    await calm(page);
    await choose(page, 'Changes hold for', 'all');
    await press(page, 'Delete all');
    await sees(page, 'Deleted Read the draft, all of them');
    await isGone(page, label.replace('Read the report through', 'Read the draft'));
  },
);

scene(
  'small tasks are dropped onto a group block, ticked off one by one, and taken out; it says when they no longer fit',
  { at: '/plan?day=2026-11-26' },
  async ({ page }) => {
    await pointAt(page, 15.5);
    const group = await boxOf(page, 'Small things, 15:00 – 16:00');
    const card = await boxOf(page, 'To place: Stock count');
    await drag(page, 'mouse', middle(card), { x: group.x + 80, y: group.y + 40 }, () =>
      sees(page, 'Into Small things: 1 h 10 of 1 h'),
    );
    await boxOf(page, 'Small things, 15:00 – 16:00, 1 h, holds 3: 1 h 10 of 1 h, 10 min more than fits');
    await isGone(page, 'To place: Stock count');
    await isAccessible(page, 'a group block');
    await press(page, 'Done: Ring the quarry');
    await boxOf(page, 'Small things, 15:00 – 16:00, 1 h, holds 3: 55 min of 1 h');
    await focus(page, '[aria-label^="Small things, 15:00"]');
    await keys(page, 'Enter');
    await press(page, 'Take Stock count, boat shed out of the group');
    await boxOf(page, 'To place: Stock count');
    await focus(page, '[aria-label^="To place: Stock count"]');
    await keys(page, 'Space', 'g', 'Enter');
    await sees(page, 'Stock count, boat shed: Into Small things');
  },
);
