import assert from 'node:assert/strict';
import { isAccessible } from './axe';
import { middle } from './hands';
import { scene } from './scene';
import {
  boxOf,
  choose,
  enter,
  focus,
  go,
  hears,
  holds,
  isAt,
  isClosed,
  isGone,
  keyboardIsOn,
  keys,
  press,
  pressText,
  reload,
  sees,
  seesNo,
  standing,
  type,
} from './steps';

scene(
  'a day is closed on a phone: what is left is decided on, and the record mended until it adds up',
  { size: 'phone', at: '/close?now=2026-11-24T18:05:00Z' },
  async ({ page }) => {
    await sees(page, 'Order waders');
    await isAccessible(page, 'what is left of a day');
    await press(page, 'Tomorrow 13:00');
    await sees(page, 'Order waders: tomorrow 13:00, 30 min');
    await press(page, 'Keep for the morning: Reply to the parish council');
    await sees(page, 'Everything of this day is done, or has another place.');
    await pressText(page, 'Next: Record');

    await sees(page, '7 h 17 recorded of 8 h');
    await press(page, 'Landowner: Pell Farm, for 11 min');
    await reload(page);
    await sees(page, '30 min open');
    await boxOf(page, 'Landowner: Pell Farm 59 min, 14:32 – 15:31, put in afterwards');
    await isAccessible(page, 'the record of a day');
    await press(page, 'Break, for ');
    await sees(page, 'adds up');
    await pressText(page, 'Next: Numbers');

    await type(page, 'Samples counted (samples)', 'fourteen');
    await sees(page, '“fourteen” is no number. Try 12.');
    await type(page, 'Samples counted (samples)', '14');
    await pressText(page, 'Next: Note');
    // the note stands as it is written before its marks are drawn
    await page.waitForSelector('[role=checkbox]');
    await press(page, 'Task of it: call the lab about the eel counts');
    await sees(page, 'call the lab about the eel counts is a task in the tray of Tue 24 Nov');
    await pressText(page, 'The day');
    await sees(page, 'Order waders goes to Wed 25 Nov');
    await boxOf(page, 'Opening of Wed 25 Nov…');
    await press(page, 'Close the day');
    await isAt(page, 'Today');
    await sees(page, 'This day is closed.');
    await reload(page);
    await sees(page, 'This day is closed.');
  },
);

scene(
  'at the close days that are taken whole say by what, and a box of the note stays tied to its task when it is reworded',
  { at: '/plan?view=week' },
  async ({ page }) => {
    await press(page, 'Spawning: no work');
    await press(page, 'Edit event');
    await choose(page, 'While it lasts I am', 'busy');
    await sees(page, '4 h 30 of 0 min planned');
    await keys(page, 'Escape');
    await isClosed(page);
    await keys(page, 'c');
    await sees(page, 'Spawning: no work in the river takes Wed 25, Thu 26, Fri 27 whole');
    await boxOf(page, 'Thu 26 Nov: taken whole by Spawning: no work in the river');

    await pressText(page, 'Note');
    await page.waitForSelector('[role=checkbox]');
    await press(page, 'Task of it: call the lab about the eel counts');
    await isGone(page, 'Task of it: call the lab about the eel counts');
    await press(page, 'Edit: Day note');
    await type(page, 'Day note', '- [ ] call the lab today');
    await press(page, 'Read: Day note');
    const box = (ticked: boolean) =>
      page.waitForSelector(`[aria-checked=${ticked}][aria-label="Ticked: call the lab today"]`);
    await (await box(false))?.click();
    await box(true);
    await hears(page, /^Done/);
    await press(page, 'Undo write the note');
    await box(false);
    await go(page, '/tasks');
    await boxOf(page, 'Done: call the lab about the eel counts');
  },
);

scene(
  'the record is cut, given to something else and taken back, by keys',
  { at: '/close?now=2026-11-24T18:05:00Z' },
  async ({ page }) => {
    await pressText(page, 'Record · ');
    await press(page, 'Check gauge readings 1 h 14, 09:35');
    await type(page, 'To', '10:00');
    await type(page, 'Something else', 'Phone with the county');
    await boxOf(page, 'Phone with the county 25 min, 09:35 – 10:00, put in afterwards');
    await boxOf(page, 'Check gauge readings 49 min, 10:00');
    await keys(page, 'Escape');
    await press(page, 'Undo mend the record');
    await isGone(page, 'Phone with the county 25 min, 09:35 – 10:00, put in afterwards');
  },
);

