import { store } from '@/state/workspaceStore';

/** Puts a text where it can be pasted from; a browser that refuses says so. */
export async function copyText(text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    store.say('Copied');
  } catch {
    store.say('The browser does not allow copying. Mark the text and copy it by hand.', 'problem');
  }
}
