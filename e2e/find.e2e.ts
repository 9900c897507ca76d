import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { leave, openPage, openStage, type Stage } from './browser';
import { boxOf, eventually, isAccessible, keyboardIsIn, press, pressText, sees, tabTo, type } from './steps';

let stage: Stage;
before(async () => void (stage = await openStage()));
after(() => stage.close());

test('by keyboard: a misspelt word finds a task by its title or its step, and Enter opens it where it lies in the plan', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'demo', '/today');
  await page.keyboard.press('o');
  await keyboardIsIn(page, '[aria-label="Find"]');
  await page.keyboard.type('xylophone');
  await sees(page, 'Nothing has these words.');
  await page.keyboard.down('Control');
  await page.keyboard.press('a');
  await page.keyboard.up('Control');
  await page.keyboard.type('volunters brin');
  await sees(page, 'One thing');
  await sees(page, 'Volunteer day: tool list');
  await isAccessible(page, 'finding');
  await page.keyboard.down('Control');
  await page.keyboard.press('a');
  await page.keyboard.up('Control');
  await page.keyboard.type('sensor log weir');
  await sees(page, 'Sensor log of the weir pool');
  await sees(page, 'One thing');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => location.pathname === '/plan' && location.search.includes('2026-11-27'));
  await boxOf(page, 'Sensor log of the weir pool,');
  await boxOf(page, 'Done: Sensor log of the weir pool');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('on a phone what is found is ticked off where it stands, a new task is found at once, and a meeting opens on its day', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/tasks');
  await type(page, 'Add to the inbox', 'Borrow a theodolite');
  await press(page, 'Find');
  await keyboardIsIn(page, '[aria-label="Find"]');
  await page.keyboard.type('theod');
  await sees(page, 'Inbox · no place yet');
  await page.click('[role=dialog] [aria-label="Done: Borrow a theodolite"]');
  await sees(page, 'done · no place yet');
  await isAccessible(page, 'finding on a phone');
  await page.focus('input[aria-label="Find"]');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Backspace');
  await page.keyboard.type('hearing');
  await eventually(async () =>
    assert.ok((await page.$$('[aria-label="Found"] [role=listitem]')).length >= 3),
  );
  await tabTo(page, 'Done: ');
  await page.keyboard.press('ArrowDown');
  await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('[role=listitem] [role=button], [role=listitem] button')]
      .find((row) => row.innerText.startsWith('Weir hearing'))
      ?.click(),
  );
  await page.waitForFunction(() => location.search.includes('2026-11-25'));
  await sees(page, 'Weir hearing');
  assert.deepEqual(complaints, []);
  await leave(page);
});

test('tasks are narrowed down by saved filters and by new conditions, which are kept under a name and forgotten', async () => {
  const { page, complaints } = await openPage(stage, 'phone', 'demo', '/tasks');
  await pressText(page, 'Up to 15 min');
  await sees(page, '4 open');
  await isAccessible(page, 'a saved filter');
  await press(page, 'Show all');
  await sees(page, '33 open');
  await press(page, 'Filter…');
  await pressText(page, 'No date');
  await press(page, 'High or urgent only');
  await isAccessible(page, 'the conditions of a filter');
  await type(page, 'Keep it as', 'Important some day');
  await press(page, 'Forget the filter Important some day');
  await press(page, 'Undo change settings');
  await boxOf(page, 'Forget the filter Important some day');
  await page.reload();
  await pressText(page, 'Important some day');
  assert.deepEqual(complaints, []);
  await leave(page);
});
