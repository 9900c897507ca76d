import { execFileSync } from 'node:child_process';
import { closeSync, mkdirSync, openSync, rmSync, writeSync } from 'node:fs';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { openStage, sizes } from '@/e2e/browser';
import { realTime, settled } from '@/e2e/steps';

/*
 * A device that is really full: the browser's profile lies on a small file system in memory, which is filled while a tab is
 * open. Then the tab is reloaded, or closed and opened again, or the browser is killed; in the end there is room again. What
 * was saved before the device was full must be there at every look, and so must be what the application did not say it
 * could not save.
 */

const device = '/tmp/sprindle-full-device';
const filler = path.join(device, 'filler');
const SIZE = '80m';
/** Takes at once all room that the browser makes or is given: then nothing can be kept, as Chromium gives up its databases. */
const HOG = process.env.HOG !== undefined;
const PORT = 4179;
const ROUNDS = Number(process.env.ROUNDS ?? 20);
const before = Array.from({ length: 7 }, (_, i) => `Before it was full ${i}`);

/** Writes until nothing more fits; a browser makes room by giving up what it can do without. */
function fill(): void {
  const file = openSync(filler, 'a');
  for (const size of [1_000_000, 4096]) {
    try {
      for (;;) writeSync(file, Buffer.alloc(size));
    } catch {
      // full, at this size
    }
  }
  closeSync(file);
}

const bodyOf = (page: Page) => page.$eval('body', (body) => (body as HTMLElement).innerText);
const add = async (page: Page, title: string) => {
  await page.locator(':is(input, textarea)[aria-label="Add to the inbox"]').click();
  await page.keyboard.sendCharacter(title);
  await page.keyboard.press('Enter');
};
const lacking = async (page: Page, titles: readonly string[]) => {
  const text = await bodyOf(page);
  return titles.filter((title) => !text.includes(title));
};

const open = async (round: number) => {
  const stage = await openStage({ profile: path.join(device, `profile-${round}`), port: PORT });
  // the browser's own profile: what the tests use otherwise lies in memory
  const page = await stage.browser.newPage();
  await page.setViewport(sizes.wide);
  page.on('dialog', (dialog) => void dialog.accept());
  await page.goto(`${stage.address}/tasks?space=full`);
  await settled(page);
  return { stage, page };
};
type Open = Awaited<ReturnType<typeof open>>;

/** How the tab is left while the device is full. */
const ways = ['reload', 'close', 'kill'] as const;

async function leftWhileFull(
  { stage, page }: Open,
  way: (typeof ways)[number],
  round: number,
): Promise<Open> {
  if (way === 'reload' && stage.browser.connected) {
    await page.reload();
    await settled(page);
    return { stage, page };
  }
  if (way === 'kill') stage.browser.process()?.kill('SIGKILL');
  await stage.close().catch(() => undefined);
  return open(round);
}

/** Writes things while the device is full; returns what the application did not say it could not save. */
async function addWhileFull({ stage, page }: Open): Promise<string[]> {
  const added: string[] = [];
  for (let i = 0; i < 12; i += 1) {
    const title = `While full ${i}.`;
    if (HOG) fill();
    await add(page, `${title} ${'long '.repeat(150)}`).catch(() => undefined);
    await realTime(600);
    // a browser that cannot write may fall over by itself
    if (!stage.browser.connected) {
      console.log('the browser fell over by itself');
      return added;
    }
    if ((await bodyOf(page)).includes('not being saved')) return added;
    added.push(title);
  }
  return added;
}

/** One round; returns what was lost. */
async function onFullDevice(round: number): Promise<string[]> {
  const way = ways[round % ways.length] ?? 'reload';
  let now = await open(round);
  try {
    for (const title of before) await add(now.page, title);
    // the second home is filled once the person has had a look
    await realTime(6000);
    fill();
    const added = await addWhileFull(now);
    now = await leftWhileFull(now, way, round);
    const lostThen = await lacking(now.page, [...before, ...added]);
    rmSync(filler, { force: true });
    await realTime(1000);
    await add(now.page, 'With room again');
    await now.page.waitForFunction(() => !document.body.innerText.includes('not being saved'));
    await realTime(1000);
    await now.page.reload();
    await settled(now.page);
    const lost = await lacking(now.page, [...before, ...added, 'With room again']);
    console.log(
      `round ${round}, ${way}: ${added.length} added, missing while full ${lostThen.length}, afterwards ${lost.length}`,
    );
    return [...lostThen, ...lost];
  } finally {
    await now.stage.close().catch(() => undefined);
    rmSync(filler, { force: true });
    rmSync(path.join(device, `profile-${round}`), { recursive: true, force: true });
  }
}

async function main(): Promise<void> {
  mkdirSync(device, { recursive: true });
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${SIZE}`, 'tmpfs', device], { stdio: 'ignore' });
  } catch {
    console.log('A small file system cannot be mounted here (it takes root): the full device was left out.');
    return;
  }
  const lost: string[] = [];
  try {
    for (let round = 1; round <= ROUNDS; round += 1) lost.push(...(await onFullDevice(round)));
  } finally {
    execFileSync('umount', ['-l', device]);
  }
  if (lost.length > 0) throw new Error(`A full device lost ${lost.length} things: ${lost.join(', ')}`);
  console.log(`Full device: nothing was lost in ${ROUNDS} rounds.`);
}

void main();
