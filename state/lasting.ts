/**
 * Browsers may clear what a site has stored when room gets short, unless it asked to keep it (Storage Standard,
 * “persistent”). Asking can open a question to the person, so it is done when there is something to lose.
 */

/** Whether the browser has promised to keep what is stored; null when it cannot say. */
export const isLasting = async (): Promise<boolean | null> =>
  (await navigator.storage?.persisted?.()) ?? null;

/** How many bytes the browser lets this site store yet; null when it cannot say. */
export async function roomLeft(): Promise<number | null> {
  const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
  return quota === undefined || usage === undefined ? null : Math.max(0, quota - usage);
}

/** Asks the browser to keep what is stored. */
export const askToLast = async (): Promise<boolean | null> => (await navigator.storage?.persist?.()) ?? null;
