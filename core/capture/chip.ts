import type { Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Due, Priority, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { IsoDate, Zone } from '../time/zone';
import type { DayHours } from '../time/dayHours';

/** What a stretch of a line was understood as. */
export type Meaning =
  /** When it is to be done: a day, with or without an hour; or an hour alone, of the next day that has it ahead. `minutes` is how long a stretch of hours is. */
  | { readonly kind: 'when'; readonly value: Due; readonly hourOnly?: boolean; readonly minutes?: number }
  /** The hour of a day that stands elsewhere in the line, which has it already. */
  | { readonly kind: 'hour'; readonly value: string; readonly minutes?: number }
  /** Days on which it is to be done, the last one included. */
  | { readonly kind: 'days'; readonly value: { readonly from: IsoDate; readonly to: IsoDate } }
  | { readonly kind: 'length'; readonly value: number }
  | { readonly kind: 'due'; readonly value: Due }
  /** Until when it is out of sight. */
  | { readonly kind: 'notBefore'; readonly value: Due }
  | { readonly kind: 'priority'; readonly value: Priority }
  | { readonly kind: 'energy'; readonly value: NonNullable<Task['energy']> }
  | { readonly kind: 'list'; readonly value: Id }
  | { readonly kind: 'category'; readonly value: Id }
  /** The goal that it is done for. */
  | { readonly kind: 'goal'; readonly value: Id }
  | { readonly kind: 'repeat'; readonly value: Often }
  /** The block template that it is placed by; its name stays in the title. */
  | { readonly kind: 'template'; readonly value: Id }
  /** The meeting that it must be done before. */
  | { readonly kind: 'neededBy'; readonly value: Occurrence };

/** One thing that was understood, and where it stands in the line, with the words that lead to it ("by", "for", "in"). */
export type Chip = Meaning & { readonly from: number; readonly to: number };

/** How something comes again: the rule of a calendar (RFC 5545, 3.3.10), and the hour of the part of the day that was told. */
export type Often = { readonly rule: string; readonly time?: string };

export type Reader = {
  readonly workspace: Pick<Workspace, 'lists' | 'categories' | 'templates' | 'goals' | 'settings'>;
  /** The meetings of the coming weeks, by start. */
  readonly meetings: readonly Occurrence[];
  /** Epoch ms, and the person's zone. */
  readonly now: number;
  readonly zone: Zone;
  /** The hours of the person's day; the usual ones unless said. */
  readonly hours?: DayHours;
};

export type Finder = (text: string, reader: Reader) => readonly Chip[];

/** A text in which a stretch is out of sight, all else at the same places. */
export const hidden = (text: string, { from, to }: { readonly from: number; readonly to: number }): string =>
  text.slice(0, from) + '\u0000'.repeat(to - from) + text.slice(to);
