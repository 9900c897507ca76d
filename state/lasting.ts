/**
 * Browsers may clear what a site has stored when room gets short, unless it asked to keep it (Storage Standard,
 * “persistent”). Asking can open a question to the person, so it is done when there is something to lose.
 */

/** Whether the browser has promised to keep what is stored; null when it cannot say. */
export const isLasting = async (): Promise<boolean | null> =>
  (await navigator.storage?.persisted?.()) ?? null;

/** Asks the browser to keep what is stored. */
export const askToLast = async (): Promise<boolean | null> => (await navigator.storage?.persist?.()) ?? null;
