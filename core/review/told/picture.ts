import type { Subject } from '../../model/plan';
import type { Span } from '../../time/span';
import type { IsoDate } from '../../time/zone';
import type { CutFigures } from '../cutsOver';
import type { Followed } from '../followed';
import type { GoalsOver } from '../goalsOver';
import type { NumberOver } from '../ownNumbers';
import type { HourOfWeek, WeekSum } from '../rhythm';

/** Planned and actual minutes of a day. */
export type DaySum = { readonly date: IsoDate; readonly planned: number; readonly actual: number };

/** Something that lies on a day. */
export type Placed = { readonly date: IsoDate; readonly subject: Subject; readonly span: Span };

/** How some part of the time was followed: of a weekday (1 is Monday), or of an hour of the clock. */
export type FollowedAt = { readonly key: number; readonly followed: Followed };

/** A picture of a stretch of time, as data. Each answers one question. */
export type Picture =
  /** A week on one scale: as it was sealed (where it was), planned, and as it happened. */
  | {
      readonly kind: 'week';
      readonly days: readonly DaySum[];
      readonly lanes: {
        readonly sealed: readonly Placed[] | null;
        readonly planned: readonly Placed[];
        readonly actual: readonly Placed[];
      };
    }
  /** How the weeks went. */
  | { readonly kind: 'weeks'; readonly weeks: readonly WeekSum[] }
  /** When one works. */
  | { readonly kind: 'hours'; readonly cells: readonly HourOfWeek[] }
  /** How closely the plan was followed. */
  | {
      readonly kind: 'followed';
      readonly all: Followed;
      readonly weekdays: readonly FollowedAt[];
      readonly hours: readonly FollowedAt[];
    }
  /** How meetings and switches cut up the time, beside the stretch before; by weeks where there are several. */
  | {
      readonly kind: 'cuts';
      readonly now: CutFigures;
      readonly before: CutFigures | null;
      readonly weeks: readonly { readonly week: IsoDate; readonly longMinutesADay: number }[];
    }
  /** What goals got, week by week. */
  | ({ readonly kind: 'goals' } & GoalsOver)
  /** One's own numbers and notes. */
  | {
      readonly kind: 'numbers';
      readonly numbers: readonly NumberOver[];
      readonly notes: readonly { readonly date: IsoDate; readonly words: string }[];
      readonly days: readonly DaySum[];
    };

export type PictureOf<K extends Picture['kind']> = Extract<Picture, { kind: K }>;
