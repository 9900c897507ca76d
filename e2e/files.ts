import assert from 'node:assert/strict';
import { existsSync, mkdtempSync, statSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { eventually, press } from './steps';

/** Files that are handed to the page, and that it hands out. */

const newFolder = () => mkdtempSync(path.join(os.tmpdir(), 'sprindle-'));

/** A file with some contents, by its name. */
export function fileOf(name: string, contents: string | Uint8Array): string {
  const file = path.join(newFolder(), name);
  writeFileSync(file, contents);
  return file;
}

/** A calendar file of some components, which are given without their first and last line. */
export const calendarFile = (name: string, ...events: readonly (readonly string[])[]): string =>
  fileOf(
    name,
    [
      ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Sprindle//tests//EN'],
      ...events.flatMap((lines) => ['BEGIN:VEVENT', 'DTSTAMP:20261101T000000Z', ...lines, 'END:VEVENT']),
      'END:VCALENDAR',
    ].join('\r\n'),
  );

/** Chooses files behind the button: those of e2e/fixtures by their names. */
export async function chooseFile(page: Page, button: string, ...files: readonly string[]): Promise<void> {
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, button)]);
  await chooser.accept(files.map((file) => path.resolve(__dirname, 'fixtures', file)));
}

/** Lets downloads of the page go into a folder of their own, and returns a wait for one of them by its name. */
export async function downloads(page: Page) {
  const folder = newFolder();
  const devtools = await page.createCDPSession();
  const { id } = page.browserContext();
  await devtools.send('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: folder,
    ...(id === undefined ? {} : { browserContextId: id }),
  });
  return async (name: string): Promise<string> => {
    const file = path.join(folder, name);
    // it is there before anything is written into it
    await eventually(() =>
      assert.ok(existsSync(file) && statSync(file).size > 0, `${name} was not handed out`),
    );
    return file;
  };
}
