import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { openPanel } from '@/ui/panels';

/** What an address may hand over: `?add=` of a bookmark; a phone’s share sheet tells a title, a text and a link. */
const NAMES = ['add', 'addText', 'addLink'] as const;

/** What the address hands over, if it does. */
function sharedByAddress(): { readonly text: string; readonly notes: string } | undefined {
  const { searchParams } = new URL(location.href);
  const parts = NAMES.flatMap((name) => searchParams.get(name) ?? []);
  if (parts.length === 0) return undefined;
  const [text = '', ...rest] = [...new Set(parts.map((part) => part.trim()).filter(Boolean))];
  return { text, notes: rest.join('\n') };
}

/** Opens what was shared with the application, or told by its address, in the quick line: it is seen before it counts. */
export function useShared(): void {
  const router = useRouter();
  const stands = useFirstDrawn();
  useEffect(() => {
    const shared = stands ? sharedByAddress() : undefined;
    if (!shared) return;
    openPanel({ kind: 'quick', ...shared });
    // a reload is not to bring it again
    router.setParams(Object.fromEntries(NAMES.map((name) => [name, undefined])));
  }, [stands, router]);
}
