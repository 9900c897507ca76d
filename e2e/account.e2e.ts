import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  eventually,
  focus,
  go,
  isClosed,
  keys,
  press,
  pressText,
  reload,
  sees,
  seesNo,
  type,
} from './steps';
import { openTown } from './town';

type Town = Awaited<ReturnType<typeof openTown>>;

/** Connects the account of a town, from the settings: both its calendars. */
async function connected(page: Page, town: Town): Promise<void> {
  await press(page, 'Connect an account…');
  await type(page, 'Address of the account', town.account);
  await type(page, 'User name', 'petra');
  await type(page, 'Password', 'weir');
  await sees(page, '2 calendars in it');
  await isAccessible(page, 'what an account has');
  await press(page, 'Connect what is ticked');
  await isClosed(page);
  await sees(page, 'In an account, both ways · 3 events');
  await sees(page, 'Tasks of an account · 3 tasks');
}

/** Has a calendar of the account asked, and sent what waits. */
async function asked(page: Page, name: string): Promise<void> {
  await press(page, `Account… ${name}`);
  await press(page, 'Ask and send now');
  await sees(page, 'As it was today');
  await keys(page, 'Escape');
  await isClosed(page);
}

scene(
  'a task of a tracker is done on each side, and told where it is from',
  { at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await press(page, 'Connect an account…');
    await type(page, 'Address of the account', town.account);
    await type(page, 'User name', 'petra');
    await type(page, 'Password', 'wrong');
    await sees(page, 'wants to know who asks (401)');
    await keys(page, 'Escape');
    await isClosed(page);
    await connected(page, town);
    await go(page, '/tasks');
    await pressText(page, 'Answer the canoe club');
    await sees(page, 'From Tracker: title, notes');
    await isAccessible(page, 'a task of a tracker');
    await sees(page, 'from Tracker · due tomorrow');
    await focus(page, '[role=dialog] [aria-label="Done: Answer the canoe club"]');
    await keys(page, 'Enter');
    await eventually(() => assert.match(town.textOf('tracker', 'tracker-2.ics') ?? '', /STATUS:COMPLETED/));
    await keys(page, 'Escape');
    await isClosed(page);
    await town.play('tracker/tracker-1.ics/finish');
    await town.play('tracker/tracker-3.ics/rename', { title: 'Photographs of both weirs' });
    await go(page, '/settings');
    await asked(page, 'Tracker');
    await sees(page, 'was done there');
    await press(page, 'Look… Tracker');
    await sees(page, 'Fence along the spawning ground was done there');
    await sees(page, 'Photographs of both weirs says something else');
    await keys(page, 'Escape');
    await isClosed(page);
    await town.play('tracker/tracker-3.ics/remove');
    await asked(page, 'Tracker');
    await press(page, 'Answer…');
    await sees(page, 'It is open here, and gone from Tracker.');
    await isAccessible(page, 'gone from the tracker');
    await press(page, 'Keep it as my own: Photographs of both weirs');
    await sees(page, 'both sides say the same');
    town.close();
  },
);

scene(
  'a meeting goes both ways; one that both sides have changed is shown, and asked about',
  { at: '/settings', size: 'phone' },
  async ({ page }) => {
    const town = await openTown();
    await connected(page, town);
    const titleThere = (name: string) => /SUMMARY:(.*)/.exec(town.textOf('petra', name) ?? '')?.[1]?.trim();
    await town.play('petra/board.ics/later');
    await town.play('petra/warden.ics/rename', { title: 'Warden, at the lower bridge' });
    await asked(page, 'Petra, at the trust');
    await sees(page, 'Board, spring budget moved from Thu 26 Nov 14:00 to 15:00');

    await go(page, '/plan?view=day&day=2026-11-26');
    await press(page, 'Meeting Board, spring budget, 15:00');
    await press(page, 'Edit event');
    await type(page, 'Title', 'Board, first half');
    await eventually(() => assert.equal(titleThere('board.ics'), 'Board\\, first half'));
    await type(page, 'Title', 'Board, and lunch');
    await town.play('petra/board.ics/rename', { title: 'Board moves house' });
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Answer…');
    await sees(page, 'Board, and lunch');
    await sees(page, 'Board moves house');
    await isAccessible(page, 'changed on both sides');
    assert.equal(titleThere('board.ics'), 'Board moves house');
    await press(page, 'Send what stands here: Board, and lunch');
    await sees(page, 'both sides say the same');
    await eventually(() => assert.equal(titleThere('board.ics'), 'Board\\, and lunch'));
    town.close();
  },
);

