import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { drag, hourOf, middle } from './hands';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressText,
  choose,
  keys,
  type,
  sees,
  isGone,
  boxOf,
  standing,
  labels,
  keyboardIsOn,
  focus,
  eventually,
} from './steps';

const meetings = async (page: Page, begins: string) =>
  (await labels(page))
    .filter((label) => label.startsWith(`Meeting ${begins}`))
    .map((label) => label.slice(8))
    .sort();

scene(
  'hours marked by dragging become an event, whose details save themselves and come back',
  { space: 'events', at: '/plan?view=week' },
  async ({ page }) => {
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
    await reload(page);
    await page.locator('[aria-label^="Meeting Ladder inspection, 12:00 – 14:00"]').click();
    await sees(page, 'North weir');
    await sees(page, 'Join the call');
    await press(page, 'Edit event');
    await page.click('textarea[aria-label="Title"]', { count: 3 });
    await page.keyboard.type('Ladder, closed by Escape');
    await keys(page, 'Escape');
    await page.locator('[aria-label^="Meeting Ladder, closed by Escape"]').click();
    await press(page, 'Edit event');
    await page.click('textarea[aria-label="Title"]', { count: 3 });
    await page.keyboard.type('Ladder, left while typing');
    await reload(page);
    await boxOf(page, 'Meeting Ladder, left while typing');
  },
);

scene(
  'the same marking makes a task and its block; by keyboard a new event begins at the first free hour',
  { space: 'marking', at: '/plan?view=days' },
  async ({ page }) => {
    await drag(page, 'mouse', await hourOf(page, 'Wed 25 Nov', 12), await hourOf(page, 'Wed 25 Nov', 12.75));
    await pressText(page, 'A task and its block');
    await type(page, 'Title', 'Sort samples');
    await boxOf(page, 'Sort samples, 12:00 – 12:45');
    await focus(page, '[aria-label="New event"]');
    await keys(page, 'Enter');
    await pressText(page, 'An event');
    await type(page, 'Title', 'Phone the mill');
    await boxOf(page, 'Meeting Phone the mill, 11:30 – 12:30');
  },
);

scene(
  'a weekly event: one is moved, then this and later, then all; each asks, each is undone',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await eventually(async () =>
      assert.deepEqual(
        await meetings(page, 'Crew call'),
        Array.from({ length: 4 }, () => 'Crew call, 09:00 – 09:30, Office'),
      ),
    );
    const move = async (choice: string) => {
      await page.$eval('[aria-label="Hours of the days"]', (strip) => (strip.scrollTop = 560));
      await standing(page, '[aria-label^="Meeting Crew call, 09:00"]');
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
        assert.deepEqual(hours, [
          ...Array(early).fill('09:00 – 09:30'),
          ...Array(late).fill('13:30 – 14:00'),
        ]);
      });
    const choices = { 'This one': 1, 'This and all later ones': 3, All: 4 };
    for (const [choice, moved] of Object.entries(choices)) {
      await move(choice);
      await stand(4 - moved, moved);
      await press(page, 'Undo move event');
      await stand(4, 0);
    }
  },
);

scene(
  'how an event repeats is chosen and said in words; later ones are deleted, and come back',
  { size: 'phone', space: 'repeat', at: '/plan?view=week' },
  async ({ page }) => {
    await press(page, 'New event');
    await type(page, 'Title', 'Gauge round');
    await press(page, 'Edit event');
    await pressText(page, 'by weeks');
    await choose(page, 'On these days', 'Fri');
    await sees(page, 'It repeats every week on Tuesday and Friday.');
    await type(page, 'Ends', '5 times');
    await sees(page, 'every week on Tuesday and Friday, 5 times.');
    await isAccessible(page, 'how an event repeats');
    await pressText(page, 'this and later');
    await press(page, 'Delete this and later');
    await isGone(page, 'Meeting Gauge round');
    await press(page, 'Undo delete event');
    await eventually(async () => assert.equal((await meetings(page, 'Gauge round')).length, 2));
  },
);

scene(
  'an event moves by keyboard, and a longer day makes it longer',
  { at: '/plan?day=2026-11-25' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Meeting Weir hearing"]');
    await keys(page, 'Space', 'ArrowDown', 'ArrowDown', 'Enter');
    await boxOf(page, 'Meeting Weir hearing, 11:00 – 13:00');
    await focus(page, '[aria-label^="Meeting Weir hearing"]');
    await keys(page, 'Space', 'Shift+ArrowDown', 'Enter');
    await boxOf(page, 'Meeting Weir hearing, 11:00 – 13:15');
  },
);

