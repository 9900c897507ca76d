import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { randomFrom } from '@/core/random';
import { scene } from './scene';
import { keys, textOf, focus } from './steps';

/** How often; `npm run soak` asks for more. */
const ROUNDS = Number(process.env.ROUNDS ?? 10);
/** Whatever was done longer ago than this must be there after a crash (ms); half a second is promised where nothing else runs. */
const SAFE_AFTER = Number(process.env.SAFE_AFTER ?? 2000);

/** Kills the renderer of a tab at once, as a crash or the system would: no page hides, nothing is flushed. */
async function kill(page: Page) {
  const devtools = await page.createCDPSession();
  const gone = new Promise((tell) => page.once('error', tell));
  // the answer never comes: what would send it is gone
  void devtools.send('Page.crash').catch(() => undefined);
  await gone;
  void page.close().catch(() => undefined);
}

const openTasks = async (page: Page) =>
  new Set(
    await page.$$eval('[aria-label^="Done: Gauge"]', (all) =>
      all.map((each) => (each.getAttribute('aria-label') ?? '').slice(6)),
    ),
  );

/** A task that was added, and perhaps ticked off, at these times (milliseconds). */
type Edit = { readonly added: number; ticked: number | null };

/** Adds a task, or ticks one off that is already safe, which moves it to another part of the storage. */
async function edit(page: Page, edits: Map<string, Edit>, random: () => number) {
  const [title, known] = [...edits].find(([, each]) => each.ticked === null) ?? [];
  if (title && known && edits.size > 3 && random() < 0.4) {
    // not by the mouse, as the list may be moving under it
    await page.$eval(`[aria-label="Done: ${title}"]`, (box) => (box as HTMLElement).click()); // a checkbox of the page
    known.ticked = performance.now();
  } else {
    const fresh = `Gauge ${Math.floor(random() * 1e9)}`;
    await focus(page, '[aria-label^="Add to the inbox"]');
    await page.keyboard.type(fresh);
    await keys(page, 'Enter');
    await page.waitForSelector(`[aria-label="Done: ${fresh}"]`);
    edits.set(fresh, { added: performance.now(), ticked: null });
  }
}

scene(
  `a tab killed at random moments loses nothing that was safe, ${ROUNDS} times over`,
  { space: 'crash', at: '/tasks' },
  async ({ page: first, tab, emptyTab }) => {
    const seed = 41;
    const random = randomFrom(seed);
    // a context lasts as long as one of its tabs
    await emptyTab();
    let page = first;
    const edits = new Map<string, Edit>();
    let made = 0;
    for (let round = 0; round < ROUNDS; round += 1) {
      const killAt = performance.now() + 150 + random() * 900;
      do {
        await edit(page, edits, random);
        made += 1;
      } while (performance.now() < killAt);
      const safe = performance.now() - SAFE_AFTER;
      await kill(page);
      page = await tab('/tasks');
      await page.waitForSelector('[aria-label^="Add to the inbox"]');
      const open = await openTasks(page);
      for (const [title, { added, ticked }] of edits) {
        const where = `${title}, round ${round}, seed ${seed}`;
        if (ticked === null && added < safe) assert.ok(open.has(title), `added and lost: ${where}`);
        if (ticked !== null && ticked < safe)
          assert.ok(!open.has(title), `ticked off and open again: ${where}`);
        // what was lost within the half second is not asked for again
        if (ticked === null && !open.has(title)) edits.delete(title);
        if (ticked !== null && open.has(title)) edits.set(title, { added, ticked: null });
      }
      assert.ok(!(await textOf(page)).includes('damaged'), `the workspace validates, round ${round}`);
    }
    assert.ok(made >= ROUNDS && edits.size > 0, 'something was done in every round');
  },
);
