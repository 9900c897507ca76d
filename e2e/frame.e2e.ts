import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { chooseFile, downloads } from './files';
import { drag } from './hands';
import { scene } from './scene';
import {
  reload,
  press,
  pressText,
  keys,
  type,
  textOf,
  sees,
  isGone,
  boxOf,
  focus,
  eventually,
  isNowhere,
} from './steps';

/** Where an hour of a weekday lies on the frame, Monday is 1. */
async function hourOfWeek(page: Page, weekday: number, hour: number) {
  const { x, y, width, height } = await boxOf(page, 'Days of the week');
  return { x: x + (width * (weekday - 0.5)) / 7, y: y + (height * hour) / 24 };
}

const paint = async (page: Page, how: 'mouse' | 'touch', from: [number, number], to: [number, number]) =>
  drag(page, how, await hourOfWeek(page, ...from), await hourOfWeek(page, ...to));

/** Taps what a selector finds, once it stands where it can be tapped. */
const tap = (page: Page, selector: string) =>
  eventually(async () => {
    const element = await page.waitForSelector(selector);
    await element?.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    await element?.tap();
  });

scene(
  'painting by mouse: hours over several days become a zone, which is moved, broken in two, and stays',
  { space: 'paint', at: '/frame' },
  async ({ page }) => {
    await boxOf(page, 'Zone Work, Mon – Fri, 09:00 – 17:00');
    await pressText(page, 'Meals');
    await paint(page, 'mouse', [1, 12.5], [5, 13.25]);
    await boxOf(page, 'Zone Meals, Mon – Fri, 12:30 – 13:15, 45 min each');
    await isAccessible(page, 'a frame that is painted');
    await pressText(page, 'Move and change');
    await paint(page, 'mouse', [2, 12.9], [2, 13.9]);
    await boxOf(page, 'Zone Meals, Mon – Fri, 13:30 – 14:15, 45 min each');
    await press(page, 'Undo edit zone');
    await boxOf(page, 'Zone Meals, Mon – Fri, 12:30 – 13:15');
    await press(page, 'Zone Work');
    await sees(page, '3 h 45 a week of it has Meals');
    await isAccessible(page, 'a zone of a frame');
    await type(page, 'Break it in two', 'half of it');
    await sees(page, 'Say how long the first part is');
    await type(page, 'Break it in two', '5h, then 30m off');
    await boxOf(page, 'Zone Work, Mon – Fri, 14:30 – 17:30, 3 h each');
    await reload(page);
    await boxOf(page, 'Zone Meals, Mon – Fri, 12:30 – 13:15');
  },
);

scene('painting and moving by keys alone', { space: 'keys', at: '/frame' }, async ({ page }) => {
  await focus(page, '[aria-label="Paint with"] [aria-checked=true]');
  for (let i = 0; i < 4; i += 1) await keys(page, 'ArrowDown');
  await focus(page, '[aria-roledescription=brush]');
  // the cursor stands at nine on Monday
  for (let i = 0; i < 6; i += 1) await keys(page, 'ArrowUp');
  await keys(page, 'Shift+ArrowRight', 'Shift+ArrowDown');
  await sees(page, 'Mon, Tue, 06:00 – 07:30, 1 h 30 each');
  await keys(page, 'Enter');
  const zone = await page.waitForSelector('[aria-label*="Mon, Tue, 06:00 – 07:30"]');
  await page.$eval('[aria-label="Paint with"] [role=radio]', (radio) => (radio as HTMLElement).click());
  await zone?.focus();
  await keys(page, 'ArrowDown');
  await page.waitForSelector('[aria-label*="Mon, Tue, 06:15 – 07:45"]');
  await keys(page, 'ArrowRight');
  const moved = await page.waitForSelector('[aria-label*="Tue, Wed, 06:15 – 07:45"]');
  await moved?.focus();
  await keys(page, 'Delete');
  await isNowhere(page, '[aria-label*="Tue, Wed, 06:15"]');
});

scene(
  'on a phone: the guided start by touch, painting by a held finger, and what is left',
  { size: 'phone', space: 'guide', at: '/frame' },
  async ({ page }) => {
    await tap(page, '::-p-text(Guided start…)');
    for (const title of [
      'When do you sleep?',
      'When do you work?',
      'When do you eat?',
      'How long is the way',
    ]) {
      await sees(page, title);
      await isAccessible(page, title);
      await tap(page, '::-p-xpath(//*[@role="dialog"]//button[.="Next"])');
    }
    await sees(page, 'What are days off for?');
    await tap(page, '::-p-xpath(//button[.="Use this week"])');
    await boxOf(page, 'Zone Sleep, Mon – Thu, Sun, 23:00 – 07:00');
    await boxOf(page, 'Zone Travel, Mon – Fri, 08:30 – 09:00');
    await tap(page, '::-p-xpath(//*[@role="radio"][contains(., "Care")])');
    await paint(page, 'touch', [6, 7], [7, 8]);
    await boxOf(page, 'Zone Care, Sat, Sun, 07:00 – 08:00');
    await press(page, 'Add a kind');
    await type(page, 'Name', 'Choir');
    await paint(page, 'touch', [4, 14], [4, 15.5]);
    await boxOf(page, 'Zone Choir, Thu, 14:00 – 15:30');
    await isAccessible(page, 'a frame on a phone');
    await pressText(page, 'What is left…');
    await sees(page, 'Room for work, free');
    await isAccessible(page, 'what is left');
  },
);

