import { isAccessible } from './axe';
import { drag, hourOf, middle } from './hands';
import { scene } from './scene';
import { boxOf, focus, go, isClosed, isGone, keys, press, pressText, reload, sees, seesNo } from './steps';

const propose = '[aria-label="Propose a plan"]';

scene(
  'a week is planned by keys: proposed with reasons, a block moved, the rest fitted again, accepted and undone',
  { at: '/plan?view=week&day=2026-11-24' },
  async ({ page }) => {
    await keys(page, 'b');
    await focus(page, '[aria-label="Propose a plan…"]');
    await keys(page, 'Enter');
    await focus(page, propose);
    await isAccessible(page, 'what is asked of a plan');
    await keys(page, 'Enter');
    await sees(page, ' tasks on time');
    await sees(page, 'Nothing of it counts yet.');
    await seesNo(page, 'Looking for a better one');
    await sees(page, 'By its weights ');
    await isAccessible(page, 'a plan that is proposed');

    await focus(page, '[role=main] [aria-label^="Newsletter paragraph"]');
    await keys(page, 'Space', 'ArrowDown', 'ArrowDown', 'Enter');
    await boxOf(page, 'Undo move');
    await focus(page, '[aria-label="Again"]');
    await keys(page, 'Enter');
    await boxOf(page, 'Undo lay the plan');
    await boxOf(page, 'Newsletter paragraph, 10:30 – 11:10, 40 min, proposed: as you put it');
    await seesNo(page, 'Looking for a better one');

    await focus(page, '[aria-label="Accept all"]');
    await keys(page, 'Enter');
    await sees(page, 'blocks placed');
    await isGone(page, 'On trial');
    await press(page, 'Undo accept the plan');
    await boxOf(page, 'To place: Newsletter paragraph');
  },
);

scene(
  'on a phone a plan is proposed by touch: a day of it is accepted, the rest is taken off or left, and nothing else counts',
  { size: 'phone', at: '/plan?view=day&day=2026-11-25' },
  async ({ page }) => {
    await press(page, 'More for the plan');
    await pressText(page, 'Propose a plan…');
    await press(page, 'Propose a plan');
    await sees(page, ' tasks on time');
    await seesNo(page, 'Looking for a better one');
    await isAccessible(page, 'a plan on a phone');
    await press(page, 'Take off Volunteer day: tool list');
    await isGone(page, 'Take off Volunteer day: tool list');
    await press(page, 'Accept the day: tomorrow');
    await isGone(page, 'Accept the day: tomorrow');
    await press(page, 'Close');
    await isClosed(page);
    await press(page, 'Leave it');
    await isGone(page, 'On trial');
    await boxOf(page, 'Renew the electrofishing licence, 12:30');
    await reload(page);
    await boxOf(page, 'Renew the electrofishing licence, 12:30');
    await go(page, '/plan?view=day&day=2026-11-27');
    await isGone(page, 'Newsletter paragraph, ');
  },
);

scene(
  'a block of a plan is dragged by mouse and stays on trial; what stands moves where one lets it, by how much is told',
  { at: '/plan?view=days&day=2026-11-24' },
  async ({ page }) => {
    await keys(page, 'b');
    await press(page, 'Propose a plan…');
    await press(page, 'Propose a plan');
    await sees(page, ' tasks on time');
    await seesNo(page, 'Looking for a better one');
    const card = await boxOf(page, 'Newsletter paragraph, 10:00');
    await drag(page, 'mouse', middle(card), await hourOf(page, 'Wed 25 Nov', 14.1));
    await boxOf(page, 'Newsletter paragraph, 14:');
    await press(page, 'Leave it');
    await boxOf(page, 'To place: Newsletter paragraph');
    await press(page, 'What stands may move, as little as possible');
    await press(page, 'Propose a plan');
    await sees(page, ' · was ');
    await press(page, 'Leave it');
  },
);
