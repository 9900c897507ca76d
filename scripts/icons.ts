import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { launch } from 'puppeteer-core';

/** `npm run icons`: draws the PNG icons from public/icons/icon.svg, after a change of it. */
async function draw() {
  const folder = path.join(__dirname, '../public/icons');
  const svg = readFileSync(path.join(folder, 'icon.svg'), 'utf8');
  const browser = await launch({
    executablePath: '/usr/bin/chromium',
    args: ['--headless=new', '--no-sandbox'],
  });
  const page = await browser.newPage();
  for (const size of [192, 512]) {
    await page.setViewport({ width: size, height: size, deviceScaleFactor: 1 });
    await page.setContent(`<style>body{margin:0}svg{display:block;width:100vw;height:100vh}</style>${svg}`);
    writeFileSync(path.join(folder, `icon-${size}.png`), await page.screenshot());
  }
  await browser.close();
}

void draw();
