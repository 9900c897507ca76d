import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { scene } from './scene';
import { boxOf, choose, eventually, go, isAt, isClosed, keys, press, sees } from './steps';

/** The title and the length on the card that is decided on; nothing where all is decided. */
const asked = (page: Page) =>
  page.$$eval('[role=group][tabindex="0"]', (cards) => cards[0]?.getAttribute('aria-label'));

/** Takes the first place offered for each thing that is asked about, one press each, and gives how many there were. */
async function takeFirstPlaces(page: Page): Promise<number> {
  const places = '[aria-label="The best places"] button';
  let count = 0;
  for (let card = await asked(page); await page.$(places); card = await asked(page)) {
    await page.locator(places).click();
    await eventually(async () => assert.notEqual(await asked(page), card));
    count += 1;
  }
  return count;
}

scene(
  'six things that wait are decided on in few presses, at the opening by mouse',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await boxOf(page, 'Permit letter, weir, 13:30');
    await keys(page, 'l');
    await page.keyboard.type('Call the gauge keeper 15m by today');
    await keys(page, 'Enter', 'Escape');
    await boxOf(page, 'Done: Call the gauge keeper');
    await isClosed(page);
    await go(page, '/opening');
    await isAt(page, 'Opening');
    let [presses, things] = [1, 0];
    for (const next of ['Overdue', 'Due', 'Coming soon', 'Inbox', 'Choose']) {
      const taken = await takeFirstPlaces(page);
      things += taken;
      presses += taken + 1;
      await press(page, `Next: ${next}`);
    }
    await choose(
      page,
      'Which one decides whether the day is good? It is the keystone',
      'Permit letter, weir · 13:30',
    );
    await press(page, 'Begin the day');
    await isAt(page, 'Today');
    presses += 2;
    assert.equal(things, 6);
    assert.ok(presses <= 24, `${presses} presses`);
  },
);

scene(
  'six things that are left are decided on in few presses, at the close on a phone',
  { size: 'phone', at: '/plan?view=day' },
  async ({ page }) => {
    await sees(page, 'Reply to the parish council');
    await keys(page, 'l');
    await page.keyboard.type('Call the gauge keeper 15m today');
    await keys(page, 'Enter', 'Escape');
    await sees(page, 'Reply to the parish council, Call the gauge keeper');
    await isClosed(page);
    await go(page, '/close');
    let presses = 1;
    const things = await takeFirstPlaces(page);
    presses += things;
    for (const next of ['Record', 'Numbers', 'Note', 'Scratch', 'Checklist', 'The day']) {
      await press(page, `Next: ${next}`);
      presses += 1;
      if (next !== 'Record') continue;
      await press(page, 'Map of bank repairs, for 6 min');
      await sees(page, 'adds up');
      presses += 1;
    }
    await press(page, 'Close the day');
    await sees(page, 'This day is closed.');
    presses += 1;
    assert.equal(things, 6);
    assert.ok(presses <= 20, `${presses} presses`);
  },
);
