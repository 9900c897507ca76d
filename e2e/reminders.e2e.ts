import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { after } from 'node:test';
import { isAccessible } from './axe';
import { openStage, type Stage } from './browser';
import { scene } from './scene';
import {
  boxOf,
  enter,
  eventually,
  go,
  isGone,
  keys,
  press,
  pressText,
  reload,
  sees,
  settled,
  type,
} from './steps';

/** Stands in for the browser's notifications, which are allowed and shown nowhere. */
const withNotifications = (page: Page) =>
  page.evaluateOnNewDocument(() => {
    const shown: unknown[] = [];
    Object.assign(window, { shown });
    Object.defineProperty(Notification, 'permission', { get: () => 'granted' });
    document.hasFocus = () => false;
    ServiceWorkerRegistration.prototype.showNotification = (title, options) => {
      shown.push({ title, ...options });
      return Promise.resolve();
    };
  });

type Shown = {
  title: string;
  body: string;
  actions: { action: string }[];
  data: { space: string; id: string };
};
const shownIn = (page: Page) => page.evaluate(() => (window as unknown as { shown: Shown[] }).shown); // put there above

/** What the service worker tells when something is pressed on a notification. */
const pressOn = (page: Page, { data }: Shown, action: string) =>
  page.evaluate(
    (told) => navigator.serviceWorker.dispatchEvent(new MessageEvent('message', { data: told })),
    { kind: 'ring', ...data, action },
  );

const EARLY = '/settings?now=2026-11-24T11:29:50Z';

scene(
  'on a phone reminders are set once for all blocks; one rings, is put off, and stands after a reload',
  { size: 'phone', at: EARLY },
  async ({ page }) => {
    await type(page, 'Before blocks', '30 min, soonish');
    await sees(page, '“soonish” is no length');
    await type(page, 'Before blocks', '30 min');
    const reminder = 'Reminder: Grant report, section 2';
    await boxOf(page, reminder);
    await sees(page, 'Begins in 30 min, at 12:00');
    await isAccessible(page, 'a reminder', `[aria-label="${reminder}"]`);
    await reload(page);
    await boxOf(page, reminder);
    await press(page, 'In 10 min: remind me of Grant report, section 2');
    await isGone(page, reminder);
    await reload(page);
    await enter(page, '/today?now=2026-11-24T11:40:20Z');
    await settled(page);
    await press(page, 'Start: Grant report, section 2, reminder');
    await isGone(page, reminder);
    await sees(page, 'Switched to Grant report, section 2');
  },
);

let opened: Promise<Stage> | undefined;
/** Where pages have a service worker. */
const withWorker = () => (opened ??= openStage({ offline: true }));
after(async () => (await opened)?.close());

scene(
  'of two tabs one rings; what is pressed on its notification is done once, and what came unseen is listed',
  { on: withWorker, at: EARLY },
  async ({ page, emptyTab }) => {
    await withNotifications(page);
    await reload(page);
    await type(page, 'Before blocks', '30 min, 20 min');
    const other = await emptyTab();
    await withNotifications(other);
    await other.goto(page.url());
    await settled(other);
    await eventually(async () => {
      const shown = [...(await shownIn(page)), ...(await shownIn(other))];
      assert.deepEqual(
        shown.map(({ title, body, actions }) => [title, body, actions.map(({ action }) => action).join()]),
        [['Grant report, section 2', 'Begins in 30 min, at 12:00', 'start,later']],
      );
    });
    const [first] = [...(await shownIn(page)), ...(await shownIn(other))];
    assert.ok(first);
    for (const tab of [page, other]) await pressOn(tab, first, 'start');
    await boxOf(page, 'Running: Grant report, section 2');
    await isGone(page, 'Reminder: ');
    await other.close();
    await press(page, 'Stop what runs');
    await isGone(page, 'Running: ');
    await go(page, '/today?now=2026-11-24T15:50:00Z');
    await sees(page, 'came while nobody looked');
    await press(page, 'Show the reminders that came…');
    await sees(page, 'Came unseen');
    await isAccessible(page, 'the reminders');
    await pressText(page, 'Close all');
    await sees(page, 'No reminder is open.');
    await keys(page, 'Escape');
    await isGone(page, 'Show the reminders that came…');
  },
);
