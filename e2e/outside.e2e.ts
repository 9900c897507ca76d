import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  focus,
  isClosed,
  keyboardIsIn,
  keys,
  press,
  reload,
  sees,
  seesNo,
  tabTo,
  type,
} from './steps';
import { openTown } from './town';

/** Subscribes to the partners' calendar of a town, from the settings. */
async function subscribed(page: Page, address: string): Promise<void> {
  await press(page, 'Subscribe to a calendar…');
  await type(page, 'Address of the calendar', address);
  await sees(page, '5 events in it');
  await press(page, 'Subscribe to it');
  await isClosed(page);
  await sees(page, 'As it was today 11:20.');
}

/** Has the calendar asked for once more. */
async function refreshed(page: Page): Promise<void> {
  await press(page, 'Refresh, how often… River partners');
  await press(page, 'Refresh now');
}

scene(
  'a subscribed calendar moves a meeting, and the plan says what that does',
  { at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await press(page, 'Subscribe to a calendar…');
    await type(page, 'Address of the calendar', 'nothing at all');
    await sees(page, 'This is no address of a calendar');
    await isAccessible(page, 'subscribe');
    await keys(page, 'Escape');
    await isClosed(page);
    await subscribed(page, town.feed('partners'));
    await town.play('partners/forum.ics/earlier');
    await town.play('partners/anglers.ics/cancel');
    await refreshed(page);
    await sees(page, 'River partners: Catchment forum moved from tomorrow 15:00 to 14:00');
    await sees(page, 'Collides with Ines, one to one, Grant report, section 3. And 1 more change.');
    await keys(page, 'Escape');
    await isClosed(page);
    // what comes from outside is not the last thing that the person did
    await boxOf(page, 'Undo subscribe');
    await press(page, 'Look… River partners');
    await sees(page, 'Anglers, stocking plan, Thu 26 Nov 10:00, is cancelled');
    await sees(page, 'One meeting came into a sealed week: answer');
    await isAccessible(page, 'changed outside');
    await press(page, 'See the day of Catchment forum');
    await boxOf(page, 'Meeting Catchment forum, 14:00');
    await reload(page);
    await boxOf(page, 'Meeting Catchment forum, 14:00');
    await seesNo(page, 'moved from tomorrow');
    town.close();
  },
);

scene(
  'what fails says since when and keeps what it had; what comes back is taken, and what comes back empty is asked about',
  { size: 'phone', at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await subscribed(page, town.feed('partners'));
    for (const [fault, words] of [
      ['down', 'does not answer, since today 11:20. What it held stays. It is asked again in 5 min.'],
      ['half', 'broke off in the middle of its answer'],
      ['page', 'sends something that is no calendar'],
      ['inward', 'leads into the private network of this machine'],
      ['429', 'asks for fewer questions (429)'],
    ] as const) {
      town.breakIt('partners', fault);
      await refreshed(page);
      await sees(page, words);
      await keys(page, 'Escape');
      await isClosed(page);
    }
    town.breakIt('partners', 'none');
    await town.play('partners/forum.ics/later');
    await refreshed(page);
    await sees(page, 'As it was today 11:20.');
    await sees(page, 'Catchment forum moved from tomorrow 15:00 to 16:00');
    town.breakIt('partners', 'empty');
    await press(page, 'Refresh now');
    await sees(page, 'sends a calendar without any event');
    await press(page, 'Take it: remove all events of River partners');
    await sees(page, 'Gauge readings, tomorrow 08:30, is cancelled');
    await keys(page, 'Escape');
    await isClosed(page);
    await sees(page, 'Subscribed to · 0 events');
    town.close();
  },
);

scene(
  'by keys alone: subscribed to, what changed taken back, and left with the address forgotten',
  { at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await tabTo(page, 'Subscribe to a calendar…');
    await keys(page, 'Enter');
    await keyboardIsIn(page, 'input');
    await page.keyboard.type(town.feed('partners'));
    await keys(page, 'Enter');
    await tabTo(page, 'Subscribe to it');
    await keys(page, 'Enter');
    await isClosed(page);
    await town.play('partners/forum.ics/later');
    await focus(page, '[aria-label="Refresh, how often… River partners"]');
    await keys(page, 'Enter');
    await tabTo(page, 'Refresh now');
    await keys(page, 'Enter');
    await sees(page, 'Catchment forum moved from tomorrow 15:00 to 16:00');
    await keys(page, 'Escape');
    await isClosed(page);
    await focus(page, '[aria-label="Look… River partners"]');
    await keys(page, 'Enter');
    await tabTo(page, 'Leave all as it was: River partners');
    await keys(page, 'Enter');
    await sees(page, 'Undone: refresh');
    await keys(page, 'Escape');
    await isClosed(page);
    await focus(page, '[aria-label="Forget all addresses and passwords"]');
    await keys(page, 'Enter');
    await sees(page, 'All addresses and passwords are forgotten. What the calendars held stays.');
    await sees(page, 'This browser does not ask for it.');
    const kept = await page.evaluate(() => JSON.stringify(localStorage));
    assert.ok(!kept.includes('/feeds/'), 'the address is forgotten');
    town.close();
  },
);

scene(
  'free times are given in the time of somebody far away, held for them, and one of them is taken',
  { size: 'phone', at: '/settings' },
  async ({ page }) => {
    await press(page, 'Give free times…');
    await sees(page, 'In hours that are open to meetings.');
    await type(page, 'For whom', 'Lena Fisk');
    await type(page, 'How long', '30 min');
    await type(page, 'In the time of', 'halifax');
    await sees(page, 'I have time for 30 min then, in your time (Halifax):');
    await sees(page, 'your time (Halifax)');
    await isAccessible(page, 'free times');
    await press(page, 'Ines');
    await press(page, 'For 1 day: keep these times free');
    await sees(page, 'Held for Lena Fisk');
    await sees(page, 'For 1 day more.');
    await isAccessible(page, 'held times');
    await press(page, 'They take it: ');
    await sees(page, 'With Lena Fisk is a meeting now');
    await seesNo(page, 'Held for Lena Fisk');
  },
);
