import type { Page } from 'puppeteer-core';

/** What can be pressed or typed into and cannot be brought into sight, or is cut off sideways. */
export const outOfReach = (page: Page, within: string) =>
  page.$$eval(
    `${within} :is(a, button, input, textarea, [role=button], [role=radio], [role=checkbox])`,
    (all) =>
      all.flatMap((element) => {
        const name = element.getAttribute('aria-label') ?? element.textContent?.slice(0, 40);
        if (element.closest('[aria-hidden=true], [inert], .sr-only') || element.getClientRects().length === 0)
          return [];
        element.scrollIntoView({ block: 'center', inline: 'center' });
        const { left, top, width, height } = element.getBoundingClientRect();
        const [x, y] = [left + width / 2, top + height / 2];
        const there = document.elementFromPoint(x, y);
        const isSeen = there !== null && (element.contains(there) || there.contains(element));
        return isSeen || (x >= 0 && y >= 0 && x < innerWidth && y < innerHeight)
          ? []
          : [`${name} at ${x}, ${y}`];
      }),
  );
