/*
 * What broken messages still tell. The reader of mail (postal-mime) takes a line without a colon for a field, leaves out
 * what has no known kind, and gives back nothing of parts whose boundary is missing.
 */

/** A field of a message’s head with the lines that are folded into it (RFC 5322, 2.2), or the line of an mbox above it. */
const FIELD = /(?:[!-9;-~]+[ \t]*:|[ \t]|>?From )[^\r\n]*(?:\r\n?|\n|$)/y;
/** No head is longer. */
const LONGEST_HEAD = 1_000_000;

const lettersOf = (source: Uint8Array | string): string =>
  typeof source === 'string'
    ? source.slice(0, LONGEST_HEAD)
    : new TextDecoder('latin1').decode(source.subarray(0, LONGEST_HEAD));

/** Where the head of a message ends: its place, in bytes or code units. */
function endOfHead(source: Uint8Array | string): number {
  const head = lettersOf(source);
  FIELD.lastIndex = 0;
  let end = 0;
  while (FIELD.test(head)) end = FIELD.lastIndex;
  return end;
}

const isBreak = (sign: string | number | undefined) =>
  sign === '\r' || sign === '\n' || sign === 13 || sign === 10;

/** A message whose head and text are parted by an empty line, as RFC 5322 (2.1) asks for; one that is sound as it is. */
export function withEmptyLine(source: Uint8Array | string): Uint8Array | string {
  const end = endOfHead(source);
  if (end === 0 || end >= source.length || isBreak(source[end])) return source;
  if (typeof source === 'string') return `${source.slice(0, end)}\r\n${source.slice(end)}`;
  const whole = new Uint8Array(source.length + 2);
  whole.set(source.subarray(0, end));
  whole.set([13, 10], end);
  whole.set(source.subarray(end), end + 2);
  return whole;
}

/** What stands below the head of a message, as it is. */
export function plainBody(source: Uint8Array | string): string {
  const end = endOfHead(source);
  return typeof source === 'string' ? source.slice(end) : wordsIn(source.subarray(end));
}

/** Bytes as text: in UTF-8, or as older programs write where they are none. */
export function wordsIn(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('latin1').decode(bytes);
  }
}
