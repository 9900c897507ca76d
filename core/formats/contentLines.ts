/** One unfolded content line (RFC 5545 3.1) and the number of the line in the file where it begins. */
export type ContentLine = { readonly line: number; readonly text: string };

/** Something in a file that could not be taken as it stands; `where` is a line number of the file. */
export type Problem = { readonly where: number; readonly what: string; readonly hint: string };

/** A component between its BEGIN and END. */
export type Component = {
  readonly name: string;
  readonly line: number;
  readonly lines: ContentLine[];
  readonly parts: Component[];
};

/** Undoes folding (RFC 5545 3.1), with CRLF, LF or CR line ends and with or without a byte-order mark. */
export function unfold(text: string): ContentLine[] {
  const unfolded: { line: number; pieces: string[] }[] = [];
  text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\n|\r/)
    .forEach((raw, index) => {
      const last = unfolded.at(-1);
      if (/^[ \t]/.test(raw) && last) last.pieces.push(raw.slice(1));
      else if (raw.trim() !== '') unfolded.push({ line: index + 1, pieces: [raw] });
    });
  return unfolded.map(({ line, pieces }) => ({ line, text: pieces.join('') }));
}

const DEEPEST = 8;

/**
 * Builds the components of a file, without recursion. What is left open at the end of the file, closed without
 * having been opened, or nested too deep is reported; the components around it come through.
 */
export function components(lines: readonly ContentLine[]): { roots: Component[]; problems: Problem[] } {
  const roots: Component[] = [];
  const open: Component[] = [];
  const problems: Problem[] = [];
  for (const content of lines) {
    const edge = /^(BEGIN|END):\s*([\w-]+)\s*$/i.exec(content.text);
    const name = edge?.[2]?.toUpperCase() ?? '';
    if (!edge) {
      open.at(-1)?.lines.push(content);
    } else if (edge[1]?.toUpperCase() === 'BEGIN') {
      const begun: Component = { name, line: content.line, lines: [], parts: [] };
      if (open.length < DEEPEST) (open.at(-1)?.parts ?? roots).push(begun);
      if (open.length === DEEPEST) problems.push(tooDeep(begun));
      open.push(begun);
    } else {
      closeComponent(open, name, content.line, problems);
    }
  }
  for (const left of open) {
    problems.push({
      where: left.line,
      what: `${left.name} is never closed`,
      hint: 'The file may be cut off.',
    });
  }
  return { roots, problems };
}

/** Kept lines, the properties among them first; the rest are whole components. */
export function keptParts(kept: readonly string[]): { properties: string[]; components: string[] } {
  const at = kept.findIndex((line) => /^BEGIN:/i.test(line));
  return at === -1
    ? { properties: [...kept], components: [] }
    : { properties: kept.slice(0, at), components: kept.slice(at) };
}

const tooDeep = ({ name, line }: Component): Problem => ({
  where: line,
  what: `${name} lies ${DEEPEST} components deep`,
  hint: 'What is deeper than that was left out.',
});

/** The lines of a component as they stood, from BEGIN to END, with what lies in it. */
export const linesOf = ({ name, lines, parts }: Component): string[] => [
  `BEGIN:${name}`,
  ...lines.map(({ text }) => text),
  ...parts.flatMap(linesOf),
  `END:${name}`,
];

function closeComponent(open: Component[], name: string, line: number, problems: Problem[]) {
  const opened = open.map((part) => part.name).lastIndexOf(name);
  if (opened === -1) {
    problems.push({ where: line, what: `END:${name} closes nothing`, hint: 'The line was left out.' });
    return;
  }
  for (const skipped of open.slice(opened + 1)) {
    problems.push({
      where: skipped.line,
      what: `${skipped.name} is never closed`,
      hint: 'What it held was read as far as it goes.',
    });
  }
  open.length = opened;
}
