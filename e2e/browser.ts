import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { serve } from '@hono/node-server';
import { launch, type Browser, type BrowserContext, type Page } from 'puppeteer-core';
import { appServer } from '../server/app';
import { PATIENCE } from './steps';

export const sizes = {
  phone: { width: 390, height: 844, hasTouch: true, isMobile: true, deviceScaleFactor: 1 },
  wide: { width: 1280, height: 800, hasTouch: false, isMobile: false, deviceScaleFactor: 1 },
} as const;
export type Size = keyof typeof sizes;

/** Tuesday 24 November 2026, 11:20 in London: the moment at which all browser tests and pictures play. */
export const NOW = '2026-11-24T11:20:00Z';

type Means = {
  /** The folder of the exported application. */
  root?: string;
  /** Whether pages take turns in the browser's own context; see contextFor. */
  shared?: boolean;
  /** The browser's own text size, in pixels. */
  text?: number;
  /** Whether the service worker runs. Filling its cache is a third of what a page costs, so only its own tests have it. */
  offline?: boolean;
};
export type Stage = Required<Omit<Means, 'root' | 'text'>> & {
  browser: Browser;
  address: string;
  close: () => Promise<void>;
};

/** Debian's Chromium: the one without windows where it is there (scripts/setup.sh), or the one that is named. */
const chromium = (): string =>
  [process.env.CHROMIUM, '/usr/bin/chromium-headless-shell'].find((file) => file && existsSync(file)) ??
  '/usr/bin/chromium';

/** Serves the exported application on a free port and starts Chromium with an empty profile. */
export async function openStage({
  root = path.join(__dirname, '../dist'),
  shared = true,
  offline = !shared,
  text = 16,
}: Means = {}): Promise<Stage> {
  const server = serve({ fetch: appServer(root).fetch, port: 0 });
  await new Promise((ready) => server.once('listening', ready));
  const { port } = server.address() as AddressInfo; // a TCP server has one
  const userDataDir = mkdtempSync(path.join(os.tmpdir(), 'sprindle-'));
  const browser = await launch({
    executablePath: chromium(),
    userDataDir,
    args: [
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--blink-settings=defaultFontSize=${text}`,
    ],
  });
  const close = async () => {
    await browser.close();
    server.close();
    rmSync(userDataDir, { recursive: true, force: true });
  };
  return { browser, address: `http://localhost:${port}`, shared, offline, close };
}

/**
 * The browser's own context keeps compiled code from page to page, which a fresh one must do anew: it serves whoever has it
 * to themselves. Where it is taken, or was left behind by a test that failed, and where none is shared
 * as what is measured must not gain by it, a page gets a context of its own.
 */
let taken: Browser | null = null;

async function contextFor({ browser, shared }: Stage): Promise<BrowserContext> {
  if (!shared || taken === browser) return browser.createBrowserContext();
  taken = browser;
  return browser.defaultBrowserContext();
}

/** Closes what a test opened, so that the next one finds nothing of it. */
export async function leave(page: Page): Promise<void> {
  const context = page.browserContext();
  const browser = context.browser();
  if (context !== browser.defaultBrowserContext()) return context.close();
  const { origin } = new URL(page.url());
  const blank = await context.newPage();
  const devtools = await blank.createCDPSession();
  for (const each of await context.pages()) if (each !== blank) await each.close();
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await context.clearPermissionOverrides();
  taken = null;
}

/** Opens a page of its own size and storage space. Every console error or warning is collected in `complaints`. */
export async function openPage(
  stage: Stage,
  size: Size,
  space: string,
  route = '/today',
  dark = false,
  locale = 'en-GB',
) {
  const context = await contextFor(stage);
  const page = await context.newPage();
  const complaints: string[] = [];
  page.on('console', (message) => {
    if (['error', 'warn'].includes(message.type())) complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(String(error)));
  page.on('requestfailed', (request) => complaints.push(`failed: ${request.url()}`));
  page.setDefaultTimeout(2 * PATIENCE);
  if (!stage.offline) {
    await page.evaluateOnNewDocument(() => Reflect.deleteProperty(Navigator.prototype, 'serviceWorker'));
  }
  const devtools = await page.createCDPSession();
  await devtools.send('Emulation.setLocaleOverride', { locale });
  await page.setViewport(sizes[size]);
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: dark ? 'dark' : 'light' }]);
  await page.goto(
    `${stage.address}${route}${route.includes('?') ? '&' : '?'}space=${space}&now=${NOW}&zone=Europe/London`,
  );
  await settled(page);
  return { page, complaints };
}

/** Waits until the application stands and its fonts are there. */
export async function settled(page: Page): Promise<void> {
  await page.waitForSelector('[role=navigation]');
  await page.waitForSelector('[role=main]');
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  await new Promise((later) => setTimeout(later, 250));
}
