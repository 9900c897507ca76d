import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  focus,
  isClosed,
  keyboardIsOn,
  keys,
  press,
  pressText,
  reload,
  sees,
  seesNo,
  type,
} from './steps';

scene(
  'on a phone a day that runs late moves along, block by block; it survives a reload',
  { at: '/today?now=2026-11-24T12:35:00Z', size: 'phone' },
  async ({ page }) => {
    await sees(page, '10 min late');
    await press(page, 'Move the rest…');
    await sees(page, '1 block moves, nothing fixed moves.');
    await sees(page, '13:40 – 14:25, was 13:30');
    await sees(page, 'In Meetings, which is kept for meetings');
    await isAccessible(page, 'the rest of a day before it moves', '[role=dialog]');
    const letter = 'Permit letter, weir, 13:40 – 14:25, was 13:30';
    await press(page, letter);
    await sees(page, 'stays at 13:30');
    await sees(page, 'Nothing has to move');
    await press(page, 'Permit letter, weir, stays at 13:30');
    await press(page, 'Move it');
    await sees(page, 'One block has moved');
    await seesNo(page, '10 min late');
    await reload(page);
    await seesNo(page, '10 min late');
  },
);

scene(
  'by keys: a block is pinned and stays, another becomes longer and pushes what follows, gaps close; each is undone',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 'h');
    await sees(page, 'Permit letter, weir is pinned where it is');
    await boxOf(page, 'Permit letter, weir, 13:30 – 14:15, 45 min, pinned');
    await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
    await keys(page, 'Enter');
    await press(page, '15 min longer, and move what follows');
    // what is pinned does not move: only the block itself would
    await sees(page, '1 block moves');
    await sees(page, '12:00 – 13:45, 15 min longer');
    await sees(page, 'Collides with Permit letter, weir');
    await press(page, 'Leave it as it is');
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 'h');
    await sees(page, 'Permit letter, weir can move again');
    await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
    await keys(page, 'Enter');
    await press(page, '15 min longer, and move what follows');
    await sees(page, '13:45 – 14:30, was 13:30');
    await press(page, 'Move them');
    await boxOf(page, 'Permit letter, weir, 13:45');
    await boxOf(page, 'Grant report, section 2, 12:00 – 13:45');
    await page.keyboard.down('Control');
    await keys(page, 'z');
    await page.keyboard.up('Control');
    await boxOf(page, 'Permit letter, weir, 13:30');
    await keys(page, 'r');
    await sees(page, 'Nothing has to move');
    await pressText(page, 'Close the gaps');
    await sees(page, 'Only what must');
    await press(page, 'Close the details');
    await isClosed(page);
    await keyboardIsOn(page, /./);
  },
);

scene(
  'room is made at an hour, two blocks change places; both are seen before they count',
  { at: '/plan?view=day' },
  async ({ page }) => {
    await keys(page, 'r');
    await pressText(page, 'Make room');
    await type(page, 'Free from', '12:00');
    await type(page, 'For', 'a while');
    await sees(page, '“a while” is no length');
    await type(page, 'For', '45m');
    await sees(page, '12:45 – 14:15, was 12:00');
    await isAccessible(page, 'room that is made', '[role=complementary]');
    await press(page, 'Leave it as it is');
    await focus(page, '[aria-label^="Permit letter, weir, 13:30"]');
    await keys(page, 'x');
    await focus(page, '[aria-label^="Grant report, section 2, 12:00"]');
    await keys(page, 'x');
    await pressText(page, 'Swap the two…');
    await sees(page, '12:00 – 12:45, was 13:30');
    await sees(page, '12:45 – 14:15, was 12:00');
    await press(page, 'Move them');
    await boxOf(page, 'Permit letter, weir, 12:00');
    await boxOf(page, 'Grant report, section 2, 12:45');
  },
);

scene(
  'the hours of several blocks are changed by one typed line; putting off says what it breaks',
  { at: '/plan?view=day' },
  async ({ page }) => {
    for (const card of ['Permit letter, weir, 13:30', 'Grant report, section 2, 12:00']) {
      await focus(page, `[aria-label^="${card}"]`);
      await keys(page, 'x');
    }
    await pressText(page, 'Later…');
    await sees(page, 'Too late for 1 of 2');
    await keys(page, 'Escape');
    await pressText(page, 'Change…');
    const line = 'Change the hours of 2 blocks';
    await type(page, line, 'soonish');
    await sees(page, '“soonish” cannot be read for all of them');
    await page.click(`[aria-label="${line}"]`, { count: 3 });
    await page.keyboard.type('+15m');
    await sees(page, '12:00 – 13:45');
    await sees(page, 'Collides with');
    await keys(page, 'Enter');
    await sees(page, '2 blocks changed');
    await boxOf(page, 'Permit letter, weir, 13:30 – 14:30');
  },
);
