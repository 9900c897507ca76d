import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { outOfReach } from './reach';
import { scene } from './scene';
import {
  go,
  reload,
  calm,
  press,
  pressText,
  type,
  keys,
  sees,
  isGone,
  boxOf,
  keyboardIsOn,
  focus,
  eventually,
} from './steps';

const places = [
  '/today',
  '/plan?view=day',
  '/plan?view=week',
  '/plan?view=month',
  '/plan?view=agenda',
  '/tasks',
  '/review',
  '/settings',
  '/frame',
];

/** Windows so low that not all fits: a wide screen at 200 %, a screen at 400 %, a phone on its side, which is much like the first. */
const low = [
  { width: 640, height: 400, at: places },
  { width: 320, height: 256, at: places },
  { width: 844, height: 390, at: ['/today', '/plan?view=week', '/tasks'] },
];

for (const { at, ...size } of low)
  scene(
    `in a window of ${size.width} × ${size.height} everything can be brought into sight, and hours get half of it`,
    { size: 'phone' },
    async ({ page }) => {
      await page.setViewport({ ...size, hasTouch: true });
      for (const place of at) {
        await go(page, `${place}`);
        assert.deepEqual(await outOfReach(page, '#root'), [], place);
        const hours = await page.$('[aria-label^="Hours of the"]');
        if (hours && place.startsWith('/plan')) {
          const box = await hours.boundingBox();
          assert.ok((box?.height ?? 0) >= size.height / 2, `${place}: ${box?.height}`);
        }
      }
      for (const sheet of ['newTask', 'quick'] as const) {
        await go(page, '/tasks');
        await press(page, sheet === 'newTask' ? 'New task' : 'Quick line:');
        await page.waitForSelector('[role=dialog] :is(input, textarea)');
        assert.deepEqual(await outOfReach(page, '[role=dialog]'), [], sheet);
      }
      await boxOf(page, 'Close');
    },
  );

scene(
  'pages are named by what they show, and two ways lead past all else',
  { at: '/plan?view=week' },
  async ({ page }) => {
    const title = (words: string) =>
      page.waitForFunction((wanted) => document.title.endsWith(wanted), {}, words);
    await title('Plan: Week, 23 – 29 Nov · Sprindle');
    await press(page, 'Later');
    await title('Plan: Week, 30 Nov – 6 Dec · Sprindle');
    await sees(page, 'Plan: Week, 30 Nov – 6 Dec');
    for (const [place, name] of [
      ['/tasks', 'Tasks'],
      ['/review', 'Review: Tue 24 Nov'],
      ['/today', 'Today'],
      ['/settings', 'Settings'],
    ] as const) {
      await go(page, `${place}`);
      await title(`${name} · Sprindle`);
      await keys(page, 'Tab', 'Enter');
      await page.waitForFunction(() => document.activeElement?.getAttribute('role') === 'main');
    }
    await reload(page);
    await keys(page, 'Tab');
    await isAccessible(page, 'a way past');
    await keys(page, 'Tab', 'Enter');
    await keyboardIsOn(page, /^Today/);
  },
);

scene(
  'single letters work with Caps Lock, and can be switched off',
  { at: '/settings' },
  async ({ page }) => {
    const letter = (key: string) =>
      page.evaluate(
        (pressed) => window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed, bubbles: true })),
        key,
      );
    await letter('L');
    await page.waitForSelector('[aria-label="Quick line"]');
    await keys(page, 'Escape');
    await isGone(page, 'Quick line');
    await press(page, 'Single letters and digits');
    await letter('l');
    await letter('3');
    await press(page, 'All keys…');
    await sees(page, 'Single letters and digits are switched off in Settings');
    assert.equal(await page.$('[aria-label="Quick line"]'), null);
    assert.match(page.url(), /settings/);
  },
);

scene(
  'tasks are ordered by single presses, and icons say their names',
  { at: '/tasks' },
  async ({ page }) => {
    const first = () => page.$eval('[aria-label^="Move "]', (grip) => grip.getAttribute('aria-label'));
    await press(page, 'Move Photos for the newsletter');
    await isAccessible(page, 'what can be done with a task in its order');
    await press(page, 'To the top');
    await eventually(async () => assert.equal(await first(), 'Move Photos for the newsletter'));
    await focus(page, '[aria-label="Move Photos for the newsletter"]');
    await keys(page, 'Enter');
    await press(page, 'One down');
    await eventually(async () => assert.equal(await first(), 'Move Small things'));
    await page.hover('[aria-label="Find"]');
    await sees(page, 'Find');
    await keys(page, 'Escape');
  },
);

/** How many pixels of an element differ from those of another that is drawn otherwise. */
const media = async (page: Page, features: { name: string; value: string }[], kind = '') => {
  const devtools = await page.createCDPSession();
  await devtools.send('Emulation.setEmulatedMedia', { media: kind, features });
};

