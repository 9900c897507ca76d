import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { drag, middle } from './hands';
import { scene } from './scene';
import {
  reload,
  press,
  pressText,
  keys,
  type,
  textOf,
  sees,
  isGone,
  boxOf,
  focus,
  eventually,
  hears,
} from './steps';

/** Waits until a row of the table, counted from 1, says this, cell after cell. */
const rowSays = (page: Page, row: number, ...cells: (string | RegExp)[]) =>
  eventually(async () => {
    const there = await textOf(page, `[role=row][aria-rowindex="${row + 1}"]`);
    for (const cell of cells)
      assert.ok(
        typeof cell === 'string' ? there.split('\n').includes(cell) : cell.test(there),
        `${String(cell)} in ${there}`,
      );
  });

/** Hands text to the table as the clipboard does, or asks what would be copied. */
const clipboard = (page: Page, kind: 'copy' | 'paste', text = '') =>
  page.evaluate(
    (name, given) => {
      const data = new DataTransfer();
      data.setData('text/plain', given);
      document.activeElement?.dispatchEvent(
        new ClipboardEvent(name, { clipboardData: data, bubbles: true, cancelable: true }),
      );
      return data.getData('text/plain');
    },
    kind,
    text,
  );

scene(
  'by keyboard: cells are edited, refused, copied, pasted, filled down and emptied, each undone in one step',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Table');
    await rowSays(page, 1, 'Small things', 'Volunteer days', '1 h');
    await isAccessible(page, 'the table');
    await focus(page, '[role=grid]');
    await keys(page, 'ArrowRight', 'ArrowRight', 'ArrowRight');
    await page.keyboard.type('soon');
    await keys(page, 'Enter');
    await sees(page, '“soon” is no length');
    await isAccessible(page, 'a cell that cannot be read');
    await keys(page, 'Escape');
    await page.keyboard.type('1h15');
    await keys(page, 'Enter');
    await rowSays(page, 1, 'Small things', '1 h 15');
    // one goes down, and the next cell is edited at once
    await page.keyboard.type('2h30');
    await keys(page, 'Tab');
    await rowSays(page, 2, 'Budget table for the funder', '2 h 30');
    await keys(page, 'ArrowUp', 'ArrowLeft');
    await page.keyboard.down('Shift');
    await keys(page, 'ArrowDown', 'ArrowDown');
    await page.keyboard.up('Shift');
    await hears(page, '3 cells marked, 3 down and 1 across');
    await page.keyboard.down('Control');
    await keys(page, 'd');
    await page.keyboard.up('Control');
    await rowSays(page, 2, '1 h 15');
    await rowSays(page, 3, 'Photos for the newsletter', '1 h 15');
    await press(page, 'Undo edit cells');
    await rowSays(page, 2, '2 h 30');
    await rowSays(page, 3, '40 min');
    await focus(page, '[role=grid]');
    assert.equal(await clipboard(page, 'copy'), '1 h 15\n2 h 30\n40 min');
    await keys(page, 'Escape', 'ArrowLeft', 'ArrowUp', 'ArrowUp');
    await clipboard(page, 'paste', 'high\t20m\nnonsense\t25m\n');
    await sees(page, '1 cell left as they were. Budget table for the funder: “nonsense” isn’t a priority');
    await rowSays(page, 1, 'high', '20 min');
    await rowSays(page, 2, 'normal', '25 min');
    await press(page, 'Undo edit cells');
    await rowSays(page, 1, 'normal', '1 h 15');
    await focus(page, '[role=grid]');
    await keys(page, 'ArrowRight', 'Delete');
    await eventually(async () =>
      assert.doesNotMatch(await textOf(page, '[role=row][aria-rowindex="2"]'), /1 h 15/),
    );
    await reload(page);
    await rowSays(page, 2, 'Budget table for the funder', '2 h 30');
  },
);

scene(
  'the table is sorted, narrowed and its columns chosen; a list is chosen from a cell; several rows are changed',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Table');
    await press(page, 'Estimate: sort');
    await press(page, 'Estimate: sort');
    await rowSays(page, 1, '2 h');
    await page.waitForSelector('[role=columnheader][aria-sort=descending]');
    await pressText(page, 'Narrow by column');
    await type(page, 'Only where Estimate is', '< 15m');
    await rowSays(page, 1, /(15|10|5) min/);
    await type(page, 'Only where Due is', 'whenever');
    await page.waitForSelector('[aria-label="Only where Due is"][aria-invalid=true]');
    await isAccessible(page, 'a table that is narrowed');
    await pressText(page, 'Show all rows');
    await pressText(page, 'Columns…');
    await press(page, 'Category');
    await press(page, 'Category: further to the left');
    await isAccessible(page, 'the columns');
    await keys(page, 'Escape');
    const [due, list] = [await boxOf(page, 'Due: sort'), await boxOf(page, 'List: sort')];
    await drag(page, 'mouse', middle(due), { x: list.x + 10, y: list.y + 10 });
    await eventually(async () => assert.equal((await boxOf(page, 'Due: sort')).x, list.x));
    const edge = { x: list.x + due.width - 3, y: list.y + 10 };
    await drag(page, 'mouse', edge, { x: edge.x + 60, y: edge.y });
    await eventually(async () => assert.equal((await boxOf(page, 'Due: sort')).width, due.width + 60));
    await press(page, 'Undo change settings');
    await eventually(async () => assert.equal((await boxOf(page, 'Due: sort')).width, due.width));
    await focus(page, '[role=grid]');
    await keys(page, 'ArrowRight');
    await page.keyboard.down('Alt');
    await keys(page, '+');
    await eventually(async () => assert.equal((await boxOf(page, 'Due: sort')).width, due.width + 24));
    await page.keyboard.down('Shift');
    await keys(page, 'ArrowRight');
    await page.keyboard.up('Shift');
    await page.keyboard.up('Alt');
    await eventually(async () => assert.equal((await boxOf(page, 'List: sort')).x, list.x));
    await press(page, 'Category: sort');
    await page.mouse.click(...point(middle(await boxOf(page, 'Not chosen: Grant report, section 2'))));
    await page.mouse.click(...point(middle(await boxOf(page, 'Not chosen: Order waders'))));
    await sees(page, '2 chosen');
    await pressText(page, 'Done');
    await sees(page, '31 open');
    await press(page, 'Undo tick off');
    await press(page, 'Title: sort');
    await rowSays(page, 1, 'Ask Ines whether the eel counts are in');
    await page.mouse.click(...point(middle(await boxOf(page, 'Not chosen: Ask Ines')), 400));
    await keys(page, 'Enter');
    await page.waitForSelector('[role=option]');
    await keys(page, 'ArrowDown', 'Enter');
    await isGone(page, 'List of');
    await rowSays(page, 1, 'Field surveys');
  },
);

const point = ({ x, y }: { x: number; y: number }, right = 0) => [x + right, y] as const;
