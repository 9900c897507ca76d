import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { scene } from './scene';
import { eventually, focus, go, isAt, isClosed, isGone, keys, press, pressText, reload, sees } from './steps';

for (const size of ['phone', 'wide'] as const)
  scene(
    `what now fills the window in large letters, is worked from there, and is left again, ${size}`,
    { size, at: '/today' },
    async ({ page }) => {
      await sees(page, 'Today: 1 h 25 of 4 h 30 done');
      await sees(page, '3 h 05 left · the rest ends 15:15');
      if (size === 'phone') await pressText(page, 'Now, in large letters');
      else await keys(page, 'k');
      await isAt(page, 'Now');
      await isGone(page, 'Places');
      await sees(page, 'Next, in 10 min, at 11:30');
      await sees(page, 'Fieldwork until 13:00');
      await isAccessible(page, 'now');
      const height = await page.$eval('h1, [role=heading]', (title) =>
        Number.parseFloat(getComputedStyle(title).fontSize),
      );
      assert.ok(height >= (size === 'wide' ? 80 : 40), `${height} px`);
      await reload(page);
      await press(page, 'Done: Map of bank repairs');
      await sees(page, '10 min free');
      await keys(page, 'Escape');
      await isAt(page, 'Today');
    },
  );

scene('a small window before other programs says what now', { at: '/now' }, async ({ page }) => {
  await pressText(page, 'Small window');
  const said = () =>
    page.evaluate(
      // the types of the browser lack it still
      () =>
        (window as unknown as { documentPictureInPicture: { window?: Window } }).documentPictureInPicture
          .window?.document.body.textContent ?? '',
    );
  await eventually(async () =>
    assert.match(await said(), /^Map of bank repairs0:\d\d:\d\d.*Flood forum, agenda, 11:30Stop$/),
  );
});

scene(
  'what is done before its time frees the rest of it, and what fits is put in between two things of Today',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 'f');
    await pressText(page, 'Fill 1 h…');
    await sees(page, 'Today, 13:30 – 14:30');
    await keys(page, 'Escape');
    await isClosed(page);
    await go(page, '/today');
    await press(page, 'Put in… 1 h from 13:30 on');
    await sees(page, 'What fits, most pressing first:');
    await press(page, 'Reply to the parish council · 10 min · due today');
    await sees(page, 'Reply to the parish council: today 13:30, 10 min');
    await isGone(page, 'Reply to the parish council · 10 min');
  },
);
