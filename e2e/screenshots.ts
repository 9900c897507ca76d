import path from 'node:path';
import type { KeyInput, Page } from 'puppeteer-core';
import { calm, go, isClosed, press, pressText, sees, seesNo, type } from './steps';
import { openTown } from './town';
import { openPage, openStage, type Size } from './browser';

type Shot = {
  name: string;
  route: string;
  size: Size;
  dark?: boolean;
  click?: string;
  key?: KeyInput;
  /** What is pressed then, by its words, one after the other. */
  presses?: readonly string[];
  text?: string;
  /** What is waited for. */
  shows?: string;
  /** What is done first. */
  before?: (page: Page) => Promise<void>;
};

/** A calendar is subscribed to, changes, and is looked at beside the plan. */
async function changedOutside(page: Page): Promise<void> {
  const town = await openTown();
  await press(page, 'Subscribe to a calendar…');
  await type(page, 'Address of the calendar', town.feed('partners'));
  await press(page, 'Subscribe to it');
  await isClosed(page);
  await town.play('partners/forum.ics/earlier');
  await town.play('partners/anglers.ics/cancel');
  await press(page, 'Refresh, how often… River partners');
  await press(page, 'Refresh now');
  await sees(page, 'Catchment forum moved');
  await page.keyboard.press('Escape');
  await isClosed(page);
  await go(page, '/plan?view=days&day=2026-11-25');
  await press(page, 'Look… River partners');
}

async function givenTimes(page: Page): Promise<void> {
  await press(page, 'Give free times…');
  await type(page, 'For whom', 'Lena Fisk');
  await type(page, 'In the time of', 'halifax');
  await sees(page, 'in your time (Halifax)');
  const last = '[role=dialog] [aria-label^="For 3 days"]';
  await page.$eval(last, (button) => button.scrollIntoView({ block: 'end' }));
}

/** A mailbox is connected, in which a request waits. */
async function askedFor(page: Page): Promise<void> {
  const town = await openTown();
  await press(page, 'Connect a mailbox…');
  await type(page, 'Address of the mailbox', town.mailbox);
  await type(page, 'User name', 'petra');
  await type(page, 'Password', 'weir');
  await isClosed(page);
  await press(page, 'Close this notice');
  await press(page, 'Look and answer…');
  await sees(page, 'Not this week: propose a later one');
  await page.$eval('[aria-label^="Accept"]', (button) => button.scrollIntoView({ block: 'end' }));
}

/** A page to book from, as somebody sees it who has its address. */
async function booked(page: Page): Promise<void> {
  await press(page, 'Pages to book from…');
  await type(page, 'What it is for', 'A talk about the weir');
  await type(page, 'Your name', 'Petra Weir');
  await press(page, 'Publish it');
  await sees(page, 'can be booked from now on');
  const at = await page.evaluate(() => /http\S+\/book\/[\w-]+/.exec(document.body.innerText)?.[0] ?? '');
  await page.goto(`${at}?zone=Europe/London`);
  await page.focus('.time input');
  await page.keyboard.press('Space');
}

/** One picture of each main view, from the demo data. `npm run screenshots -- plan` takes only those with that name. */
const shots: Shot[] = [
  { name: 'today-phone', route: '/today', size: 'phone' },
  { name: 'plan-phone', route: '/plan', size: 'phone' },
  { name: 'plan-wide', route: '/plan', size: 'wide', click: '[aria-label^="Grant report, section 2"]' },
  { name: 'review-wide', route: '/review?span=week&day=2026-11-09', size: 'wide' },
  { name: 'requests-phone', route: '/settings', size: 'phone', before: askedFor },
  { name: 'booking-phone', route: '/settings', size: 'phone', before: booked },
  { name: 'tasks-wide', route: '/tasks', size: 'wide', text: 'Table', shows: '[role=gridcell]' },
  { name: 'outside-wide', route: '/settings', size: 'wide', before: changedOutside },
  { name: 'free-phone', route: '/settings', size: 'phone', before: givenTimes },
  { name: 'frame-wide', route: '/frame', size: 'wide' },
  { name: 'opening-wide', route: '/opening', size: 'wide' },
  { name: 'close-phone', route: '/close?day=2026-11-23&step=record', size: 'phone' },
  ...(['phone', 'wide'] as const).map((size): Shot => ({
    name: `fit-${size}`,
    route: size === 'wide' ? '/plan?view=workweek&day=2026-11-30' : '/plan?view=day&day=2026-11-30',
    size,
    dark: size === 'wide',
    ...(size === 'wide' ? { key: 'b' as const } : {}),
    presses: [...(size === 'wide' ? [] : ['More…']), 'Propose a plan…', 'Next week, too', 'Propose a plan'],
  })),
  {
    name: 'bend-phone',
    route: '/today?now=2026-11-24T12:35:00Z',
    size: 'phone',
    key: 'r',
  },
  { name: 'estimates-wide', route: '/estimates', size: 'wide' },
  { name: 'weekly-wide', route: '/weekly', size: 'wide' },
  {
    name: 'forecast-wide',
    route: '/plan?view=week',
    size: 'wide',
    key: 'b',
    presses: ['Can I take it on?'],
  },
  { name: 'triage-phone', route: '/tasks', size: 'phone', click: '[aria-label^="Go through the inbox"]' },
];

async function main() {
  const [only, folder = path.join(__dirname, '../docs/screenshots')] = process.argv.slice(2);
  const stage = await openStage();
  for (const { name, route, size, dark, click, key, presses = [], text, shows, before } of shots) {
    if (only && !name.includes(only)) continue;
    const { page, complaints, leave } = await openPage(stage, { size, at: route, dark });
    await before?.(page);
    if (text) await pressText(page, text);
    if (shows) await page.waitForSelector(shows);
    if (click) await page.click(click);
    if (key) await page.keyboard.press(key);
    for (const words of presses) await pressText(page, words);
    if (name.startsWith('fit')) {
      await sees(page, ' tasks on time');
      await seesNo(page, 'Looking for a better one');
    }
    // a line under each day's measure
    if (size === 'wide' && route.startsWith('/plan')) await sees(page, 'four of five such days');
    // what opens is loaded first
    if (click || key || route.includes('add='))
      await page.waitForSelector('[aria-label=Close], [aria-label="Close the details"]');
    await calm(page);
    await page.waitForFunction(() => document.querySelector('[aria-busy=true]') === null);
    await page.screenshot({ path: path.join(folder, `${name}.png`) });
    console.log(name, complaints.join('\n'));
    await leave();
  }
  await stage.close();
}

void main();
