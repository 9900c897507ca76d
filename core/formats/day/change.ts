import type { Id } from '../../model/common';
import type { Subject } from '../../model/plan';
import type { Workspace } from '../../model/workspace';
import type { Span } from '../../time/span';
import type { IsoDate, Zone } from '../../time/zone';

/* What a day that comes back as text changes. Nothing counts before the person has seen it. */

/** A change of a day, as data; starts and ends in epoch ms. */
export type DayChange =
  | { readonly kind: 'move'; readonly title: string; readonly blockId: Id; readonly to: Span }
  | {
      readonly kind: 'place';
      readonly title: string;
      readonly taskId: Id;
      readonly trayId?: Id;
      readonly to: Span;
    }
  | { readonly kind: 'lay'; readonly title: string; readonly taskId: Id; readonly blockId?: Id }
  /** A task that did not exist; into the tray where it has no hours. */
  | { readonly kind: 'new'; readonly title: string; readonly to: Span | null; readonly done: boolean }
  | { readonly kind: 'off'; readonly title: string; readonly from: 'hours' | 'tray'; readonly id: Id }
  | { readonly kind: 'done'; readonly title: string; readonly taskId: Id; readonly done: boolean }
  | { readonly kind: 'keystone'; readonly title: string; readonly taskId: Id | null }
  | {
      readonly kind: 'record';
      readonly title: string;
      readonly entryId: Id | null;
      readonly subject: Subject;
      readonly to: Span;
    }
  | { readonly kind: 'unrecord'; readonly title: string; readonly entryId: Id }
  | { readonly kind: 'number'; readonly title: string; readonly of: Id; readonly value: number | null }
  | { readonly kind: 'note'; readonly note: string };

/** A line that stays without effect, and why. */
export type DayProblem = {
  readonly line: number;
  readonly text: string;
  readonly why: 'unread' | 'meeting' | 'held' | 'number' | 'unknownNumber';
};

export type DayChanges = { readonly changes: readonly DayChange[]; readonly problems: readonly DayProblem[] };

export const noChanges: DayChanges = { changes: [], problems: [] };

/** Takes the first that fits out of what nothing has been found for yet, so that no two lines mean the same. */
export const takingFrom =
  <T>(open: T[]) =>
  (fits: (one: T) => boolean): T | undefined => {
    const at = open.findIndex(fits);
    return at < 0 ? undefined : open.splice(at, 1)[0];
  };

/** The day that is asked about, and when. */
export type AskedDay = {
  readonly workspace: Workspace;
  readonly date: IsoDate;
  readonly zone: Zone;
  readonly now: number;
};
