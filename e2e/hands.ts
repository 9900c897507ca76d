import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { boxOf, calm, whileHeld } from './steps';

/** The mouse and the finger. */

export type Point = { x: number; y: number };

/** Drags with the mouse, or with a finger after a long press, and holds at the end until `before` is through. */
export async function drag(
  page: Page,
  how: 'mouse' | 'touch',
  from: Point,
  to: Point,
  before: () => Promise<unknown> = () => calm(page),
): Promise<void> {
  const way = Array.from({ length: 12 }, (_, i) => ({
    x: from.x + ((to.x - from.x) * (i + 1)) / 12,
    y: from.y + ((to.y - from.y) * (i + 1)) / 12,
  }));
  if (how === 'mouse') {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    for (const { x, y } of way) await page.mouse.move(x, y);
    await before();
    await page.mouse.up();
  } else {
    const finger = await page.touchscreen.touchStart(from.x, from.y);
    await whileHeld(page);
    for (const { x, y } of way) await finger.move(x, y);
    await before();
    await finger.end();
  }
  await calm(page);
}

/** Holds a finger at a point, without moving it. */
export async function hold(page: Page, { x, y }: Point): Promise<void> {
  const finger = await page.touchscreen.touchStart(x, y);
  await whileHeld(page);
  await finger.end();
}

/** A finger that goes from one point to another at once. */
export async function swipe(page: Page, from: Point, to: Point): Promise<void> {
  const finger = await page.touchscreen.touchStart(from.x, from.y);
  for (let i = 1; i <= 8; i += 1)
    await finger.move(from.x + ((to.x - from.x) * i) / 8, from.y + ((to.y - from.y) * i) / 8);
  await finger.end();
}

/** Where an hour of the shown day lies on the screen. The strip is scrolled so that it is in sight. */
export async function pointAt(page: Page, hour: number): Promise<Point> {
  const strip = '[aria-label="Hours of the day"]';
  await page.waitForSelector(`${strip} > * > *`);
  await calm(page);
  const found = await page.$eval(
    strip,
    (scroller, wanted) => {
      const content = scroller.firstElementChild?.firstElementChild;
      if (!content) return null;
      const { top, bottom, left, width } = scroller.getBoundingClientRect();
      const inside = content.getBoundingClientRect();
      const y = inside.top + (inside.height * wanted) / 24;
      if (y >= top + 90 && y <= bottom - 90) return { x: left + width / 2, y };
      scroller.scrollTop += y - (top + bottom) / 2;
      return { x: left + width / 2, y: y + content.getBoundingClientRect().top - inside.top };
    },
    hour,
  );
  assert.ok(found);
  await calm(page);
  return found;
}

/** Where an hour of one of several days lies on the screen. */
export async function hourOf(page: Page, day: string, hour: number): Promise<Point> {
  const column = await boxOf(page, day);
  return { x: column.x + column.width / 2, y: column.y + (column.height * hour) / 24 };
}

/** Where a card is taken hold of: near its upper left. */
export const middle = ({ x, y, width }: Point & { width: number }, down = 8): Point => ({
  x: x + Math.min(60, width / 3),
  y: y + down,
});
