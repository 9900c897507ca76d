import type { Scope } from '@/core/commands/events';
import { ask } from '@/ui/panels';

/** How a notice names the times that a change went to. */
export const scopeWords: Record<Scope, string> = {
  one: '',
  later: ', and all later ones',
  all: ', all of them',
};

/** Asks which times of something that repeats a change holds for; undefined when it is left as it was. */
export const askScope = (title: string): Promise<Scope | undefined> => ask({ kind: 'scope', title });