scene(
  'by keys: blocks go out as busy, wait while the account is away, and are taken out when it is left',
  { at: '/settings' },
  async ({ page }) => {
    const town = await openTown();
    await connected(page, town);
    const blocks = () => town.namesIn('petra').filter((name) => name.startsWith('sprindle-block-')).length;
    town.breakIt('petra', 'down');
    await focus(page, '[aria-label="Account… Petra, at the trust"]');
    await keys(page, 'Enter');
    await focus(page, '[aria-label="Blocks of your plan"] [role=radio]');
    await keys(page, 'ArrowRight');
    await focus(page, '[aria-label="Ask and send now"]');
    await keys(page, 'Enter');
    await sees(page, 'does not answer, since today 11:20.');
    await sees(page, 'changes of yours wait to be sent.');
    assert.equal(blocks(), 0);
    town.breakIt('petra', 'none');
    await keys(page, 'Enter');
    await seesNo(page, 'to be sent');
    assert.ok(blocks() > 5, `${blocks()} blocks are there`);
    const one = town.namesIn('petra').find((name) => name.startsWith('sprindle-block-')) ?? '';
    assert.match(town.textOf('petra', one) ?? '', /SUMMARY:Busy[^]*CLASS:PRIVATE/);
    const outside = await page.evaluate(() => JSON.stringify(localStorage));
    assert.ok(outside.includes('weir'), 'the password lies in this browser');

    await focus(page, '[aria-label="Leave it, and keep all here as my own"]');
    await keys(page, 'Enter');
    await sees(page, 'Petra, at the trust is no longer in its account; what it held is your own now');
    await eventually(() => assert.equal(blocks(), 0));
    await sees(page, 'Made here · 3 events');
    await reload(page);
    await sees(page, 'Made here · 3 events');
    await boxOf(page, 'Account… Tracker');
    await press(page, 'Forget all addresses and passwords');
    await sees(page, 'This browser does not know its account.');
    const left = await page.evaluate(() => JSON.stringify(localStorage));
    assert.ok(!left.includes('weir') && !left.includes('/dav/'), 'who asks and where is forgotten');
    town.close();
  },
);

scene(
  'whatever breaks the tracker is said in plain words and changes nothing; one that comes back empty is asked about',
  { at: '/settings', size: 'phone' },
  async ({ page }) => {
    const town = await openTown();
    await connected(page, town);
    await press(page, 'Account… Tracker');
    for (const [fault, words] of [
      ['garbage', 'sends something that is no calendar, since today 11:20. What it held stays.'],
      ['page', 'sends something that is no calendar'],
      ['half', 'broke off in the middle of its answer'],
      ['412', 'answers with an error (412)'],
      ['429', 'asks for fewer questions (429)'],
      ['401', 'wants to know who asks (401)'],
      ['404', 'has nothing at this address (404)'],
      ['inward', 'leads into the private network of this machine'],
      ['empty', 'sends a calendar without any event'],
    ] as const) {
      town.breakIt('tracker', fault);
      await press(page, 'Ask and send now');
      await sees(page, words);
    }
    await isAccessible(page, 'an empty tracker');
    town.breakIt('tracker', 'none');
    await press(page, 'Ask and send now');
    await sees(page, 'As it was today 11:20.');
    town.breakIt('tracker', 'empty');
    await press(page, 'Ask and send now');
    await press(page, 'Take it: remove all that Tracker held');
    await keys(page, 'Escape');
    await isClosed(page);
    await sees(page, '3 things differ here and in your account');
    await press(page, 'Answer…');
    await press(page, 'It is done: Answer the canoe club');
    await press(page, 'Delete it here: Fence along the spawning ground');
    await press(page, 'Keep it as my own: Photographs of the old weir');
    await sees(page, 'both sides say the same');
    town.close();
  },
);
