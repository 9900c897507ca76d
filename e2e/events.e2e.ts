import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import {
  boxOf,
  drag,
  eventually,
  focus,
  hourOf,
  isAccessible,
  isGone,
  keyboardIsOn,
  labels,
  middle,
  pause,
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

const meetings = async (page: Page, begins: string) =>
  (await labels(page))
    .filter((label) => label.startsWith(`Meeting ${begins}`))
    .map((label) => label.slice(8))
    .sort();

test('hours marked by dragging become an event, whose details save themselves and come back', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'events', '/plan?view=week');
  await drag(page, 'mouse', await hourOf(page, 'Thu 26 Nov', 12), await hourOf(page, 'Thu 26 Nov', 13.5));
  await isAccessible(page, 'something new');
  await type(page, 'Title', 'Ladder inspection');
  await boxOf(page, 'Meeting Ladder inspection, 12:00 – 13:30');
  await press(page, 'Edit event');
  await type(page, 'Place', 'North weir');
  await type(page, 'Call link', 'not an address');
  await sees(page, '“not an address” is no address.');
  await type(page, 'Call link', 'https://calls.example/ladder');
  await type(page, 'Length', '2h');
  await type(page, 'Starts', 'thu 25:00');
  await sees(page, 'is no day');
  await isAccessible(page, 'the details of an event');
  await page.reload();
  await settled(page);
  await page.locator('[aria-label="Meeting Ladder inspection, 12:00 – 14:00"]').click();
  await sees(page, 'North weir');
  await sees(page, 'Join the call');
  await press(page, 'Edit event');
  await page.click('textarea[aria-label="Title"]', { count: 3 });
  await page.keyboard.type('Ladder, closed by Escape');
  await page.keyboard.press('Escape');
  await page.locator('[aria-label^="Meeting Ladder, closed by Escape"]').click();
  await press(page, 'Edit event');
  await page.click('textarea[aria-label="Title"]', { count: 3 });
  await page.keyboard.type('Ladder, left while typing');
  await page.reload();
  await settled(page);
  await boxOf(page, 'Meeting Ladder, left while typing');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('the same marking makes a task and its block; by keyboard a new event begins at the first free hour', async () => {
  const { page } = await openPage(stage, 'wide', 'marking', '/plan?view=days');
  await drag(page, 'mouse', await hourOf(page, 'Wed 25 Nov', 12), await hourOf(page, 'Wed 25 Nov', 12.75));
  await pressText(page, 'A task and its block');
  await type(page, 'Title', 'Sort samples');
  await boxOf(page, 'Sort samples, 12:00 – 12:45');
  await focus(page, '[aria-label="New event"]');
  await page.keyboard.press('Enter');
  await pressText(page, 'An event');
  await type(page, 'Title', 'Phone the mill');
  await boxOf(page, 'Meeting Phone the mill, 11:30 – 12:30');
  await leave(page);
});

test('a weekly event: one is moved, then this and later, then all; each asks, each is undone', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/plan?view=week');
  assert.deepEqual(
    await meetings(page, 'Crew call'),
    Array.from({ length: 4 }, () => 'Crew call, 09:00 – 09:30'),
  );
  const move = async (choice: string) => {
    await page.$eval('[aria-label="Hours of the days"]', (strip) => (strip.scrollTop = 560));
    await pause(100);
    const calls = await page.$$('[aria-label^="Meeting Crew call, 09:00"]');
    const box = await calls[1]?.boundingBox();
    assert.ok(box);
    await drag(page, 'mouse', middle(box), await hourOf(page, 'Tue 24 Nov', 13.6));
    await sees(page, 'Which of its times does this hold for?');
    await page.locator(`::-p-xpath(//*[@role="button"][normalize-space()="${choice}"])`).click();
    await sees(page, 'Crew call moved');
  };
  const stand = (early: number, late: number) =>
    eventually(async () => {
      const hours = (await meetings(page, 'Crew call')).map((call) => call.split(', ')[1]);
      assert.deepEqual(hours, [...Array(early).fill('09:00 – 09:30'), ...Array(late).fill('13:30 – 14:00')]);
    });
  const choices = { 'This one': 1, 'This and all later ones': 3, All: 4 };
  for (const [choice, moved] of Object.entries(choices)) {
    await move(choice);
    await stand(4 - moved, moved);
    await press(page, 'Undo move event');
    await stand(4, 0);
  }
  await leave(page);
});

test('how an event repeats is chosen and said in words; later ones are deleted, and come back', async () => {
  const { page } = await openPage(stage, 'phone', 'repeat', '/plan?view=week');
  await press(page, 'New event');
  await type(page, 'Title', 'Gauge round');
  await press(page, 'Edit event');
  await pressText(page, 'by weeks');
  await page.locator('::-p-xpath(//*[@aria-label="On these days"]//*[text()="Fri"])').click();
  await sees(page, 'It repeats every week on Tuesday and Friday.');
  await type(page, 'Ends', '5 times');
  await sees(page, 'every week on Tuesday and Friday, 5 times.');
  await isAccessible(page, 'how an event repeats');
  await pressText(page, 'this and later');
  await press(page, 'Delete this and later');
  await isGone(page, 'Meeting Gauge round');
  await press(page, 'Undo delete event');
  assert.equal((await meetings(page, 'Gauge round')).length, 2);
  await leave(page);
});

