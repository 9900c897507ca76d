import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import { calm } from './steps';

const axeSource = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

/**
 * Fails when axe finds a violation in a part of the page: if none is named, in the sheet or the details that are open, as
 * what lies around them has a look of its own (surfaces.e2e.ts), else in all of it.
 */
export async function isAccessible(page: Page, name: string, within?: string): Promise<void> {
  await calm(page);
  // a dialog that is just opening is none yet
  await page.waitForFunction(() => !document.querySelector('[aria-modal]:not([role=dialog])'));
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource);
  const open = '[role=dialog], [role=complementary]:has([aria-label="Close the details"])';
  const part = within ?? ((await page.$(open)) ? open : 'html');
  const found = await page.evaluate(async (context) => {
    // axe was put on the page by the line above
    const { axe } = window as unknown as {
      axe: {
        run: (
          context: string,
          options: { resultTypes: string[]; preload: boolean },
        ) => Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[];
        }>;
      };
    };
    const { violations } = await axe.run(context, { resultTypes: ['violations'], preload: false });
    return violations.flatMap(({ id, nodes }) =>
      nodes
        .slice(0, 3)
        .map(({ html, failureSummary }) => `${id}: ${html.slice(0, 300)}\n  ${failureSummary}`),
    );
  }, part);
  assert.deepEqual(found, [], `axe on ${name}`);
}
