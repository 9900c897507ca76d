import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { isAccessible } from './axe';
import { downloads } from './files';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressText,
  keys,
  type,
  textOf,
  sees,
  isGone,
  boxOf,
  keyboardIsIn,
  eventually,
} from './steps';

scene(
  'notes read as Markdown, are ticked where they stand, and marked by a row of buttons; each change is undone',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Grant report, section 2');
    await page.waitForSelector('[aria-label=Notes] strong');
    await isAccessible(page, 'notes as they read');
    await press(page, 'Ticked: table of bank repairs');
    await page.waitForSelector('[aria-label="Ticked: table of bank repairs"][aria-checked=true]');
    await press(page, 'Edit: Notes');
    const field = 'textarea[aria-label=Notes]';
    await keyboardIsIn(page, field);
    assert.match(
      await page.$eval(field, (area) => (area as HTMLTextAreaElement).value),
      /- \[x\] table of bank/,
    );
    await isAccessible(page, 'notes being edited');
    await keys(page, 'Control+End', 'Enter', 'Enter');
    await page.keyboard.type('Maps');
    await pressText(page, 'Heading');
    await keys(page, 'Enter');
    await page.keyboard.type('See ');
    await pressText(page, 'Link');
    await page.keyboard.type('https://example.org/map');
    await press(page, 'Read: Notes');
    await page.waitForSelector('[aria-label=Notes] h3');
    await page.waitForSelector('[aria-label=Notes] a[href="https://example.org/map"][rel~=noopener]');
    await keys(page, 'Escape');
    await reload(page);
    await pressText(page, 'Grant report, section 2');
    await page.waitForSelector('[aria-label=Notes] h3');
  },
);

scene(
  'what notes hold runs nothing and fetches nothing',
  { size: 'phone', space: 'hostile', at: '/tasks' },
  async ({ page }) => {
    await type(page, 'Add to the inbox', 'Ring the quarry');
    await boxOf(page, 'Done: Ring the quarry');
    await pressText(page, 'Ring the quarry');
    const asked: string[] = [];
    page.on('request', (request) => asked.push(request.url()));
    await (
      await page.waitForSelector('textarea[aria-label=Notes]')
    )?.type(
      '<img src=x onerror="document.title=1"> ![map](https://example.org/x.png) [run](javascript:document.title=2)',
    );
    await keys(page, 'Tab');
    await page.waitForSelector('[role=group][aria-label=Notes] a');
    assert.match(await textOf(page, '[role=group][aria-label=Notes]'), /<img src=x/);
    assert.deepEqual(
      await page.$$eval('[role=group][aria-label=Notes] :is(a, img)', (all) =>
        all.map((each) => `${each.tagName} ${each.getAttribute('href')}`),
      ),
      ['A https://example.org/x.png', 'A '],
    );
    assert.deepEqual(
      asked.filter((url) => url.includes('example.org')),
      [],
    );
  },
);

scene(
  'on a phone a meeting from a file has notes of one’s own, which are found and taken back',
  { size: 'phone', at: '/plan?view=day' },
  async ({ page }) => {
    await press(page, 'Meeting Landowner: Pell Farm');
    await (await page.waitForSelector('textarea[aria-label="My notes"]'))?.type('She wants the heron fence');
    await keys(page, 'Tab');
    await sees(page, 'She wants the heron fence');
    await isAccessible(page, 'notes on a meeting');
    await press(page, 'Close');
    await go(page, '/tasks');
    await press(page, 'Find');
    await keyboardIsIn(page, 'input[aria-label=Find]');
    await page.keyboard.type('heron');
    await eventually(async () =>
      assert.match(await textOf(page, '[aria-label=Found]'), /Landowner: Pell Farm/),
    );
  },
);

scene(
  'files are attached to a task, shown or saved, kept over a reload and removed; a large one is refused by name',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Permit letter, weir');
    const folder = mkdtempSync(path.join(os.tmpdir(), 'sprindle-attached-'));
    const fileAt = (name: string, content: Uint8Array) => {
      const at = path.join(folder, name);
      writeFileSync(at, content);
      return at;
    };
    const choose = async (...files: string[]) => {
      const [chooser] = await Promise.all([page.waitForFileChooser(), pressText(page, 'Attach a file…')]);
      await chooser.accept(files);
    };
    const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 40, height: 30 } });
    await choose(fileAt('weir.png', picture), fileAt('film.mov', new Uint8Array(6_000_000)));
    await sees(page, 'film.mov has 6.0 MB; up to 5.0 MB are kept.');
    await page.waitForFunction(
      () => document.querySelector<HTMLImageElement>('img[alt="weir.png"]')?.naturalWidth === 40,
    );
    await choose(fileAt('<b>letter.html', Buffer.from('<script>document.title = "run"</script>')));
    await sees(page, '<b>letter.html is attached');
    await isAccessible(page, 'attached files');
    await reload(page);
    await pressText(page, 'Permit letter, weir');
    await page.waitForSelector('img[alt="weir.png"]');
    const saved = await downloads(page);
    await press(page, 'Save <b>letter.html');
    assert.match(readFileSync(await saved('_b_letter.html'), 'utf8'), /document.title/);
    await press(page, 'Remove weir.png');
    await isGone(page, 'Remove weir.png');
    await keys(page, 'Escape');
    await press(page, 'Undo remove attachment');
    await pressText(page, 'Permit letter, weir');
    await page.waitForSelector('img[alt="weir.png"]');
    rmSync(folder, { recursive: true });
  },
);

scene(
  'links belong to a task or to all times of a meeting, and a task comes again after it was done',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Grant report, section 2');
    await boxOf(page, 'Open Gauge data of reach 4');
    await type(page, 'Add a link', 'javascript:alert(1)');
    await sees(page, '“javascript:alert(1)” is no address');
    await type(page, 'Add a link', 'https://funder.example/form the form');
    await boxOf(page, 'Open the form');
    await isAccessible(page, 'links and files');
    await press(page, 'Remove the link the form');
    await isGone(page, 'Open the form');
    await keys(page, 'Escape');
    await press(page, 'Undo remove link');
    await pressText(page, 'Grant report, section 2');
    await boxOf(page, 'Open the form');
    await keys(page, 'Escape');

    await pressText(page, 'Order waders');
    await type(page, 'Repeat this long after', 'soon');
    await sees(page, '“soon” is no such time. Try 2 weeks or a month.');
    await type(page, 'Repeat this long after', '2 weeks');
    await keys(page, 'Escape');
    await isGone(page, 'Repeat this long after');
    await press(page, 'Done: Order waders');
    await sees(page, 'comes again Tue 8 Dec');
    await go(page, '/plan?view=agenda&day=2026-12-08');
    await sees(page, 'Order waders');

    await go(page, '/plan?view=week');
    await press(page, 'Meeting Crew call');
    await pressText(page, 'all times');
    await type(page, 'Add a link', 'https://call.example/crew');
    await boxOf(page, 'Open call.example/crew');
    await press(page, 'Later');
    await press(page, 'Meeting Crew call');
    await boxOf(page, 'Open call.example/crew');
  },
);