test('an event moves by keyboard, and a longer day makes it longer', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/plan?day=2026-11-25');
  await focus(page, '[aria-label^="Meeting Weir hearing"]');
  for (const key of ['Space', 'ArrowDown', 'ArrowDown', 'Enter'] as const) await page.keyboard.press(key);
  await boxOf(page, 'Meeting Weir hearing, 11:00 – 13:00');
  await focus(page, '[aria-label^="Meeting Weir hearing"]');
  await page.keyboard.press('Space');
  await page.keyboard.down('Shift');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.up('Shift');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Meeting Weir hearing, 11:00 – 13:15');
  await leave(page);
});

test('new hours are typed on a block and shown before they count; a question mark lists the keys', async () => {
  const { page } = await openPage(stage, 'phone', 'demo', '/plan');
  await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
  await page.keyboard.press('Enter');
  const field = '[aria-label="Change the hours"]';
  await page.waitForSelector(field);
  await page.type(field, 'soonish');
  await sees(page, '“soonish” cannot be read.');
  await page.click(field, { count: 3 });
  await page.type(field, 'thu 13:00 1h');
  await sees(page, 'Thu 26 Nov, 13:00 – 14:00 · 1 h. Enter takes it.');
  await isAccessible(page, 'typed hours');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.goto(`${stage.address}/plan?day=2026-11-26`);
  await settled(page);
  await boxOf(page, 'Grant report, section 2, 13:00 – 14:00');
  await page.keyboard.type('?');
  await sees(page, 'a quarter hour earlier or later');
  await isAccessible(page, 'the list of keys');
  await leave(page);
});

test('a calendar is hidden, or only planned around', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/settings');
  await press(page, 'Takes my time: Office');
  await page.goto(`${stage.address}/plan`);
  await settled(page);
  await sees(page, 'planned of 8 h room');
  await boxOf(page, 'Meeting Fish ladder visit, 15:30 – 16:30, Ines');
  await boxOf(page, 'Meeting Flood forum');
  await page.goto(`${stage.address}/settings`);
  await settled(page);
  await press(page, 'Takes my time: Ines');
  await press(page, 'Shown: Office');
  await page.goto(`${stage.address}/plan`);
  await settled(page);
  await isGone(page, 'Meeting Flood forum');
  await sees(page, 'planned of 7 h room');
  await leave(page);
});

test('a task needed by a meeting: blocks after it say so, while dragging and on the block, and the meeting may move', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/plan?day=2026-11-25');
  await focus(page, '[aria-label^="To place: Stock count"]');
  await page.keyboard.press('Enter');
  await pressText(page, 'Choose a meeting');
  await pressText(page, 'Weir hearing, tomorrow 10:30');
  await sees(page, 'needed by Weir hearing, tomorrow 10:30');
  await type(page, 'Estimate', '20h');
  await sees(page, '20 h 40 to plan before Weir hearing, 2 h 10 free');
  await isAccessible(page, 'a task needed by a meeting, and too little time before it');
  await type(page, 'Estimate', '45m');
  await sees(page, '1 h 30 free');
  const card = await boxOf(page, 'To place: Stock count');
  await drag(page, 'mouse', middle(card), await hourOf(page, 'Wed 25 Nov', 13.1), () =>
    sees(page, 'Ends 3 h 15 after Weir hearing begins, which needs it'),
  );
  await boxOf(page, 'Stock count, boat shed, 13:00 – 13:45, 45 min, ends 3 h 15 after Weir hearing begins');
  await focus(page, '[aria-label^="Stock count, boat shed, 13:00"]');
  for (const key of ['Space', 'ArrowRight', 't'] as const) await page.keyboard.press(key);
  await sees(page, 'Too late: Weir hearing needs it before');
  await page.keyboard.press('Escape');
  await focus(page, '[aria-label^="Meeting Weir hearing"]');
  await page.keyboard.press('Space');
  for (let i = 0; i < 16; i += 1) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Meeting Weir hearing, 14:30 – 16:30');
  await isGone(page, 'Stock count, boat shed, 13:00 – 13:45, 45 min, ends');
  await leave(page);
});

test('a meeting that is deleted frees time, and what fits is offered by deadline', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/plan?day=2026-11-26');
  await focus(page, '[aria-label^="Meeting Funder call"]');
  await page.keyboard.press('Enter');
  await press(page, 'Edit event');
  await press(page, 'Delete this one');
  await pressText(page, 'Fill 4 h');
  await sees(page, 'Thu 26 Nov, 11:00 – 15:00');
  await isAccessible(page, 'freed time');
  await pressText(page, 'Volunteer day: tool list · 1 h 30');
  await sees(page, 'Thu 26 Nov, 12:30 – 15:00');
  await page.keyboard.press('Escape');
  await boxOf(page, 'Volunteer day: tool list, 11:00 – 12:30');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('by keys alone: to the next thing and back, once more, and off the plan', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan?day=2026-11-25');
  await focus(page, '[aria-label^="Pack the survey boxes, 09:30"]');
  await page.keyboard.press('d');
  await boxOf(page, 'Pack the survey boxes, 10:30 – 11:30');
  await page.keyboard.press('n');
  await keyboardIsOn(page, /^Meeting Weir hearing/);
  await page.keyboard.press('p');
  await keyboardIsOn(page, /^Pack the survey boxes, 09:30/);
  await focus(page, '[aria-label^="Pack the survey boxes, 10:30"]');
  await page.keyboard.press('Delete');
  await isGone(page, 'Pack the survey boxes, 10:30');
  await focus(page, '[aria-label^="Meeting Ines, one to one"]');
  await page.keyboard.press('d');
  await focus(page, '[aria-label^="Meeting Ines, one to one, 14:30"]');
  await page.keyboard.press('Delete');
  await isGone(page, 'Meeting Ines, one to one, 14:30');
  assert.deepEqual(complaints, []);
  await leave(page);
});