scene(
  'one date differs: a zone is off, or at other hours, on that day alone, and goes back to the frame',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await press(page, 'Zone Fieldwork, 09:00 – 13:00');
    await pressText(page, 'Off on this day');
    await boxOf(page, 'Zone Fieldwork, off on this day');
    await sees(page, '1 h 15 over');
    await isAccessible(page, 'a zone that is off');
    await pressText(page, 'As in the frame again');
    await sees(page, '4 h 30 of 6 h 15 planned');
    await type(page, 'Starts', '10:00');
    await boxOf(page, 'Zone Fieldwork, 10:00 – 13:00, otherwise on this day');
    await press(page, 'The day after');
    await press(page, 'The day after');
    await boxOf(page, 'Zone Fieldwork, 09:00 – 13:00');
    await keys(page, 'z');
    await isGone(page, 'Zone Fieldwork');
    await keys(page, 'z');
    await boxOf(page, 'Zone Fieldwork');
  },
);

scene(
  'a day has as much room as one says, and what is too much moves to where it fits',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await page.locator('::-p-xpath(//button[starts-with(., "4 h 30 of 6 h 15")])').click();
    await type(page, 'Hours that you will work', '4h');
    await sees(page, '4 h 30 of 2 h 15 planned');
    await sees(page, 'What would help most');
    await isAccessible(page, 'a day with too much');
    await press(page, 'Move Grant report, section 2 to');
    await sees(page, '3 h of 2 h 15 planned');
  },
);

scene(
  'another frame holds from a week on, every four weeks, or in one week; the weeks ahead say which',
  { at: '/frame' },
  async ({ page }) => {
    const weeks = () =>
      page.$$eval('[aria-label="Which frame holds in the weeks ahead"] [role=listitem]', (items) =>
        items.map((item) => (item as HTMLElement).innerText.split('\n').join(' ')),
      );
    await eventually(async () => assert.equal((await weeks())[2], '7 Dec Winter'));
    await press(page, 'Frames…');
    await isAccessible(page, 'frames and weeks');
    await press(page, 'Copy Winter');
    await boxOf(page, 'Frame Winter, copy');
    await type(page, 'Frame Winter, copy', 'Quiet');
    await boxOf(page, 'Frame Quiet');
    await page.click('::-p-xpath(//*[@aria-label="The frame"]//*[@role="radio"][.="Quiet"])');
    await page.click('::-p-xpath(//*[@aria-label="holds"]//*[@role="radio"][.="every 4 weeks"])');
    await type(page, 'The week of', '2026-11-16');
    await sees(page, 'Weeks that have ended keep the frame that they had.');
    await type(page, 'The week of', '1 Dec');
    await eventually(async () =>
      assert.deepEqual((await weeks()).slice(0, 6), [
        '23 Nov Field season',
        '30 Nov Quiet',
        '7 Dec Winter',
        '14 Dec Winter',
        '21 Dec Winter',
        '28 Dec Quiet',
      ]),
    );
    await press(page, 'Delete Quiet');
    await eventually(async () => assert.equal((await weeks())[1], '30 Nov Field season'));
  },
);

scene(
  'a zone is added and changed by presses and typed hours alone',
  { size: 'phone', at: '/frame' },
  async ({ page }) => {
    await press(page, 'Zones in words…');
    await isAccessible(page, 'zones in words');
    await press(page, 'Add Writing');
    await type(page, 'From', '7:30');
    await type(page, 'Length', '45m');
    await press(page, 'On Monday');
    await press(page, 'Close');
    await boxOf(page, 'Zone Writing, Tue – Fri, 07:30 – 08:15, 45 min each');
  },
);

scene(
  'what is missing to a target is placed in one step, in a zone that is meant for it',
  { at: '/frame' },
  async ({ page }) => {
    await sees(page, '4 h 15 scheduled, 0 min done; 8 h 15 of suitable time left this week');
    await press(page, 'Place 3 h 45 of Writing');
    // a task that waits, and a block in the longest stretch for writing that is left
    await boxOf(page, 'Undo plan new task');
    const isShort = () =>
      eventually(async () =>
        assert.equal(await textOf(page, '::-p-xpath(//*[contains(text(), " short")])'), '15 min short'),
      );
    await isShort();
    await press(page, 'Edit targets');
    await isAccessible(page, 'targets');
    await type(page, 'Writing, at most', '7h');
    await sees(page, 'Writing cannot have more at least than at most.');
    await type(page, 'Writing, at least', '4h');
    await press(page, 'Close the details');
    await sees(page, 'within');
    // what was refused was kept as typed, and counted when it was left, as it fits by then
    await press(page, 'Undo set a target');
    await press(page, 'Undo set a target');
    await isShort();
  },
);

scene(
  'a frame comes in from a calendar file, and goes out as a picture',
  { at: '/frame' },
  async ({ page }) => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'sprindle-frame-'));
    const downloaded = await downloads(page);
    await press(page, 'Frames…');
    await press(page, 'Picture of Field season');
    assert.match(
      readFileSync(await downloaded('Field season.svg'), 'utf8'),
      /^<svg[^]+>Fieldwork<[^]+<\/svg>$/,
    );
    const file = path.join(folder, 'Spring.ics');
    const hours = ['DTSTART:20261124T090000', 'DTEND:20261124T113000', 'RRULE:FREQ=WEEKLY;BYDAY=TU,TH'];
    const event = ['BEGIN:VEVENT', 'UID:1', 'DTSTAMP:20261101T000000Z', ...hours, 'SUMMARY:Nest counts'];
    writeFileSync(
      file,
      ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:x', ...event, 'END:VEVENT', 'END:VCALENDAR'].join('\r\n'),
    );
    await chooseFile(page, 'From a calendar file', file);
    await boxOf(page, 'Zone Nest counts, Tue, Thu, 09:00 – 11:30');
    await press(page, 'Undo bring in a frame');
    await isGone(page, 'Zone Nest counts');
  },
);
