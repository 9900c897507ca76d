import { create } from 'zustand';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Id } from '@/core/model/common';
import type { Scope } from '@/core/commands/events';
import type { Workspace } from '@/core/model/workspace';
import type { Subject } from '@/core/model/plan';
import type { Span } from '@/core/time/span';
import type { Item } from './strip/item';
import type { ImportResult } from './files/importResult';

/** What can lie over any screen. */
export type OpenSheet =
  | { readonly kind: 'newTask' }
  | { readonly kind: 'task'; readonly id: Id; readonly blockId?: Id; readonly trayId?: Id }
  | { readonly kind: 'place'; readonly taskId: Id; readonly blockId?: Id; readonly trayId?: Id }
  | { readonly kind: 'placeSeveral'; readonly taskIds: readonly Id[]; readonly then: () => void }
  | { readonly kind: 'meeting'; readonly meeting: Occurrence }
  | { readonly kind: 'time'; readonly subject: Subject; readonly date: string }
  | { readonly kind: 'spent'; readonly subject: Subject; readonly date: string }
  | { readonly kind: 'workspaceFile'; readonly name: string; readonly workspace: Workspace }
  | { readonly kind: 'lists' }
  | {
      readonly kind: 'importing';
      readonly name: string;
      /** Read so far, 0 to 1. */
      readonly share: number;
      readonly cancel: () => void;
    }
  | { readonly kind: 'importReport'; readonly name: string; readonly report: ImportResult }
  | { readonly kind: 'goToDay' }
  | { readonly kind: 'keys' }
  | { readonly kind: 'lens' }
  | { readonly kind: 'crowd'; readonly items: readonly Item[] }
  | { readonly kind: 'freed'; readonly freed: readonly Span[] }
  | { readonly kind: 'intentions'; readonly date: string }
  | {
      readonly kind: 'importInto';
      readonly name: string;
      readonly events: number;
      readonly choose: (calendarId: Id | null) => void;
    }
  | { readonly kind: 'newEvent'; readonly from: number; readonly minutes: number }
  | { readonly kind: 'scope'; readonly title: string; readonly choose: (scope: Scope) => void }
  | { readonly kind: 'exportCalendar' };

type State = {
  readonly open: OpenSheet | null;
  /** A details pane is in sight that shows tasks and meetings, so that no sheet is needed for them. */
  readonly hasPane: boolean;
};

export const useSheets = create<State>(() => ({ open: null, hasPane: false }));

export const openSheet = (open: OpenSheet) => useSheets.setState({ open });
export const closeSheet = () => useSheets.setState({ open: null });

/** What the details pane shows, if there is one. */
export const belongsInPane = (sheet: OpenSheet | null): boolean =>
  sheet?.kind === 'task' || sheet?.kind === 'meeting';
