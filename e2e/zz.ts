import { openPage, openStage } from './browser';
void (async () => {
  const stage = await openStage();
  for (const size of ['phone', 'wide'] as const)
    for (const view of ['week', 'days', 'month', 'agenda', 'day']) {
      const { page, complaints } = await openPage(stage, size, 'demo', `/plan?view=${view}`);
      await page.screenshot({ path: `/tmp/shots/${view}-${size}.png` });
      console.log(size, view, complaints);
      await page.browserContext().close();
    }
  await stage.close();
})();