scene(
  'in forced colours what is on and off, planned and free, running and done is told apart',
  { at: '/plan' },
  async ({ page }) => {
    await media(page, [{ name: 'forced-colors', value: 'active' }]);
    const looks = async (one: string, other: string) => {
      const [a, b] = await Promise.all([one, other].map((selector) => page.waitForSelector(selector)));
      return [await a?.screenshot({ encoding: 'base64' }), await b?.screenshot({ encoding: 'base64' })];
    };
    const pairs = [
      ['[role=checkbox][aria-checked=true] > div', '[role=checkbox][aria-checked=false] > div'],
      ['[role=radio][aria-checked=true]', '[role=radio][aria-checked=false]'],
    ] as const;
    for (const selector of pairs.flat()) await page.waitForSelector(selector);
    await calm(page);
    for (const [on, off] of pairs)
      await eventually(async () => {
        const [a, b] = await looks(on, off);
        assert.notEqual(a, b, on);
      });
    const ground = await page.$eval('[role=main]', (main) =>
      getComputedStyle(main).getPropertyValue('--ground'),
    );
    assert.equal(ground, 'Canvas');
    const fills = await page.$$eval('.bg-pine, .bg-meeting, .bg-amber', (all) => [
      ...new Set(all.map((each) => getComputedStyle(each).backgroundColor)),
    ]);
    assert.ok(fills.length >= 2, fills.join());
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `on A4 a week and a day stand on one page, upright and lying, from a ${size}`,
    { size },
    async ({ page }) => {
      for (const place of ['/plan?view=week', '/plan?view=day']) {
        await go(page, place);
        await calm(page);
        for (const landscape of [false, true]) {
          const pdf = await page.pdf({
            format: 'a4',
            landscape,
            margin: { top: 38, bottom: 38, left: 38, right: 38 },
          });
          const pages =
            Buffer.from(pdf)
              .toString('latin1')
              .match(/\/Type\s*\/Page\b/g) ?? [];
          assert.equal(pages.length, 1, `${place} ${landscape ? 'lying' : 'upright'}`);
        }
        await media(page, [], 'print');
        const edges = await page.evaluate(() => {
          window.dispatchEvent(new Event('beforeprint'));
          document.documentElement.style.width = '718px';
          const days = [...document.querySelectorAll('[aria-label^="Hours of"] [role=group]')];
          const right = days.map((day) => day.getBoundingClientRect().right);
          document.documentElement.style.width = '';
          window.dispatchEvent(new Event('afterprint'));
          return right;
        });
        assert.ok(
          edges.length > 0 && Math.max(...edges) <= 718,
          `${place}: the last day ends at ${edges.at(-1)}`,
        );
        await media(page, []);
      }
    },
  );

scene('on paper each place is whole, without what one only presses', { at: '/tasks' }, async ({ page }) => {
  for (const place of ['/tasks', '/plan?view=day', '/plan?view=agenda', '/review']) {
    await go(page, `${place}`);
    await media(page, [], 'print');
    await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
    const found = await page.evaluate(() => ({
      bar: document.querySelector('nav[aria-label=Places]')?.getClientRects().length,
      cut: [...document.querySelectorAll<HTMLElement>('[data-unfolded]')]
        .filter(({ clientHeight, scrollHeight }) => scrollHeight > clientHeight + 1)
        .map((each) => each.getAttribute('aria-label')),
      last: Math.max(
        ...[...document.querySelectorAll('[data-unfolded]')].map(
          (each) => each.getBoundingClientRect().bottom,
        ),
      ),
      page: document.documentElement.scrollHeight,
    }));
    assert.equal(found.bar, 0);
    assert.deepEqual(found.cut, [], place);
    assert.ok(found.last <= found.page + 2, place);
    await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
    await media(page, []);
  }
});

scene(
  'Tab goes round in a sheet backwards, and the keyboard goes back to what a panel was about',
  {},
  async ({ page }) => {
    await go(page, '/tasks');
    await pressText(page, 'Budget table for the funder');
    await keyboardIsOn(page, /^Close$/);
    for (const stop of [/^Delete task$/, /^Duplicate$/, /^Add time/]) {
      await keys(page, 'Shift+Tab');
      await keyboardIsOn(page, stop);
    }
    await go(page, '/plan?view=day&day=2026-11-25');
    await keys(page, 'o');
    await type(page, 'Find', 'permit letter');
    await keyboardIsOn(page, /^Permit letter, weir, 13:30/);
    await keys(page, 'Escape');
    await keyboardIsOn(page, /^Permit letter, weir, 13:30/);
    await go(page, '/frame');
    await focus(page, '[aria-label^="Edit targets"]');
    await keys(page, 'Enter');
    await boxOf(page, 'Writing, at least');
    await keys(page, 'Escape');
    await keyboardIsOn(page, /^Edit targets/);
  },
);
