import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import {
  boxOf,
  eventually,
  isAccessible,
  isGone,
  keyboardIsOn,
  press,
  pressText,
  sees,
  tabTo,
  type,
} from './steps';

let stage: Stage;
before(async () => {
  stage = await openStage();
});
after(() => stage.close());

/** What has the keyboard, by its name or its text. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement: at } = document;
    return at === document.body ? 'nothing' : (at?.getAttribute('aria-label') ?? at?.textContent ?? '');
  });

const pressKey = async (page: Page, ...keys: Parameters<Page['keyboard']['press']>[0][]) => {
  for (const key of keys) await page.keyboard.press(key);
};

test('Enter keeps the keyboard in a field: one title after the other is added, and a refused value can be mended', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'enter', '/tasks');
  await (await page.waitForSelector('input[aria-label="Add to the inbox"]'))?.click();
  await page.keyboard.type('Order waders');
  await pressKey(page, 'Enter');
  await page.keyboard.type('Calibrate gauge');
  await pressKey(page, 'Enter');
  await boxOf(page, 'Done: Order waders');
  await boxOf(page, 'Done: Calibrate gauge');
  await press(page, 'New task');
  await type(page, 'Estimate', 'a while');
  await sees(page, '“a while” is no length');
  assert.equal(await focused(page), 'Estimate');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('Space ticks, on a task as on a card that Space would pick up; a group of radios is one tab stop, and arrows choose', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'keys', '/tasks');
  await type(page, 'Add to the inbox', 'Order waders');
  await tabTo(page, 'Done: Order waders');
  await pressKey(page, 'Space');
  await isGone(page, 'Done: Order waders');

  await page.goto(`${stage.address}/settings`);
  await settled(page);
  await boxOf(page, 'Colours');
  const isChosen = (name: string) =>
    page.waitForSelector(`::-p-xpath(//*[@aria-label="Colours"]//*[@aria-checked="true"][.="${name}"])`);
  await page.$eval('[aria-label=Colours] [aria-checked=true]', (radio) => (radio as HTMLElement).focus());
  await pressKey(page, 'ArrowRight', 'ArrowRight');
  await isChosen('Dark');
  assert.equal(await focused(page), 'Dark');
  await pressKey(page, 'ArrowRight');
  await isChosen('As the device');
  await pressKey(page, 'End', 'ArrowLeft');
  await isChosen('Light');
  const stops = await page.$$eval('[role=radiogroup]', (groups) =>
    groups.map((group) => group.querySelectorAll('[role=radio][tabindex="0"]').length),
  );
  assert.ok(stops.length > 2 && stops.every((count) => count === 1), String(stops));
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('what lies beneath a sheet cannot be reached; what is said stands in the sheet, and can be called back later', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/tasks');
  await press(page, 'Edit lists');
  const list = await page.waitForSelector('[role=dialog] input');
  await list?.click({ count: 3 });
  await page.keyboard.type('Rivers');
  await pressKey(page, 'Enter');
  await eventually(async () => {
    const beneath = await page.$$eval('[role=main], [role=navigation]', (all) =>
      all.map((each) => each.closest('[inert]') !== null),
    );
    assert.ok(beneath.length > 1 && beneath.every(Boolean));
  });
  await type(page, 'New list', 'Signs');
  await page.waitForSelector('[role=dialog] [role=status] [aria-label="Undo add list"]');
  await pressKey(page, 'Escape');
  await boxOf(page, 'Undo add list');
  await page.goto(`${stage.address}/settings`);
  await settled(page);
  await type(page, 'New calendar of your own', 'Crew');
  await press(page, 'Close this notice');
  await press(page, 'Messages of late');
  await isAccessible(page, 'what was said lately');
  await press(page, 'Undo add calendar: ');
  await isGone(page, 'Undo add calendar: ');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('undoing by the notice gives the keyboard back to where it was; a name that is taken is refused at its field', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/tasks');
  await pressText(page, 'Volunteer days');
  await tabTo(page, 'Done: Small things');
  await pressKey(page, 'Space');
  await isGone(page, 'Done: Small things');
  await keyboardIsOn(page, /^Done: /);
  await tabTo(page, 'Undo tick off');
  await pressKey(page, 'Enter');
  await boxOf(page, 'Done: Small things');
  await page.waitForFunction(() => document.activeElement?.closest('[role=main]') !== null);
  await page.goto(`${stage.address}/settings`);
  await settled(page);
  await press(page, 'Edit categories');
  await type(page, 'Category Fieldwork', 'Writing');
  await page.waitForSelector('[aria-label="Category Fieldwork"][aria-invalid=true]');
  await sees(page, 'There is a category Writing already.');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('a sheet takes the keyboard and gives it back to what opened it; a refusal stands at its field', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'sheet', '/plan');
  await tabTo(page, 'Go to a day');
  const opener = await focused(page);
  await pressKey(page, 'Enter');
  await page.waitForSelector('[role=dialog] input');
  assert.notEqual(await focused(page), 'nothing');
  await pressKey(page, 'Escape');
  await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
  await page.waitForFunction(
    (label) => document.activeElement?.getAttribute('aria-label') === label,
    {},
    opener,
  );

  await tabTo(page, 'New');
  await pressKey(page, 'Enter');
  await page.waitForSelector('[role=complementary] textarea[aria-label=Title]');
  await press(page, 'Add it');
  await page.waitForSelector('[role=complementary] textarea[aria-label=Title][aria-invalid=true]');
  await sees(page, 'A title is needed.');
  assert.deepEqual(complaints, []);
  await leave(page);
});
