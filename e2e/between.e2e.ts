import { isAccessible } from './axe';
import { drag, middle } from './hands';
import { scene } from './scene';
import { focus, hears, isGone, isNowhere, keys, press, sees, standing } from './steps';

/** A row of Today, by its kind and when it begins. */
const row = (kind: 'pocket' | 'meeting' | 'block', time: string) =>
  `[data-row="${kind} ${Date.parse(`2026-11-24T${time}Z`)}"]`;
const waders = '[aria-label^="In the tray, Order waders"]';
const reply = '[aria-label^="In the tray, Reply"]';

scene(
  'on a phone: what has no hour is put between two things of the day',
  { size: 'phone', at: '/today' },
  async ({ page }) => {
    await sees(page, 'Without an hour');
    await standing(page, waders);
    const free = await standing(page, row('pocket', '15:15'));
    const card = await standing(page, waders);
    await drag(page, 'touch', middle(card), middle(free), async () => {
      await standing(page, '#put-between');
      await sees(page, '15:15 – 15:35');
      await isAccessible(page, 'carried between');
    });
    await sees(page, 'Order waders: Tue 24 Nov, 15:15 – 15:35');
    await standing(page, row('block', '15:15'));
    await press(page, 'Undo');
    await isNowhere(page, row('block', '15:15'));

    await focus(page, reply);
    await keys(page, 'Space', 'ArrowDown');
    await hears(page, /15:15 – 15:25/);
    await sees(page, 'kept for meetings');
    await keys(page, 'ArrowUp');
    await hears(page, /14:15 – 14:25/);
    await keys(page, 'Enter');
    await sees(page, 'Reply to the parish council: Tue 24 Nov, 14:15 – 14:25');
    await standing(page, row('block', '14:15'));
    await isGone(page, 'In the tray, Reply');
  },
);

scene(
  'on a wide screen: what lies in the tray is carried into the list of the day, before or after a row',
  { at: '/today' },
  async ({ page }) => {
    await standing(page, reply);
    /** Just within the upper or the lower edge of the meeting. */
    const edge = async (down: 'before' | 'after') => {
      const { x, y, height } = await standing(page, row('meeting', '14:30'));
      return { x: x + 200, y: down === 'before' ? y + 6 : y + height - 6 };
    };
    const carry = async (down: 'before' | 'after', hours: string) => {
      const to = await edge(down);
      await drag(page, 'mouse', middle(await standing(page, reply)), to, () => sees(page, hours));
      await sees(page, `Reply to the parish council: Tue 24 Nov, ${hours}`);
    };
    await carry('after', '15:15 – 15:25');
    await press(page, 'Undo');
    await standing(page, reply);
    await carry('before', '14:15 – 14:25');
  },
);
