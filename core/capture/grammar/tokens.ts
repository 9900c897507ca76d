/*
 * A typed line in pieces. What reads it goes from piece to piece, so that where something stands never gets lost, and works
 * with their `word`: in small letters, common slips of calendar words mended.
 */

export type Token = {
  readonly word: string;
  /** As it was typed. */
  readonly raw: string;
  readonly from: number;
  readonly to: number;
  /** Whether a space stands before it. */
  readonly apart: boolean;
};

/** Something that was read: its value, and the piece after it. */
export type At<T> = { readonly value: T; readonly next: number };

/** Reads something from a piece on; undefined where it does not stand there. */
export type Read<T> = (tokens: readonly Token[], at: number) => At<T> | undefined;

const PIECE = /\d+(?:[.:,]\d+)*|\p{L}+(?:[’'.](?=\p{L})\p{L}+)*|[^\s\p{L}\d]/gu;

const SLIPS: Readonly<Record<string, string>> = {
  tomorow: 'tomorrow',
  tommorow: 'tomorrow',
  tommorrow: 'tomorrow',
  tomorro: 'tomorrow',
  tmrw: 'tomorrow',
  tmr: 'tomorrow',
  wensday: 'wednesday',
  wendsday: 'wednesday',
  wedensday: 'wednesday',
  wednsday: 'wednesday',
  thrusday: 'thursday',
  thurdsay: 'thursday',
  tuseday: 'tuesday',
  teusday: 'tuesday',
  firday: 'friday',
  frday: 'friday',
  saterday: 'saturday',
  satruday: 'saturday',
  febuary: 'february',
  feburary: 'february',
  januray: 'january',
  septmber: 'september',
  decmber: 'december',
  novemeber: 'november',
  forthnight: 'fortnight',
  wkly: 'weekly',
  mthly: 'monthly',
  morn: 'morning',
  arvo: 'afternoon',
};

/** The pieces of a line. */
export const tokensOf = (line: string): Token[] =>
  [...line.matchAll(PIECE)].map(({ 0: raw, index }) => {
    const word = raw.toLowerCase().replace(/’/g, "'");
    return {
      word: SLIPS[word] ?? word,
      raw,
      from: index,
      to: index + raw.length,
      apart: index === 0 || /\s/.test(line[index - 1] ?? ''),
    };
  });

/** The word of a piece; none beyond the ends. */
export const wordAt = (tokens: readonly Token[], at: number): string => tokens[at]?.word ?? '';

/** The piece after some words that stand there one after the other: the longest of several choices. */
export function after(
  tokens: readonly Token[],
  at: number,
  ...choices: readonly string[]
): number | undefined {
  const first = wordAt(tokens, at);
  let end: number | undefined;
  for (const choice of choices) {
    if (first === '' || !choice.startsWith(first)) continue;
    const words = choice.split(' ');
    if (words.every((word, i) => wordAt(tokens, at + i) === word))
      end = Math.max(end ?? 0, at + words.length);
  }
  return end;
}

/** Reads each place of a line once, as what begins earlier asks for it again and again. */
export function once<T>(read: Read<T>): Read<T> {
  const known = new WeakMap<readonly Token[], Map<number, At<T> | undefined>>();
  return (tokens, at) => {
    const places = known.get(tokens) ?? new Map<number, At<T> | undefined>();
    known.set(tokens, places);
    if (!places.has(at)) places.set(at, read(tokens, at));
    return places.get(at);
  };
}

/** The first of several readings that succeeds. */
export const firstOf =
  <T>(...reads: readonly Read<T>[]): Read<T> =>
  (tokens, at) => {
    for (const read of reads) {
      const found = read(tokens, at);
      if (found) return found;
    }
    return undefined;
  };

const NUMBERS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'.split(
    ' ',
  );
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
};

/** A whole number in figures or words, up to three figures: `45`, `five`, `forty five`. */
export const numberAt: Read<number> = (tokens, at) => {
  const word = wordAt(tokens, at);
  if (/^\d{1,3}$/.test(word)) return { value: Number(word), next: at + 1 };
  const tens = TENS[word];
  if (tens === undefined)
    return NUMBERS.includes(word) ? { value: NUMBERS.indexOf(word), next: at + 1 } : undefined;
  const ones = NUMBERS.indexOf(wordAt(tokens, wordAt(tokens, at + 1) === '-' ? at + 2 : at + 1));
  const next = wordAt(tokens, at + 1) === '-' ? at + 3 : at + 2;
  return ones > 0 && ones < 10 ? { value: tens + ones, next } : { value: tens, next: at + 1 };
};

/** A number that counts things: `a`, `two`, `a couple of`. */
export const countAt: Read<number> = (tokens, at) => {
  const couple = after(tokens, at, 'a couple of', 'a couple');
  if (couple !== undefined) return { value: 2, next: couple };
  if (wordAt(tokens, at) === 'a' || wordAt(tokens, at) === 'an') return { value: 1, next: at + 1 };
  return numberAt(tokens, at);
};

const ORDINALS =
  'last zeroth first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth'.split(' ');

/** A place in a row: `first`, `2nd`, `last`. */
export const ordinalAt: Read<number> = (tokens, at) => {
  const value = ORDINALS.indexOf(wordAt(tokens, at)) - 1;
  if (value === -1 || value > 0) return { value, next: at + 1 };
  const suffix = tokens[at + 1];
  return /^\d{1,2}$/.test(wordAt(tokens, at)) &&
    suffix &&
    !suffix.apart &&
    /^(?:st|nd|rd|th)$/.test(suffix.word)
    ? { value: Number(wordAt(tokens, at)), next: at + 2 }
    : undefined;
};

const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
const WEEKDAY =
  /^(?:mon(?:day)?|tue(?:s(?:day)?)?|wed(?:s|nesday)?|thu(?:r(?:s(?:day)?)?)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)$/;

/** A weekday (Monday is 1), `Thurs`; with `many` also as it is said of each one, `Thursdays`. */
export const weekdayAt = (tokens: readonly Token[], at: number, many = false): At<number> | undefined => {
  const typed = wordAt(tokens, at);
  const word = many && /days$/.test(typed) ? typed.slice(0, -1) : typed;
  if (!WEEKDAY.test(word)) return undefined;
  const dot = wordAt(tokens, at + 1) === '.' && word.length < 6 && !tokens[at + 1]?.apart ? 1 : 0;
  return { value: 1 + WEEKDAYS.indexOf(word.slice(0, 3)), next: at + 1 + (at + 2 < tokens.length ? dot : 0) };
};

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const MONTH =
  /^(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)$/;

/** A month by its name, 1 for January. */
export const monthAt: Read<number> = (tokens, at) => {
  const word = wordAt(tokens, at);
  if (!MONTH.test(word)) return undefined;
  const isCut = word.length <= 4 && wordAt(tokens, at + 1) === '.' && !tokens[at + 1]?.apart;
  return {
    value: 1 + MONTHS.indexOf(word.slice(0, 3)),
    next: at + (isCut && at + 2 < tokens.length ? 2 : 1),
  };
};
