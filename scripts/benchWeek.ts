import type { Page } from 'puppeteer-core';
import { realTime } from '../e2e/steps';

/** What the week costs in Chromium: drawing it, and dragging in it, from real frames. */

/** How many weeks back the shorter history has something in every week. */
const WEEKS = 3;

/** Milliseconds from asking for another week until the frame after it is drawn, going back some weeks and forth again. */
export async function weekTurns(page: Page): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < WEEKS * 2; i += 1) {
    const key = i < WEEKS ? 'ArrowLeft' : 'ArrowRight';
    times.push(
      await page.evaluate(
        (pressed) =>
          new Promise<number>((drawn) => {
            const title = document.querySelector('[role=main] [role=heading][aria-level="1"]');
            const before = title?.textContent;
            const began = performance.now();
            const watch = new MutationObserver(() => {
              if (
                document.querySelector('[role=main] [role=heading][aria-level="1"]')?.textContent === before
              )
                return;
              watch.disconnect();
              requestAnimationFrame(() => setTimeout(() => drawn(performance.now() - began)));
            });
            watch.observe(document.body, { childList: true, subtree: true, characterData: true });
            window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed, bubbles: true }));
          }),
        key,
      ),
    );
    await realTime(150);
  }
  return times;
}

/** A frame that came on time, with the next of 60 refreshes a second; frames are stamped in tenths of a millisecond. */
const ON_TIME = 16.85;

/** How many times a block is dragged to and fro, each for some seconds. */
const DRAGS = 3;

/** Frames of some seconds: how many came on time, and the longest, in milliseconds. */
export type Frames = { readonly share: number; readonly frames: number; readonly longest: number };

export const figuresOf = (gaps: readonly number[]): Frames => ({
  share: gaps.filter((gap) => gap <= ON_TIME).length / gaps.length,
  frames: gaps.length,
  longest: Math.max(...gaps),
});

/** The share of frames that come on time while a block is dragged to and fro across the week. */
export async function dragFrames(page: Page): Promise<Frames> {
  const gaps: number[] = [];
  for (let i = 0; i < DRAGS; i += 1) gaps.push(...(await gapsOfOneDrag(page)));
  return figuresOf(gaps);
}

/** The same while hours are painted to and fro on the frame, with the last of its kinds. */
export async function paintFrames(page: Page): Promise<Frames> {
  const kinds = await page.$$('[aria-label="Paint with"] [role=radio]');
  await kinds.at(-1)?.click();
  const week = await page.waitForSelector('[aria-label^="Days of the week"]');
  const box = await week?.boundingBox();
  if (!box) throw new Error('The frame is not in sight.');
  const gaps: number[] = [];
  for (let i = 0; i < DRAGS; i += 1)
    gaps.push(...(await gapsWhile(page, { x: box.x + box.width / 2, y: 450 }, 200)));
  return figuresOf(gaps);
}

/** Milliseconds from frame to frame of one drag. */
async function gapsOfOneDrag(page: Page): Promise<number[]> {
  const block = await page.waitForSelector('[id^="card-"]:not([aria-label^="Meeting"])');
  await block?.scrollIntoView();
  await realTime(300);
  const box = await block?.boundingBox();
  if (!box) throw new Error('No block is in sight.');
  return gapsWhile(page, { x: box.x + box.width / 3, y: box.y + 10 }, 300);
}

/** Milliseconds from frame to frame while the mouse, pressed at a point, swings so many pixels to both sides. */
async function gapsWhile(page: Page, from: { x: number; y: number }, swing: number): Promise<number[]> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 12, from.y + 12);
  await realTime(500);
  // as text: the helpers that tsx puts around named functions are not known to the page
  await page.evaluate(
    'window.stamps = []; (function note(at) { if (at) stamps.push(at); frame = requestAnimationFrame(note); })()',
  );
  for (let i = 0; i < 240; i += 1) {
    const turn = (i / 60) * Math.PI;
    await page.mouse.move(from.x + swing * Math.sin(turn), 450 + 120 * Math.sin(turn * 1.7));
    await realTime(12);
  }
  const stamps = (await page.evaluate('cancelAnimationFrame(frame); stamps')) as number[]; // put there above
  await page.keyboard.press('Escape');
  await page.mouse.up();
  return stamps.slice(1).map((at, i) => at - (stamps[i] ?? 0));
}
