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
  keyboardIsOn,
  middle,
  pause,
  press,
  pressText,
  sees,
  textOf,
  type,
} from './steps';

let stage: Stage;
before(async () => {
  stage = await openStage();
});
after(() => stage.close());

const open = (size: 'phone' | 'wide', route: string, space = 'demo') => openPage(stage, size, space, route);

test('the view and the day live in the address, and come back with it', async () => {
  const { page, complaints } = await open('wide', '/plan');
  await pressText(page, 'Week');
  await sees(page, '23 – 29 Nov');
  await press(page, 'Later');
  await sees(page, '30 Nov – 6 Dec');
  assert.match(page.url(), /day=2026-12-01/);
  assert.match(page.url(), /view=week/);
  await page.reload();
  await settled(page);
  await sees(page, '30 Nov – 6 Dec');
  await page.keyboard.press('ArrowLeft');
  await sees(page, '23 – 29 Nov');
  await press(page, 'Go to a day');
  await type(page, 'Day', '15 Jan');
  await sees(page, '11 – 17 Jan');
  await page.keyboard.press('Home');
  await sees(page, '23 – 29 Nov');
  assert.deepEqual(complaints, []);
  await leave(page);
});

for (const view of ['week', 'days', 'month', 'agenda']) {
  test(`${view} shows meetings, blocks and loads without a violation, in dark too`, async () => {
    for (const [size, dark] of [
      ['phone', true],
      ['wide', false],
    ] as const) {
      const { page, complaints } = await openPage(stage, size, 'demo', `/plan?view=${view}`, dark);
      await isAccessible(page, `${view}, ${size}`);
      assert.deepEqual(complaints, []);
      await leave(page);
    }
  });
}

test('by mouse: from the list to an hour of another day, on to another day, to a tray, and off the plan', async () => {
  const { page } = await open('wide', '/plan?view=week');
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
  await leave(page);
});

test('by touch: a block is held and moved to another day, and a swipe turns the week', async () => {
  const { page } = await open('phone', '/plan?view=days');
  const block = await boxOf(page, 'Grant report, section 2, 12:00');
  await drag(page, 'touch', middle(block), await hourOf(page, 'Thu 26 Nov', 13.1));
  await sees(page, 'Grant report, section 2: Thu 26 Nov, 13:00 – 14:30');
  await press(page, 'Close this notice');
  const board = await boxOf(page, 'Hours of the days');
  const y = board.y + 30;
  const finger = await page.touchscreen.touchStart(board.x + 350, y);
  for (let i = 1; i <= 8; i += 1) await finger.move(board.x + 350 - i * 30, y + i);
  await finger.end();
  await sees(page, '27 – 29 Nov');
  await leave(page);
});

test('by keyboard: picked up, moved to another day and hour, and dropped', async () => {
  const { page } = await open('wide', '/plan?view=week');
  await focus(page, '[aria-label^="To place: Stock count"]');
  await page.keyboard.press('Space');
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowDown'] as const) await page.keyboard.press(key);
  assert.match(await textOf(page, '[aria-live=assertive]'), /^Thu 26 Nov, /);
  await page.keyboard.press('Enter');
  await sees(page, 'Stock count, boat shed: Thu 26 Nov');
  await keyboardIsOn(page, /^Stock count, boat shed, /);
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('t');
  await page.keyboard.press('Enter');
  await sees(page, 'Stock count, boat shed is in the tray of Wed 25 Nov');
  await leave(page);
});

test('onto a day of the month: the task lies in its tray', async () => {
  const { page } = await open('wide', '/plan?view=month');
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
  await leave(page);
});

test('the hours are made higher and lower, and the week begins on the chosen day', async () => {
  const { page } = await open('phone', '/plan?view=week', 'week');
  const before = (await boxOf(page, 'Tue 24 Nov')).height;
  await press(page, 'What the plan shows');
  await press(page, 'Higher hours');
  await page.keyboard.press('Escape');
  await pause(100);
  assert.ok((await boxOf(page, 'Tue 24 Nov')).height > before);
  await page.goto(`${stage.address}/settings`);
  await settled(page);
  await page.locator('::-p-xpath(//*[@aria-label="The week begins on"]//*[text()="Sunday"])').click();
  await page.goto(`${stage.address}/plan?view=week`);
  await settled(page);
  assert.match(await textOf(page), /22 – 28 Nov/);
  await leave(page);
});

test('several tasks are chosen, dragged onto an hour together, and taken back by one undo', async () => {
  const { page, complaints } = await open('wide', '/plan?view=week');
  await press(page, 'Choose several');
  for (const name of ['Clean up the sensor log', 'Newsletter paragraph']) {
    await focus(page, `[aria-label^="To place: ${name}"]`);
    await page.keyboard.press('Enter');
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
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('on a phone the list is narrowed to one list, and chosen tasks go into their next pockets', async () => {
  const { page, complaints } = await open('phone', '/plan');
  await page.locator('::-p-text(· open)').click();
  await page.locator('::-p-xpath(//*[@aria-label="Tasks of"]//*[text()="Permits"])').click();
  await isGone(page, 'To place: Newsletter');
  await press(page, 'Choose several');
  await focus(page, '[aria-label^="To place: Ask Tomas"]');
  await page.keyboard.press('x');
  await press(page, 'Place them');
  await isAccessible(page, 'placing several');
  await sees(page, 'Ask Tomas about gravel prices · today');
  await press(page, 'Place 1 task so');
  await isGone(page, 'To place: Ask Tomas');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('an event of whole days goes to other days by mouse and by keys, and a thing that is flung keeps its grip', async () => {
  const { page } = await open('wide', '/plan?view=week');
  const event = await boxOf(page, 'Spawning: no work');
  const day = event.width / 5;
  const wednesday = { x: event.x + 2.5 * day, y: event.y + 8 };
  await drag(page, 'mouse', wednesday, { x: wednesday.x + day, y: wednesday.y + 60 }, () =>
    sees(page, 'Tue 24 Nov – Sat 28 Nov'),
  );
  assert.equal(Math.round((await boxOf(page, 'Spawning: no work')).x), Math.round(event.x + day));
  await focus(page, '[aria-label^="Spawning: no work"]');
  for (const key of ['Space', 'ArrowLeft', 'Enter'] as const) await page.keyboard.press(key);
  await pause(150);
  assert.equal(Math.round((await boxOf(page, 'Spawning: no work')).x), Math.round(event.x));

  const block = middle(await boxOf(page, 'Grant report, section 2'));
  const friday = await hourOf(page, 'Fri 27 Nov', 12);
  await page.mouse.move(block.x, block.y);
  await page.mouse.down();
  await page.mouse.move(friday.x, block.y);
  await page.mouse.move(friday.x, block.y + 2);
  await page.mouse.up();
  await sees(page, 'Grant report, section 2: Fri 27 Nov, 12:00 – 13:30');
  await leave(page);
});

test('in the day view a block goes onto another day of the row, which says what that makes late', async () => {
  const { page } = await open('phone', '/plan');
  const friday = await boxOf(page, 'Days of this week');
  const to = { x: friday.x + (friday.width * 4.5) / 7, y: friday.y + 30 };
  await drag(page, 'touch', middle(await boxOf(page, 'Grant report, section 2')), to, () =>
    sees(page, 'Too late: it is due before'),
  );
  await sees(page, 'Grant report, section 2 is in the tray of Fri 27 Nov');
  await leave(page);
});
