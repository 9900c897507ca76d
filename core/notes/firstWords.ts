/** How much of a note is shown at a glance, in characters. */
const MOST = 120;

/** The first line of a note that says something, without its marks: what it is told by. */
export function firstWords(note: string): string {
  for (const line of note.slice(0, 2000).split('\n')) {
    const words = line
      .replace(/^\s*(?:#{1,6}|>|[-*+]|\d{1,9}[.)])\s+/, '')
      .replace(/^\[[ xX]\]\s+/, '')
      .replace(/[*_`]/g, '')
      .trim();
    if (words !== '') return words.slice(0, MOST);
  }
  return '';
}