scene(
  'new hours are typed on a block and shown before they count; a question mark lists the keys',
  { size: 'phone', at: '/plan' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
    await keys(page, 'Enter');
    const field = '[aria-label="Change the hours"]';
    await page.waitForSelector(field);
    await page.type(field, 'soonish');
    await sees(page, '“soonish” cannot be read.');
    await page.click(field, { count: 3 });
    await page.type(field, 'thu 13:00 1h');
    await sees(page, 'Thu 26 Nov, 13:00 – 14:00 · 1 h. Enter takes it.');
    await isAccessible(page, 'typed hours');
    await keys(page, 'Enter', 'Escape');
    await go(page, '/plan?day=2026-11-26');
    await boxOf(page, 'Grant report, section 2, 13:00 – 14:00');
    await page.keyboard.type('?');
    await sees(page, 'a quarter hour earlier or later');
    await isAccessible(page, 'the list of keys');
  },
);

scene('a calendar is hidden, or only planned around', { at: '/settings' }, async ({ page }) => {
  await press(page, 'Takes my time: Office');
  await go(page, '/plan');
  await sees(page, 'of 8 h planned');
  await boxOf(page, 'Meeting Fish ladder visit, 15:30 – 16:30, Ines');
  await boxOf(page, 'Meeting Flood forum');
  await go(page, '/settings');
  await press(page, 'Takes my time: Ines');
  await press(page, 'Shown: Office');
  await go(page, '/plan');
  await isGone(page, 'Meeting Flood forum');
  await sees(page, 'of 7 h planned');
});

scene(
  'a task needed by a meeting: blocks after it say so, while dragging and on the block, and the meeting may move',
  { at: '/plan?day=2026-11-25' },
  async ({ page }) => {
    await focus(page, '[aria-label^="To place: Stock count"]');
    await keys(page, 'Enter');
    await pressText(page, 'Choose a meeting');
    await pressText(page, 'Weir hearing, tomorrow 10:30');
    await sees(page, 'needed by Weir hearing, tomorrow 10:30');
    await type(page, 'Estimate', '20h');
    await sees(page, '18 h 30 short before Weir hearing');
    await isAccessible(page, 'a task needed by a meeting, and too little time before it');
    await type(page, 'Estimate', '45m');
    const card = await boxOf(page, 'To place: Stock count, boat shed, 45 min');
    await drag(page, 'mouse', middle(card), await hourOf(page, 'Wed 25 Nov', 13.1), () =>
      sees(page, 'Ends 3 h 15 after Weir hearing begins, which needs it'),
    );
    await boxOf(page, 'Stock count, boat shed, 13:00 – 13:45, 45 min, ends 3 h 15 after Weir hearing begins');
    await focus(page, '[aria-label^="Stock count, boat shed, 13:00"]');
    await keys(page, 'Space', 'ArrowRight', 't');
    await sees(page, 'Too late: Weir hearing needs it before');
    await keys(page, 'Escape');
    await focus(page, '[aria-label^="Meeting Weir hearing"]');
    await keys(page, 'Space');
    for (let i = 0; i < 16; i += 1) await keys(page, 'ArrowDown');
    await keys(page, 'Enter');
    await boxOf(page, 'Meeting Weir hearing, 14:30 – 16:30');
    await isGone(page, 'Stock count, boat shed, 13:00 – 13:45, 45 min, ends');
  },
);

scene(
  'a meeting that is deleted frees time, and what fits is offered by deadline',
  { size: 'phone', at: '/plan?day=2026-11-26' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Meeting Funder call"]');
    await keys(page, 'Enter');
    await press(page, 'Edit event');
    await press(page, 'Delete this one');
    await pressText(page, 'Fill 4 h');
    await sees(page, 'Thu 26 Nov, 11:00 – 15:00');
    await isAccessible(page, 'freed time');
    await pressText(page, 'Volunteer day: tool list · 1 h 30');
    await sees(page, 'Thu 26 Nov, 12:30 – 15:00');
    await keys(page, 'Escape');
    await boxOf(page, 'Volunteer day: tool list, 11:00 – 12:30');
  },
);

scene(
  'by keys alone: to the next thing and back, once more, and off the plan',
  { at: '/plan?day=2026-11-25' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Pack the survey boxes, 09:30"]');
    await keys(page, 'd');
    await boxOf(page, 'Pack the survey boxes, 10:30 – 11:30');
    await keys(page, 'n');
    await keyboardIsOn(page, /^Meeting Weir hearing/);
    await keys(page, 'p');
    await keyboardIsOn(page, /^Pack the survey boxes, 09:30/);
    await focus(page, '[aria-label^="Pack the survey boxes, 10:30"]');
    await keys(page, 'Delete');
    await isGone(page, 'Pack the survey boxes, 10:30');
    await focus(page, '[aria-label^="Meeting Ines, one to one"]');
    await keys(page, 'd');
    await focus(page, '[aria-label^="Meeting Ines, one to one, 14:30"]');
    await keys(page, 'Delete');
    await isGone(page, 'Meeting Ines, one to one, 14:30');
  },
);
