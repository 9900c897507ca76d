import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, isAt, isGone, keyboardIsOn, keys, press, sees } from './steps';

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
      await press(page, 'Start Reply to the parish council');
      await keys(page, '3');
      await boxOf(page, 'Running: Reply to the parish council');
      await press(page, 'Done with what runs');
      await isGone(page, 'Running: Reply to the parish council');
    },
  );
