/**
 * What a new collection was made from, and which records differ. A change to one record among ten years of them need
 * not be searched for. The base is held weakly, so that no past collection is kept alive; without it the collections
 * are compared record by record.
 */
type Origin = { readonly base: WeakRef<object>; readonly ids: readonly string[] };

const origins = new WeakMap<object, Origin>();

/** Notes that `made` is `base` but for the records `ids`. */
export const noteOrigin = (made: object, base: object, ids: readonly string[]): void =>
  void origins.set(made, { base: new WeakRef(base), ids });

/** The ids that may differ between two collections, when `after` was made from `before`; else undefined. */
export function idsSince(before: object, after: object): Set<string> | undefined {
  const ids = new Set<string>();
  let at: object | undefined = after;
  while (at && at !== before) {
    const origin = origins.get(at);
    if (!origin) return undefined;
    for (const id of origin.ids) ids.add(id);
    at = origin.base.deref();
  }
  return at && ids;
}
