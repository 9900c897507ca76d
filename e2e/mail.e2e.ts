import assert from 'node:assert/strict';
import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { isAccessible } from './axe';
import { chooseFile } from './files';
import { scene } from './scene';
import { reload, press, pressText, sees, isGone, boxOf } from './steps';

const message = path.join(__dirname, '../public/try/eel-counts.eml');

scene(
  'a message becomes a task with a due date that it names; it is read again from the task, runs nothing and asks nothing of elsewhere',
  { at: '/tasks' },
  async ({ page }) => {
    const asked: string[] = [];
    page.on('request', (request) => asked.push(request.url()));
    await chooseFile(page, 'Bring tasks in…', message);
    await sees(
      page,
      'From Ines Moreau <ines.moreau@county.example> · Mon 23 Nov, 16:05 · panel-questions.pdf (1 kB)',
    );
    await isAccessible(page, 'a message to make a task of');
    await press(page, 'due Fri 27 Nov, 17:00');
    await page.waitForSelector('[aria-label="Keep the attached file, 1 kB"][aria-checked=true]');
    await press(page, 'Make a task of it');
    await isGone(page, 'Make a task of it');
    await pressText(page, 'Eel counts of reach 4');
    await boxOf(page, 'Save panel-questions.pdf');
    await press(page, 'Open the message from Ines Moreau');
    const frame = await page.waitForSelector('iframe[title="The message"]');
    const body = await (await frame?.contentFrame())?.waitForSelector('body');
    await body?.waitForSelector('b');
    const shown = await body?.evaluate((element) => element.innerHTML);
    assert.match(shown ?? '', /<b>2 December at 10:30<\/b>/);
    assert.doesNotMatch(shown ?? '', /script|onclick|seen\.png/);
    assert.deepEqual(
      asked.filter((url) => url.includes('county.example')),
      [],
    );
    await press(page, 'Close');
    await reload(page);
    await pressText(page, 'Eel counts of reach 4');
    await press(page, 'Open the message from Ines Moreau');
    await press(page, 'Close');
  },
);

scene(
  'an mbox gives each message, on a phone; what is no message is said and changes nothing',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'sprindle-mail-'));
    const box = path.join(folder, 'office.mbox');
    const one = (subject: string) =>
      `From tom@quarry.example Mon Nov 23 10:00:00 2026\nFrom: Tom\nSubject: ${subject}\n\nSee <script>alert(1)</script> you.\n\n`;
    writeFileSync(box, one('Gravel, two loads') + one('<img src=x onerror=alert(1)>'));
    await press(page, 'My order: order and filter');
    await chooseFile(page, 'Bring tasks in…', box);
    await sees(page, '2 messages');
    await isAccessible(page, 'messages on a phone');
    await press(page, 'Make 2 tasks');
    await boxOf(page, 'Tasks 11 in the inbox');
    await sees(page, '<img src=x onerror=alert(1)>');
    await press(page, 'Undo add tasks of messages');
    await isGone(page, 'Tasks 11 in the inbox');
    const none = path.join(folder, 'none.eml');
    writeFileSync(none, 'only words');
    await chooseFile(page, 'Bring tasks in…', none);
    await sees(page, 'none.eml is no message. Nothing was changed.');
  },
);
