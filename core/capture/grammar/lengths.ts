import { LONGEST } from '../readDuration';
import { after, countAt, numberAt, wordAt, type Read, type Token } from './tokens';

const HOURS = /^(?:h|hr|hrs|hour|hours)$/;
const MINUTES = /^(?:m|min|mins|minute|minutes)$/;
const FRACTIONS: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };

/** What makes of a length part of a name: `a 5 min timer`, `20 m from the bank`. */
const NAMED =
  /^(?:of|from|into|away|long|per|a|deep|wide|high|timer|timers|clock|gauge|loop|limit|warning|notice|rule|tape|delay|film|video|poles?)$/;
const NAMING = /^(?:the|that|this|our|in|last|every|each)$/;

/** A number of hours or minutes with its fraction: `1.5`, `1½`, `2 and a half`, `¾`, `two`. */
const amountAt: Read<number> = (tokens, at) => {
  const fraction = FRACTIONS[wordAt(tokens, at)];
  if (fraction !== undefined)
    return { value: fraction, next: after(tokens, at + 1, 'of an', 'an') ?? at + 1 };
  const typed = wordAt(tokens, at);
  if (/^\d{1,2}[.,]\d{1,2}$/.test(typed)) return { value: Number(typed.replace(',', '.')), next: at + 1 };
  const number = numberAt(tokens, at) ?? (/^an?$/.test(typed) ? countAt(tokens, at) : undefined);
  if (!number) return undefined;
  const more = FRACTIONS[wordAt(tokens, number.next)];
  if (more !== undefined) return { value: number.value + more, next: number.next + 1 };
  const half = after(tokens, number.next, 'and a half');
  return half === undefined ? number : { value: number.value + 0.5, next: half };
};

const spoken: Read<number> = (tokens, at) => {
  const choices: readonly (readonly [number, readonly string[]])[] = [
    [45, ['three quarters of an hour', 'three-quarters of an hour', '3 / 4 hour']],
    [15, ['a quarter of an hour', 'quarter of an hour', 'quarter hour']],
    [30, ['half an hour', 'half a hour', 'half - hour', 'half hour', 'a half hour']],
    [90, ['an hour and a half', 'hour and a half']],
  ];
  for (const [value, words] of choices) {
    const next = after(tokens, at, ...words);
    if (next !== undefined) return { value, next };
  }
  return undefined;
};

const counted: Read<number> = (tokens, at) => {
  const amount = amountAt(tokens, at);
  if (!amount) return undefined;
  const hyphen =
    wordAt(tokens, amount.next) === '-' && !tokens[amount.next]?.apart ? amount.next + 1 : amount.next;
  const unit = wordAt(tokens, hyphen);
  if ((unit === "'" || unit === '′') && !tokens[hyphen]?.apart && amount.next - at === 1)
    return { value: amount.value, next: hyphen + 1 };
  if (MINUTES.test(unit)) {
    // a bare m is metres unless it clings to its number
    if (unit === 'm' && tokens[hyphen]?.apart) return undefined;
    return { value: Math.round(amount.value), next: hyphen + 1 };
  }
  if (!HOURS.test(unit)) return undefined;
  const hours = amount.value * 60;
  const half = after(tokens, hyphen + 1, 'and a half');
  if (half !== undefined) return { value: hours + 30, next: half };
  const and = after(tokens, hyphen + 1, 'and') ?? hyphen + 1;
  const rest = numberAt(tokens, and);
  if (!rest || rest.value > 59 || !/^\d/.test(wordAt(tokens, and))) return { value: hours, next: hyphen + 1 };
  const [minutes, letter] = [wordAt(tokens, rest.next), tokens[and]];
  if (MINUTES.test(minutes)) return { value: hours + rest.value, next: rest.next + 1 };
  // “1h30”, “1 hour 20”: and nothing that makes an hour of the clock of it
  const ends = !/^(?:[:.-]|[ap]m?|h|o'clock)$/.test(minutes) && and === hyphen + 1;
  return ends && (letter?.apart === false || rest.value >= 5)
    ? { value: hours + rest.value, next: rest.next }
    : { value: hours, next: hyphen + 1 };
};

const isArticle = (tokens: readonly Token[], at: number) => /^an?$/.test(wordAt(tokens, at));

/** A length in minutes, with the words that lead to it: `for two hours`, `about 45 minutes`, `1h30`. */
export const lengthAt: Read<number> = (tokens, at) => {
  if (NAMING.test(wordAt(tokens, at - 1))) return undefined;
  const lead =
    after(
      tokens,
      at,
      'for about',
      'for around',
      'takes about',
      'about',
      'around',
      'roughly',
      'approx',
      'for',
      'takes',
      'lasts',
      'needs',
      '~',
      'ca',
    ) ?? at;
  const found = spoken(tokens, lead) ?? counted(tokens, lead);
  if (!found || found.value < 1 || found.value > LONGEST) return undefined;
  const unit = wordAt(tokens, found.next - 1);
  if (
    NAMED.test(wordAt(tokens, found.next)) ||
    /^(?:ago|later|before|after|early|late)$/.test(wordAt(tokens, found.next))
  )
    return undefined;
  // of “a 5 min timer” the article is another's; “an hour” has its own
  if (lead === at && isArticle(tokens, at - 1) && !isArticle(tokens, at)) return undefined;
  // “24 hour gauge”, but “2 hour walk”
  if (unit === 'hour' && Number(wordAt(tokens, lead)) === 24) return undefined;
  return { value: Math.round(found.value), next: found.next };
};
