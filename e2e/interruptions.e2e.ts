import { isAccessible } from './axe';
import { scene } from './scene';
import { boxOf, focus, go, keys, press, reload, sees, type } from './steps';

scene(
  'by keys and on a phone something else comes in, gets its name, and leads back; Review counts it',
  { at: '/today', size: 'phone' },
  async ({ page }) => {
    await keys(page, 'u');
    await sees(page, 'Back to Map of bank repairs');
    await type(page, 'What it is', 'Phone, the mill');
    await boxOf(page, 'Stop Phone, the mill');
    await isAccessible(page, 'an interruption');
    await reload(page);
    await press(page, 'Back to Map of bank repairs');
    await boxOf(page, 'Stop Map of bank repairs');
    await keys(page, '2');
    await press(page, 'Time something else that came in');
    await boxOf(page, 'Running: Something else');
    await keys(page, 'u');
    await boxOf(page, 'Running: Map of bank repairs');
    await go(page, '/review?day=2026-11-24');
    await sees(page, 'Interrupted 2 times');
    await sees(page, 'Phone, the mill');
  },
);

scene('a call is joined from Today, from its card and by its key', { at: '/today' }, async ({ page }) => {
  const opened = () => page.evaluate(() => (window as unknown as { opened: string[] }).opened.join());
  await page.evaluate(() => {
    const all: string[] = [];
    Object.assign(window, { opened: all, open: (address: string) => void all.push(address) });
  });
  await press(page, 'Join Flood forum, agenda');
  await page.waitForFunction(() => (window as unknown as { opened: string[] }).opened.length === 1);
  await keys(page, '2');
  await focus(page, '[aria-label^="Meeting Flood forum"]');
  await keys(page, 'j');
  await press(page, 'Join Landowner: Pell Farm');
  await page.waitForFunction(() => (window as unknown as { opened: string[] }).opened.length === 3);
  const [first, second, third] = (await opened()).split(',');
  if (first !== second || first !== 'https://calls.example/flood-forum' || !third?.endsWith('/pell-farm'))
    throw new Error(`opened ${await opened()}`);
});
