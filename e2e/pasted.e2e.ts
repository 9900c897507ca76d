import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { isAccessible } from './axe';
import { chooseFile, downloads } from './files';
import { scene } from './scene';
import {
  press,
  pressText,
  keys,
  textOf,
  sees,
  isGone,
  isClosed,
  isNowhere,
  boxOf,
  keyboardIsIn,
  eventually,
  focus,
  calm,
} from './steps';

scene(
  'the field of Tasks reads lines, for the list that is shown, and brings one back as it was; headings are offered for what stands below',
  { at: '/tasks' },
  async ({ page }) => {
    await pressText(page, 'Permits');
    await focus(page, '[aria-label="Add to Permits"]');
    await page.keyboard.type('Renew the weir licence Thu 30m');
    await boxOf(page, 'Permits: change it');
    await press(page, 'Take back: Thu 26 Nov');
    await keyboardIsIn(page, '[aria-label="Add to Permits"]');
    await keys(page, 'Enter');
    await boxOf(page, 'Done: Renew the weir licence Thu');
    await keys(page, 'ArrowUp');
    await boxOf(page, 'Take back: 30 min');
    await isGone(page, 'Take back: Thu 26 Nov');
    await keys(page, 'Control+a');
    await page.keyboard.sendCharacter(
      '# Grants\n- thank the funder 10m\n# Thursday\n- weigh the nets at 15:00\n# Pond trip\n- pack the jars\n- borrow a boat',
    );
    await sees(page, '4 tasks, as they are understood');
    await sees(page, 'Thu 26 Nov, 15:00 · Permits');
    await press(page, '“Pond trip”: make a list');
    await sees(page, 'Pond trip');
    await isAccessible(page, 'headings of pasted lines');
    await press(page, 'Add 4 tasks');
    await press(page, 'Close');
    await isClosed(page);
    await pressText(page, 'Pond trip');
    await boxOf(page, 'Done: borrow a boat');
    await press(page, 'Undo add task');
    await isGone(page, 'Done: borrow a boat');
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
