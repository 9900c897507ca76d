import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  calm,
  choose,
  eventually,
  focus,
  go,
  holds,
  isAt,
  isClosed,
  isGone,
  isSaved,
  keyboardIsIn,
  keys,
  press,
  pressText,
  reload,
  sees,
  seesNo,
  textOf,
  type,
  unfold,
} from './steps';

/** Brings into sight and presses what may lie below the way on. */
async function decide(page: Page, label: string): Promise<void> {
  await focus(page, `[role=button][aria-label^="${label}"], button[aria-label^="${label}"]`);
  await keys(page, 'Enter');
}

const FRIDAY = 'now=2026-11-27T15:20:00Z';

scene(
  'a week is looked back on and written about on a phone, three goals are set, and the board shows what they get',
  { size: 'phone', at: `/weekly?${FRIDAY}` },
  async ({ page }) => {
    await sees(page, 'usually 27 min');
    await sees(page, 'of the 24 h planned were done');
    await sees(page, 'Grant report, section 1, Grant report, section 2');
    await isAccessible(page, 'how a week went');
    await pressText(page, 'Next: Left over');
    await decide(page, 'Leave it: ');
    await sees(page, '2 left');
    await decide(page, 'Done: ');
    await sees(page, 'the last');
    // what was left as it is, is not asked about again after a pause
    await press(page, 'Leave it for later');
    await isAt(page, 'Review');
    await press(page, 'Weekly review');
    await sees(page, 'the last');
    await decide(page, 'Drop: ');
    await sees(page, 'Everything of this week is done, or has another place.');
    await pressText(page, 'Next: Inbox');
    await pressText(page, 'Next: Coming');
    await sees(page, 'Spawning: no work in the river');
    await isAccessible(page, 'the coming weeks');
    await pressText(page, 'Next: Write');
    await holds(page, 'Looking back', /^## What moved the work on/);
    await isAccessible(page, 'writing about a week');
    await press(page, 'What I wrote the week before');
    await sees(page, 'The phone goes to Bram until ten.');
    await type(page, 'Looking back', 'The hearing went **well**. Keep Thursday mornings free.');
    await pressText(page, 'Next: Goals');

    await press(page, 'Go on: Grant report handed in');
    await sees(page, 'Grant report handed in goes on');
    await type(page, 'New goal for the week', 'Spring surveys planned');
    await sees(page, 'Done for it');
    await type(page, 'Hours meant for it', 'a lot');
    await sees(page, '“a lot” is no length.');
    await type(page, 'Hours meant for it', '4h');
    await choose(page, 'Category', 'Fieldwork');
    await type(page, 'A task, a meeting or a list', 'sensor log of');
    await press(page, 'Take Sensor log of the weir pool off the goal');
    await isGone(page, 'Take Sensor log of the weir pool off the goal');
    await page.locator('[role=dialog] ::-p-text(Undo)').click();
    await boxOf(page, 'Take Sensor log of the weir pool off the goal');
    await isAccessible(page, 'a goal', '[role=dialog]');
    await press(page, 'Close');
    await isClosed(page);
    for (const title of ['Ready for winter', 'A fourth one']) {
      await type(page, 'New goal for the week', title);
      await sees(page, 'Hours meant for it');
      await press(page, 'Close');
      await isClosed(page);
    }
    await sees(page, '4 goals for one week. Two or three get done');
    await press(page, 'Change… A fourth one');
    await press(page, 'Delete the goal');
    await isClosed(page);
    await seesNo(page, '4 goals for one week.');
    await isAccessible(page, 'goals of a week');

    await pressText(page, 'Next: Seal');
    await sees(page, 'Spring surveys planned 1 h of 4 h');
    await press(page, 'Seal the week of 30 Nov');
    await isAt(page, 'Plan');
    await unfold(page);
    await sees(page, 'Spring surveys planned: 1 h');
    await isSaved(page, 'Ready for winter');
    await reload(page);
    await sees(page, 'Spring surveys planned');

    await go(page, `/weekly?day=2026-11-23&${FRIDAY}`);
    await sees(page, 'Looked back on Fri 27 Nov');
    await sees(page, 'The hearing went well.');
    await isAccessible(page, 'a page about a week');
  },
);

scene(
  'pages about weeks are leafed through, looked through, linked from the week on the board and taken out',
  { at: '/plan?view=week&day=2026-11-09' },
  async ({ page }) => {
    await pressText(page, 'Letters in one go on Tuesday');
    await isAt(page, 'Weekly review');
    await sees(page, 'Nothing hard before eleven on a Monday.');
    await press(page, 'The week after');
    await sees(page, 'The phone goes to Bram until ten.');
    await press(page, 'All pages…');
    await type(page, 'Words of a page', 'lab monday');
    await sees(page, 'One page');
    await isAccessible(page, 'pages about weeks');
    await pressText(page, 'The annex has its tables.');
    await sees(page, '2 – 8 Nov');
    await press(page, 'Edit: Looking back');
    await type(page, 'Looking back', 'The annex has its tables, and its maps.');
    await press(page, 'Read: Looking back');
    await sees(page, 'and its maps.');
    await keys(page, 'o');
    await keyboardIsIn(page, '[aria-label=Find]');
    await page.keyboard.type('annex maps');
    await sees(page, 'Weekly review · week of 2 Nov');
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Its hours');
    await isAt(page, 'Review: 2 – 8 Nov');
    await press(page, 'Show what has changed less');
    await sees(page, 'Goals got ');
    await press(page, 'Show the figures: What goals got');
    await sees(page, 'Annex for the county done');
  },
);

scene(
  'a goal is filled up from the board, chosen in a task by keys, and told in the quick line',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await pressText(page, 'Goals:');
    await sees(page, '2 h short, room on Tue');
    await press(page, 'Place 2 h for Grant report handed in');
    await sees(page, '7 h of 7 h');
    await press(page, 'Undo');
    await sees(page, '5 h of 7 h');
    await keys(page, 'Escape');

    await press(page, 'Pack the survey boxes');
    await boxOf(page, 'For the goal');
    await focus(page, '[role=radiogroup][aria-label="For the goal"] [aria-checked=true]');
    await keys(page, 'ArrowUp');
    await eventually(async () =>
      assert.equal(
        await textOf(page, '[role=radiogroup][aria-label="For the goal"] [aria-checked=true]'),
        'Weir permit granted',
      ),
    );
    await keys(page, 'Escape');

    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Summary for the council 1h for goal ready');
    await holds(page, 'Quick line', 'Summary for the council 1h for goal ready');
    await sees(page, '“Summary for the council” in Field surveys, for Ready for the weir hearing');
    await keys(page, 'Enter');
    await holds(page, 'Quick line', '');
    await keys(page, 'Escape');
    await isClosed(page);
    await pressText(page, 'Goals:');
    await press(page, 'Change… Ready for the weir hearing');
    await boxOf(page, 'Take Summary for the council off the goal');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `a list, a goal and a week say what is open and when it is done at the present pace, ${size}`,
    { size, at: '/tasks' },
    async ({ page }) => {
      await choose(page, 'Lists', 'Grants');
      await press(page, 'Looking ahead…');
      await sees(page, 'At this pace it is done on ');
      await sees(page, 'as such work really takes');
      await isAccessible(page, `a list looked at ahead, ${size}`);
      await keys(page, 'Escape');
      await isClosed(page);
      await go(page, '/plan?view=week');
      if (size === 'phone') await unfold(page);
      await pressText(page, 'Goals:');
      await press(page, 'Change… Grant report handed in');
      await press(page, 'Looking ahead…');
      await sees(page, 'Due Sun 29 Nov: ');
      const close = size === 'phone' ? 'Close' : 'Close the details';
      await press(page, close);
      await isGone(page, close);
      // the days take the room of what was beside them
      await calm(page);
      await pressText(page, 'Goals:');
      await press(page, 'The week, looking ahead…');
      await sees(page, 'open tasks, ');
    },
  );
