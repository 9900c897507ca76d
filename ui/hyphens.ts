import { useEffect, useReducer } from 'react';
import { later } from './later';

type Hyphenate = (text: string) => string;

/** Shorter words stay whole. */
const LEAST_LETTERS = 6;
/** Longer words than this may be wider than any column of text. */
const LONG_WORD = /\p{L}{18}/u;

/** Puts soft hyphens where words may be broken (Liang’s patterns for British English). */
const hyphenator = later(async (): Promise<Hyphenate> => {
  const { hyphenateSync } = await import('hyphen/en-gb');
  return (text) => hyphenateSync(text, { minWordLength: LEAST_LETTERS });
});

/** Text whose words are broken by hyphens where its column is `narrow`, in a component; as it is until the patterns are there. */
export function useHyphened(text: string, narrow: boolean): string {
  const [, drawAgain] = useReducer((count: number) => count + 1, 0);
  const waits = narrow && hyphenator.get() === undefined;
  useEffect(() => {
    if (waits) void hyphenator.load().then(drawAgain, () => undefined);
  }, [waits]);
  return narrow ? (hyphenator.get()?.(text) ?? text) : text;
}

/** Text whose very long words may be broken by hyphens, wherever it stands. */
export function withLongWords(text: string): string {
  if (!LONG_WORD.test(text)) return text;
  if (!hyphenator.get()) void hyphenator.load().catch(() => undefined);
  return hyphenator.get()?.(text) ?? text;
}
