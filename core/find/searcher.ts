import uFuzzy from '@leeoniya/ufuzzy';
import MiniSearch, { type QueryCombination } from 'minisearch';
import type { Changes, Document } from './documents';

/** Something that was found, best first. */
export type Hit = { readonly id: string };

/** What is done, or lies behind, comes after what is open and fits as well. */
const OPEN_COUNTS = 1.5;
/** How much a word counts that is only like the typed one. */
const LIKE_COUNTS = 0.4;
/** So many words are taken for what may have been meant, and words are looked at from so many letters on. */
const MOST_LIKE = 12;
const LONG = 4;

/** How many letters may be wrong, missing or too many: two that are swapped count as two. */
const misspelt = (word: string) => (word.length >= 6 ? 2 : word.length >= LONG ? 1 : false);

/** Finds words that begin like the typed one but for one slip: a letter swapped, missing, added or wrong. */
const slips = new uFuzzy({
  interLft: 2,
  intraMode: 1,
  intraSlice: [0, Infinity],
  intraIns: 1,
  intraSub: 1,
  intraTrn: 1,
  intraDel: 1,
});

const tokenize = MiniSearch.getDefault('tokenize');
/** Accents are no hindrance: “Senes” finds “Sénès”. */
const processed = (word: string) => word.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/**
 * Finds documents by words that their titles and texts begin with or hold, with a slip here and there, or run together. All
 * words must be there; titles count three times (BM25+, Lv and Zhai 2011, by MiniSearch; slips by uFuzzy).
 */
export function makeSearcher() {
  const index = new MiniSearch<Document>({
    fields: ['title', 'more'],
    storeFields: ['open'],
    searchOptions: {
      boost: { title: 3 },
      prefix: true,
      fuzzy: misspelt,
      boostDocument: (_, __, stored) => (stored?.open ? OPEN_COUNTS : 1),
    },
    processTerm: processed,
  });
  /** Every word that was ever taken in; one that is nowhere any more finds nothing. */
  const known = new Set<string>();
  let words: string[] = [];

  const exactly = (terms: string[], combineWith: 'OR' | 'AND'): QueryCombination => ({
    queries: terms,
    combineWith,
    prefix: combineWith === 'AND',
    fuzzy: false,
    boostTerm: () => LIKE_COUNTS,
  });

  /** Two words that a typed one is when they are parted: `weirhearing`. */
  function parted(typed: string): string[] | undefined {
    for (let at = 3; at <= typed.length - 3; at += 1) {
      const [first, second] = [typed.slice(0, at), typed.slice(at)];
      if (known.has(first) && words.some((word) => word.startsWith(second))) return [first, second];
    }
    return undefined;
  }

  /** What one typed word may find. */
  function queryOf(typed: string): QueryCombination {
    if (typed.length < LONG) return { queries: [typed] };
    if (words.length !== known.size) words = [...known];
    const slipped = (slips.filter(words, typed) ?? []).flatMap((at) => words[at] ?? []);
    const holding = words.filter((word) => word.includes(typed));
    const like = [...new Set([...slipped, ...holding])].slice(0, MOST_LIKE);
    const parts = like.length === 0 ? parted(typed) : undefined;
    const others = [
      ...(like.length > 0 ? [exactly(like, 'OR')] : []),
      ...(parts ? [exactly(parts, 'AND')] : []),
    ];
    return { combineWith: 'OR', queries: [typed, ...others] };
  }

  return {
    /** Takes in what has changed. */
    update({ put, gone }: Changes): void {
      for (const id of gone) if (index.has(id)) index.discard(id);
      for (const document of put) {
        if (index.has(document.id)) index.replace(document);
        else index.add(document);
        for (const word of tokenize(`${document.title}\n${document.more}`)) known.add(processed(word));
      }
    },
    /** The best for some typed words; nothing for none. */
    search(typed: string, most: number): Hit[] {
      const terms = tokenize(typed).map(processed).filter(Boolean);
      if (terms.length === 0) return [];
      return index
        .search({ combineWith: 'AND', queries: terms.map(queryOf) })
        .slice(0, most)
        .map(({ id }) => ({ id: String(id) }));
    },
  };
}

export type Searcher = ReturnType<typeof makeSearcher>;
