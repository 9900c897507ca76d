import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from 'puppeteer-core';

/** What a person does on a page, and what they would see. */

/** How long something may take to be seen, in milliseconds: long, as other tests run beside this one. */
export const PATIENCE = 10_000;

export const pause = (ms: number) => new Promise<void>((later) => setTimeout(later, ms));

const labelled = (label: string) => `[aria-label^=${JSON.stringify(label)}]`;

/** Presses what is called `label` (or begins so). */
export async function press(page: Page, label: string): Promise<void> {
  await page.locator(labelled(label)).click();
  await pause(120);
}

/** Presses what shows the text. */
export async function pressText(page: Page, text: string): Promise<void> {
  await page.locator(`::-p-text(${text})`).click();
  await pause(120);
}

/** Types into the field `label` in place of what stands there, then Enter. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = await page.waitForSelector(`input${labelled(label)}, textarea${labelled(label)}`);
  await field?.click({ count: 3 });
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
  await pause(80);
}

export const textOf = (page: Page, selector = 'body') =>
  page.$eval(selector, (element) => (element as HTMLElement).innerText); // an HTML page

/** Waits until the page shows the text. */
export async function sees(page: Page, text: string): Promise<void> {
  try {
    await page.waitForFunction(
      (wanted) => document.body.innerText.includes(wanted),
      { timeout: PATIENCE },
      text,
    );
  } catch {
    assert.fail(`“${text}” is not on the page:\n${await textOf(page)}`);
  }
}

/** Waits for an element whose label begins so, scrolls it into sight, and gives its box. */
export async function boxOf(
  page: Page,
  label: string,
): Promise<{ x: number; y: number; width: number; height: number }> {
  const element = await page.waitForSelector(labelled(label)).catch(() => null);
  assert.ok(element, `nothing is called “${label}…”; there are:\n${(await labels(page)).join('\n')}`);
  await element.evaluate((each) => {
    const { left, top, width, height } = each.getBoundingClientRect();
    if (height > window.innerHeight / 2) return;
    const there = document.elementFromPoint(left + width / 2, top + height / 2);
    if (!there || !(each.contains(there) || there.contains(each))) each.scrollIntoView({ block: 'center' });
  });
  const box = await element.boundingBox();
  // it was drawn anew meanwhile
  if (!box && !(await element.evaluate((each) => each.isConnected))) return boxOf(page, label);
  assert.ok(box, `“${label}” is not to be seen`);
  return box;
}

export const labels = (page: Page) =>
  page.$$eval('[aria-label]', (all) => all.map((element) => element.getAttribute('aria-label') ?? ''));

export async function isGone(page: Page, label: string): Promise<void> {
  await page.waitForFunction(
    (selector) => document.querySelector(selector) === null,
    { timeout: PATIENCE },
    labelled(label),
  );
}

/** Presses Tab until what has the keyboard is called so. */
export async function tabTo(page: Page, label: string): Promise<void> {
  await page.waitForSelector(`[aria-label^="${label}"]`);
  for (let i = 0; i < 120; i += 1) {
    await page.keyboard.press('Tab');
    if ((await called(page)).startsWith(label)) return;
  }
  assert.fail(`Tab never reaches “${label}”`);
}

/** Waits until what has the keyboard is called so. */
export const keyboardIsOn = (page: Page, label: RegExp): Promise<void> =>
  eventually(async () => assert.match(await called(page), label));

/** Waits until what has the keyboard stands within what a selector finds. */
export const keyboardIsIn = (page: Page, selector: string) =>
  // frame by frame: where the keyboard goes is no change of the page that could be watched for
  page.waitForFunction((part) => document.activeElement?.closest(part), { polling: 'raf' }, selector);

const called = (page: Page) =>
  page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? 'nothing');

/** Gives the keyboard to what a selector finds, as soon as it is there. */
export const focus = async (page: Page, selector: string): Promise<void> => {
  await page.waitForSelector(selector);
  await page.focus(selector);
};

/** On a phone, brings what stands above the hours into sight. */
export async function unfold(page: Page): Promise<void> {
  const fold = await page.$('[role=main] [aria-expanded=false]');
  await fold?.click();
  await page.waitForSelector('[aria-label="Tray"], [aria-label^="Tray of"]');
}

/** Tries until it holds, or patience is at an end. */
export async function eventually(holds: () => Promise<void>): Promise<void> {
  for (const until = Date.now() + PATIENCE; ;) {
    try {
      return await holds();
    } catch (error) {
      if (Date.now() > until) throw error;
      await pause(50);
    }
  }
}

