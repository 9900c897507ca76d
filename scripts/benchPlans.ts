import { openStage } from '../e2e/browser';
import { runInChromium } from './benchParts';

/** How long plans and forecasts take in Chromium, as the processor is and slowed four times. */

async function main() {
  const stage = await openStage({ offline: true });
  for (const slowed of [1, 4]) {
    const found: Record<string, unknown> = JSON.parse(await runInChromium(stage, 'plans.ts', slowed));
    for (const [what, ms] of Object.entries(found))
      console.log(`${what}${slowed > 1 ? `, slowed ${slowed} times` : ''}, ms: ${JSON.stringify(ms)}`);
  }
  await stage.close();
}

void main();
