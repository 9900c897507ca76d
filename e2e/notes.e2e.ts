import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import { eventually, isAccessible, press, pressText, sees, textOf, type } from './steps';

let stage: Stage;
before(async () => void (stage = await openStage()));
after(() => stage.close());

test('notes read as Markdown, are ticked where they stand, and marked by a row of buttons; each change is undone', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/tasks');
  await pressText(page, 'Grant report, section 2');
  await page.waitForSelector('[aria-label=Notes] strong');
  await isAccessible(page, 'notes as they read');
  await press(page, 'Ticked: table of bank repairs');
  await page.waitForSelector('[aria-label="Ticked: table of bank repairs"][aria-checked=true]');
  await press(page, 'Edit: Notes');
  const field = 'textarea[aria-label=Notes]';
  await page.waitForSelector(`${field}:focus`);
  assert.match(
    await page.$eval(field, (area) => (area as HTMLTextAreaElement).value),
    /- \[x\] table of bank/,
  );
  await isAccessible(page, 'notes being edited');
  await page.keyboard.down('Control');
  await page.keyboard.press('End');
  await page.keyboard.up('Control');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Maps');
  await pressText(page, 'Heading');
  await page.keyboard.press('Enter');
  await page.keyboard.type('See ');
  await pressText(page, 'Link');
  await page.keyboard.type('https://example.org/map');
  await press(page, 'Read: Notes');
  await page.waitForSelector('[aria-label=Notes] h3');
  await page.waitForSelector('[aria-label=Notes] a[href="https://example.org/map"][rel~=noopener]');
  await page.keyboard.press('Escape');
  await page.reload();
  await settled(page);
  await pressText(page, 'Grant report, section 2');
  await page.waitForSelector('[aria-label=Notes] h3');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('what notes hold runs nothing and fetches nothing', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'hostile', '/tasks');
  await type(page, 'Add to the inbox', 'Ring the quarry');
  await pressText(page, 'Ring the quarry');
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await (
    await page.waitForSelector('textarea[aria-label=Notes]')
  )?.type(
    '<img src=x onerror="document.title=1"> ![map](https://example.org/x.png) [run](javascript:document.title=2)',
  );
  await page.keyboard.press('Tab');
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
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('on a phone a meeting from a file has notes of one’s own, which are found and taken back', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/plan?view=day');
  await press(page, 'Meeting Landowner: Pell Farm');
  await (await page.waitForSelector('textarea[aria-label="My notes"]'))?.type('She wants the heron fence');
  await page.keyboard.press('Tab');
  await sees(page, 'She wants the heron fence');
  await isAccessible(page, 'notes on a meeting');
  await press(page, 'Close');
  await page.goto(`${stage.address}/tasks`);
  await settled(page);
  await press(page, 'Find');
  await page.waitForSelector('[aria-label=Find]:focus');
  await page.keyboard.type('heron');
  await eventually(async () =>
    assert.match(await textOf(page, '[aria-label=Found]'), /Landowner: Pell Farm/),
  );
  assert.deepEqual(complaints, []);
  await leave(page);
});
