import assert from 'node:assert/strict';
import path from 'node:path';
import { isAccessible } from './axe';
import { calendarFile, chooseFile, fileOf } from './files';
import { scene } from './scene';
import { go, reload, press, pressText, sees, isClosed, isGone, boxOf } from './steps';

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
    const one = (subject: string) =>
      `From tom@quarry.example Mon Nov 23 10:00:00 2026\nFrom: Tom\nSubject: ${subject}\n\nSee <script>alert(1)</script> you.\n\n`;
    const box = fileOf('office.mbox', one('Gravel, two loads') + one('<img src=x onerror=alert(1)>'));
    await press(page, 'My order: order and filter');
    await chooseFile(page, 'Bring tasks in…', box);
    await sees(page, '2 messages');
    await isAccessible(page, 'messages on a phone');
    await press(page, 'Make 2 tasks');
    await boxOf(page, 'Tasks 11 in the inbox');
    await sees(page, '<img src=x onerror=alert(1)>');
    await press(page, 'Undo add tasks of messages');
    await isGone(page, 'Tasks 11 in the inbox');
    await chooseFile(page, 'Bring tasks in…', fileOf('none.eml', 'only words'));
    await sees(page, 'none.eml is no message. Nothing was changed.');
  },
);

scene(
  'a message that calls a meeting off takes it out of the plan, and offers what fits; one that nobody knows changes nothing',
  { space: 'called-off', at: '/settings' },
  async ({ page }) => {
    const hours = ['DTSTART;TZID=Europe/London:20261124T140000', 'DTEND;TZID=Europe/London:20261124T150000'];
    const meeting = ['UID:hearing@county', 'SUMMARY:Weir hearing', ...hours];
    await chooseFile(page, 'Choose a calendar file', calendarFile('county.ics', meeting));
    await press(page, 'Done');
    await isClosed(page);
    const callingOff = (uid: string) => {
      const lines = ['BEGIN:VCALENDAR', 'METHOD:CANCEL', 'BEGIN:VEVENT', `UID:${uid}@county`, ...hours];
      const invitation = [...lines, 'SUMMARY:Weir hearing', 'END:VEVENT', 'END:VCALENDAR'].join('\n');
      return fileOf(
        `${uid}.eml`,
        `From: Ines\nSubject: Cancelled: Weir hearing\nMIME-Version: 1.0\nContent-Type: text/calendar; method=CANCEL\n\n${invitation}\n`,
      );
    };
    await go(page, '/tasks');
    await chooseFile(page, 'Bring tasks in…', callingOff('unknown'));
    await press(page, 'Take the cancelled meeting out');
    await sees(page, 'Weir hearing: cancelled, and in none of your calendars. Nothing was changed.');
    await press(page, 'Close');
    await isClosed(page);
    await chooseFile(page, 'Bring tasks in…', callingOff('hearing'));
    await press(page, 'Take the cancelled meeting out');
    await sees(page, 'Cancelled: Weir hearing');
    await press(page, 'Close');
    await isClosed(page);
    await press(page, 'Plan');
    await page.waitForSelector('[aria-label="Hours of the day"]');
    await isGone(page, 'Meeting Weir hearing');
    await press(page, 'Undo cancel meetings');
    await boxOf(page, 'Meeting Weir hearing');
  },
);
