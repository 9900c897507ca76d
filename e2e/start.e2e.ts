import assert from 'node:assert/strict';
import { readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { chooseFile } from './files';
import { scene } from './scene';
import { settled, go, press, sees, boxOf } from './steps';

const dist = path.join(__dirname, '../dist');
/** How much script the first screen may need, compressed (bytes). */
const MOST_SCRIPT = 450_000;

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
    links.flatMap((link) => {
      if (link.getClientRects().length === 0) return [];
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
    scene(
      `the places’ bar stands before any script has run, as the application draws it: ${size}, ${dark ? 'dark' : 'light'}`,
      { size, dark },
      async ({ page }) => {
        await page.setRequestInterception(true);
        const held: (() => void)[] = [];
        let holding = true;
        page.on('request', (request) => {
          const on = () => void request.continue();
          if (holding && request.url().includes('/entry-')) held.push(on);
          else on();
        });
        await page.evaluateOnNewDocument(() => {
          new PerformanceObserver((list) => {
            for (const entry of list.getEntries())
              // what moves as the window gets its size is no shift (Layout Instability API)
              if (!('hadRecentInput' in entry && entry.hadRecentInput))
                document.documentElement.dataset.shifted = JSON.stringify(entry);
          }).observe({ type: 'layout-shift', buffered: true });
        });
        const place = new URL('/plan', page.url()).href;
        await page.goto('about:blank');
        const arrived = page.goto(place);
        await page.waitForSelector('.shell nav a');
        await page.waitForFunction(() => document.fonts.check('12px AtkinsonNext'));
        const before = await barOf(page);
        holding = false;
        for (const on of held) on();
        await arrived;
        await settled(page);
        await boxOf(page, 'Hours of the day');
        assert.deepEqual(await barOf(page), before);
        assert.equal(await page.evaluate(() => document.documentElement.dataset.shifted), undefined);
      },
    );

scene(
  'a browser without Temporal gets it before the application begins, and reads files too',
  { space: 'elder', at: '/settings' },
  async ({ page }) => {
    await page.evaluateOnNewDocument(() => void delete (globalThis as { Temporal?: unknown }).Temporal);
    await go(page, '/plan?space=demo');
    await boxOf(page, 'Hours of the day');
    await press(page, 'Settings');
    await chooseFile(page, 'Choose a calendar file', 'office.ics');
    await sees(page, '4\nnew');
  },
);
