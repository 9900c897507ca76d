import MiniSearch from 'minisearch';
import type { Changes, Document } from './documents';

/** Something that was found, best first. */
export type Hit = { readonly id: string };

/** What is done, or lies behind, comes after what is open and fits as well. */
const OPEN_COUNTS = 1.5;

/** How many letters may be wrong, missing or too many: two that are swapped count as two. */
const misspelt = (word: string) => (word.length >= 6 ? 2 : word.length >= 4 ? 1 : false);

/**
 * Finds documents by words that their titles and texts begin with, with a letter wrong here and there. All words must be
 * there; titles count three times (BM25+, Lv and Zhai 2011, by MiniSearch).
 */
export function makeSearcher() {
  const index = new MiniSearch<Document>({
    fields: ['title', 'more'],
    storeFields: ['open'],
    searchOptions: {
      boost: { title: 3 },
      prefix: true,
      fuzzy: misspelt,
      combineWith: 'AND',
      boostDocument: (_, __, stored) => (stored?.open ? OPEN_COUNTS : 1),
    },
    // accents are no hindrance: “Senes” finds “Sénès”
    processTerm: (word) => word.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase(),
  });
  return {
    /** Takes in what has changed. */
    update({ put, gone }: Changes): void {
      for (const id of gone) if (index.has(id)) index.discard(id);
      for (const document of put) {
        if (index.has(document.id)) index.replace(document);
        else index.add(document);
      }
    },
    /** The best for some typed words; nothing for none. */
    search: (typed: string, most: number): Hit[] =>
      typed.trim() === ''
        ? []
        : index
            .search(typed)
            .slice(0, most)
            .map(({ id }) => ({ id: String(id) })),
  };
}

export type Searcher = ReturnType<typeof makeSearcher>;
