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
        const middle = () => {
          const { left, top, width, height } = element.getBoundingClientRect();
          return { x: left + width / 2, y: top + height / 2 };
        };
        const isSeen = () => {
          const { x, y } = middle();
          const there = document.elementFromPoint(x, y);
          return there !== null && (element.contains(there) || there.contains(element));
        };
        // scrolling lays the whole page out anew, so what is in sight already is left where it is
        if (isSeen()) return [];
        element.scrollIntoView({ block: 'center', inline: 'center' });
        const { x, y } = middle();
        const isWithin = x >= 0 && y >= 0 && x < innerWidth && y < innerHeight;
        return isSeen() || isWithin ? [] : [`${name} at ${x}, ${y}`];
      }),
  );

/**
 * Words that are cut or broken within a part of the page: over two lines without a hyphen, at an edge without three dots,
 * or of which only the upper part of the letters is seen.
 */
export const brokenWords = (page: Page, within: string) =>
  page.$$eval(within, (parts) =>
    parts.flatMap((part) => {
      const broken: string[] = [];
      const texts = document.createTreeWalker(part, NodeFilter.SHOW_TEXT);
      const clips = (element: Element) => getComputedStyle(element).overflow !== 'visible';
      while (texts.nextNode()) {
        const { currentNode: node } = texts;
        const holder = node.parentElement;
        if (!holder || holder.closest('.sr-only, textarea, svg') || holder.getClientRects().length === 0)
          continue;
        const { writingMode, visibility, opacity } = getComputedStyle(holder);
        if (writingMode !== 'horizontal-tb' || visibility === 'hidden' || opacity === '0') continue;
        let edge: Element | null = holder;
        while (edge && !clips(edge)) edge = edge.parentElement;
        const scrolls = edge && /auto|scroll/.test(getComputedStyle(edge).overflow);
        const bounds = edge?.getBoundingClientRect();
        const dots = [holder, holder.parentElement].some(
          (element) =>
            element &&
            (getComputedStyle(element).textOverflow === 'ellipsis' ||
              getComputedStyle(element).webkitLineClamp !== 'none'),
        );
        for (const { 0: word, index } of (node.nodeValue ?? '').matchAll(/[\p{L}\p{N}\u00AD]{2,}/gu)) {
          const range = document.createRange();
          range.setStart(node, index);
          range.setEnd(node, index + word.length);
          const rects = [...range.getClientRects()].filter(({ width }) => width > 0);
          const [first] = rects;
          if (!first) continue;
          const says = `“${word}” of “${(holder.textContent ?? '').slice(0, 40)}”`;
          // a soft hyphen is seen where the word is broken
          const hyphened = word.includes('\u00AD');
          if (!hyphened && rects.some(({ top }) => Math.abs(top - first.top) > 3))
            broken.push(`${says} is broken`);
          if (!bounds || scrolls || first.top >= bounds.bottom - 2 || first.left >= bounds.right) continue;
          const right = Math.max(...rects.map((rect) => rect.right));
          if (right > bounds.right + 1.5 && !dots) broken.push(`${says} is cut at the side`);
          if (first.bottom > bounds.bottom + 4 && !dots) broken.push(`${says} is cut below`);
        }
      }
      return broken;
    }),
  );
