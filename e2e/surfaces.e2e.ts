import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { outOfReach } from './reach';
import type { Size } from './browser';
import { scene } from './scene';
import { calm, eventually, keyboardIsIn, keys, reload } from './steps';
import { places } from './surfaceList';

/** What within a part of the page cannot be worked as it should be, each in a line; empty where all can. */
const faults = (page: Page, within: string, size: Size) =>
  page.evaluate(
    (part, least) => {
      const seen = (element: Element) =>
        !element.closest('[aria-hidden=true], [inert], .sr-only') && element.getClientRects().length > 0;
      const named = (element: Element) =>
        `${element.getAttribute('role') ?? element.tagName} “${(element.getAttribute('aria-label') ?? element.textContent ?? '').slice(0, 40)}”`;
      const all = (selector: string) =>
        [...document.querySelectorAll<HTMLElement>(`${part} :is(${selector})`)].filter(seen);
      // what is drawn to the scale of time is as high as its time; its details and “Place…” do the same
      const toScale =
        '[aria-roledescription], [aria-label^="Zone "], [aria-label^="Hours of"] *, [role=gridcell]';
      const small = all('a, button, input, textarea, [role=button], [role=radio], [role=checkbox]')
        .filter((element) => !element.matches(toScale))
        .flatMap((element) => {
          const { width, height } = element.getBoundingClientRect();
          return Math.min(width, height) < least - 0.5
            ? [`${named(element)} is ${Math.round(width)} × ${Math.round(height)}`]
            : [];
        });
      const groups = all('[role=radiogroup]').flatMap((group) => {
        const stops = group.querySelectorAll('[role=radio][tabindex="0"]').length;
        return stops === 1 ? [] : [`${named(group)} has ${stops} stops of Tab`];
      });
      const boxes = all('[role=checkbox]')
        .filter(({ tabIndex, ariaChecked }) => tabIndex !== 0 || !ariaChecked)
        .map((box) => `${named(box)} is no stop of Tab`);
      const rings = all('a, button, input, textarea, [tabindex="0"]').flatMap((element) => {
        element.focus();
        const { outlineWidth, outlineOffset } = getComputedStyle(element);
        const ring = Number.parseFloat(outlineWidth) + Number.parseFloat(outlineOffset);
        const { left, top, right, bottom } = element.getBoundingClientRect();
        let around = element.parentElement;
        while (around && getComputedStyle(around).overflow === 'visible') around = around.parentElement;
        const edge = around?.getBoundingClientRect();
        const fits =
          !edge ||
          bottom - top > edge.height - 8 ||
          (left - ring >= edge.left - 1 &&
            right + ring <= edge.right + 1 &&
            top - ring >= edge.top - 1 &&
            bottom + ring <= edge.bottom + 1);
        return fits && Number.parseFloat(outlineWidth) > 0
          ? []
          : [`the ring of ${named(element)} is cut off`];
      });
      return [...small, ...groups, ...boxes, ...rings];
    },
    within,
    size === 'phone' ? 44 : 24,
  );

const DIALOG = '[role=dialog]';
const PANE = '[role=complementary]';

/** Fields that cut off what stands in them. */
const cutFields = (page: Page) =>
  page.$$eval('input, textarea', (all) =>
    all
      .filter((field) => field.getClientRects().length > 0 && field.scrollWidth > field.clientWidth + 1)
      .map((field) => `${field.getAttribute('aria-label')} cuts “${field.value}”`),
  );

/**
 * What cannot be brought into sight when all is twice as large: a window of half the size (WCAG 2.2, 1.4.10). On a phone, as
 * narrow as a wide screen's window is at 400 %, no field cuts off what stands in it, either.
 */
async function faultsAt200(page: Page, within: string, size: Size): Promise<string[]> {
  const usual = page.viewport();
  if (!usual) return [];
  const { width, height } = usual;
  await page.setViewport({ ...usual, width: Math.max(320, width / 2), height: height / 2 });
  await calm(page);
  // what stands beside a wide screen's days is a sheet of its own then
  const part = within === PANE && (await page.$(DIALOG)) ? DIALOG : within;
  const found = await outOfReach(page, part);
  const cut = size === 'phone' ? await cutFields(page) : [];
  await page.setViewport(usual);
  await calm(page);
  return [...found.map((where) => `out of reach at 200 %: ${where}`), ...cut];
}

/** Waits for what opens, and gives where it stands; what lies beneath a sheet cannot be reached. */
async function opened(page: Page, name: string): Promise<string> {
  await page.waitForSelector(`${DIALOG} [aria-label=Close], ${PANE} [aria-label="Close the details"]`);
  // what it takes the place of has gone by then
  await calm(page);
  if (!(await page.$(DIALOG))) return PANE;
  await keyboardIsIn(page, DIALOG);
  assert.ok(await page.$('[inert] [role=main]'), `beneath ${name} nothing can be reached`);
  return DIALOG;
}

/** Leaves what is open, by which the keyboard comes back to the screen. */
async function left(page: Page, name: string): Promise<void> {
  await keys(page, 'Escape');
  await page.waitForFunction(
    (open) => !document.querySelector(open),
    {},
    `${DIALOG}, ${PANE} [aria-label="Close the details"]`,
  );
  await eventually(async () =>
    assert.notEqual(await page.evaluate(() => document.activeElement?.tagName), 'BODY', `after ${name}`),
  );
}

for (const size of ['phone', 'wide'] as const)
  for (const { at, opens } of places)
    scene(
      `${at} and all that opens from it can be worked by everyone, ${size}`,
      { size, at },
      async ({ page }) => {
        const found: string[] = [];
        const look = async (name: string, within: string) => {
          // from here on the keyboard is what was used last, so that rings are drawn
          await keys(page, 'Shift');
          const atOnce = await faults(page, within, size);
          await isAccessible(page, name, within);
          const atTwice = await faultsAt200(page, within, size);
          found.push(...[...atOnce, ...atTwice].map((fault) => `${name}: ${fault}`));
        };
        await look(at, 'body');
        for (const { name, open } of opens.filter(({ only = size }) => only === size)) {
          try {
            await page.focus('[aria-label=Places] a');
            await open(page, size);
            await look(name, await opened(page, name));
            await left(page, name);
          } catch (error) {
            // so that one run tells of all
            found.push(`${name}: ${String(error)}`);
            await reload(page);
          }
        }
        assert.equal(found.join('\n'), '');
      },
    );
