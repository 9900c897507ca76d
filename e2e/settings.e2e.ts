import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import {
  boxOf,
  drag,
  eventually,
  focus,
  isAccessible,
  isGone,
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

const valueOf = (page: Page, label: string) =>
  page.$eval(`input[aria-label="${label}"]`, (field) => field.value);
const darkness = (page: Page) => page.evaluate(() => getComputedStyle(document.body).backgroundColor);

test('the week is shaped from the settings, and changes the room of a day; hours that cannot be are refused', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'hours', '/settings');
  await pressText(page, 'Shape the week…');
  await press(page, 'Zone Work, Mon – Fri, 09:00 – 17:00');
  await type(page, 'From', '10');
  await eventually(async () => assert.equal(await valueOf(page, 'From'), '10:00'));
  await type(page, 'From', '25:00');
  await sees(page, '“25:00” is no time of day');
  assert.equal(await valueOf(page, 'From'), '25:00', 'what was typed stays');
  await type(page, 'Length', '25h');
  await sees(page, '“25h” is too long: at most 24 h.');
  await press(page, 'On Tuesday');
  await press(page, 'Close');
  await press(page, 'Plan');
  await sees(page, '0 min planned on a day off');
  await press(page, 'Undo edit zone');
  await sees(page, '0 min planned of 8 h room');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('colours and clock follow the choice, and stay so after a reload', async () => {
  const { page } = await openPage(stage, 'wide', 'looks', '/settings');
  const light = await darkness(page);
  await pressText(page, 'Dark');
  await eventually(async () => assert.notEqual(await darkness(page), light));
  await pressText(page, '2:30 pm');
  const isChosen = () =>
    page.waitForSelector('::-p-xpath(//*[@aria-label="Clock"]//*[@aria-checked="true"][.="2:30 pm"])');
  await isChosen();
  await pause(500);
  await page.reload();
  await settled(page);
  assert.notEqual(await darkness(page), light);
  await isChosen();
  await isAccessible(page, 'settings, dark');
  await leave(page);
});

test('lists are added, renamed and deleted, and their tasks find a home', async () => {
  const { page } = await openPage(stage, 'phone', 'lists', '/tasks');
  await press(page, 'Edit lists');
  await type(page, 'New list', 'Permits');
  await sees(page, 'List, 0 tasks');
  await isAccessible(page, 'lists');
  await press(page, 'Close this notice');
  await page.keyboard.press('Escape');
  await pressText(page, 'Permits');
  await type(page, 'Add to Permits', 'Renew the licence');
  await boxOf(page, 'Done: Renew the licence');
  await press(page, 'Edit lists');
  await press(page, 'Delete… Permits');
  await isAccessible(page, 'deleting a list');
  await press(page, 'Delete it, keep its tasks in General');
  await sees(page, 'Deleted Permits; its tasks are in General');
  await page.keyboard.press('Escape');
  await press(page, 'Undo delete list');
  await sees(page, 'Permits');
  await leave(page);
});

test('a list is moved, duplicated with its days, archived with its tasks and taken up again; a task is duplicated', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/tasks');
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
  await page.keyboard.press('Escape');
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
  await page.keyboard.press('Escape');
  await press(page, 'Edit lists');
  await press(page, 'Take up Grants');
  await page.keyboard.press('Escape');
  await pressText(page, 'Grants');
  await sees(page, 'Grant report, section 2');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('done tasks are hidden and shown at will, and a tick is taken back', async () => {
  const { page } = await openPage(stage, 'wide', 'done', '/tasks');
  await type(page, 'Add to the inbox', 'Sort samples');
  await press(page, 'Done: Sort samples');
  await isGone(page, 'Done: Sort samples');
  await press(page, 'Show done');
  await press(page, 'Done: Sort samples');
  await sees(page, 'Sort samples is open again');
  await sees(page, '1 open');
  await leave(page);
});

test('a removed calendar takes its meetings along, and undo brings them back', async () => {
  const { page } = await openPage(stage, 'wide', 'demo', '/settings');
  await press(page, 'Remove the calendar Office');
  await press(page, 'Today');
  assert.ok(!(await textOf(page)).includes('Flood forum'));
  await press(page, 'Undo remove calendar');
  await sees(page, 'Flood forum, agenda');
  await leave(page);
});

test('a task is placed on a typed day and hour, and a typed day alone is its tray', async () => {
  const { page } = await openPage(stage, 'wide', 'typed', '/tasks');
  await type(page, 'Add to the inbox', 'Read the report');
  await press(page, 'Place Read the report');
  await type(page, 'Another day or hour', 'someday');
  await sees(page, '“someday” is no day');
  await type(page, 'Another day or hour', 'thu 14:00');
  await sees(page, 'Read the report: Thu 26 Nov 14:00, 30 min');
  await page.goto(`${stage.address}/plan?day=2026-11-26`);
  await settled(page);
  await boxOf(page, 'Read the report, 14:00 – 14:30');
  await focus(page, '[aria-label^="Read the report, 14:00"]');
  await page.keyboard.press('Enter');
  await type(page, 'Starts', '9:40');
  await boxOf(page, 'Read the report, 09:40 – 10:10');
  await type(page, 'Length', '1h');
  await boxOf(page, 'Read the report, 09:40 – 10:40');
  await leave(page);
});
