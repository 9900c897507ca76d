import type { Page } from 'puppeteer-core';
import { realTime } from '../e2e/steps';
import { figuresOf, type Frames } from './benchWeek';

/** What the table of tasks costs in Chromium: scrolling it and editing its cells, from real frames. */

const SCROLLS = 3;
const EDITS = 6;

/** Frames while the table is scrolled by a page every few frames, for some seconds. */
export async function scrollFrames(page: Page): Promise<Frames> {
  const gaps: number[] = [];
  for (let i = 0; i < SCROLLS; i += 1)
    gaps.push(
      ...(await page.$eval(
        '[role=grid]',
        (grid, back) =>
          new Promise<number[]>((done) => {
            const found: number[] = [];
            let last = 0;
            const step = (at: number) => {
              if (last > 0) found.push(at - last);
              last = at;
              grid.scrollTop += back ? -55 : 55;
              if (found.length < 180) requestAnimationFrame(step);
              else done(found);
            };
            requestAnimationFrame(step);
          }),
        i % 2 === 1,
      )),
    );
  return figuresOf(gaps);
}

/** Milliseconds from Enter in a cell until the frame after its new text is drawn. */
export async function editTimes(page: Page): Promise<number[]> {
  const times: number[] = [];
  await page.focus('[role=grid]');
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight'] as const) await page.keyboard.press(key);
  for (let i = 0; i < EDITS; i += 1) {
    await page.keyboard.type(`${i + 3}h07`);
    await page.evaluate(
      (text) => {
        const began = new Promise<number>((typed) =>
          document.addEventListener('keydown', () => typed(performance.now()), { once: true, capture: true }),
        );
        const drawn = new Promise<number>((seen) => {
          const watch = new MutationObserver(() => {
            if (![...document.querySelectorAll('[role=gridcell]')].some((cell) => cell.textContent === text))
              return;
            watch.disconnect();
            requestAnimationFrame(() => setTimeout(() => seen(performance.now())));
          });
          watch.observe(document.body, { childList: true, subtree: true, characterData: true });
        });
        Object.assign(window, { edited: Promise.all([began, drawn]).then(([from, to]) => to - from) });
      },
      `${i + 3} h 07`,
    );
    await page.keyboard.press('Enter');
    // it was put there above
    times.push(await page.evaluate(() => (window as unknown as { edited: Promise<number> }).edited));
    await realTime(800);
  }
  return times;
}
