import { changesSince } from '@/core/find/documents';
import { makeSearcher, type Hit } from '@/core/find/searcher';
import type { CategoryRule } from '@/core/model/categoryRule';
import { fit } from '@/core/fit/proposal';
import { outlookOf, type Outlook, type OutlookAsked } from '@/core/forecast/project';
import { chancesOf, type Chance } from '@/core/forecast/chances';
import { calibrationOf, type Calibration } from '@/core/forecast/calibration';
import { standingOf, type Standing } from '@/core/forecast/standing';
import { dayEndsOf, type DayEnd, type DayEndsAsked } from '@/core/forecast/dayEnd';
import { promiseOf, type PromiseAsked, type PromiseTold } from '@/core/forecast/promise';
import type { Habits } from '@/core/estimates/habits';
import { estimatesOf, habitsIn } from '@/core/estimates/told';
import type { AnyRecord } from '@/core/model/records';
import { rememberedWhile } from '@/core/model/remember';
import type { Workspace } from '@/core/model/workspace';
import type { ReviewAsked } from '@/core/review/asked';
import { heldByRule } from '@/core/review/categoryOf';
import type { LedgerSums } from '@/core/review/ledger';
import { knownLedger, rowsIn, type RowsAsked } from '@/core/review/rowsIn';
import { atOnce, type Working } from '@/core/working';
import { timesheet, type Timesheet, type TimesheetOf } from '@/core/review/timesheet';
import { lineOf, rowsShown, toldOf } from '@/core/review/told/told';
import type { Span } from '@/core/time/span';
import { rangeSoFar } from '@/core/time/stretch';
import type { Zone } from '@/core/time/zone';

/**
 * Something that takes long to work out of a workspace and of what is asked, both plain data as the answer is. Whenever it
 * tells which share is done others have their turn, and it can be stopped.
 */
export type Job<I, A> = (workspace: Workspace, input: I) => Working<A>;

const searcher = makeSearcher();
const known = new Map<string, AnyRecord>();

/** The best things for some typed words; the index is made the first time, and later told what has changed. */
const search: Job<{ typed: string; most: number }, readonly Hit[]> = function* (workspace, { typed, most }) {
  searcher.update(changesSince(known, workspace));
  yield 1;
  return searcher.search(typed, most);
};

type SpansAsked = Omit<RowsAsked, 'range'> & { readonly spans: readonly Span[] };

/** The sums of some spans. */
const sums: Job<SpansAsked, LedgerSums[]> = function* (workspace, { spans, ...asked }) {
  const found: LedgerSums[] = [];
  for (const range of spans) {
    found.push(knownLedger(workspace, { ...asked, range }).sums);
    yield found.length / spans.length;
  }
  return found;
};

type Ground = Pick<CategoryRule, 'by' | 'of'>;

/** What each of some rules would hold of what has no category. */
const rulesTried: Job<
  RowsAsked & { readonly grounds: readonly Ground[] },
  { count: number; minutes: number }[]
> = function* (workspace, { grounds, ...asked }) {
  const rows = yield* rowsIn(workspace, asked);
  return grounds.map((ground) => {
    const held = heldByRule(workspace, rows, ground);
    return { count: held.length, minutes: held.reduce((total, { actual }) => total + actual, 0) };
  });
};

type SheetAsked = ReviewAsked & { readonly of: TimesheetOf };

/** The timesheet of a stretch, and the lists that time went to in it. */
const sheet: Job<SheetAsked, { readonly sheet: Timesheet; readonly listIds: readonly string[] }> = function* (
  workspace,
  { of, ...asked },
) {
  const { stretch, zone, now } = asked;
  const all = yield* rowsIn(workspace, {
    range: rangeSoFar(stretch, zone, now),
    zone,
    now,
    yardstick: 'last',
  });
  const rows = rowsShown(workspace, all, asked);
  const listIds = [...new Set(rows.flatMap(({ listId }) => listId ?? []))];
  return { sheet: timesheet(workspace, rows, stretch, of), listIds };
};

type HabitsAsked = Parameters<typeof habitsIn>[1];

const habitsKnown = rememberedWhile(
  (_: Workspace, { zone, now }: HabitsAsked) => `${zone} ${Math.floor(now / 3_600_000)}`,
  ({ tasks, entries }) => [tasks, entries],
  (workspace, asked) => atOnce(habitsIn(workspace, asked)),
  2,
);

/** One's habits of estimating; worked out once an hour for as long as tasks and time on record stay as they are. */
const habits: Job<HabitsAsked, Habits> = function* (workspace, asked) {
  yield 0;
  return habitsKnown(workspace, asked);
};

/** The same lots are drawn each time. */
const SEED = 1;

/** How a project stands, by one's habits at that time; the same lots are drawn each time. */
const outlook: Job<Omit<OutlookAsked, 'habits' | 'seed'>, Outlook> = function* (workspace, asked) {
  return yield* outlookOf(workspace, { ...asked, habits: yield* habits(workspace, asked), seed: SEED });
};

/** How sure each deadline ahead is, by one's habits at that time. */
const chances: Job<{ readonly zone: Zone; readonly now: number }, Chance[]> = function* (workspace, asked) {
  return yield* chancesOf(workspace, { ...asked, habits: yield* habits(workspace, asked), seed: SEED });
};

/** By when a request can be promised, by one's habits at that time; the same lots are drawn each time. */
const promise: Job<Omit<PromiseAsked, 'habits' | 'seed'>, PromiseTold> = function* (workspace, asked) {
  return yield* promiseOf(workspace, { ...asked, habits: yield* habits(workspace, asked), seed: SEED });
};

/** When days are done, by one's habits at that time; the same lots are drawn each time. */
const dayEnds: Job<Omit<DayEndsAsked, 'habits' | 'seed'>, DayEnd[]> = function* (workspace, asked) {
  return yield* dayEndsOf(workspace, { ...asked, habits: yield* habits(workspace, asked), seed: SEED });
};

/** How well the hours by which days are done would have held. */
const calibration: Job<{ readonly zone: Zone; readonly now: number }, Calibration | null> = function* (
  workspace,
  asked,
) {
  return yield* calibrationOf(workspace, { ...asked, seed: SEED });
};

/** How things stand, by one's habits at that time. */
const standing: Job<{ readonly zone: Zone; readonly now: number }, Standing> = function* (workspace, asked) {
  return yield* standingOf(workspace, { ...asked, habits: yield* habits(workspace, asked), seed: SEED });
};

/** All that can be worked out beside the interface, by name. */
export const jobs = {
  search,
  sums,
  rulesTried,
  sheet,
  review: toldOf,
  line: lineOf,
  habits,
  estimates: estimatesOf,
  outlook,
  fit,
  promise,
  chances,
  dayEnds,
  calibration,
  standing,
};

export type Jobs = typeof jobs;
export type JobName = keyof Jobs;
export type Input<K extends JobName> = Parameters<Jobs[K]>[1];
export type Answer<K extends JobName> = ReturnType<Jobs[K]> extends Working<infer A> ? A : never;
