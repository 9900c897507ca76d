import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  go,
  press,
  pressText,
  keys,
  type,
  sees,
  isGone,
  isClosed,
  boxOf,
  tabTo,
  keyboardIsOn,
  keyboardIsIn,
  eventually,
} from './steps';

scene(
  'Enter keeps the keyboard in a field: one title after the other is added, and a refused value can be mended',
  { space: 'enter', at: '/tasks' },
  async ({ page }) => {
    await (await page.waitForSelector('[aria-label="Add to the inbox"]'))?.click();
    await page.keyboard.type('Order waders');
    await keys(page, 'Enter');
    await page.keyboard.type('Calibrate gauge');
    await keys(page, 'Enter');
    await boxOf(page, 'Done: Order waders');
    await boxOf(page, 'Done: Calibrate gauge');
    await press(page, 'New task');
    await type(page, 'Estimate', 'a while');
    await sees(page, '“a while” is no length');
    await keyboardIsOn(page, /^Estimate$/);
  },
);

scene(
  'Space ticks, on a task as on a card that Space would pick up; a group of radios is one tab stop, and arrows choose',
  { space: 'keys', at: '/tasks' },
  async ({ page }) => {
    await type(page, 'Add to the inbox', 'Order waders');
    await tabTo(page, 'Done: Order waders');
    await keys(page, 'Space');
    await isGone(page, 'Done: Order waders');

    await go(page, '/settings');
    await boxOf(page, 'Colours');
    const isChosen = (name: string) =>
      page.waitForSelector(`::-p-xpath(//*[@aria-label="Colours"]//*[@aria-checked="true"][.="${name}"])`);
    await page.$eval('[aria-label=Colours] [aria-checked=true]', (radio) => (radio as HTMLElement).focus());
    await keys(page, 'ArrowRight', 'ArrowRight');
    await isChosen('Dark');
    await keyboardIsOn(page, /^Dark$/);
    await keys(page, 'ArrowRight');
    await isChosen('Same as the device');
    await keys(page, 'End', 'ArrowLeft');
    await isChosen('Light');
    const stops = await page.$$eval('[role=radiogroup]', (groups) =>
      groups.map((group) => group.querySelectorAll('[role=radio][tabindex="0"]').length),
    );
    assert.ok(stops.length > 2 && stops.every((count) => count === 1), String(stops));
  },
);

scene(
  'what lies beneath a sheet cannot be reached; what is said stands in the sheet, and can be called back later',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Edit lists');
    const list = await page.waitForSelector('[role=dialog] input');
    await list?.click({ count: 3 });
    await page.keyboard.type('Rivers');
    await keys(page, 'Enter');
    await eventually(async () => {
      const beneath = await page.$$eval('[role=main], [role=navigation]', (all) =>
        all.map((each) => each.closest('[inert]') !== null),
      );
      assert.ok(beneath.length > 1 && beneath.every(Boolean));
    });
    await type(page, 'New list', 'Signs');
    await page.waitForSelector('[role=dialog] [role=status] [aria-label="Undo add list"]');
    await keys(page, 'Escape');
    await boxOf(page, 'Undo add list');
    await go(page, '/settings');
    await type(page, 'New calendar of your own', 'Crew');
    await press(page, 'Close this notice');
    await press(page, 'Recent notices');
    await isAccessible(page, 'what was said lately');
    await press(page, 'Undo add calendar: ');
    await isGone(page, 'Undo add calendar: ');
  },
);

scene(
  'undoing by the notice gives the keyboard back to where it was; a name that is taken is refused at its field',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Volunteer days');
    await tabTo(page, 'Done: Small things');
    await keys(page, 'Space');
    await isGone(page, 'Done: Small things');
    await keyboardIsOn(page, /^Done: /);
    await tabTo(page, 'Undo tick off');
    await keys(page, 'Enter');
    await boxOf(page, 'Done: Small things');
    await page.waitForFunction(() => document.activeElement?.closest('[role=main]') !== null);
    await go(page, '/settings');
    await press(page, 'Edit categories');
    await type(page, 'Category Fieldwork', 'Writing');
    await page.waitForSelector('[aria-label="Category Fieldwork"][aria-invalid=true]');
    await sees(page, 'There is a category Writing already.');
  },
);

scene(
  'a sheet takes the keyboard and gives it back to what opened it; a refusal stands at its field',
  { space: 'sheet', at: '/plan' },
  async ({ page }) => {
    await tabTo(page, 'Go to a day');
    await keys(page, 'Enter');
    await keyboardIsIn(page, '[role=dialog]');
    await keys(page, 'Escape');
    await isClosed(page);
    await keyboardIsOn(page, /^Go to a day/);

    await tabTo(page, 'New');
    await keys(page, 'Enter');
    await page.waitForSelector('[role=complementary] textarea[aria-label=Title]');
    await press(page, 'Add it');
    await page.waitForSelector('[role=complementary] textarea[aria-label=Title][aria-invalid=true]');
    await sees(page, 'A title is needed.');
  },
);
