import { execFileSync } from 'node:child_process';
import { closeSync, mkdirSync, openSync, rmSync, writeSync } from 'node:fs';
import path from 'node:path';
import { openStage, sizes } from '@/e2e/browser';
import { realTime, boxOf, isGone, sees, settled, type } from '@/e2e/steps';

/*
 * A device that is really full: the browser's profile lies on a small file system in memory, which is filled while a tab is
 * open and emptied again. What was saved before, and what is done while it is full, must be there after a reload.
 */

const device = '/tmp/sprindle-full-device';
const filler = path.join(device, 'filler');
const SIZE = '80m';

/** Writes until nothing more fits. */
function fill(): void {
  const file = openSync(filler, 'w');
  for (const size of [1_000_000, 10_000, 100]) {
    try {
      for (;;) writeSync(file, Buffer.alloc(size));
    } catch {
      // full, at this size
    }
  }
  closeSync(file);
}

async function onFullDevice(round: number): Promise<void> {
  const stage = await openStage();
  try {
    // the browser's own profile: what the tests use otherwise lies in memory
    const page = await stage.browser.newPage();
    await page.setViewport(sizes.wide);
    await page.goto(`${stage.address}/tasks?space=full-${round}`);
    await settled(page);
    for (const title of ['Calibrate gauge', 'Order waders', 'Ring the landowner'])
      await type(page, 'Add to General', title);
    await realTime(1000);
    fill();
    for (let i = 0; i < 12; i += 1) {
      await type(page, 'Add to General', `While full ${i} ${'long '.repeat(150)}`);
      await realTime(400);
    }
    const said = await page.$$eval('[role=alert]', (alerts) =>
      alerts.map((alert) => (alert as HTMLElement).innerText),
    );
    console.log(
      `round ${round}: ${said.find((words) => words.includes('not being saved')) ?? 'it went on being saved'}`,
    );
    rmSync(filler, { force: true });
    await realTime(1000);
    await type(page, 'Add to General', 'With room again');
    await page.waitForFunction(() => !document.body.innerText.includes('not being saved'), {
      timeout: 20_000,
    });
    await realTime(1000);
    await page.reload();
    await settled(page);
    await sees(page, 'With room again');
    for (const title of [
      'Calibrate gauge',
      'Order waders',
      'Ring the landowner',
      'While full 0',
      'While full 7',
    ])
      await boxOf(page, `Done: ${title}`);
    await isGone(page, 'Close this notice');
  } finally {
    await stage.close();
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
  process.env.TMPDIR = device;
  try {
    for (let round = 1; round <= 4; round += 1) await onFullDevice(round);
    console.log('Full device: nothing was lost in four rounds.');
  } finally {
    rmSync(filler, { force: true });
    execFileSync('umount', ['-l', device]);
  }
}

void main();
