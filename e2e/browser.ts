import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { serve } from '@hono/node-server';
import { launch, type Browser, type BrowserContext, type Page } from 'puppeteer-core';
import { appServer } from '../server/app';
import { bookingPages } from '../server/booking/pages';
import { LIMITS } from '../server/outside/request';
import { PATIENCE, settled } from './steps';

export const sizes = {
  phone: { width: 390, height: 844, hasTouch: true, isMobile: true, deviceScaleFactor: 1 },
  wide: { width: 1280, height: 800, hasTouch: false, isMobile: false, deviceScaleFactor: 1 },
} as const;
export type Size = keyof typeof sizes;

/** Tuesday 24 November 2026, 11:20 in London: the moment at which all browser tests and pictures play. */
export const NOW = '2026-11-24T11:20:00Z';

/** How many times slower each page's processor is made. */
const SLOW = Number(process.env.SLOW ?? 1);

type Means = {
  /** The folder of the exported application. */
  root?: string;
  /** The browser's own text size, in pixels. */
  text?: number;
  /** Whether the service worker runs. Filling its cache is a third of what a page costs, so only its own tests have it. */
  offline?: boolean;
  /** The folder of the browser's profile, which then stays; else a new one. */
  profile?: string;
  /** The port of the server; else a free one. */
  port?: number;
};
export type Stage = {
  readonly browser: Browser;
  readonly address: string;
  readonly offline: boolean;
  readonly close: () => Promise<void>;
};

/** Debian's Chromium: the one without windows where it is there (scripts/setup.sh), or the one that is named. */
const chromium = (): string =>
  [process.env.CHROMIUM, '/usr/bin/chromium-headless-shell'].find((file) => file && existsSync(file)) ??
  '/usr/bin/chromium';

/** Origins of this machine that the server may ask for its pages; scenes add their own. */
export const allowed: string[] = [];

/** Serves the exported application on a free port and starts Chromium with an empty profile. */
export async function openStage({
  root = path.join(__dirname, '../dist'),
  offline = false,
  text = 16,
  profile,
  port: wanted = 0,
}: Means = {}): Promise<Stage> {
  const now = () => Date.parse(NOW);
  const outside = { limits: { ...LIMITS, allowed } };
  const app = appServer(root, undefined, outside, bookingPages(now), now);
  const server = serve({ fetch: app.fetch, port: wanted });
  await new Promise((ready) => server.once('listening', ready));
  const { port } = server.address() as AddressInfo; // a TCP server has one
  const userDataDir = profile ?? mkdtempSync(path.join(os.tmpdir(), 'sprindle-'));
  const browser = await launch({
    executablePath: chromium(),
    userDataDir,
    protocolTimeout: 5 * PATIENCE,
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
    if (!profile) rmSync(userDataDir, { recursive: true, force: true });
  };
  return { browser, address: `http://localhost:${port}`, offline, close };
}

/** How a page is opened: wide, in the light and in British English with the demo office, unless something else is said. */
export type Setting = {
  readonly size?: Size;
  /** The storage space; any name but `demo` begins empty. */
  readonly space?: string;
  /** The place at which it opens. */
  readonly at?: string;
  readonly dark?: boolean;
  readonly locale?: string;
  /** How many times slower its processor is. */
  readonly slow?: number;
};

export type Visit = {
  readonly page: Page;
  /** Every error and warning that any tab of the visit had. */
  readonly complaints: string[];
  /** Opens one more tab of the same space, and waits until it stands. */
  readonly tab: (at: string) => Promise<Page>;
  /** Opens one more tab that goes nowhere yet. */
  readonly emptyTab: () => Promise<Page>;
  readonly leave: () => Promise<void>;
};

async function newTab(
  context: BrowserContext,
  { offline }: Stage,
  { size = 'wide', dark = false, locale = 'en-GB', slow = 1 }: Setting,
  complaints: string[],
): Promise<Page> {
  const page = await context.newPage();
  page.on('console', (message) => {
    if (['error', 'warn'].includes(message.type())) complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(String(error)));
  page.on('requestfailed', (request) => complaints.push(`failed: ${request.url()}`));
  page.setDefaultTimeout(PATIENCE);
  // tsx names functions by this, in pages too
  await page.evaluateOnNewDocument('globalThis.__name = (named) => named');
  if (!offline)
    await page.evaluateOnNewDocument(() => Reflect.deleteProperty(Navigator.prototype, 'serviceWorker'));
  const devtools = await page.createCDPSession();
  await devtools.send('Emulation.setLocaleOverride', { locale });
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: Math.max(SLOW, slow) });
  await page.setViewport(sizes[size]);
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: dark ? 'dark' : 'light' }]);
  return page;
}

/** Opens a page with a storage of its own, in a context that nothing else shares, and waits until it stands. */
export async function openPage(stage: Stage, setting: Setting = {}): Promise<Visit> {
  const { space = 'demo', at = '/today' } = setting;
  const context = await stage.browser.createBrowserContext();
  const complaints: string[] = [];
  const emptyTab = () => newTab(context, stage, setting, complaints);
  const tab = async (place: string) => {
    const page = await emptyTab();
    await page.goto(
      `${stage.address}${place}${place.includes('?') ? '&' : '?'}space=${space}&now=${NOW}&zone=Europe/London`,
    );
    await settled(page).catch(async (error) => {
      const shown = await page.evaluate(
        () => `${document.readyState}\n${document.body.innerHTML.slice(0, 3000)}`,
      );
      throw new Error(`${place} does not stand: ${shown}\n${complaints.join('\n')}`, { cause: error });
    });
    return page;
  };
  return { page: await tab(at), complaints, tab, emptyTab, leave: () => context.close() };
}
