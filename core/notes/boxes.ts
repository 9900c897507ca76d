/* Boxes in notes: task list items as in GitHub Flavored Markdown 5.3. */

const BOX = /^([ \t]*(?:[-*+]|\d{1,9}[.)])[ \t]+\[)([ xX])(\][ \t]+)(.*\S)\s*$/;

/** The boxes of a note by what they say, and whether each is ticked; of several that say the same the first counts. */
export function boxesOf(note: string): ReadonlyMap<string, boolean> {
  const found = new Map<string, boolean>();
  for (const line of note.split('\n')) {
    const [, , tick, , text] = BOX.exec(line) ?? [];
    if (text !== undefined && !found.has(text)) found.set(text, tick !== ' ');
  }
  return found;
}

/** The note with some boxes, by what they say, ticked or not. */
export const withBoxes = (note: string, ticked: ReadonlyMap<string, boolean>): string =>
  note
    .split('\n')
    .map((line) =>
      line.replace(BOX, (whole, before: string, _tick: string, after: string, text: string) => {
        const state = ticked.get(text);
        return state === undefined ? whole : `${before}${state ? 'x' : ' '}${after}${text}`;
      }),
    )
    .join('\n');
