import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { after, before, test } from 'node:test';
import type { Page } from 'puppeteer-core';
import { leave, NOW, openPage, openStage, settled, type Stage } from './browser';
import { boxOf, downloads, isGone, pause, press, sees, type } from './steps';

let stage: Stage;
before(async () => {
  stage = await openStage();
});
after(() => stage.close());

/** Longer than a change takes to be on disk (milliseconds). */
const SAVED_AFTER = 600;

const add = (page: Page, title: string) => type(page, 'Add to the inbox', title);

const lost: readonly [string, (page: Page, space: string) => Promise<void>][] = [
  [
    'cleared',
    async (page) => {
      const devtools = await page.createCDPSession();
      await devtools.send('Storage.clearDataForOrigin', { origin: stage.address, storageTypes: 'indexeddb' });
    },
  ],
  [
    'deleted',
    async (page, space) => {
      const devtools = await page.createCDPSession();
      await devtools.send('IndexedDB.deleteDatabase', {
        securityOrigin: stage.address,
        databaseName: `sprindle-${space}`,
      });
    },
  ],
];

for (const [how, lose] of lost)
  test(`storage that is ${how} while a tab is open is filled again by its next change`, async () => {
    const { page } = await openPage(stage, 'wide', how, '/tasks');
    await add(page, 'Calibrate gauge');
    await add(page, 'Order waders');
    await pause(SAVED_AFTER);
    await lose(page, how);
    await add(page, 'Ring the landowner');
    await pause(SAVED_AFTER);
    await page.reload();
    await settled(page);
    for (const title of ['Calibrate gauge', 'Order waders', 'Ring the landowner'])
      await boxOf(page, `Done: ${title}`);
    await leave(page);
  });

test('a space that the browser emptied is said to be so, and not taken for a new one', async () => {
  const { page } = await openPage(stage, 'phone', 'emptied', '/tasks');
  await add(page, 'Calibrate gauge');
  await pause(SAVED_AFTER);
  const here = page.url();
  await page.goto('about:blank');
  await lost[0]?.[1](page, 'emptied');
  await page.goto(here);
  await sees(page, 'The browser has emptied the storage of this site');
  await leave(page);
});

test('a tick while another tab opens stays, whatever that tab changes', async () => {
  const { page } = await openPage(stage, 'wide', 'opening', '/tasks');
  for (let round = 0; round < 4; round += 1) await add(page, `Gauge ${round}`);
  await pause(SAVED_AFTER);
  for (let round = 0; round < 4; round += 1) {
    const other = await page.browserContext().newPage();
    const opened = other.goto(`${stage.address}/tasks?space=opening&now=${NOW}&zone=Europe/London`);
    await pause(250 * round);
    await page.$eval(`[aria-label="Done: Gauge ${round}"]`, (box) => (box as HTMLElement).click()); // a checkbox
    await opened;
    await settled(other);
    await isGone(other, `Done: Gauge ${round}`);
    await add(other, `From the other tab ${round}`);
    await pause(SAVED_AFTER);
    await other.close();
  }
  await page.reload();
  await settled(page);
  for (let round = 0; round < 4; round += 1) {
    await boxOf(page, `Done: From the other tab ${round}`);
    await isGone(page, `Done: Gauge ${round}`);
  }
  await leave(page);
});

test('data of a later version is not touched, and goes out as it lies on the disk', async () => {
  const { page } = await openPage(stage, 'phone', 'later', '/tasks');
  const downloaded = await downloads(page, mkdtempSync(path.join(os.tmpdir(), 'sprindle-later-')));
  await page.evaluate(async (name) => {
    const asked = indexedDB.open(name);
    const base = await new Promise<IDBDatabase>((done) => (asked.onsuccess = () => done(asked.result)));
    const change = base.transaction('entries', 'readwrite');
    change.objectStore('entries').put('{"version":99,"content":[{"id":"a"}]}', 'part:tasks/open');
    await new Promise((done) => (change.oncomplete = done));
    base.close();
  }, 'sprindle-later');
  await page.reload();
  await sees(page, 'nothing will be overwritten');
  await press(page, 'Export everything now');
  const file = JSON.parse(readFileSync(await downloaded('sprindle-later-2026-11-24.json'), 'utf8'));
  assert.deepEqual([file.versions.tasks, file.tasks], [99, [{ id: 'a' }]]);
  await leave(page);
});

test('a browser without channels between tabs, or a page that did not come over https, works all the same', async () => {
  const { page, complaints } = await openPage(stage, 'wide', 'bare', '/tasks');
  await page.evaluateOnNewDocument(() => {
    Reflect.deleteProperty(globalThis, 'BroadcastChannel');
    Object.defineProperty(Crypto.prototype, 'randomUUID', { value: undefined, configurable: true });
    Reflect.deleteProperty(Crypto.prototype, 'randomUUID');
  });
  await page.reload();
  await settled(page);
  await add(page, 'Calibrate gauge');
  await add(page, 'Order waders');
  await pause(SAVED_AFTER);
  await page.reload();
  await settled(page);
  await boxOf(page, 'Done: Calibrate gauge');
  await boxOf(page, 'Done: Order waders');
  assert.deepEqual(complaints, []);
  await leave(page);
});
