import type { Page } from 'puppeteer-core';
import { reflow } from '@/core/plan/bend/reflow';
import { task } from '@/core/fixtures/make';
import { workspaceOf } from '@/core/model/workspace';
import { MINUTE } from '@/core/time/span';
import { dayOf } from '@/core/time/zone';
import { longHistory } from '@/demo/tenYears';
import { openPage, openStage } from '../e2e/browser';
import { keys, realTime } from '../e2e/steps';
import { bringIn, median, now, zone } from './benchParts';

/** How soon the rest of a day moves along: the computation of 200 blocks, and the preview in ten years of data. */

const date = '2026-11-24';

function ofManyBlocks(): number {
  const { from } = dayOf(date, zone);
  const blocks = Array.from({ length: 200 }, (_, i) => ({
    id: `b${i}`,
    taskId: 't',
    start: from + (i * 7 + (i % 3) * 60) * MINUTE,
    minutes: 5 + (i % 4) * 5,
  }));
  const workspace = workspaceOf({ tasks: [task('t')], blocks });
  const times = Array.from({ length: 20 }, () => {
    const began = performance.now();
    reflow(workspace, { date, zone, now: from + 4 * 60 * MINUTE, bend: { kind: 'late' }, held: new Set() });
    return performance.now() - began;
  });
  return median(times);
}

/** Milliseconds from the press of R until the preview is drawn, the first time and later. */
async function previews(page: Page): Promise<number[]> {
  await page.evaluate(() => {
    let pressed = 0;
    addEventListener('keydown', ({ key, timeStamp }) => void (key === 'r' && (pressed = timeStamp)), true);
    new MutationObserver(() => {
      if (pressed === 0 || !document.querySelector('[aria-label="What moves"]')) return;
      const since = pressed;
      pressed = 0;
      requestAnimationFrame((at) => (document.title = `bent ${at - since}`));
    }).observe(document.body, { childList: true, subtree: true });
  });
  const times: number[] = [];
  for (let i = 0; i < 6; i += 1) {
    await keys(page, 'r');
    await page.waitForFunction(() => document.title.startsWith('bent '));
    times.push(Number((await page.title()).slice(5)));
    await page.evaluate(() => (document.title = ''));
    await keys(page, 'Escape');
    await realTime(1500);
  }
  return times;
}

async function main() {
  console.log(`200 blocks of a day move along: ${ofManyBlocks().toFixed(1)} ms (wanted: 20)`);
  const stage = await openStage({ offline: true });
  for (const size of ['phone', 'wide'] as const) {
    const { page } = await openPage(stage, { space: 'years', at: '/settings', size });
    await bringIn(page, 'years', longHistory({ seed: 7, now, zone, days: 3650 }));
    for (const slowed of [1, 4]) {
      await page.emulateCPUThrottling(slowed);
      await page.goto(`${stage.address}/plan?view=day&space=years&now=2026-11-24T12:35:00Z&zone=${zone}`);
      await realTime(8000);
      const [first = 0, ...later] = await previews(page);
      console.log(
        `${size}, slowed ${slowed} times, ten years, from R to the preview: ${first.toFixed(0)} ms at first, then ${median(later).toFixed(0)} ms (wanted, slowed: 100)`,
      );
    }
    await page.browserContext().close();
  }
  await stage.close();
}

void main();
