import type { Found } from './found';

/** No typed length is longer, in minutes. */
export const LONGEST = 6000;

const NUMBERS = ['a', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const SPOKEN: Readonly<Record<string, string>> = {
  'half an hour': '30m',
  'a quarter of an hour': '15m',
  'quarter of an hour': '15m',
  'three quarters of an hour': '45m',
  'an hour and a half': '90m',
};

/** A length in words, in figures: `six hours` is `6 hours`. */
function inFigures(typed: string): string {
  const [, number = '', half = '', unit = ''] =
    /^(an?|[a-z]+)( and a half)? (hours?|minutes?|mins?)$/.exec(typed) ?? [];
  const count = NUMBERS.indexOf(number === 'an' ? 'a' : number);
  if (count < 0) return typed;
  return `${Math.max(1, count)}${half === '' ? '' : '.5'} ${unit}`;
}

/**
 * A length as people type it, in whole minutes: `90`, `45m`, `1h30`, `1:30`, `1.5h`, `1 h 30 min`, `2h`, `six hours`.
 * Undefined when it cannot be read, is zero, or is longer than `most` minutes.
 */
export function readDuration(text: string, most = LONGEST): number | undefined {
  const typed = SPOKEN[text.trim().toLowerCase()] ?? inFigures(text.trim().toLowerCase().replace(',', '.'));
  const found =
    /^(?<minutes>\d+)\s*(?:m|min|mins|minutes?)?$/.exec(typed) ??
    /^(?<hours>\d+):(?<minutes>[0-5]\d)$/.exec(typed) ??
    /^(?<hours>\d+)\s*(?:h|hr|hrs|hours?)\s*(?<minutes>[0-5]?\d)\s*(?:m|min|minutes?)?$/.exec(typed) ??
    /^(?<hours>\d+(?:\.\d+)?|\.\d+)\s*(?:h|hr|hrs|hours?)$/.exec(typed);
  if (!found?.groups) return undefined;
  const minutes = Math.round(Number(found.groups.hours ?? 0) * 60) + Number(found.groups.minutes ?? 0);
  return minutes >= 1 && minutes <= most ? minutes : undefined;
}

/** What looks like a length within other words: a number needs its unit there. */
const WITHIN =
  /(?<![\w:.,])(?:\d+(?:[.,]\d+)?\s*h(?:rs?|ours?)?(?:\s*\d{1,2}(?:\s*m(?:in(?:ute)?s?)?)?)?|\d+\s*m(?:in(?:ute)?s?)?)(?![\w:])/gi;

/** The last length in a line, where it stands: the `1h` of `Read the gauges 1h`. */
export function findDuration(text: string): Found<number> | undefined {
  return [...text.matchAll(WITHIN)]
    .flatMap(({ 0: words, index }) => {
      const value = readDuration(words);
      return value === undefined ? [] : [{ value, from: index, to: index + words.length }];
    })
    .at(-1);
}