type Point = { x: number; y: number };

/** Drags with the mouse, or with a finger after a long press, and holds at the end until `before` is through. */
export async function drag(
  page: Page,
  how: 'mouse' | 'touch',
  from: Point,
  to: Point,
  before: () => Promise<void> = async () => undefined,
) {
  const steps = Array.from({ length: 12 }, (_, i) => ({
    x: from.x + ((to.x - from.x) * (i + 1)) / 12,
    y: from.y + ((to.y - from.y) * (i + 1)) / 12,
  }));
  if (how === 'mouse') {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    for (const { x, y } of steps) await page.mouse.move(x, y);
    await pause(60);
    await before();
    await page.mouse.up();
  } else {
    const finger = await page.touchscreen.touchStart(from.x, from.y);
    await pause(320);
    for (const { x, y } of steps) {
      await finger.move(x, y);
      await pause(16);
    }
    await pause(60);
    await before();
    await finger.end();
  }
  await pause(150);
}

/** Where an hour of the shown day lies on the screen. The strip is scrolled so that it is in sight. */
export async function pointAt(page: Page, hour: number): Promise<Point> {
  const found = await page.$eval(
    '[aria-label="Hours of the day"]',
    (strip, wanted) => {
      const content = strip.firstElementChild?.firstElementChild;
      if (!content) return null;
      const { top, bottom, left, width } = strip.getBoundingClientRect();
      const inside = content.getBoundingClientRect();
      const y = inside.top + (inside.height * wanted) / 24;
      if (y >= top + 90 && y <= bottom - 90) return { x: left + width / 2, y };
      strip.scrollTop += y - (top + bottom) / 2;
      return { x: left + width / 2, y: y + content.getBoundingClientRect().top - inside.top };
    },
    hour,
  );
  assert.ok(found);
  await pause(60);
  return found;
}

/** Where an hour of one of several days lies on the screen. */
export async function hourOf(page: Page, day: string, hour: number): Promise<Point> {
  const column = await boxOf(page, day);
  return { x: column.x + column.width / 2, y: column.y + (column.height * hour) / 24 };
}

/** Where a card is taken hold of: near its upper left. */
export const middle = ({ x, y, width }: { x: number; y: number; width: number }): Point => ({
  x: x + width / 3,
  y: y + 8,
});

/** Chooses a file of e2e/fixtures behind the button. */
export async function chooseFile(page: Page, button: string, file: string): Promise<void> {
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, button)]);
  await chooser.accept([path.resolve(__dirname, 'fixtures', file)]);
  await pause(200);
}

/** Lets downloads of the page go into a folder, and returns a wait for one of them by its name. */
export async function downloads(page: Page, folder: string) {
  const devtools = await page.createCDPSession();
  const { id } = page.browserContext();
  await devtools.send('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: folder,
    ...(id === undefined ? {} : { browserContextId: id }),
  });
  return async (name: string) => {
    const file = path.join(folder, name);
    for (let i = 0; i < 200 && !existsSync(file); i += 1) await pause(50);
    return file;
  };
}

const axeSource = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

/**
 * Fails when axe finds a violation in a part of the page: if none is named, in the sheet or the details that are open, as
 * what lies around them has a look of its own (surfaces.e2e.ts), else in all of it.
 */
export async function isAccessible(page: Page, name: string, within?: string): Promise<void> {
  // a dialog that is just opening is none yet
  await page.waitForFunction(() => !document.querySelector('[aria-modal]:not([role=dialog])'));
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource);
  const open = '[role=dialog], [role=complementary]:has([aria-label="Close the details"])';
  const part = within ?? ((await page.$(open)) ? open : 'html');
  const found = await page.evaluate(async (context) => {
    // axe was put on the page by the line above
    const { axe } = window as unknown as {
      axe: {
        run: (
          context: string,
          options: { resultTypes: string[]; preload: boolean },
        ) => Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[];
        }>;
      };
    };
    const { violations } = await axe.run(context, { resultTypes: ['violations'], preload: false });
    return violations.flatMap(({ id, nodes }) =>
      nodes
        .slice(0, 3)
        .map(({ html, failureSummary }) => `${id}: ${html.slice(0, 300)}\n  ${failureSummary}`),
    );
  }, part);
  assert.deepEqual(found, [], `axe on ${name}`);
}
