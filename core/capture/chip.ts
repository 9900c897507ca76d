import type { Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Due, Priority, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { Zone } from '../time/zone';
import type { Often } from './readRepeat';

/** What a stretch of a line was understood as. */
export type Meaning =
  /** When it is to be done: a day, with or without an hour; or an hour alone, of the next day that has it ahead. */
  | { readonly kind: 'when'; readonly value: Due; readonly hourOnly?: boolean }
  | { readonly kind: 'length'; readonly value: number }
  | { readonly kind: 'due'; readonly value: Due }
  /** Until when it is out of sight. */
  | { readonly kind: 'notBefore'; readonly value: Due }
  | { readonly kind: 'priority'; readonly value: Priority }
  | { readonly kind: 'energy'; readonly value: NonNullable<Task['energy']> }
  | { readonly kind: 'list'; readonly value: Id }
  | { readonly kind: 'category'; readonly value: Id }
  | { readonly kind: 'repeat'; readonly value: Often }
  /** The block template that it is placed by; its name stays in the title. */
  | { readonly kind: 'template'; readonly value: Id }
  /** The meeting that it must be done before. */
  | { readonly kind: 'neededBy'; readonly value: Occurrence };

/** One thing that was understood, and where it stands in the line, with the words that lead to it ("by", "for", "in"). */
export type Chip = Meaning & { readonly from: number; readonly to: number };

export type Reader = {
  readonly workspace: Pick<Workspace, 'lists' | 'categories' | 'templates' | 'settings'>;
  /** The meetings of the coming weeks, by start. */
  readonly meetings: readonly Occurrence[];
  /** Epoch ms, and the person's zone. */
  readonly now: number;
  readonly zone: Zone;
};

export type Finder = (text: string, reader: Reader) => readonly Chip[];

/** A text in which a stretch is out of sight, all else at the same places. */
export const hidden = (text: string, { from, to }: { readonly from: number; readonly to: number }): string =>
  text.slice(0, from) + '\u0000'.repeat(to - from) + text.slice(to);
