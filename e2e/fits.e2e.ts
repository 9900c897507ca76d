import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  focus,
  go,
  isClosed,
  isGone,
  keyboardIsIn,
  keys,
  press,
  pressText,
  reload,
  sees,
  seesNo,
  type,
} from './steps';

scene(
  'a week that cannot work is named before it begins, and mended by one of the changes that are offered, by keys',
  { at: '/plan?view=week&day=2026-12-01' },
  async ({ page }) => {
    await boxOf(page, '3 h short');
    await keys(page, 'b');
    await sees(page, 'From Thu 3 Dec until Fri 4 Dec 12:00');
    await sees(page, '11 h of work, 8 h free; 3 h short');
    await isAccessible(page, 'a week that cannot work');
    await keys(page, 'q');
    await keyboardIsIn(page, '[aria-label="Do it: Begin Photographs of all sites earlier"]');
    await keys(page, 'Enter');
    await sees(page, 'can all be done in time');
    await isGone(page, '3 h short');
    await press(page, 'Undo bring back');
    await boxOf(page, 'Do it: Begin Photographs of all sites earlier');
  },
);

scene(
  'on a phone a meeting that is in the way is opened, and a longer day is made by touch',
  { size: 'phone', at: '/plan?view=week&day=2026-12-01' },
  async ({ page }) => {
    await press(page, 'More for the plan');
    await pressText(page, 'Does it fit?');
    await sees(page, 'These help');
    await press(page, 'Do it: Work ');
    await sees(page, 'still be short');
    await seesNo(page, '3 h short');
    await press(page, 'Do it: Give ');
    await sees(page, 'can all be done in time');
    await reload(page);
    await press(page, 'More for the plan');
    await pressText(page, 'Does it fit?');
    await sees(page, 'can all be done in time');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `a request is answered from the quick line with a day and a figure, and taken on, ${size}`,
    { size, at: '/tasks' },
    async ({ page }) => {
      if (size === 'wide') await keys(page, 'l');
      else await press(page, 'Quick line');
      await keyboardIsIn(page, '[aria-label="Quick line"]');
      await page.keyboard.type('Map for the parish 6h by tomorrow 12:00');
      await press(page, 'Can I take it on?');
      await sees(page, 'You can promise it for the end of ');
      await sees(page, 'By tomorrow 12:00 it is done in ');
      await sees(page, 'I can have “Map for the parish” done by the end of ');
      await type(page, 'How long it takes, you think', '2h');
      await sees(page, 'Each of these makes room for it');
      await isAccessible(page, `a request, ${size}`);
      await type(page, 'By when it is wanted', 'Thu 3 Dec 12:00');
      await sees(page, 'By Thu 3 Dec 12:00 it is done in ');
      await press(page, 'Take it on');
      await sees(page, 'Added Map for the parish');
    },
  );

scene(
  'a task that waits for another says so, and a circle is not offered',
  { at: '/plan?view=day&day=2026-11-24' },
  async ({ page }) => {
    await press(page, 'Map of bank repairs, 10:30');
    await pressText(page, 'Choose a task');
    await press(page, 'Wait for ');
    await boxOf(page, 'Do not wait for ');
    await isAccessible(page, 'a task that waits for another');
    await pressText(page, 'Open');
    await sees(page, 'Before Map of bank repairs');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `by when a day is done is told at Today, over the week and on its day, ${size}`,
    { size, at: '/today' },
    async ({ page }) => {
      await sees(page, 'By your record done today by 17:');
      await go(page, '/plan?view=week');
      await sees(page, 'done by 17:');
      await isAccessible(page, `the ends of days, ${size}`);
      await go(page, '/plan?view=day&day=2026-11-27');
      if (size === 'wide') await sees(page, '· done by 14:50');
      await go(page, '/estimates');
      await sees(page, 'of sealed weeks, as they stood when the week began');
    },
  );

for (const size of ['phone', 'wide'] as const)
  scene(
    `what if: a change is tried, its figures stand beside today’s, it is dropped, tried again and kept, ${size}`,
    { size, at: '/plan?view=week&day=2026-12-01' },
    async ({ page }) => {
      const doesItFit = async () => {
        if (size === 'wide') return keys(page, 'b');
        await press(page, 'More for the plan');
        await pressText(page, 'Does it fit?');
      };
      const tryIt = async () => {
        await doesItFit();
        await press(page, 'What if…');
        await press(page, 'Try something');
        await sees(page, 'Nothing is changed yet.');
        await keys(page, 'Escape');
        await isClosed(page);
        await doesItFit();
        await press(page, 'Do it: Begin Photographs of all sites earlier');
        await sees(page, 'can all be done in time');
        if (size === 'phone') await keys(page, 'Escape');
        if (size === 'phone') await isClosed(page);
        await press(page, 'Show what it does');
        await sees(page, 'One change, last: bring back');
        await sees(page, 'all that is due fits');
        await sees(page, 'what if: better');
      };
      await tryIt();
      await isAccessible(page, `what if, ${size}`);
      // of a phone's sheet, or beside the plan
      await focus(page, ':is([role=dialog], [role=complementary]) [aria-label="Drop it"]');
      await keys(page, 'Enter');
      await isGone(page, 'Show what it does');
      await tryIt();
      await press(page, 'Keep it');
      await sees(page, 'It counts now');
      await reload(page);
      await doesItFit();
      await sees(page, 'can all be done in time');
    },
  );
