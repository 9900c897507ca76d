import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import { outOfReach } from './reach';
import { boxOf, eventually, focus, isAccessible, isGone, keyboardIsOn, press, sees } from './steps';

let stage: Stage;
before(async () => void (stage = await openStage()));
after(() => stage.close());

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
  test(`in a window of ${size.width} × ${size.height} everything can be brought into sight, and hours get half of it`, async () => {
    const { page, complaints } = await openPage(stage, 'phone', 'demo', '/today');
    await page.setViewport({ ...size, hasTouch: true });
    for (const place of at) {
      await page.goto(`${stage.address}${place}`);
      await settled(page);
      assert.deepEqual(await outOfReach(page, '#root'), [], place);
      const hours = await page.$('[aria-label^="Hours of the"]');
      if (hours && place.startsWith('/plan')) {
        const box = await hours.boundingBox();
        assert.ok((box?.height ?? 0) >= size.height / 2, `${place}: ${box?.height}`);
      }
    }
    for (const sheet of ['newTask', 'quick'] as const) {
      await page.goto(`${stage.address}/tasks`);
      await settled(page);
      await press(page, sheet === 'newTask' ? 'New task' : 'Quick line:');
      await page.waitForSelector('[role=dialog] :is(input, textarea)');
      assert.deepEqual(await outOfReach(page, '[role=dialog]'), [], sheet);
    }
    await boxOf(page, 'Close');
    assert.deepEqual(complaints, []);
    await leave(page);
  });

test('pages are named by what they show, and two ways lead past all else', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan?view=week');
  const title = (words: string) => page.waitForFunction((wanted) => document.title === wanted, {}, words);
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
    await page.goto(`${stage.address}${place}`);
    await settled(page);
    await title(`${name} · Sprindle`);
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement?.getAttribute('role') === 'main');
  }
  await page.reload();
  await settled(page);
  await page.keyboard.press('Tab');
  await isAccessible(page, 'a way past');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await keyboardIsOn(page, /^Today/);
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('single letters work with Caps Lock, and can be switched off', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/settings');
  const letter = (key: string) =>
    page.evaluate(
      (pressed) => window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed, bubbles: true })),
      key,
    );
  await letter('L');
  await page.waitForSelector('[aria-label="Quick line"]');
  await page.keyboard.press('Escape');
  await isGone(page, 'Quick line');
  await press(page, 'Single letters and digits');
  await letter('l');
  await letter('3');
  await press(page, 'All keys…');
  await sees(page, 'Single letters and digits are switched off in Settings');
  assert.equal(await page.$('[aria-label="Quick line"]'), null);
  assert.match(page.url(), /settings/);
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('tasks are ordered by single presses, and icons say their names', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/tasks');
  const first = () => page.$eval('[aria-label^="Move "]', (grip) => grip.getAttribute('aria-label'));
  await press(page, 'Move Photos for the newsletter');
  await isAccessible(page, 'what can be done with a task in its order');
  await press(page, 'To the top');
  await eventually(async () => assert.equal(await first(), 'Move Photos for the newsletter'));
  await focus(page, '[aria-label="Move Photos for the newsletter"]');
  await page.keyboard.press('Enter');
  await press(page, 'One down');
  await eventually(async () => assert.equal(await first(), 'Move Small things'));
  await page.hover('[aria-label="Find"]');
  await sees(page, 'Find');
  await page.keyboard.press('Escape');
  assert.deepEqual(complaints, []);
  await leave(page);
});

/** How many pixels of an element differ from those of another that is drawn otherwise. */
const media = async (page: Page, features: { name: string; value: string }[], kind = '') => {
  const devtools = await page.createCDPSession();
  await devtools.send('Emulation.setEmulatedMedia', { media: kind, features });
};

test('in forced colours what is on and off, planned and free, running and done is told apart', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan');
  await media(page, [{ name: 'forced-colors', value: 'active' }]);
  const looks = async (one: string, other: string) => {
    const [a, b] = await Promise.all([one, other].map((selector) => page.waitForSelector(selector)));
    return [await a?.screenshot({ encoding: 'base64' }), await b?.screenshot({ encoding: 'base64' })];
  };
  const pairs = [
    ['[role=checkbox][aria-checked=true] > div', '[role=checkbox][aria-checked=false] > div'],
    ['[role=radio][aria-checked=true]', '[role=radio][aria-checked=false]'],
  ] as const;
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
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('on paper each place is whole, without what one only presses', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/tasks');
  for (const place of ['/tasks', '/plan?view=day', '/plan?view=agenda', '/review']) {
    await page.goto(`${stage.address}${place}`);
    await settled(page);
    await media(page, [], 'print');
    await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
    const found = await page.evaluate(() => ({
      bar: document.querySelector('nav[aria-label=Places]')?.getClientRects().length,
      cut: [...document.querySelectorAll<HTMLElement>('[data-unfolded]')]
        .filter(({ clientHeight, scrollHeight }) => scrollHeight > clientHeight + 1)
        .map((each) => each.getAttribute('aria-label')),
      last: Math.max(
        ...[...document.querySelectorAll('[role=main] *')].map((each) => each.getBoundingClientRect().bottom),
      ),
      page: document.documentElement.scrollHeight,
    }));
    assert.equal(found.bar, 0);
    assert.deepEqual(found.cut, [], place);
    assert.ok(found.last <= found.page + 2, place);
    await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
    await media(page, []);
  }
  assert.deepEqual(complaints, []);
  await leave(page);
});
