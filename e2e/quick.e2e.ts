import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { isAccessible } from './axe';
import { chooseFile, downloads } from './files';
import { scene } from './scene';
import {
  go,
  reload,
  press,
  pressText,
  keys,
  type,
  textOf,
  sees,
  isGone,
  isNowhere,
  boxOf,
  tabTo,
  keyboardIsIn,
  eventually,
  focus,
  calm,
} from './steps';

scene(
  'by keyboard: a line in plain words becomes a task with its block; it says what it collides with, and stays open',
  { at: '/plan?day=2026-11-26' },
  async ({ page }) => {
    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Count the redds tomorrow 11:00 1h in Field surveys by Fri, urgent');
    for (const words of ['Wed 25 Nov, 11:00', '1 h', 'Field surveys', 'due Fri 27 Nov', 'urgent priority'])
      await boxOf(page, `Take back: ${words}`);
    await sees(page, '“Count the redds” in Field surveys, Wed 25 Nov, 11:00 – 12:00.');
    await sees(page, 'Collides with Weir hearing');
    await isAccessible(page, 'the quick line');
    await tabTo(page, 'Take back: Wed 25 Nov, 11:00');
    await keys(page, 'Enter');
    await sees(page, '“Count the redds tomorrow 11:00” in Field surveys, without a place in the plan.');
    await focus(page, '[aria-label="Quick line"]');
    await keys(page, 'Control+a');
    await page.keyboard.type('Count the redds Thu 13:00 45m');
    await keys(page, 'Enter');
    await boxOf(page, 'Count the redds, 13:00 – 13:45, 45 min');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await keys(page, 'ArrowUp');
    await boxOf(page, 'Take back: Thu 26 Nov, 13:00');
    await press(page, 'Undo add task');
    await isGone(page, 'Count the redds, 13:00');
  },
);

scene(
  'a chip is changed by a tap; a template is placed by its name; a note goes to Today and from there into the inbox',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Quick line:');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Count the redds Thu 13:00 45m in Grants');
    await press(page, '45 min: change it');
    await isAccessible(page, 'what a length is changed to');
    await press(page, '2 h');
    await sees(page, '“Count the redds” in Grants, Thu 26 Nov, 13:00 – 15:00.');
    await press(page, 'Grants: change it');
    await press(page, 'Permits');
    await boxOf(page, 'Take back: Permits');
    await press(page, 'Add what the line says');
    await focus(page, '[aria-label="Quick line"]');
    await page.keyboard.type('gauge round Fri');
    await boxOf(page, 'Take back: template Gauge round, 1 h 30');
    await sees(page, '“gauge round” in Field surveys, Fri 27 Nov,');
    await press(page, 'Add what the line says');
    await focus(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Tomas: new pump by Friday');
    await pressText(page, 'A scratch note');
    await press(page, 'Add what the line says');
    await go(page, '/');
    await boxOf(page, 'Scratch note: Tomas: new pump by Friday');
    await isAccessible(page, 'scratch notes');
    await press(page, 'Tomorrow: Gauge 7 reads');
    await isGone(page, 'Tomorrow: Gauge 7 reads');
    await press(page, 'All into the inbox');
    await isGone(page, 'Scratch notes');
    await press(page, 'Undo make tasks of notes');
    await boxOf(page, 'Scratch note: Tomas: new pump by Friday');
    await go(page, '/settings');
    await press(page, 'Edit templates…');
    await isAccessible(page, 'block templates');
    await type(page, 'New template', 'gauge round');
    await sees(page, 'There is a template Gauge round already.');
  },
);

scene(
  'on a phone a line with a day goes into its tray, and what was typed survives a reload',
  { size: 'phone', at: '/tasks' },
  async ({ page }) => {
    await press(page, 'Quick line:');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Thank the lenders of boats tomorrow');
    await boxOf(page, 'Take back: Wed 25 Nov');
    await isAccessible(page, 'the quick line on a phone');
    await reload(page);
    await press(page, 'Quick line:');
    await press(page, 'Add what the line says');
    await go(page, '/plan?view=agenda');
    await sees(page, 'Thank the lenders of boats');
  },
);

