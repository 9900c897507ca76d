import { Parser } from 'htmlparser2';

/** What stands in these is not to be read. */
const UNREAD = new Set(['script', 'style', 'head', 'title', 'template']);
/** After these a line ends. */
const LINES = new Set([
  'br',
  'p',
  'div',
  'tr',
  'li',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'table',
  'blockquote',
]);

/** What a person reads of HTML, line by line; blank lines are one at most. Takes time in proportion to its length. */
export function plainText(html: string): string {
  const lines: string[] = [];
  let line: string[] = [];
  let unread = 0;
  const endLine = () => {
    const words = line.join('').replaceAll('\u00A0', ' ').trimEnd();
    line = [];
    if (words !== '' || (lines.length > 0 && lines.at(-1) !== '')) lines.push(words);
  };
  const parser = new Parser({
    onopentagname: (name) => void (UNREAD.has(name) && (unread += 1)),
    onclosetag(name) {
      if (UNREAD.has(name)) unread -= 1;
      if (LINES.has(name)) endLine();
    },
    ontext(text) {
      if (unread > 0) return;
      const [first = '', ...rest] = text.split('\n');
      line.push(first);
      for (const next of rest) {
        endLine();
        line.push(next);
      }
    },
  });
  parser.write(html);
  parser.end();
  endLine();
  return lines.join('\n').trim();
}
