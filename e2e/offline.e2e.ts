import assert from 'node:assert/strict';
import { appendFileSync, cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { after, before, test } from 'node:test';
import { leave, openPage, openStage, settled, type Stage } from './browser';
import { boxOf, isAccessible, pause, press, sees, type } from './steps';

/** A copy of the exported application, of which a new version can be made. */
const root = mkdtempSync(path.join(os.tmpdir(), 'sprindle-app-'));
let stage: Stage;
before(async () => {
  cpSync(path.join(__dirname, '../dist'), root, { recursive: true });
  stage = await openStage({ root, offline: true });
});
after(async () => {
  await stage.close();
  rmSync(root, { recursive: true, force: true });
});

test('without a network the application opens, works and keeps what is done; a new version waits to be taken', async () => {
  const { page } = await openPage(stage, 'wide', 'offline', '/tasks');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.setOfflineMode(true);
  await page.goto(`${stage.address}/tasks`);
  await settled(page);
  await type(page, 'Add to the inbox', 'Written on the train');
  await boxOf(page, 'Done: Written on the train');
  await pause(500);
  await page.reload();
  await settled(page);
  await boxOf(page, 'Done: Written on the train');
  await page.setOfflineMode(false);

  appendFileSync(path.join(root, 'sw.js'), '\n// the next version');
  await page.reload();
  await sees(page, 'A new version of Sprindle is ready.');
  await isAccessible(page, 'an offered version');
  await type(page, 'Add to the inbox', 'Nothing was reloaded meanwhile');
  await (await page.$('input[aria-label="Add to the inbox"]'))?.type('Half typed');
  const reloaded = page.waitForNavigation();
  await press(page, 'Use it now');
  await reloaded;
  await settled(page);
  await boxOf(page, 'Done: Nothing was reloaded meanwhile');
  assert.equal(
    await page.$eval('input[aria-label="Add to the inbox"]', (field) => field.value),
    'Half typed',
  );
  assert.ok(!(await page.$$eval('body', ([body]) => body?.innerText.includes('A new version'))));
  await leave(page);
});

test('a version of which a script arrived cut is not taken', async () => {
  const { page } = await openPage(stage, 'wide', 'cut', '/tasks');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const worker = path.join(root, 'sw.js');
  const before = readFileSync(worker, 'utf8');
  const [name = ''] = /_expo[^"]*entry-[0-9a-f]{32}\.js/.exec(before) ?? [];
  const script = readFileSync(path.join(root, name), 'utf8');
  const offered = async (hash: string, content: string) => {
    const next = name.replace(/[0-9a-f]{32}/, hash.repeat(32));
    writeFileSync(path.join(root, next), content);
    writeFileSync(worker, before.replace(name, next));
    return page.evaluate(async () => {
      const registration = await navigator.serviceWorker.ready;
      await registration.update();
      const { installing } = registration;
      return new Promise((resolve) =>
        installing?.addEventListener('statechange', () => resolve(installing.state)),
      );
    });
  };
  assert.equal(await offered('0', script.slice(0, script.length / 2)), 'redundant');
  assert.equal(await offered('1', script), 'installed');
  writeFileSync(worker, before);
  await leave(page);
});

test('it can be installed: the manifest and its icons are there', async () => {
  const manifest = await (await fetch(`${stage.address}/manifest.webmanifest`)).json();
  for (const { src } of manifest.icons) {
    const answer = await fetch(`${stage.address}${src}`);
    assert.equal(answer.status, 200, src);
  }
});
