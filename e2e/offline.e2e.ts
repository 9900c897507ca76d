import assert from 'node:assert/strict';
import { appendFileSync, cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { after, test } from 'node:test';
import { isAccessible } from './axe';
import { openStage, type Stage } from './browser';
import { scene } from './scene';
import { settled, go, reload, press, type, sees, seesNo, holds, boxOf } from './steps';

/** A copy of the exported application, of which a new version can be made; one a scene, as scenes play side by side. */
function copy(): { root: string; on: () => Promise<Stage> } {
  const root = mkdtempSync(path.join(os.tmpdir(), 'sprindle-app-'));
  let opened: Promise<Stage> | undefined;
  const on = () => {
    if (!opened) cpSync(path.join(__dirname, '../dist'), root, { recursive: true });
    return (opened ??= openStage({ root, offline: true }));
  };
  after(async () => {
    await (await opened)?.close();
    rmSync(root, { recursive: true, force: true });
  });
  return { root, on };
}

const { root, on } = copy();
const cut = copy();

scene(
  'without a network the application opens, works and keeps what is done; a new version waits to be taken',
  { on, space: 'offline', at: '/tasks' },
  async ({ page }) => {
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await page.setOfflineMode(true);
    await go(page, '/tasks');
    await type(page, 'Add to the inbox', 'Written on the train');
    await boxOf(page, 'Done: Written on the train');
    await reload(page);
    await boxOf(page, 'Done: Written on the train');
    await page.setOfflineMode(false);

    appendFileSync(path.join(root, 'sw.js'), '\n// the next version');
    await reload(page);
    await sees(page, 'A new version of Sprindle is ready.');
    await isAccessible(page, 'an offered version');
    await type(page, 'Add to the inbox', 'Nothing was reloaded meanwhile');
    await (await page.$('[aria-label="Add to the inbox"]'))?.type('Half typed');
    const reloaded = page.waitForNavigation();
    await press(page, 'Use it now');
    await reloaded;
    await settled(page);
    await boxOf(page, 'Done: Nothing was reloaded meanwhile');
    await holds(page, 'Add to the inbox', 'Half typed');
    await seesNo(page, 'A new version');
  },
);

scene(
  'a version of which a script arrived cut is not taken',
  { on: cut.on, space: 'cut', at: '/tasks' },
  async ({ page }) => {
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const worker = path.join(cut.root, 'sw.js');
    const before = readFileSync(worker, 'utf8');
    const [name = ''] = /_expo[^"]*entry-[0-9a-f]{32}\.js/.exec(before) ?? [];
    const script = readFileSync(path.join(cut.root, name), 'utf8');
    const offered = async (hash: string, content: string) => {
      const next = name.replace(/[0-9a-f]{32}/, hash.repeat(32));
      writeFileSync(path.join(cut.root, next), content);
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
  },
);

test('it can be installed: the manifest and its icons are there', async () => {
  const stage = await on();
  const manifest = await (await fetch(`${stage.address}/manifest.webmanifest`)).json();
  for (const { src } of manifest.icons) {
    const answer = await fetch(`${stage.address}${src}`);
    assert.equal(answer.status, 200, src);
  }
});
