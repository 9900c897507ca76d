import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import { downloads } from './files';
import { scene } from './scene';
import { reload, press, type, sees, isGone, boxOf, realTime, isSaved, eventually } from './steps';

const add = (page: Page, title: string) => type(page, 'Add to the inbox', title);

const clear = async (page: Page, origin: string, storageTypes = 'indexeddb') => {
  const devtools = await page.createCDPSession();
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes });
};
const deleteIt = async (page: Page, securityOrigin: string) => {
  const devtools = await page.createCDPSession();
  await devtools.send('IndexedDB.deleteDatabase', { securityOrigin, databaseName: 'sprindle-lost' });
};

for (const [how, lose] of [
  ['cleared', clear],
  ['deleted', deleteIt],
] as const)
  scene(
    `storage that is ${how} while a tab is open is filled again by its next change`,
    { space: 'lost', at: '/tasks' },
    async ({ page, stage }) => {
      await add(page, 'Calibrate gauge');
      await add(page, 'Order waders');
      await isSaved(page, 'Order waders');
      await lose(page, stage.address);
      await add(page, 'Ring the landowner');
      await isSaved(page, 'Ring the landowner');
      await reload(page);
      for (const title of ['Calibrate gauge', 'Order waders', 'Ring the landowner'])
        await boxOf(page, `Done: ${title}`);
    },
  );

/** Waits until everything that is stored, these words among it, lies in the second home too. */
const hasSecondHome = (page: Page, space: string, words: string) =>
  eventually(async () => {
    const texts = await page.evaluate(async (folder) => {
      const root = await navigator.storage.getDirectory();
      const held = await root.getDirectoryHandle(folder).catch(() => undefined);
      const all: string[] = [];
      for await (const name of held?.keys() ?? []) {
        const file = await held?.getFileHandle(name);
        all.push(name, name.startsWith('reserve') ? '' : await file!.getFile().then((each) => each.text()));
      }
      return all;
    }, `sprindle-${space}`);
    assert.ok(texts.includes('whole') && texts.some((text) => text.includes(words)));
  });

scene(
  'a space that the browser emptied is said to be so, and not taken for a new one',
  { size: 'phone', space: 'emptied', at: '/tasks' },
  async ({ page, stage }) => {
    await add(page, 'Calibrate gauge');
    await isSaved(page, 'Calibrate gauge');
    const here = page.url();
    await page.goto('about:blank');
    await clear(page, stage.address, 'indexeddb,file_systems');
    await page.goto(here);
    await sees(page, 'The browser has emptied the storage of this site');
  },
);

scene(
  'a database that was lost while no tab was open is filled again from the second home',
  { size: 'phone', space: 'mended', at: '/tasks' },
  async ({ page, stage }) => {
    await add(page, 'Calibrate gauge');
    await hasSecondHome(page, 'mended', 'Calibrate gauge');
    const here = page.url();
    await page.goto('about:blank');
    await clear(page, stage.address);
    await page.goto(here);
    await sees(page, 'It is back from the second copy');
    await boxOf(page, 'Done: Calibrate gauge');
    await reload(page);
    await boxOf(page, 'Done: Calibrate gauge');
    await isGone(page, 'Close this notice');
  },
);

scene(
  'a tick while another tab opens stays, whatever that tab changes',
  { space: 'opening', at: '/tasks' },
  async ({ page, tab }) => {
    for (let round = 0; round < 4; round += 1) await add(page, `Gauge ${round}`);
    await isSaved(page, 'Gauge 3');
    for (let round = 0; round < 4; round += 1) {
      const opens = tab('/tasks');
      await realTime(250 * round);
      await page.$eval(`[aria-label="Done: Gauge ${round}"]`, (box) => (box as HTMLElement).click()); // a checkbox
      const other = await opens;
      await isGone(other, `Done: Gauge ${round}`);
      await add(other, `From the other tab ${round}`);
      await isSaved(other, `From the other tab ${round}`);
      await other.close();
    }
    await reload(page);
    for (let round = 0; round < 4; round += 1) {
      await boxOf(page, `Done: From the other tab ${round}`);
      await isGone(page, `Done: Gauge ${round}`);
    }
  },
);

scene(
  'data of a later version is not touched, and goes out as it lies on the disk',
  { size: 'phone', space: 'later', at: '/tasks' },
  async ({ page }) => {
    const downloaded = await downloads(page);
    await page.evaluate(async (name) => {
      const asked = indexedDB.open(name);
      const base = await new Promise<IDBDatabase>((done) => (asked.onsuccess = () => done(asked.result)));
      const change = base.transaction('entries', 'readwrite');
      change.objectStore('entries').put('{"version":99,"content":[{"id":"a"}]}', 'part:tasks/open');
      await new Promise((done) => (change.oncomplete = done));
      base.close();
    }, 'sprindle-later');
    await reload(page);
    await sees(page, 'nothing will be overwritten');
    await press(page, 'Export everything now');
    const file = JSON.parse(readFileSync(await downloaded('sprindle-later-2026-11-24.json'), 'utf8'));
    assert.deepEqual([file.versions.tasks, file.tasks], [99, [{ id: 'a' }]]);
  },
);

scene(
  'a browser without channels between tabs, or a page that did not come over https, works all the same',
  { space: 'bare', at: '/tasks' },
  async ({ page }) => {
    await page.evaluateOnNewDocument(() => {
      Reflect.deleteProperty(globalThis, 'BroadcastChannel');
      Object.defineProperty(Crypto.prototype, 'randomUUID', { value: undefined, configurable: true });
      Reflect.deleteProperty(Crypto.prototype, 'randomUUID');
    });
    await reload(page);
    await add(page, 'Calibrate gauge');
    await add(page, 'Order waders');
    await isSaved(page, 'Order waders');
    await reload(page);
    await boxOf(page, 'Done: Calibrate gauge');
    await boxOf(page, 'Done: Order waders');
  },
);
