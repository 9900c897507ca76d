import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, openPage, openStage, settled, type Stage } from './browser';
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

/** What can be pressed or typed into and cannot be brought into sight, or is cut off sideways. */
const outOfReach = (page: Page, within: string) =>
  page.$$eval(
    `${within} :is(a, button, input, textarea, [role=button], [role=radio], [role=checkbox])`,
    (all) =>
      all.flatMap((element) => {
        const name = element.getAttribute('aria-label') ?? element.textContent?.slice(0, 40);
        if (element.closest('[aria-hidden=true], [inert], .sr-only') || element.getClientRects().length === 0)
          return [];
        element.scrollIntoView({ block: 'center', inline: 'center' });
        const { left, top, width, height } = element.getBoundingClientRect();
        const [x, y] = [left + width / 2, top + height / 2];
        const there = document.elementFromPoint(x, y);
        const isSeen = there !== null && (element.contains(there) || there.contains(element));
        return isSeen || (x >= 0 && y >= 0 && x < innerWidth && y < innerHeight)
          ? []
          : [`${name} at ${x}, ${y}`];
      }),
  );

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

test('in the month and the agenda things are moved by keys, and what is held goes by an hour or by five minutes', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan?view=agenda&day=2026-11-25');
  const shift = async (key: 'ArrowRight' | 'ArrowDown') => {
    await page.keyboard.down('Shift');
    await page.keyboard.press(key);
    await page.keyboard.up('Shift');
  };
  await page.$eval('::-p-xpath(//*[@role="button"][contains(., "Pack the survey boxes")])', (line) =>
    (line as HTMLElement).focus(),
  );
  await shift('ArrowRight');
  await sees(page, 'Pack the survey boxes: Thu 26 Nov');
  await press(page, 'Undo move');
  await page.goto(`${stage.address}/plan?view=day&day=2026-11-25`);
  await settled(page);
  await focus(page, '[aria-label^="Pack the survey boxes, 09:30"]');
  await page.keyboard.press('Space');
  await page.keyboard.press('PageDown');
  await page.keyboard.down('Control');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.up('Control');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Pack the survey boxes, 10:35 – 11:35');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('a press elsewhere lets go of what the keys hold, and a field says what it kept', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/plan?view=day');
  const isSaid = (words: string) =>
    page.waitForFunction(
      (wanted) => [...document.querySelectorAll('[aria-live]')].some((live) => live.textContent === wanted),
      {},
      words,
    );
  await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.click('[aria-label="Search tasks and lists"]');
  await isSaid('Left where it was');
  await page.keyboard.type('weir');
  await page.keyboard.press('Enter');
  await boxOf(page, 'Permit letter, weir, 13:30');
  await focus(page, '[aria-label^="Check gauge readings, 09:30"]');
  await page.keyboard.press('e');
  await keyboardIsOn(page, /, from$/);
  await page.keyboard.type('9:05');
  await page.keyboard.press('Enter');
  await isSaid('Tue 24 Nov, from: 09:05');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('what is drawn of a task is said; two fingers and a swipe do what the guide says', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/plan?view=agenda');
  const swipe = async () => {
    const finger = await page.touchscreen.touchStart(330, 300);
    for (let x = 300; x >= 60; x -= 30) await finger.move(x, 300);
    await finger.end();
  };
  await sees(page, 'Today, Tue 24 Nov');
  await swipe();
  await page.waitForFunction(
    () => document.title.startsWith('Plan: Agenda, ') && !document.title.includes('Tue 24'),
  );
  const zooms = (at: string) =>
    page.$eval(at, (element) =>
      element.dispatchEvent(
        new WheelEvent('wheel', { ctrlKey: true, deltaY: -60, bubbles: true, cancelable: true }),
      ),
    );
  assert.equal(await zooms('[aria-label=Agenda]'), true, 'the browser enlarges the agenda');
  await page.goto(`${stage.address}/plan?view=day`);
  await boxOf(page, 'Map of bank repairs, 10:30 – 11:15, 45 min, high priority, running');
  const high = async () => (await boxOf(page, 'Permit letter, weir, 13:30')).height;
  const before = await high();
  assert.equal(await zooms('[aria-label="Hours of the day"]'), false, 'the page stays as it is');
  await eventually(async () => assert.ok((await high()) > before));
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('in America dates say the month first and weeks begin on Sunday', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'america', '/today', false, 'en-US');
  await sees(page, 'Tue, Nov 24 · 11:20 am');
  await page.goto(`${stage.address}/plan?view=week`);
  await page.waitForFunction(() => document.title === 'Plan: Week, Nov 22 – 28 · Sprindle');
  await page.keyboard.press('l');
  await page.waitForSelector('[aria-label="Quick line"]:focus');
  await page.keyboard.type('Order willow cuttings by 12/4');
  await sees(page, 'due Fri, Dec 4');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('text of half as much again, as the browser has it, is followed and cut off nowhere', async () => {
  const large = await openStage({ text: 24 });
  const { page, complaints } = await openPage(large, 'phone', 'demo', '/today');
  const size = (selector: string) =>
    page.$eval(selector, (element) => Number.parseFloat(getComputedStyle(element).fontSize));
  assert.equal(await size('[role=main] h1'), 42);
  for (const place of ['/today', '/plan?view=day', '/tasks']) {
    await page.goto(`${large.address}${place}`);
    await settled(page);
    assert.deepEqual(await outOfReach(page, '#root'), [], place);
  }
  await page.setViewport({ width: 1280, height: 800 });
  await page.waitForSelector('[aria-label=Places]');
  assert.ok(
    (await boxOf(page, 'Places')).width > 1000,
    'it is too large for panes, so that the places stand below',
  );
  assert.deepEqual(complaints, []);
  await large.close();
});
