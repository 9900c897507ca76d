import assert from 'node:assert/strict';
import { readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, NOW, openPage, openStage, settled, sizes, type Stage } from './browser';
import { boxOf, chooseFile, press, sees } from './steps';

const dist = path.join(__dirname, '../dist');
/** How much script the first screen may need, compressed (bytes). */
const MOST_SCRIPT = 450_000;

let stage: Stage;
before(async () => void (stage = await openStage()));
after(() => stage.close());

test('the first screen needs no more script than 450 kB, whatever is built next to it', () => {
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const scripts = [...page.matchAll(/<script src="([^"]+)"/g)].map(([, name = '']) => name);
  assert.ok(scripts.some((name) => name.includes('/entry-')));
  const sizeOf = (name: string) => statSync(path.join(dist, `${name}.gz`)).size;
  const total = scripts.reduce((sum, name) => sum + sizeOf(name), 0);
  assert.ok(total <= MOST_SCRIPT, `${scripts.join(', ')}: ${total} bytes`);
});

/** Where each place stands in the bar, and how it looks. */
const barOf = (page: Page) =>
  page.$$eval('nav a, [role=navigation] a', (links) =>
    links.map((link) => {
      const { x, y, width, height } = link.getBoundingClientRect();
      const { fontFamily, color } = getComputedStyle(link.querySelector('div') ?? link);
      // of the phone's bar the mark stands above, of the rail beside it
      const { borderTopWidth, borderTopColor, borderLeftColor } = getComputedStyle(link);
      const icon = link.querySelector('svg')?.getBoundingClientRect();
      return {
        // how many wait in the inbox is told later
        name: link.textContent?.replace(/[\s\d]+$/, '').trim(),
        box: [x, y, width, height].map(Math.round),
        icon: [icon?.x ?? 0, icon?.y ?? 0].map(Math.round),
        looks: [fontFamily, color, borderTopWidth === '0px' ? borderLeftColor : borderTopColor],
      };
    }),
  );

for (const size of ['phone', 'wide'] as const)
  for (const dark of [false, true])
    test(`the places’ bar stands before any script has run, as the application draws it: ${size}, ${dark ? 'dark' : 'light'}`, async () => {
      const page = await (await stage.browser.createBrowserContext()).newPage();
      await page.setViewport(sizes[size]);
      await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: dark ? 'dark' : 'light' }]);
      await page.setRequestInterception(true);
      const held: (() => void)[] = [];
      let holding = true;
      page.on('request', (request) => {
        const go = () => void request.continue();
        if (holding && request.url().includes('/entry-')) held.push(go);
        else go();
      });
      await page.evaluateOnNewDocument(() => {
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries())
            document.documentElement.dataset.shifted = JSON.stringify(entry);
        }).observe({ type: 'layout-shift', buffered: true });
      });
      const arrived = page.goto(`${stage.address}/plan?space=demo&now=${NOW}&zone=Europe/London`);
      await page.waitForSelector('.shell nav a');
      await page.waitForFunction(() => document.fonts.check('12px AtkinsonNext'));
      const before = await barOf(page);
      holding = false;
      for (const go of held) go();
      await arrived;
      await settled(page);
      await boxOf(page, 'Hours of the day');
      assert.deepEqual(await barOf(page), before);
      assert.equal(await page.evaluate(() => document.documentElement.dataset.shifted), undefined);
      await leave(page);
    });

test('a browser without Temporal gets it before the application begins, and reads files too', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'elder', '/settings');
  await page.evaluateOnNewDocument(() => void delete (globalThis as { Temporal?: unknown }).Temporal);
  await page.goto(`${stage.address}/plan?space=demo`);
  await settled(page);
  await boxOf(page, 'Hours of the day');
  await press(page, 'Settings');
  await chooseFile(page, 'Choose a calendar file', 'office.ics');
  await sees(page, '4\nnew');
  assert.deepEqual(complaints, []);
  await leave(page);
});
