const NAME = 'sprindle.drafts';

function all(): Map<string, string> {
  try {
    const stored: unknown = JSON.parse(sessionStorage.getItem(NAME) ?? '{}');
    return new Map(Object.entries(Object(stored)));
  } catch {
    return new Map();
  }
}

/** What was typed into a field and not added yet; this tab keeps it, also across a reload. */
export const draftOf = (field: string): string => String(all().get(field) ?? '');

/** Keeps what is typed into a field until it is added; nothing typed is no draft. */
export function keepDraft(field: string, typed: string): void {
  const drafts = all();
  if (typed.trim() === '') drafts.delete(field);
  else drafts.set(field, typed);
  try {
    sessionStorage.setItem(NAME, JSON.stringify(Object.fromEntries(drafts)));
  } catch {
    // switched off: it lasts as long as the field
  }
}
