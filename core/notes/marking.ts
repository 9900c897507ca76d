/* Marks in notes (CommonMark 0.31, task list items as in GitHub Flavored Markdown 5.3), put there for those who do not know them. */

export const marks = ['bold', 'heading', 'list', 'checks', 'link'] as const;
export type Mark = (typeof marks)[number];

/** A change of a text: what stands from `from` to `to` becomes `text`, of which `selected` is marked then. */
export type Marking = {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** Offsets in the whole text after the change. */
  readonly selected: readonly [number, number];
};

/** Puts a mark on what is selected, or takes it off where it stands already. */
export function marking(mark: Mark, text: string, from: number, to: number): Marking {
  switch (mark) {
    case 'bold':
      return bold(text, from, to);
    case 'link':
      return link(text, from, to);
    default:
      return onLines(linesOf[mark], text, from, to);
  }
}

function bold(text: string, from: number, to: number): Marking {
  const words = text.slice(from, to);
  const isBold = text.slice(from - 2, from) === '**' && text.slice(to, to + 2) === '**';
  if (isBold) return { from: from - 2, to: to + 2, text: words, selected: [from - 2, to - 2] };
  const shown = words || 'bold';
  return { from, to, text: `**${shown}**`, selected: [from + 2, from + 2 + shown.length] };
}

function link(text: string, from: number, to: number): Marking {
  const words = text.slice(from, to);
  const isAddress = /^https?:\/\/\S+$/.test(words);
  const [name, address] = isAddress ? ['link', words] : [words || 'link', 'https://'];
  const start = isAddress ? from + 1 : from + name.length + 3;
  return {
    from,
    to,
    text: `[${name}](${address})`,
    selected: [start, start + (isAddress ? name : address).length],
  };
}

type Line = { readonly mark: string; readonly has: RegExp };

const linesOf: Readonly<Record<'heading' | 'list' | 'checks', Line>> = {
  heading: { mark: '## ', has: /^#{1,6} / },
  list: { mark: '- ', has: /^[-*+] (?!\[[ xX]\] )/ },
  checks: { mark: '- [ ] ', has: /^[-*+] \[[ xX]\] / },
};
/** What a line may begin with already, which the mark takes the place of. */
const ANY = /^(#{1,6} |[-*+] \[[ xX]\] |[-*+] )/;

/** Marks whole lines: those that the selection touches. */
function onLines({ mark, has }: Line, text: string, from: number, to: number): Marking {
  const start = text.lastIndexOf('\n', from - 1) + 1;
  const next = text.indexOf('\n', to);
  const end = next < 0 ? text.length : next;
  const lines = text.slice(start, end).split('\n');
  const takesOff = lines.every((line) => has.test(line));
  const marked = lines
    .map((line) => (takesOff ? line.replace(has, '') : mark + line.replace(ANY, '')))
    .join('\n');
  const at = start + marked.length;
  return { from: start, to: end, text: marked, selected: lines.length > 1 ? [start, at] : [at, at] };
}

/** The text with the box of the list item that begins at an offset ticked, or unticked; the same text when it has none. */
export function ticked(text: string, at: number): string {
  const item = text.slice(at);
  const changed = item.replace(
    /^(\s*(?:[-*+]|\d{1,9}[.)])\s+\[)([ xX])(?=\])/,
    (_, before: string, box: string) => `${before}${box === ' ' ? 'x' : ' '}`,
  );
  return text.slice(0, at) + changed;
}