scene(
  'a day is opened by keys: what waits is taken, kept or put off, and one thing is the keystone',
  { at: '/today' },
  async ({ page }) => {
    await keys(page, 'y');
    await isAt(page, 'Opening');
    await keyboardIsOn(page, /^Budget table for the funder/);
    await isAccessible(page, 'opening');
    await keys(page, '1');
    await sees(page, 'Budget table for the funder: ');
    await keyboardIsOn(page, /^(?!Budget)/);
    await keys(page, 'v');
    await sees(page, 'Nothing is left from the days before.');
    await keys(page, 'Enter');
    await keyboardIsOn(page, /^Renew the electrofishing licence/);
    await keys(page, 't');
    await sees(page, 'Renew the electrofishing licence: into the tray of today');
    await reload(page);
    await sees(page, 'Nothing is overdue.');
    await pressText(page, 'Choose');
    await choose(
      page,
      'Which one decides whether the day is good? It is the keystone',
      'Permit letter, weir · 13:30',
    );
    await sees(page, 'Permit letter, weir is the keystone of Tue 24 Nov');
    await boxOf(page, 'Permit letter, weir, 13:30 – 14:15, 45 min, keystone');
    await pressText(page, 'Begin the day');
    await isAt(page, 'Today');
    await boxOf(page, 'keystone');
    await go(page, '/plan?view=agenda');
    await boxOf(page, 'keystone');
  },
);

scene(
  'a close that was missed is offered the next morning, and gone through or let be',
  {},
  async ({ page }) => {
    await sees(page, 'Rest of the day');
    await keys(page, 's');
    await sees(page, 'Stopped');
    await enter(page, '/today?now=2026-11-25T08:00:00Z');
    await sees(page, 'Yesterday was not closed');
    await press(page, 'Close it…');
    await isAt(page, 'Close the day');
    await sees(page, 'Tue 24 Nov');
    await pressText(page, 'Leave it for later');
    await press(page, 'Close what was missed as it is');
    await sees(page, 'Tue 24 Nov is closed');
    await seesNo(page, 'Yesterday was not closed');
  },
);

scene(
  'the record of a day before is mended from Review, stretch by stretch or by dragging its end',
  { at: '/review?day=2026-11-23' },
  async ({ page }) => {
    await pressText(page, 'Mend the record…');
    await isAt(page, 'Close the day');
    await sees(page, 'Mon 23 Nov');
    await sees(page, '09:36 – 10:04 was not recorded');
    const end = await standing(page, '.cursor-ns-resize:last-child');
    const from = middle(end);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x, from.y - 8, { steps: 4 });
    await page.mouse.up();
    await sees(page, '09:36 – 09:55 was not recorded');
    await press(page, 'Crew call, for 19 min');
    await sees(page, '09:55 – 10:04 was not recorded');
    await press(page, 'Undo mend the record');
    await sees(page, '1 h 57 open');
  },
);

for (const size of ['phone', 'wide'] as const)
  scene(
    `the day goes out as text, is changed, seen and taken back in one step, ${size}`,
    { size, at: '/today' },
    async ({ page }) => {
      await press(page, 'Day note…');
      // the note stands as it is written before its marks are drawn
      await page.waitForSelector('[role=dialog] [role=checkbox]');
      await press(page, 'The day as text…');
      const field = 'textarea[aria-label="The day as text"]';
      await page.waitForSelector(field);
      const text = await page.$eval(field, (area) => (area as HTMLTextAreaElement).value);
      assert.match(text, /^# Tue 24 Nov 2026/);
      assert.match(text, /- \[ \] 12:00-13:30 \*\*Grant report, section 2\*\*/);
      const changed = text
        .replace('- [ ] 13:30-14:15 Permit letter, weir', '- [ ] 15:30-16:00 Permit letter, weir\nodd line')
        .replace('- [ ] Order waders', '- [x] Order waders');
      // pasted over all of it
      await focus(page, field);
      await keys(page, 'Control+a');
      await page.keyboard.sendCharacter(changed);
      await keys(page, 'Tab');
      await sees(page, 'Permit letter, weir moves to 15:30 – 16:00, 30 min');
      await sees(page, '“odd line”, cannot be read, and stays without effect');
      await isAccessible(page, 'the day as text');
      await press(page, 'Take these 2 changes');
      await sees(page, 'Tue 24 Nov: 2 changes from the text');
      // the day is drawn anew a moment after it has changed
      await sees(page, '30 min · due tomorrow 10:00');
      await press(page, 'Day note…');
      await page.waitForSelector('[role=dialog] [role=checkbox]');
      await press(page, 'The day as text…');
      await holds(page, 'The day as text', /15:30-16:00 Permit letter, weir[^]*\[x\] Order waders/);
      await keys(page, 'Escape', 'Escape');
      await isClosed(page);
      await press(page, 'Undo take the day as text');
      await sees(page, '45 min · due tomorrow 10:00');
    },
  );
