import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { isAccessible } from './axe';
import { downloads } from './files';
import { scene } from './scene';
import {
  boxOf,
  choose,
  eventually,
  focus,
  go,
  isClosed,
  keyboardIsOn,
  keys,
  labels,
  press,
  reload,
  sees,
  seesNo,
  type,
} from './steps';

for (const size of ['phone', 'wide'] as const)
  scene(
    `a month by category is opened down to an entry and corrected, and the sums follow, ${size}`,
    { size, at: '/review?day=2026-11-09' },
    async ({ page }) => {
      const told = async (name: string) =>
        (await labels(page)).find((label) => label.startsWith(`${name}: `));
      await choose(page, 'What is looked back over', 'Month');
      await sees(page, 'Nov 2026, so far');
      await sees(page, 'planned were done');
      await boxOf(page, 'Permits: planned');
      const [line, sum] = [await told('Permits'), await told('actual')];
      await page.locator('[aria-label^="Permits: planned"] [role=button]').click();
      await boxOf(page, 'Letters to owners, ');
      await isAccessible(page, `a month of the review, ${size}`);
      await page.locator('[aria-label^="Letters to owners, "] [role=button]').click();
      await sees(page, 'spent of 45 min');
      await type(page, 'to', '23:30');
      await keys(page, 'Escape');
      await isClosed(page);
      await eventually(async () => {
        assert.notEqual(await told('Permits'), line);
        assert.notEqual(await told('actual'), sum);
      });
      await keys(page, 'Control+z');
      await eventually(async () =>
        assert.deepEqual([await told('Permits'), await told('actual')], [line, sum]),
      );
    },
  );

scene(
  'a week is chosen by keys, compared with the week before, shown as a table, and kept by its address',
  { at: '/review?span=week' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Week of 9 Nov "]');
    await keys(page, 'Enter');
    await sees(page, '9 – 15 Nov');
    await boxOf(page, 'Mon 9 Nov: planned');
    await focus(page, '[aria-label="Show the figures: The week, planned and as it was"]');
    await keys(page, 'Enter');
    await keyboardIsOn(page, /^Show the picture/);
    const rows = await page.$$eval('[role=table] [role=row]', (all) => all.map((row) => row.textContent));
    assert.equal(rows.length, 8);
    await sees(page, 'went as planned, minute by minute');
    await sees(page, 'Permits: kept in 1 of 1 week');
    await choose(page, 'Compared with', 'The week before');
    await sees(page, 'on record, ');
    await sees(page, 'in 2 – 8 Nov');
    await choose(page, 'By', 'Weekday');
    await boxOf(page, 'Monday: then');
    await reload(page);
    await boxOf(page, 'Monday: then');
    await isAccessible(page, 'a week beside the week before');
    await focus(page, '[aria-label^="Mon 9 Nov: planned"]');
    await keys(page, 'Enter');
    await sees(page, 'What is drift?');
    await boxOf(page, 'The day before');
  },
);

scene(
  'a timesheet of a month goes out, rounded so that its columns add up, and a year is gone through in slices',
  { at: '/review?span=month&day=2026-10-05' },
  async ({ page }) => {
    const savedAs = await downloads(page);
    await sees(page, 'Writing: kept in ');
    await sees(page, 'were planned and never begun');
    await press(page, 'Take out…');
    await choose(page, 'Rounded to minutes', '30');
    await isAccessible(page, 'what is taken out of the review');
    await press(page, 'Save as CSV: Timesheet, Oct 2026');
    const csv = readFileSync(await savedAs('sprindle-demo-timesheet-oct-2026.csv'), 'utf8');
    const lines = csv
      .trim()
      .split('\r\n')
      .map((line) => line.split(','));
    const numbers = lines.slice(1).map((line) => line.slice(1).map(Number));
    const [last = []] = numbers.slice(-1);
    const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);
    for (const line of numbers) assert.equal(sum(line.slice(0, -1)), line.at(-1));
    last.forEach((total, i) => assert.equal(sum(numbers.slice(0, -1).map((line) => line[i] ?? 0)), total));
    assert.ok(numbers.flat().every((minutes) => minutes % 30 === 0) && (last.at(-1) ?? 0) > 0);
    await keys(page, 'Escape');
    await isClosed(page);
    await go(page, '/review?span=week');
    await press(page, 'What changed…');
    await sees(page, 'New since the seal');
    await keys(page, 'Escape');
    await isClosed(page);
    await choose(page, 'What is looked back over', 'Year');
    await sees(page, '2026, so far');
    await boxOf(page, 'Writing: planned');
  },
);

