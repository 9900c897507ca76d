/** The most lines that are taken at once. */
export const MOST_LINES = 500;

/** The mark of a list at the start of a line: a dash, a star, a dot, a number; and the box of a checklist with what is in it. */
const MARK = /^\s*(?:[-*•–]|\d{1,3}[.)])?\s*(?:\[([ xX])\]\s*)?/;

/** The lines of a pasted text that say something, without the marks of a list; what is ticked in a checklist is left out. */
export function linesOf(text: string): string[] {
  return text
    .split(/\r\n?|\n/)
    .flatMap((line) => {
      const [mark = '', box] = MARK.exec(line) ?? [];
      // a number that begins a line by itself is no mark: "3 growers to call"
      const own = line.slice(mark.length).trim();
      return own === '' || box?.toLowerCase() === 'x' ? [] : [own];
    })
    .slice(0, MOST_LINES);
}
