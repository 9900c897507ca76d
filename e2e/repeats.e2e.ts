import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import {
  boxOf,
  drag,
  focus,
  hourOf,
  isAccessible,
  isGone,
  labels,
  middle,
  pause,
  pointAt,
  press,
  pressText,
  sees,
  type,
} from './steps';

let stage: Stage;
before(async () => {
  stage = await openStage();
});
after(() => stage.close());

test('a repeating block: one is moved, then this and later; ticked off it is done that once', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan?view=week');
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
  await page.keyboard.press('Delete');
  await sees(page, 'Take off Look after the willow cuttings');
  await press(page, 'This and all later ones');
  await isGone(page, 'Look after the willow cuttings, 13:30');
  await press(page, 'Undo delete task');
  await focus(page, '[aria-label^="Look after the willow cuttings, 13:30"]');
  await page.keyboard.press('Enter');
  await press(page, 'Done: Look after the willow cuttings');
  await page.keyboard.press('Escape');
  await boxOf(page, 'Look after the willow cuttings, 13:30 – 14:00, 30 min, done');
  await press(page, 'Later');
  await boxOf(page, 'Look after the willow cuttings, 13:30 – 14:00, 30 min, repeats');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('a task is made to repeat, its later times renamed, and all deleted; it survives a reload', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/plan?day=2026-11-26&view=days');
  await focus(page, '[aria-label^="In the tray, Read the report"], [aria-label^="Read the report through"]');
  await page.keyboard.press('Enter');
  await pressText(page, 'by weeks');
  await sees(page, 'It repeats every week on Thursday.');
  await isAccessible(page, 'a repeating task');
  await page.keyboard.press('Escape');
  await pause(500);
  await page.goto(`${stage.address}/plan?day=2026-12-03&view=days`);
  await settled(page);
  const label = (await labels(page)).find((name) => /Read the report through/.test(name)) ?? '';
  assert.match(label, /Read the report through/);
  await focus(page, `[aria-label=${JSON.stringify(label)}]`);
  await page.keyboard.press('Enter');
  await pressText(page, 'this and later');
  await type(page, 'Title', 'Read the draft');
  await sees(page, 'Read the draft changed, and all later ones');
  await page.locator('::-p-xpath(//*[@aria-label="Changes hold for"]//*[text()="all"])').click();
  await press(page, 'Delete all');
  await sees(page, 'Deleted Read the draft, all of them');
  await isGone(page, label.replace('Read the report through', 'Read the draft'));
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('small tasks are dropped onto a group block, ticked off one by one, and taken out; it says when they no longer fit', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan?day=2026-11-26');
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
  await page.keyboard.press('Enter');
  await press(page, 'Take Stock count, boat shed out of the group');
  await boxOf(page, 'To place: Stock count');
  await focus(page, '[aria-label^="To place: Stock count"]');
  for (const key of ['Space', 'g', 'Enter'] as const) await page.keyboard.press(key);
  await sees(page, 'Stock count, boat shed: Into Small things');
  assert.deepEqual(complaints, []);
  await leave(page);
});
