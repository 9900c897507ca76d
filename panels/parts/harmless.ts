import DOMPurify from 'dompurify';

/** Within the frame nothing is asked of any other place, and nothing runs. */
const POLICY = "default-src 'none'; style-src 'unsafe-inline'; img-src data:";

/** What in a style may load something; an escaped sign can hide it (CSS Syntax 3, 4.3.7). */
const LOADS = /url\s*\(|image-set\s*\(|src\s*\(|\\/i;

/** Takes out of a message what would load something from elsewhere. */
function withoutRemote(node: Element): void {
  for (const name of ['src', 'srcset', 'background', 'poster'])
    if (node.hasAttribute(name) && !node.getAttribute(name)?.startsWith('data:image/'))
      node.removeAttribute(name);
  if (LOADS.test(node.getAttribute('style') ?? '')) node.removeAttribute('style');
}

/** What would run on an event; taken out beforehand, as the browser complains of each while the rest is looked at. */
const HANDLERS = /\son\w+\s*=\s*(?:"[^"]*"|'[^']*'|[^\s>]+)/gi;

/** The HTML of a message as a page of its own that runs nothing, sends nothing and loads nothing from elsewhere. */
export function harmless(html: string): string {
  const purifier = DOMPurify();
  purifier.addHook('afterSanitizeAttributes', withoutRemote);
  const clean = purifier.sanitize(html.replace(HANDLERS, ' '), {
    FORBID_TAGS: ['style', 'form', 'input', 'button', 'iframe', 'link', 'meta', 'base', 'svg', 'math'],
  });
  return `<!doctype html><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="${POLICY}"><body>${clean}</body>`;
}
