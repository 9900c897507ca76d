import type { Page } from 'puppeteer-core';
import { isAccessible } from './axe';
import { drag, hourOf, middle } from './hands';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressTool,
  pressText,
  keys,
  type,
  sees,
  seesNo,
  isGone,
  isClosed,
  boxOf,
  keyboardIsOn,
  focus,
} from './steps';

const calendar = (title: string, uid: string) =>
  `BEGIN:VCALENDAR\nBEGIN:VEVENT\nUID:${uid}\nSUMMARY:${title}\nDTSTART:20261124T150000Z\nDURATION:PT1H\nEND:VEVENT\nEND:VCALENDAR`;

const dropFiles = (page: Page, files: readonly [string, string][]) =>
  page.evaluate((all) => {
    const dataTransfer = new DataTransfer();
    for (const [name, text] of all) dataTransfer.items.add(new File([text], name));
    window.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
  }, files);

scene('two files that are dropped together are asked for one after the other', {}, async ({ page }) => {
  await dropFiles(page, [
    ['gravel.ics', calendar('Gravel delivery', 'a')],
    ['notes.ics', 'no calendar'],
    ['school.ics', calendar('School visit', 'b')],
  ]);
  await sees(page, 'Calendar: gravel.ics');
  await pressText(page, 'A calendar of its own');
  await sees(page, '1\nnew');
  await seesNo(page, 'school.ics');
  await press(page, 'Done');
  await sees(page, 'Calendar: school.ics');
  await pressText(page, 'A calendar of its own');
  await press(page, 'Done');
  await sees(page, 'notes.ics: This is not a calendar file');
  await sees(page, 'School visit');
});

scene(
  'typed hours say what they mean before Enter makes them count: in “Place…”, in the details, for something new',
  { at: '/plan' },
  async ({ page }) => {
    // the upper one first: a list that has been scrolled lets go of what is far above
    await press(page, 'Place Renew the electrofishing');
    await focus(page, '[aria-label="Another day or hour"]');
    await page.keyboard.type('thu');
    await sees(page, 'Too late: it is due before');
    await keys(page, 'Escape');
    await isClosed(page);
    // it stands still once the list is drawn where it was scrolled to
    await boxOf(page, 'Place Stock count');
    await press(page, 'Place Stock count');
    await sees(page, 'Place Stock count');
    await focus(page, '[aria-label="Another day or hour"]');
    await page.keyboard.type('today 14:15');
    await sees(page, 'Tue 24 Nov, 14:15 – 15:00. Enter takes it.');
    await sees(page, 'Collides with Landowner: Pell Farm');
    await isAccessible(page, 'a typed place that collides');
    await keys(page, 'Escape');
    await isClosed(page);
    const block = await boxOf(page, 'Grant report, section 2, 12:00');
    await page.mouse.click(block.x + 60, block.y + 30);
    await focus(page, '[aria-label="Change the hours"]');
    await page.keyboard.type('fri 16:30');
    await sees(page, 'Ends 1 day after it is due');
    await sees(page, 'Ends 1 h after the working day');
    await keys(page, 'Escape');
    await press(page, 'New event');
    await type(page, 'Starts', 'today 12:30');
    await sees(page, 'Collides with Grant report, section 2');
  },
);

scene(
  'the plan goes on by keys while details stand beside it, and Escape closes them',
  { at: '/plan' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
    await keys(page, 'Enter');
    await sees(page, 'Change the hours');
    await keys(page, 'n');
    await keyboardIsOn(page, /^Permit letter, weir/);
    await keys(page, 'ArrowRight');
    await sees(page, 'Wed 25 Nov');
    await keys(page, 'Home');
    await boxOf(page, 'Grant report, section 2, 12:00');
    await focus(page, '[aria-label="Change the hours"]');
    await keys(page, 'Escape');
    await sees(page, 'Click a task, a block or a meeting to see it here.');
    await keyboardIsOn(page, /^Grant report, section 2/);
  },
);

scene(
  'several tasks let go on a group are judged together, each by name',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await press(page, 'Choose several');
    for (const name of ['Renew the electrofishing', 'Ask Tomas']) {
      await focus(page, `[aria-label^="To place: ${name}"]`);
      await keys(page, 'x');
    }
    const group = await boxOf(page, 'Small things');
    await drag(page, 'mouse', middle(await boxOf(page, 'To place: Ask Tomas')), middle(group), async () => {
      await sees(page, 'Renew the electrofishing licence ends 6 days after it is due');
      await sees(page, '40 min more than fits');
    });
    await boxOf(page, 'Small things, 15:00 – 16:00, 1 h, holds 4: 1 h 40 of 1 h, 40 min more than fits');
  },
);

scene(
  'categories are kept as things of their own: renamed, given a hue, and left out by it',
  { size: 'phone', at: '/settings' },
  async ({ page }) => {
    await pressText(page, 'Edit categories…');
    await type(page, 'Category Fieldwork', 'By the river');
    await type(page, 'New category', 'Accounts');
    await isAccessible(page, 'categories');
    await reload(page);
    await go(page, '/plan');
    await pressTool(page, 'What the plan shows');
    await press(page, 'Show the category By the river');
    await keys(page, 'Escape');
    await isGone(page, 'Check gauge readings, 09:30');
    await sees(page, 'By the river out of sight');
  },
);

scene(
  'the agenda keeps to a clock of twelve hours, and far days have their repeating tasks at once',
  { at: '/settings' },
  async ({ page }) => {
    await pressText(page, '2:30 pm');
    await go(page, '/plan?view=agenda');
    await sees(page, '12:00 pm – 1:30 pm');
    await go(page, '/plan?view=week&day=2031-03-04');
    await boxOf(page, 'Look after the willow cuttings, 1:30 pm – 2:00 pm');
    await drag(
      page,
      'mouse',
      middle(await boxOf(page, 'Look after the willow cuttings')),
      await hourOf(page, 'Thu 6 Mar', 10.1),
    );
    await pressText(page, 'This one');
    await boxOf(page, 'Look after the willow cuttings, 10:00 am – 10:30 am');
  },
);
