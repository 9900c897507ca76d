/** Words that titles share without being about the same. */
const COMMON = new Set([
  'about',
  'again',
  'before',
  'call',
  'from',
  'meeting',
  'need',
  'send',
  'some',
  'that',
  'them',
  'then',
  'they',
  'this',
  'whether',
  'with',
]);

/** The words of a title that tell what it is about: from four letters on, in the singular as far as an s makes the plural. */
export const tellingWords = (title: string): ReadonlySet<string> =>
  new Set(
    (title.toLowerCase().match(/\p{L}{4,}/gu) ?? [])
      .filter((word) => !COMMON.has(word))
      .map((word) => word.replace(/s$/, '')),
  );