scene(
  'several pasted lines are shown as they are understood, and added and undone in one step; a line can be an event, or come again',
  { at: '/plan?day=2026-11-26' },
  async ({ page }) => {
    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.sendCharacter(
      '- Wash the waders 20m\n- [ ] Label jars tomorrow\n- [x] Was done\nPress note by Friday',
    );
    await sees(page, '3 tasks, as they are understood');
    await isAccessible(page, 'pasted lines');
    await press(page, 'Leave out: Label jars');
    await press(page, 'Add 2 tasks');
    await boxOf(page, 'To place: Wash the waders, 20 min');
    await boxOf(page, 'To place: Press note');
    await press(page, 'Undo add task');
    await isGone(page, 'To place: Wash the waders');
    await focus(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Call with Ines Thu 16:45 20m');
    await pressText(page, 'An event');
    await focus(page, '[aria-label="Quick line"]');
    await keys(page, 'Enter');
    await boxOf(page, 'Meeting Call with Ines, 16:45 – 17:05');
    await pressText(page, 'A task');
    await focus(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Feed the hatchery every weekday at 8:00 15m');
    await sees(page, '“Feed the hatchery” in Field surveys, Wed 25 Nov, 08:00 – 08:15');
    await keys(page, 'Enter');
    await boxOf(page, 'Feed the hatchery, 08:00 – 08:15, 15 min, repeats');
  },
);

scene(
  'a table and indented lines are taken as they are understood; a list that is not there is offered',
  { at: '/tasks' },
  async ({ page }) => {
    await keys(page, 'l');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.sendCharacter(
      'Title;List;Estimate;Due\nLabel the otter tapes;Otters;45m;2026-12-04\nOrder seed;Grants;400h;',
    );
    await sees(page, '2 tasks of a table, as they are understood');
    await sees(page, 'Line 3 “400h” is no length, so no estimate was taken');
    await sees(page, 'Make the lists that are new: Otters');
    await isAccessible(page, 'a pasted table');
    await press(page, 'Add 2 tasks');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.sendCharacter(
      'Volunteer lunch 1h\n  - order bread\n  - ask for a kettle\nWash up by Friday',
    );
    await sees(page, '2 steps: order bread, ask for a kettle');
    await press(page, 'Add 2 tasks');
    await keyboardIsIn(page, '[aria-label="Quick line"]');
    await page.keyboard.type('Stake out reach 9 list Herons');
    await press(page, 'Make it: the list Herons');
    await boxOf(page, 'Take back: Herons');
    await keys(page, 'Shift+Enter');
    await keyboardIsIn(page, '[aria-label="Notes"]');
    await page.keyboard.type('Bring the long tape');
    await press(page, 'Add what the line says');
    await keys(page, 'Escape');
    await isNowhere(page, 'textarea[aria-label="Quick line"]');
    await pressText(page, 'Herons');
    await boxOf(page, 'Done: Stake out reach 9');
    await calm(page);
    await pressText(page, 'Stake out reach 9');
    await page.waitForSelector('[role=group][aria-label=Notes]');
    await sees(page, 'Bring the long tape');
  },
);

scene(
  'what an address hands over stands in the quick line until it is added, once',
  { size: 'phone', at: '/tasks?add=Read%20about%20eels%20tomorrow&addText=From%20the%20county' },
  async ({ page }) => {
    await sees(page, '“Read about eels” in Field surveys, in the tray of Wed 25 Nov.');
    await page.waitForFunction(() => !location.search.includes('add'));
    await press(page, 'Add what the line says');
    await keys(page, 'Escape');
    await sees(page, 'Read about eels');
    await reload(page);
    assert.equal(await page.$('[aria-label="Quick line"]'), null);
  },
);

scene(
  'chosen tasks go out as a table and a checklist, and a file of them comes in again',
  { at: '/tasks' },
  async ({ page }) => {
    const saved = await downloads(page);
    await press(page, 'Choose several');
    await press(page, 'Choose: Volunteer day: tool list');
    await press(page, 'Take out…');
    await isAccessible(page, 'taking tasks out');
    await press(page, 'A table (CSV)');
    const file = await saved('sprindle-demo-tasks-2026-11-24.csv');
    assert.match(
      readFileSync(file, 'utf8'),
      /^title,list,.*\r\nVolunteer day: tool list,Volunteer days,,90,,2026-11-27/,
    );
    await press(page, 'A checklist (Markdown)');
    assert.match(
      readFileSync(await saved('sprindle-demo-tasks-2026-11-24.md'), 'utf8'),
      /^- \[ \] Volunteer day: tool list 1h30m by 2026-11-27 in list Volunteer days\n {2}- \[x\] Count what lies/,
    );
    await press(page, 'Close');
    await chooseFile(page, 'Bring tasks in…', file);
    await sees(page, 'One task of a table, as they are understood');
    await press(page, 'Add the task');
    await keys(page, 'Escape');
    await eventually(async () =>
      assert.equal((await textOf(page)).match(/^Volunteer day: tool list$/gm)?.length, 2),
    );
  },
);
