import assert from 'node:assert/strict';
import type { KeyInput, Page } from 'puppeteer-core';

/**
 * What a person does on a page, and what they would see. Nothing here waits for a while and hopes: a step waits for what it
 * needs, and the next one for what the last has brought about. What takes real time says so by its name.
 */

/** How long something may take to be seen, in milliseconds: a wide limit, which nothing but a fault comes near to. */
export const PATIENCE = Number(process.env.PATIENCE ?? 60_000);

const pause = (ms: number) => new Promise<void>((later) => setTimeout(later, ms));

const labelled = (label: string) => `[aria-label^=${JSON.stringify(label)}]`;

/** Waits until the page has answered all that was done so far, and has nothing left to draw. */
export const calm = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    await new Promise((drawn) => requestAnimationFrame(drawn));
    // what is left to do comes before what is for the background, which idle time is not: a held finger allows none
    await scheduler.postTask(() => undefined, { priority: 'background' });
  });

/** Waits until the application stands and its fonts are there. */
export async function settled(page: Page): Promise<void> {
  await page.waitForSelector('[role=navigation]');
  await page.waitForSelector('[role=main]');
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  await calm(page);
}

/** Goes to a place of the application, whatever then stands there. */
export const enter = (page: Page, place: string) => page.goto(new URL(place, page.url()).href);

/** Goes to a place of the application. */
export async function go(page: Page, place: string): Promise<void> {
  await enter(page, place);
  await settled(page);
}

export async function reload(page: Page): Promise<void> {
  await page.reload();
  await settled(page);
}

/** Waits until a place is drawn, by words of its title. */
export const isAt = (page: Page, title: string) =>
  page.waitForFunction((words) => document.title.includes(words), {}, title);

/**
 * Presses what is called `label` (or begins so), once all that was done so far is drawn: what is drawn between the look where
 * it stands and the press would move it away from under the press.
 */
export async function press(page: Page, label: string): Promise<void> {
  await page.waitForSelector(labelled(label));
  await calm(page);
  await bringIntoSight(page, labelled(label));
  await page.locator(labelled(label)).click();
}

/** Scrolls to the first of what a selector names, as a person does before pressing what lies beneath a foot. */
const bringIntoSight = (page: Page, selector: string): Promise<void> =>
  page.$eval(selector, (element) => element.scrollIntoView({ block: 'nearest', inline: 'nearest' }));

/** Presses a tool of the plan, which a phone has in the list that “More…” opens. */
export async function pressTool(page: Page, label: string): Promise<void> {
  if (await page.$(labelled('More for the plan'))) await press(page, 'More for the plan');
  await press(page, label);
}

/** Presses what shows the text. */
export async function pressText(page: Page, text: string): Promise<void> {
  const found = page.locator(`::-p-text(${text})`);
  await found.wait();
  await calm(page);
  await found.click();
}

/** Chooses what is called `name` in a group. */
export const choose = (page: Page, group: string, name: string): Promise<void> =>
  page.locator(`::-p-xpath(//*[@aria-label="${group}"]//*[text()="${name}"])`).click();

/** Presses keys one after the other; `Shift+ArrowUp` holds one while the other is pressed. */
export async function keys(page: Page, ...pressed: readonly string[]): Promise<void> {
  for (const chord of pressed) {
    const names = chord === '+' ? [chord] : chord.split('+');
    const [key = '', ...held] = names.reverse() as KeyInput[]; // names of keys; others make it throw
    for (const one of held) await page.keyboard.down(one as KeyInput);
    await page.keyboard.press(key as KeyInput);
    for (const one of held) await page.keyboard.up(one as KeyInput);
  }
}

/** Types into the field `label` in place of what stands there, then Enter. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = `:is(input, textarea)${labelled(label)}`;
  await page.waitForSelector(field);
  await bringIntoSight(page, field);
  await page.locator(field).click({ count: 3 });
  await page.keyboard.type(text);
  await keys(page, 'Enter');
}

/** What is read on the page, without the places at which words may be broken. */
export const textOf = (page: Page, selector = 'body') =>
  page.$eval(selector, (element) => (element as HTMLElement).innerText.replaceAll('\u00AD', '')); // an HTML page

/** Waits until the page shows the text. */
export const sees = (page: Page, text: string): Promise<void> =>
  eventually(async () => {
    const all = await textOf(page);
    if (all.includes(text)) return;
    const field = await page.evaluate(() => (document.activeElement as HTMLInputElement | null)?.value); // or undefined
    assert.fail(`“${text}” is not on the page; the keyboard's field holds “${field}”, and the page:\n${all}`);
  });

/** Waits until the page no longer shows the text. */
export const seesNo = (page: Page, text: string): Promise<void> =>
  eventually(async () => assert.ok(!(await textOf(page)).includes(text), `“${text}” is still on the page`));

/** Waits until a field holds this. */
export const holds = (page: Page, label: string, value: string | RegExp): Promise<void> =>
  eventually(async () => {
    const there = await page.$eval(
      `:is(input, textarea)${labelled(label)}`,
      (field) => (field as HTMLInputElement).value, // or a textarea, which has one too
    );
    if (typeof value === 'string') assert.equal(there, value);
    else assert.match(there, value);
  });

/** Waits until a selector finds nothing. */
export const isNowhere = (page: Page, selector: string) =>
  page.waitForFunction((sought) => document.querySelector(sought) === null, {}, selector);

export const isGone = (page: Page, label: string) => isNowhere(page, labelled(label));

/** Waits until a sheet has been closed. */
export const isClosed = (page: Page) => isNowhere(page, '[role=dialog]');

