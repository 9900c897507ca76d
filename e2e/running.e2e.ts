import { isAccessible } from './axe';
import { scene } from './scene';
import {
  boxOf,
  go,
  isAt,
  isClosed,
  isGone,
  keyboardIsOn,
  keys,
  press,
  pressText,
  reload,
  sees,
  type,
} from './steps';

for (const size of ['phone', 'wide'] as const)
  scene(
    `what runs is in sight at every place and in the tab, and is opened, stopped and done from there, ${size}`,
    { at: '/tasks', size },
    async ({ page }) => {
      const bar = 'Running: Map of bank repairs';
      await boxOf(page, bar);
      await isAt(page, '25 min Map of bank repairs · Tasks');
      await isAccessible(page, 'what runs', `[aria-label="${bar}"]`);
      await keys(page, '4');
      await isAt(page, 'Review');
      await press(page, 'Map of bank repairs of 45 min, which runs: open it');
      await sees(page, 'Add time…');
      await keys(page, 'Escape');
      await keyboardIsOn(page, /^Map of bank repairs of 45 min, which runs/);
      await press(page, 'Stop what runs');
      await isGone(page, bar);
      await keys(page, '1');
      await press(page, 'Start Grant report, section 2');
      await keys(page, '3');
      await boxOf(page, 'Running: Grant report, section 2');
      await press(page, 'Done with what runs');
      await isGone(page, 'Running: Grant report, section 2');
    },
  );

scene(
  'a meeting that begins is asked about, and work that has taken its time; each is answered in one press',
  { size: 'phone', at: '/tasks?now=2026-11-24T11:31:00Z' },
  async ({ page }) => {
    const asked = 'Asked: Flood forum, agenda has begun';
    await boxOf(page, asked);
    await isAccessible(page, 'what is asked', `[aria-label="${asked}"]`);
    await press(page, 'Not now: Flood forum, agenda has begun');
    await isGone(page, asked);
    await press(page, 'Map of bank repairs of 45 min, which runs: open it');
    await type(page, 'Estimate', '20m');
    await keys(page, 'Escape');
    await boxOf(page, 'Asked: Map of bank repairs has taken its 20 min');
    await press(page, '15 min more for Map of bank repairs');
    await sees(page, 'Map of bank repairs is to take 4');
    await isGone(page, 'Asked: ');
  },
);

scene(
  'the timer is switched to a meeting that begins; time by hand may end now',
  { at: '/plan?now=2026-11-24T11:31:00Z' },
  async ({ page }) => {
    await press(page, 'Switch to it: Flood forum, agenda');
    await boxOf(page, 'Running: Flood forum, agenda');
    await isGone(page, 'Asked: ');
    await press(page, 'Flood forum, agenda, which runs: open it');
    await pressText(page, 'Add time…');
    await type(page, 'To, or how long', '5m');
    await keys(page, 'Enter');
    await sees(page, 'Added the time');
    await press(page, 'Flood forum, agenda, which runs: open it');
    await pressText(page, 'Add time…');
    await type(page, 'From', '8:10 to 8:55');
    await keys(page, 'Enter');
    await isGone(page, 'To, or how long');
    await press(page, 'Flood forum, agenda, which runs: open it');
    await boxOf(page, 'Delete time from 08:10');
  },
);

scene(
  'a meeting that is over early is said to be, and what fits into the rest of its time is offered',
  { size: 'phone', at: '/today?now=2026-11-24T14:50:00Z' },
  async ({ page }) => {
    await press(page, 'Stop Landowner: Pell Farm');
    await press(page, 'It is over');
    await sees(page, 'Landowner: Pell Farm was over 25 min early');
    await press(page, 'Fill ');
    await sees(page, 'What fits');
    await pressText(page, 'Reply to the parish council · 10 min');
    await keys(page, 'Escape');
    await isClosed(page);
    await reload(page);
    await sees(page, 'Reply to the parish council');
    await go(page, '/plan?view=day');
    await press(page, 'Meeting Landowner: Pell Farm');
    await sees(page, 'Was over at 14:50, 25 min early');
    await isAccessible(page, 'over early');
    await press(page, 'It went on');
    await sees(page, 'Landowner: Pell Farm takes all of its time');
    await press(page, 'It is over');
    await sees(page, 'Was over at');
  },
);
