import type { Scope } from '@/core/commands/events';
import type { Panel, Panels } from '@/ui/panels';
import { ScopeQuestion } from './ScopeQuestion';

declare module '@/ui/panels' {
  interface Panels {
    /** Which times of something that repeats a change holds for. */
    scope: { readonly title: string };
  }
  interface Answers {
    scope: Scope;
  }
}

export const scope: Panel<Panels['scope']> = { useTitle: ({ title }) => title, Content: ScopeQuestion };
