import assert from 'node:assert/strict';
import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { scene } from './scene';
import { eventually, focus, go, isClosed, keys, press, sees, type } from './steps';

/** From the pages to book from to what was asked for. */
async function requests(page: Page): Promise<void> {
  await focus(page, '[role=dialog] [aria-label="Requests…"]');
  await keys(page, 'Enter');
}

/** What a page says that runs no scripts. */
const said = (page: Page) => page.$eval('main', ({ textContent }) => textContent ?? '');

scene(
  'a page to book from: two take one time, one gets it; the booking is a request, answered, and called off',
  { at: '/settings' },
  async ({ page, stage: { browser, address } }) => {
    await press(page, 'Pages to book from…');
    await isAccessible(page, 'pages to book from');
    await press(page, 'Publish it');
    await sees(page, 'It takes a title and your name');
    await type(page, 'What it is for', 'A talk about the weir');
    await type(page, 'Your name', 'Petra');
    await press(page, 'Publish it');
    await sees(page, 'A talk about the weir can be booked from now on');
    const at = await page.evaluate(() => /http\S+\/book\/[\w-]+/.exec(document.body.innerText)?.[0] ?? '');
    assert.ok(at.startsWith(address), at);

    // two visitors, one without scripts on a phone
    const [lena, tomas] = [await browser.newPage(), await browser.newPage()];
    await lena.setJavaScriptEnabled(false);
    await lena.setViewport({ width: 390, height: 844 });
    await lena.goto(`${at}?zone=Europe/London`);
    await tomas.goto(at);
    await tomas.waitForFunction(() => location.search.startsWith('?zone='));
    for (const [who, name] of [
      [lena, 'Lena'],
      [tomas, 'Tomas'],
    ] as const) {
      await who.waitForSelector('.time');
      await who.focus('.time input');
      await who.keyboard.press('Space');
      await who.type('[name=name]', name);
      await who.type('[name=address]', `${name.toLowerCase()}@x.example`);
    }
    await isAccessible(tomas, 'a page to book from');
    await Promise.all([lena.waitForNavigation(), lena.click('button.primary')]);
    assert.match(await said(lena), /has not answered yet/);
    await Promise.all([tomas.waitForNavigation(), tomas.click('button.primary')]);
    await sees(tomas, 'Somebody has just taken this time');
    assert.equal(await tomas.$eval('input[name=name]', ({ value }) => value), 'Tomas');
    await Promise.all([tomas.waitForNavigation(), tomas.click('button.primary')]);
    await sees(tomas, 'has not answered yet');
    await isAccessible(tomas, 'a booking');

    await press(page, 'Ask now: A talk about the weir');
    await sees(page, 'Lena asks: A talk about the weir: Lena');
    await requests(page);
    await press(page, 'Accept: A talk about the weir: Lena');
    await press(page, 'Another time…: A talk about the weir: Tomas');
    await press(page, 'Propose them: A talk about the weir: Tomas');
    await sees(page, 'Another time is proposed, sent today');
    await lena.reload();
    assert.match(await said(lena), /Petra accepts/);
    await tomas.reload();
    await sees(tomas, 'These times are proposed instead');
    await tomas.focus('button.primary');
    await Promise.all([tomas.waitForNavigation(), tomas.keyboard.press('Enter')]);
    await sees(tomas, 'has not answered yet');
    await Promise.all([lena.waitForNavigation(), lena.click('form[action*="/off"] button')]);
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Pages to book from…');
    await press(page, 'Ask now: A talk about the weir');
    await requests(page);
    await sees(page, 'It has moved to a time that you proposed.');
    await sees(page, 'Called off');
    await keys(page, 'Escape');
    await isClosed(page);
    await press(page, 'Pages to book from…');
    await press(page, 'Take it down: A talk about the weir');
    await sees(page, 'is taken down');
    await eventually(async () => assert.equal((await tomas.reload())?.status(), 404));
    await go(page, '/today');
    await lena.close();
    await tomas.close();
  },
);
