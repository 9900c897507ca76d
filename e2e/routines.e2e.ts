import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, go, holds, isAt, isGone, isSaved, keys, press, pressText, reload, sees, type } from './steps';

scene(
  'what is counted, and the checklist, are set up in the settings and ticked at the opening',
  { at: '/settings' },
  async ({ page }) => {
    await type(page, 'Something new to count', 'Pages written');
    await keys(page, 'Enter');
    await boxOf(page, 'Name of Pages written');
    await type(page, 'New line of the checklist', 'Look at the river gauge');
    await keys(page, 'Enter');
    await boxOf(page, 'Line: Look at the river gauge');
    await press(page, 'Opening: Checklist of your own');
    await go(page, '/plan?view=day');
    await keys(page, 'l');
    await page.keyboard.type('Pages written 7');
    await sees(page, 'Counts for today: Pages written, 7.');
    await keys(page, 'Enter');
    await sees(page, 'Pages written, Tue 24 Nov: 7');
    await keys(page, 'Escape');
    await isGone(page, 'Quick line');
    await keys(page, 'c');
    await isAt(page, 'Close the day');
    await pressText(page, 'Checklist · ');
    await press(page, 'Look at the river gauge');
    await pressText(page, 'Numbers');
    await holds(page, 'Pages written', '7');
  },
);

scene(
  'a routine of one’s own is set up on a phone, told of at its hour, and ticked off on Today',
  { size: 'phone', at: '/settings' },
  async ({ page }) => {
    await type(page, 'New routine', 'Before the weekend');
    await type(page, 'New line of Before the weekend', 'Tarp over the boat');
    await type(page, 'New line of Before the weekend', 'Keys to Bram');
    await press(page, 'Tuesday: Before the weekend');
    await type(page, 'Reminder of Before the weekend, hour', 'noonish');
    await sees(page, 'is no time of day');
    await type(page, 'Reminder of Before the weekend, hour', '11:20');
    await isSaved(page, '11:20');
    await go(page, '/today?now=2026-11-24T11:19:58Z');
    await sees(page, 'Tarp over the boat, Keys to Bram');
    await boxOf(page, 'Go: Before the weekend, reminder');
    await press(page, 'Tarp over the boat');
    await sees(page, '11:20 · 1 left');
    await press(page, 'Keys to Bram');
    await sees(page, '11:20 · all ticked');
    await isGone(page, 'Go: Before the weekend, reminder');
    await isAccessible(page, 'a routine on Today');
    await reload(page);
    await sees(page, '11:20 · all ticked');
    await boxOf(page, 'Rinse the waders');
  },
);
