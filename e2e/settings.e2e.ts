import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { drag, middle } from './hands';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressText,
  keys,
  type,
  sees,
  seesNo,
  holds,
  isGone,
  isClosed,
  boxOf,
  focus,
  eventually,
} from './steps';

const darkness = (page: Page) => page.evaluate(() => getComputedStyle(document.body).backgroundColor);

scene(
  'the week is shaped from the settings, and changes the room of a day; hours that cannot be are refused',
  { size: 'phone', space: 'hours', at: '/settings' },
  async ({ page }) => {
    await pressText(page, 'Frame of the week…');
    await press(page, 'Zone Work, Mon – Fri, 09:00 – 17:00');
    await type(page, 'From', '10');
    await holds(page, 'From', '10:00');
    await type(page, 'From', '25:00');
    await sees(page, '“25:00” is no time of day');
    await holds(page, 'From', '25:00');
    await type(page, 'Length', '25h');
    await sees(page, '“25h” is too long: at most 24 h.');
    await press(page, 'On Tuesday');
    await press(page, 'Close');
    await isClosed(page);
    await press(page, 'Plan');
    await sees(page, 'Day off, nothing planned');
    await press(page, 'Undo edit zone');
    await sees(page, '0 min of 8 h planned');
  },
);

scene(
  'colours and clock follow the choice, and stay so after a reload',
  { space: 'looks', at: '/settings' },
  async ({ page }) => {
    const light = await darkness(page);
    await pressText(page, 'Dark');
    await eventually(async () => assert.notEqual(await darkness(page), light));
    await pressText(page, '2:30 pm');
    const isChosen = () =>
      page.waitForSelector('::-p-xpath(//*[@aria-label="Clock"]//*[@aria-checked="true"][.="2:30 pm"])');
    await isChosen();
    await reload(page);
    await eventually(async () => assert.notEqual(await darkness(page), light));
    await isChosen();
    await isAccessible(page, 'settings, dark');
  },
);

scene(
  'lists are added, renamed and deleted, and their tasks find a home',
  { size: 'phone', space: 'lists', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Edit lists');
    await type(page, 'New list', 'Permits');
    await sees(page, 'List, 0 tasks');
    await isAccessible(page, 'lists');
    await press(page, 'Close this notice');
    await keys(page, 'Escape');
    await pressText(page, 'Permits');
    await type(page, 'Add to Permits', 'Renew the licence');
    await boxOf(page, 'Done: Renew the licence');
    await press(page, 'Edit lists');
    await press(page, 'Delete… Permits');
    await isAccessible(page, 'deleting a list');
    await press(page, 'Delete it, keep its tasks in General');
    await sees(page, 'Deleted Permits; its tasks are in General');
    await keys(page, 'Escape');
    await press(page, 'Undo delete list');
    await sees(page, 'Permits');
  },
);

scene(
  'a list is moved, duplicated with its days, archived with its tasks and taken up again; a task is duplicated',
  { at: '/tasks' },
  async ({ page }) => {
    const order = () =>
      page.$$eval('[role=radiogroup][aria-label=Lists] [role=radio]', (all) =>
        all.map((each) => (each as HTMLElement).innerText.trim()),
      );
    await press(page, 'Edit lists');
    await press(page, 'Permits: further up');
    const grip = await (await page.$('[role=dialog] [data-item=volunteers] [data-grip]'))?.boundingBox();
    const first = await boxOf(page, 'Field surveys: further down');
    assert.ok(grip);
    await drag(page, 'mouse', middle(grip), { x: first.x, y: first.y - 250 });
    await press(page, 'Undo move list');
    await press(page, 'Duplicate… Permits');
    await type(page, 'Its first day', 'mon 4 jan');
    await type(page, 'Name of the list like Permits', 'Permits, upper reach');
    await sees(page, 'Permits, upper reach has the tasks of Permits, all open');
    await isAccessible(page, 'duplicating a list');
    await press(page, 'Archive Grants');
    await sees(page, 'open tasks are parked');
    await keys(page, 'Escape');
    await eventually(async () =>
      assert.deepEqual((await order()).slice(2, 6), [
        'Field surveys',
        'Permits',
        'Volunteer days',
        'Permits, upper reach',
      ]),
    );
    await pressText(page, 'Permits, upper reach');
    await sees(page, 'due Mon 4 Jan');
    await pressText(page, 'Permit letter, weir');
    await press(page, 'Duplicate');
    await sees(page, 'Permit letter, weir is there twice');
    await keys(page, 'Escape');
    await press(page, 'Edit lists');
    await press(page, 'Take up Grants');
    await keys(page, 'Escape');
    await isClosed(page);
    await pressText(page, 'Grants');
    await sees(page, 'Grant report, section 2');
  },
);

scene(
  'done tasks are hidden and shown at will, and a tick is taken back',
  { space: 'done', at: '/tasks' },
  async ({ page }) => {
    await type(page, 'Add to the inbox', 'Sort samples');
    await press(page, 'Done: Sort samples');
    await isGone(page, 'Done: Sort samples');
    await press(page, 'Show done');
    await press(page, 'Done: Sort samples');
    await sees(page, 'Sort samples is open again');
    await sees(page, '1 open');
  },
);

scene(
  'a removed calendar takes its meetings along, and undo brings them back',
  { at: '/settings' },
  async ({ page }) => {
    await press(page, 'Remove the calendar Office');
    await press(page, 'Today');
    await sees(page, 'Rest of the day');
    await seesNo(page, 'Flood forum');
    await press(page, 'Undo remove calendar');
    await sees(page, 'Flood forum, agenda');
  },
);

scene(
  'a task is placed on a typed day and hour, and a typed day alone is its tray',
  { space: 'typed', at: '/tasks' },
  async ({ page }) => {
    await type(page, 'Add to the inbox', 'Read the report');
    await press(page, 'Place Read the report');
    await type(page, 'Another day or hour', 'someday');
    await sees(page, '“someday” is no day');
    await type(page, 'Another day or hour', 'thu 14:00');
    await sees(page, 'Read the report: Thu 26 Nov 14:00, 30 min');
    await go(page, '/plan?day=2026-11-26');
    await boxOf(page, 'Read the report, 14:00 – 14:30');
    await focus(page, '[aria-label^="Read the report, 14:00"]');
    await keys(page, 'Enter');
    await type(page, 'Starts', '9:40');
    await boxOf(page, 'Read the report, 09:40 – 10:10');
    await type(page, 'Length', '1h');
    await boxOf(page, 'Read the report, 09:40 – 10:40');
  },
);
