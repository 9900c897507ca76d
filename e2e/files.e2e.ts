import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { calendarFile, chooseFile, downloads } from './files';
import { scene } from './scene';
import { go, reload, press, pressText, type, sees, seesNo, isClosed, isGone, boxOf, isSaved } from './steps';

const event = (i: number, ...lines: string[]) => [
  `UID:e${i}`,
  `DTSTART;TZID=Europe/Paris:202611${String(1 + (i % 28)).padStart(2, '0')}T${String(8 + (i % 9)).padStart(2, '0')}0000`,
  'DURATION:PT30M',
  `SUMMARY:Gauge ${i}`,
  `DESCRIPTION:${'level and flow '.repeat(34)}`,
  ...lines,
];
const many = (count: number) => Array.from({ length: count }, (_, i) => event(i));

scene(
  'a large file can be called off while it is read; 1,500 events come in, and the newer file takes away what it lacks',
  { space: 'large', at: '/settings' },
  async ({ page }) => {
    await chooseFile(page, 'Choose a calendar file', calendarFile('huge.ics', ...many(45_000)));
    await sees(page, 'Nothing changes before it has been read whole.');
    // at once: the sheet moves on with the reading, and a click that waits for it to stand still may come too late
    await page.$eval('[aria-label="Call it off"]', (button) => (button as HTMLElement).click()); // a button
    await sees(page, 'Reading huge.ics was called off. Nothing was changed.');
    await chooseFile(page, 'Choose a calendar file', calendarFile('gauges.ics', ...many(1500)));
    await sees(page, '1500\nnew');
    await isAccessible(page, 'an import report');
    await press(page, 'Done');
    await chooseFile(
      page,
      'Choose a calendar file',
      calendarFile('gauges.ics', ...many(1490), event(0, 'SEQUENCE:2')),
    );
    await sees(page, '1489\nas they were');
    await sees(page, '10\nremoved');
    await pressText(page, 'Undo import');
    await sees(page, '1500 events');
  },
);

scene(
  'a hostile file neither hangs nor breaks anything, and says what stayed out',
  { size: 'phone', space: 'hostile', at: '/settings' },
  async ({ page }) => {
    const file = calendarFile(
      'hostile.ics',
      event(23, 'RRULE:FREQ=SECONDLY'),
      event(1, 'RRULE:FREQ=DAILY'),
      event(2, `X-LONG:${'x'.repeat(1_000_000)}`),
      event(
        3,
        ...Array.from({ length: 1000 }, (_, i) => `ATTENDEE;CN=Volunteer ${i}:mailto:v${i}@trust.example`),
      ),
      event(4, ...Array.from({ length: 2000 }, () => 'BEGIN:VEVENT')),
    );
    await chooseFile(page, 'Choose a calendar file', file);
    await sees(page, 'repeats every minute or more often');
    await sees(page, 'The line is too long');
    await press(page, 'Done');
    await go(page, '/plan');
    await sees(page, ' planned');
  },
);

scene(
  'calendars, blocks and tasks go out as a calendar file that comes in elsewhere',
  { at: '/settings' },
  async ({ page }) => {
    const downloaded = await downloads(page);
    await press(page, 'Export as a calendar file');
    await isAccessible(page, 'the export of a calendar file');
    await press(page, 'My blocks');
    await pressText(page, 'Save the file');
    const file = await downloaded('sprindle-demo-2026-11-24.ics');
    const text = readFileSync(file, 'utf8');
    assert.match(text, /SUMMARY:Crew call/);
    assert.match(text, /BEGIN:VTODO/);
    assert.doesNotMatch(text, /RELATED-TO/);
    await go(page, '/settings?space=elsewhere');
    await chooseFile(page, 'Choose a calendar file', file);
    await sees(page, 'New tasks of the file are in the list General.');
    await press(page, 'Done');
    await go(page, '/tasks');
    await boxOf(page, 'Done: Stock count, boat shed');
  },
);