type Box = { x: number; y: number; width: number; height: number };

/** Waits for an element whose label begins so, scrolls it into sight, and gives its box once it stands still. */
export async function boxOf(page: Page, label: string): Promise<Box> {
  await page
    .waitForSelector(labelled(label))
    .catch(async () =>
      assert.fail(`nothing is called “${label}…”; there are:\n${(await labels(page)).join('\n')}`),
    );
  return standing(page, labelled(label));
}

/** The box of what a selector finds, scrolled into sight, once it has been the same for two frames. */
export async function standing(page: Page, selector: string): Promise<Box> {
  const boxes = await page.waitForFunction(
    async (sought) => {
      const nextFrame = () => new Promise((drawn) => requestAnimationFrame(drawn));
      const find = () => {
        const {
          left: x,
          top: y,
          width,
          height,
        } = document.querySelector(sought)?.getBoundingClientRect() ?? {};
        return JSON.stringify({ x, y, width, height });
      };
      const element = document.querySelector(sought);
      if (!element) return null;
      const { left, top, width, height } = element.getBoundingClientRect();
      const there = document.elementFromPoint(left + width / 2, top + height / 2);
      if (height <= innerHeight / 2 && !(there && (element.contains(there) || there.contains(element))))
        element.scrollIntoView({ block: 'center' });
      await nextFrame();
      const before = find();
      await nextFrame();
      return width > 0 && before === find() ? before : null;
    },
    {},
    selector,
  );
  return JSON.parse((await boxes.jsonValue()) ?? '') as Box; // made above
}

export const labels = (page: Page) =>
  page.$$eval('[aria-label]', (all) => all.map((element) => element.getAttribute('aria-label') ?? ''));

/** Waits until what is said aloud is this. */
export const hears = (page: Page, words: string | RegExp, how = '[aria-live]'): Promise<void> =>
  eventually(async () => {
    const said = await page.$$eval(how, (all) => all.map((live) => live.textContent ?? ''));
    const is = (one: string) => (typeof words === 'string' ? one === words : words.test(one));
    assert.ok(said.some(is), `${String(words)} is not said, but ${JSON.stringify(said)}`);
  });

/** What has the keyboard, by its name or its text. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement: at } = document;
    return at === document.body ? 'nothing' : (at?.getAttribute('aria-label') ?? at?.textContent ?? '');
  });

/** Presses Tab until what has the keyboard is called so. */
export async function tabTo(page: Page, label: string): Promise<void> {
  await page.waitForSelector(labelled(label));
  await calm(page);
  for (let i = 0; i < 120; i += 1) {
    await keys(page, 'Tab');
    if ((await focused(page)).startsWith(label)) return;
  }
  assert.fail(`Tab never reaches “${label}”`);
}

/** Waits until what has the keyboard is called so. */
export const keyboardIsOn = (page: Page, label: RegExp): Promise<void> =>
  eventually(async () => assert.match(await focused(page), label));

/** Waits until what has the keyboard stands within what a selector finds. */
export const keyboardIsIn = (page: Page, selector: string) =>
  // frame by frame: where the keyboard goes is no change of the page that could be watched for
  page.waitForFunction((part) => document.activeElement?.closest(part), { polling: 'raf' }, selector);

/** Gives the keyboard to what a selector finds, as soon as it is there to stay. */
export const focus = (page: Page, selector: string): Promise<void> =>
  eventually(async () => {
    await page.waitForSelector(selector);
    await calm(page);
    await page.focus(selector);
    await calm(page);
    const has = await page.evaluate((wanted) => document.activeElement?.matches(wanted), selector);
    assert.ok(has, `the keyboard does not stay on ${selector}`);
  });

/** On a phone, brings what stands above the hours into sight. */
export async function unfold(page: Page): Promise<void> {
  const tray = '[aria-label="Tray"], [aria-label^="Tray of"]';
  if (await page.$(tray)) return;
  await page.locator('[role=main] [aria-expanded=false]').click();
  await page.waitForSelector(tray);
}

/** Tries, frame by frame, until it holds, or patience is at an end; thrice at least, however long one try takes. */
export async function eventually(holds: () => unknown): Promise<void> {
  const until = Date.now() + PATIENCE;
  for (let tries = 1; ; tries += 1) {
    try {
      await holds();
      return;
    } catch (error) {
      if (tries >= 3 && Date.now() > until) throw error;
      await pause(16);
    }
  }
}

/** Real time: a press is held for as long as the longest one asks for, and until the page has taken it for one. */
export async function whileHeld(page: Page): Promise<void> {
  await pause(400);
  await calm(page);
}

/** Real time, in milliseconds: for what is measured, or has to fall into something else that goes on. */
export const realTime = (ms: number): Promise<void> => pause(ms);

/** Waits until something with these words is on the disk. */
export const isSaved = (page: Page, words: string): Promise<void> =>
  eventually(async () => {
    const stored = await page.evaluate(async () => {
      const asked = <T>(request: IDBRequest<T>) =>
        new Promise<T>((done, failed) => {
          request.onsuccess = () => done(request.result);
          request.onerror = () => failed(request.error);
        });
      const all: unknown[] = [];
      for (const { name = '' } of await indexedDB.databases()) {
        const base = await asked(indexedDB.open(name));
        for (const store of base.objectStoreNames)
          all.push(await asked(base.transaction(store).objectStore(store).getAll()));
        base.close();
      }
      return JSON.stringify(all);
    });
    assert.ok(stored.includes(words), `“${words}” is not on the disk`);
  });
