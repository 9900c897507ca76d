import { bounds, shortened } from '../model/bounds';
import { findDuration } from './readDuration';

/** The most lines that are taken at once. */
export const MOST_LINES = 5000;

/** A step of a pasted task; its estimate in minutes is told by a length at its end. */
export type PastedStep = { readonly title: string; readonly done: boolean; readonly estimate: number | null };

/** One task of a pasted text: its line, the lines that are indented below it, what was said about it at length, and the heading that it stands under. */
export type Pasted = {
  readonly line: string;
  readonly steps: readonly PastedStep[];
  readonly notes: string;
  readonly heading?: string;
};

/** The mark of a list at the start of a line: a dash, a star, a dot, a number; and the box of a checklist with what is in it. */
const MARK = /^(\s*)(?:[-*+•–]|\d{1,3}[.)])?\s*(?:\[([ xX])\]\s*)?/;

const TAB = 4;
const widthOf = (space: string) => [...space].reduce((sum, sign) => sum + (sign === '\t' ? TAB : 1), 0);

/** A line without its mark; nothing for one that is blank or ticked off. */
function itemOf(
  line: string,
): { readonly indent: number; readonly text: string; readonly ticked: boolean } | undefined {
  const [mark = '', space = '', box] = MARK.exec(line) ?? [];
  // a number that begins a line by itself is no mark: "3 growers to call"
  const text = line.slice(mark.length).trim();
  return text === '' ? undefined : { indent: widthOf(space), text, ticked: box?.toLowerCase() === 'x' };
}

/** A step as its line says it: `Call the lab 30m` takes half an hour. */
function stepOf(text: string, done: boolean): PastedStep {
  const length = findDuration(text);
  const before = text
    .slice(0, length?.from)
    .replace(/[\s,;:–-]+$/, '')
    .trim();
  return length?.to === text.length && before !== ''
    ? { title: shortened(before, bounds.title), done, estimate: length.value }
    : { title: shortened(text, bounds.title), done, estimate: null };
}

/** What a line says as a heading: one of Markdown, or one that ends in a colon above lines with marks; undefined for any other. */
function headingIn(line: string, next: string | undefined): string | undefined {
  const [, marked] = /^\s{0,3}#{1,6}\s+(.+?)[\s#]*$/.exec(line) ?? [];
  if (marked !== undefined) return marked.replace(/:$/, '');
  const [, led] = /^\s*([^\s\-*+•–].*):\s*$/.exec(line) ?? [];
  const leads = /^\s*(?:[-*+•–]|\d{1,3}[.)]|\[[ xX]\])\s/.test(next ?? '');
  return leads ? led : undefined;
}

/** How many lines at the top of a text say of what message it is. */
const HEADER = /^(from|to|cc|date|sent|subject|reply-to)\s*:\s*(.*)$/i;

/** A message that was copied with its head: who wrote it, about what, and what stands below; undefined for any other text. */
function messageIn(text: string): Pasted | undefined {
  const lines = text.trim().split('\n');
  const found = new Map<string, string>();
  let at = 0;
  for (; at < lines.length; at += 1) {
    const [, name = '', value = ''] = HEADER.exec(lines[at]?.trim() ?? '') ?? [];
    if (name === '') break;
    found.set(name.toLowerCase(), value.trim());
  }
  const subject = found.get('subject')?.replace(/^((re|fwd?|aw|wg)\s*:\s*)+/i, '');
  if (!subject || found.size < 2) return undefined;
  const from = found.get('from');
  const on = found.get('date') ?? found.get('sent');
  const head = [from ? `From ${from}` : '', on ?? ''].filter(Boolean).join(', ');
  const body = lines.slice(at).join('\n').trim();
  return {
    line: shortened(subject, bounds.title),
    steps: [],
    notes: shortened([head, body].filter(Boolean).join('\n\n'), bounds.notes),
  };
}

/**
 * The tasks of a pasted text: each line that says something, without the marks of its list; lines that are indented are steps
 * of the one above, ticked ones among them; a task that is ticked in a checklist is left out with its steps. A heading is
 * no task, unless nothing stands below it. A message with its head is one task.
 */
export function pastedTasks(text: string): Pasted[] {
  const plain = text.replace(/\r\n?/g, '\n');
  const message = messageIn(plain);
  if (message) return [message];
  const tasks: { line: string; steps: PastedStep[]; notes: string; ticked: boolean; heading?: string }[] = [];
  let margin: number | undefined;
  let heading: string | undefined;
  const said = plain.split('\n').filter((line) => line.trim() !== '');
  for (const [i, raw] of said.entries()) {
    const next = said[i + 1];
    const led = headingIn(raw, next);
    const leads = led !== undefined && next !== undefined && headingIn(next, said[i + 2]) === undefined;
    if (leads) {
      heading = shortened(led, bounds.title);
      margin = undefined;
      continue;
    }
    const item = itemOf(led ?? raw);
    if (!item) continue;
    margin ??= item.indent;
    const above = tasks.at(-1);
    if (above && item.indent > margin) {
      if (above.steps.length < bounds.steps) above.steps.push(stepOf(item.text, item.ticked));
    } else {
      margin = Math.min(margin, item.indent);
      const task = { line: shortened(item.text, bounds.title), steps: [], notes: '', ticked: item.ticked };
      tasks.push(heading === undefined ? task : { ...task, heading });
    }
  }
  return tasks.flatMap(({ ticked, ...task }) => (ticked ? [] : [task])).slice(0, MOST_LINES);
}