scene(
  'two copies of one’s data are merged: both additions stay, the later change wins, and it can be undone',
  { space: 'copy', at: '/tasks' },
  async ({ page }) => {
    const downloaded = await downloads(page);
    await type(page, 'Add to the inbox', 'Order nets');
    await press(page, 'Settings');
    await press(page, 'Export everything');
    const file = await downloaded('sprindle-copy-2026-11-24.json');
    await go(page, '/tasks');
    await type(page, 'Add to the inbox', 'Order ropes');
    await go(page, '/settings?space=second');
    await chooseFile(page, 'Open an exported file', file);
    await sees(page, 'Merging brings in 1 new');
    await isAccessible(page, 'a workspace file');
    await pressText(page, 'Merge the two');
    await sees(page, 'Merged: 1 new, 0 taken from the file, 0 kept as here, 2 the same');
    await isClosed(page);
    await press(page, 'Undo merge');
    await sees(page, 'Undone: merge');
    await go(page, '/tasks');
    await isGone(page, 'Done: Order nets');
  },
);

/** Writes into the storage of the page as a broken disk might. */
const damage = (page: Page, space: string) =>
  page.evaluate(async (name) => {
    const open = indexedDB.open(name);
    const base = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)));
    const [table = ''] = base.objectStoreNames;
    const change = base.transaction(table, 'readwrite');
    const rows = change.objectStore(table);
    const keys = await new Promise<IDBValidKey[]>((done) => {
      const asked = rows.getAllKeys();
      asked.onsuccess = () => done(asked.result);
    });
    const key = keys.find((name) => String(name).includes('tasks/open-'));
    const row = await new Promise<unknown>((done) => {
      const asked = rows.get(key ?? '');
      asked.onsuccess = () => done(asked.result);
    });
    const broken =
      typeof row === 'string' ? '{"version":2,"con' : { ...(row as object), value: '{"version":2,"con' }; // a row is a text or holds one
    if (rows.keyPath === null) rows.put(broken, key);
    else rows.put(broken);
    await new Promise((done) => (change.oncomplete = done));
    base.close();
  }, `sprindle-${space}`);

scene(
  'a damaged part of the storage is said, can be saved as a file, and the rest opens',
  { size: 'phone', space: 'damaged', at: '/tasks' },
  async ({ page }) => {
    const downloaded = await downloads(page);
    await type(page, 'Add to the inbox', 'Lost to the disk');
    await isSaved(page, 'Lost to the disk');
    await damage(page, 'damaged');
    // where a browser has private files, the part is read from the second home
    await page.evaluateOnNewDocument(() => Reflect.deleteProperty(StorageManager.prototype, 'getDirectory'));
    await reload(page);
    await sees(page, 'Part of the stored data was damaged (tasks/open-');
    await press(page, 'Close this notice');
    await press(page, 'Settings');
    await press(page, 'Save the damaged parts');
    const file = await downloaded('sprindle-damaged-2026-11-24.json');
    assert.match(readFileSync(file, 'utf8'), /tasks\/open-/);
    await press(page, 'Let them go');
    await seesNo(page, 'Found damaged');
  },
);

scene(
  'asking the browser to keep the data is offered, with the reason, once there is something to lose',
  { space: 'own', at: '/tasks' },
  async ({ page }) => {
    await page.evaluateOnNewDocument(() => {
      navigator.storage.persisted = () => Promise.resolve(false);
      navigator.storage.persist = () => {
        document.title = 'asked';
        return Promise.resolve(true);
      };
    });
    await reload(page);
    for (let i = 0; i < 9; i += 1) await type(page, 'Add to the inbox', `Gauge ${i}`);
    assert.notEqual(await page.title(), 'asked');
    await type(page, 'Add to the inbox', 'Gauge 9');
    await sees(page, 'Your work lies in this browser only');
    await press(page, 'Ask it to keep it');
    await page.waitForFunction(() => document.title === 'asked');
    await sees(page, 'The browser has promised to keep it.');
  },
);
