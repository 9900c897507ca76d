/** Something that was understood, and where it stood in the typed text: `from` inclusive to `to` exclusive, in UTF-16 units. */
export type Found<T> = { readonly value: T; readonly from: number; readonly to: number };

/** What was found, if it is all of the text but for spaces around it. */
export function whole<T>(text: string, found: Found<T> | undefined): T | undefined {
  if (!found) return undefined;
  const around = text.slice(0, found.from) + text.slice(found.to);
  return around.trim() === '' ? found.value : undefined;
}
