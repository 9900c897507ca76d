import assert from 'node:assert/strict';
import { mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { after, test } from 'node:test';
import { openPage, openStage, type Setting, type Stage, type Visit } from './browser';
import { realTime, textOf } from './steps';

/** How long a scene may take, in milliseconds, so that one that hangs does not hold up the others. */
const LONGEST = 600_000;

let opened: Promise<Stage> | undefined;

/** The browser and the application that all scenes share. */
export const theStage = (): Promise<Stage> => (opened ??= openStage());

after(async () => (await opened)?.close());

type Conditions = Setting & {
  /** What the console may complain of, as it belongs to what is shown; nothing unless said. */
  readonly expects?: RegExp;
  /** Another stage than the shared one. */
  readonly on?: () => Promise<Stage>;
};

/** Says what a page showed as text, and where a picture of it lies. */
async function whatStood({ page, complaints }: Visit): Promise<string> {
  const picture = path.join(mkdtempSync(path.join(os.tmpdir(), 'sprindle-failed-')), 'page.png');
  const seen = async () => {
    await page.screenshot({ path: picture as `${string}.png` }); // it ends so
    return `${page.url()} showed (a picture: ${picture})\n${await textOf(page)}`;
  };
  const hangs = realTime(20_000).then(() => 'The page does not answer.');
  const text = await Promise.race([seen().catch(String), hangs]);
  return [text, ...complaints.map((complaint) => `The console: ${complaint}`)].join('\n');
}

/**
 * A browser test: opens a page of its own, does what is to be seen, and fails if something was not as expected or the
 * console complained. On failure it says what the page showed.
 */
export function scene(
  name: string,
  { expects, on = theStage, ...setting }: Conditions,
  act: (visit: Visit & { stage: Stage }) => Promise<void>,
): void {
  test(name, { timeout: LONGEST }, async () => {
    const stage = await on();
    const visit = await openPage(stage, setting);
    try {
      await act({ ...visit, stage });
      const complaints = visit.complaints.filter((complaint) => !expects?.test(complaint));
      assert.deepEqual(complaints, [], 'the console stayed quiet');
    } catch (error) {
      console.log(`# ${name}\n${await whatStood(visit)}`);
      throw error;
    } finally {
      await visit.leave();
    }
  });
}