scene(
  'what has no category gets one by a rule that is tried first, undone, and taken away where all rules stand',
  { size: 'phone', at: '/review?span=week&day=2026-11-09' },
  async ({ page }) => {
    const told = async () => (await labels(page)).find((label) => label.startsWith('Permits: '));
    await boxOf(page, 'Permits: planned');
    const before = await told();
    const give = async () => {
      await press(page, 'Category… of Crew call, Mon 9 Nov');
      await choose(page, 'Category', 'Permits');
      await sees(page, 'things without a category, ');
      await isAccessible(page, 'a category by a rule');
      await press(page, 'Count it for Permits');
      await isClosed(page);
      await eventually(async () => assert.notEqual(await told(), before));
    };
    await page.locator('[aria-label^="No category: "] [role=button]').click();
    await give();
    await keys(page, 'Control+z');
    await eventually(async () => assert.equal(await told(), before));
    await give();
    await go(page, '/settings');
    await press(page, 'Edit categories…');
    await sees(page, 'Every time of “Crew call”');
    await press(page, 'Delete the rule: Every time of “Crew call”');
    await seesNo(page, 'Counted by rule');
  },
);

scene(
  'a picture leads to what lies behind it, and goes out as a picture and as its figures',
  { at: '/review?span=month&day=2026-10-05' },
  async ({ page }) => {
    const savedAs = await downloads(page);
    await press(page, 'Show the figures: When you work');
    await focus(page, '[role=table] [role=row]:nth-child(3) [role=button]');
    await keys(page, 'Enter');
    await page.waitForFunction(() => location.search.includes('open=10'));
    await keyboardIsOn(page, /^10:00/);
    await sees(page, 'never begun');
    await press(page, 'Take it out…: How the time was cut up');
    await isAccessible(page, 'a picture is taken out');
    await press(page, 'Save as PNG');
    const png = readFileSync(await savedAs('sprindle-demo-how-the-time-was-cut-up.png'));
    assert.equal(png.toString('latin1', 1, 4), 'PNG');
    await press(page, 'Save as SVG');
    assert.match(readFileSync(await savedAs('sprindle-demo-how-the-time-was-cut-up.svg'), 'utf8'), /^<svg /);
    await press(page, 'Save as CSV');
    const csv = readFileSync(await savedAs('sprindle-demo-how-the-time-was-cut-up.csv'), 'utf8');
    assert.match(csv, /"?meetings, a day"?,\d/);
    await keys(page, 'Escape');
    await isClosed(page);
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `what is private is left out, and meetings are told by how many met, ${size}`,
    { size, at: '/settings' },
    async ({ page }) => {
      await press(page, 'Edit categories…');
      await press(page, 'Private: Review can leave it out: Writing');
      await keys(page, 'Escape');
      await isClosed(page);
      await go(page, '/review?span=month&day=2026-10-05');
      await boxOf(page, 'Writing: planned');
      await press(page, 'Without what is private');
      await boxOf(page, 'Fieldwork: planned');
      await eventually(async () =>
        assert.ok(!(await labels(page)).some((label) => label.startsWith('Writing: '))),
      );
      await choose(page, 'By', 'Kind');
      await boxOf(page, 'Meetings one to one: planned');
      await page.locator('[aria-label^="Meetings one to one: "] [role=button]').click();
      await boxOf(page, 'Ines, one to one, ');
      await reload(page);
      await boxOf(page, 'Ines, one to one, ');
      await isAccessible(page, `meetings by kind, ${size}`);
    },
  );
