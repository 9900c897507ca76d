import type { Subject, TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { timedThings, type Timed } from '../plan/things';
import {
  MINUTE,
  clip,
  intersect,
  lengthOf,
  minutesOf,
  overlaps,
  subtract,
  union,
  type Span,
} from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { entriesIn } from '../track/entries';
import { doubled, type Filling } from '../track/mend';
import { spanOfEntry, subjectKey, subjectOfMeeting } from '../track/spent';
import { runOn } from './tooLong';

/* How far the record of a day adds up: what of it is recorded once, twice, for too long or not at all. */

/** Shorter gaps are the seconds between two things, not time that went somewhere. */
const LEAST = 5;

/** What of a day asks for a word: its stretch, and what it may have gone to, the likeliest first. */
export type Doubt = Span & {
  /** Without a record, with two, or one that ran on for longer than what it is of was to take. */
  readonly kind: 'open' | 'double' | 'long';
  readonly offers: readonly Subject[];
};

export type DayRecord = {
  /** The hours that are to be accounted for: of work, of what was planned, and of what is recorded. */
  readonly asked: readonly Span[];
  /** Minutes of these that an entry covers, that are left open on purpose, and that are neither. */
  readonly recorded: number;
  readonly left: number;
  readonly open: number;
  /** Minutes that more than one entry covers. */
  readonly double: number;
  /** Minutes of entries that ran on. */
  readonly long: number;
  /** What is open, recorded twice or recorded for too long, by start. */
  readonly doubts: readonly Doubt[];
};

/** What of a day takes time: its blocks and busy meetings, by start. */
export const takingTime = (workspace: Workspace, date: IsoDate, zone: Zone): Timed[] =>
  timedThings(dayPlan(workspace, date, zone), workspace).filter(
    (thing) => thing.kind === 'block' || thing.event.busy,
  );

/** How far the record of a day adds up until `now`. */
export function dayRecord(workspace: Workspace, date: IsoDate, zone: Zone, now: number): DayRecord {
  const day = dayOf(date, zone);
  const until = { from: day.from, to: Math.max(day.from, Math.min(day.to, now)) };
  const plan = dayPlan(workspace, date, zone);
  const planned = takingTime(workspace, date, zone);
  const entries = entriesIn(workspace.entries, day, now);
  const spans = entries.map((entry) => clip(until, spanOfEntry(entry, now)));
  const asked = intersect(union([...plan.working, ...planned, ...spans]), [until]);
  const left = intersect(workspace.days.get(date)?.leftOpen ?? [], asked);
  const bare = subtract(asked, [...spans, ...left]).filter((gap) => lengthOf(gap) >= LEAST);
  const twice = doubled(spans);
  const long = entries.flatMap((entry) =>
    subtract(intersect(runOn(workspace, entry, planned), [until]), twice)
      .filter((span) => lengthOf(span) >= LEAST)
      .flatMap((span) => cutAt(span, planned))
      .map((span): Doubt => ({
        ...span,
        kind: 'long',
        offers: distinct([...offersFor(span, planned, [], now), entry.subject]),
      })),
  );
  const doubts = [
    ...bare
      .flatMap((gap) => cutAt(gap, planned))
      .map((gap): Doubt => ({
        ...gap,
        kind: 'open',
        offers: offersFor(gap, planned, entries, now),
      })),
    ...twice.map((span): Doubt => ({
      ...span,
      kind: 'double',
      offers: distinct(
        entries.filter((entry) => overlaps(spanOfEntry(entry, now), span)).map(({ subject }) => subject),
      ),
    })),
    ...long,
  ];
  return {
    asked,
    recorded: minutesOf(intersect(spans, asked)),
    left: minutesOf(subtract(left, spans)),
    open: minutesOf(bare),
    double: minutesOf(twice),
    long: minutesOf(long),
    doubts: doubts.sort((a, b) => a.from - b.from),
  };
}

/** A stretch, cut where something planned begins or ends within it; pieces too short to matter stay with the one before. */
function cutAt(gap: Span, planned: readonly Timed[]): Span[] {
  const edges = planned
    .flatMap(({ from, to }) => [from, to])
    .filter((at) => at - gap.from >= LEAST * MINUTE && gap.to - at >= LEAST * MINUTE)
    .sort((a, b) => a - b);
  const cuts = edges.filter((at, i) => i === 0 || at - (edges[i - 1] ?? 0) >= LEAST * MINUTE);
  return [...cuts, gap.to].map((to, i) => ({ from: cuts[i - 1] ?? gap.from, to }));
}

/** What has no record, or one that ran on, and lies in something planned: each stretch with what was planned for it. */
export function asPlanned(workspace: Workspace, date: IsoDate, zone: Zone, { doubts }: DayRecord): Filling[] {
  const planned = takingTime(workspace, date, zone);
  return doubts.flatMap(({ kind, from, to }) => {
    const thing = planned.find((each) => each.from <= from && to <= each.to);
    return kind !== 'double' && thing ? [{ span: { from, to }, subject: subjectOfThing(thing) }] : [];
  });
}

const subjectOfThing = (thing: Timed): Subject =>
  thing.kind === 'block' ? { kind: 'task', taskId: thing.task.id } : subjectOfMeeting(thing.event);

/** What a stretch of a day may have gone to: what was planned in it, then what was recorded right before or after it. */
export const likelyFor = (
  workspace: Workspace,
  date: IsoDate,
  zone: Zone,
  now: number,
  span: Span,
): Subject[] =>
  offersFor(
    span,
    takingTime(workspace, date, zone),
    entriesIn(workspace.entries, dayOf(date, zone), now),
    now,
  );

/** What a gap may have gone to: what was planned in it, then what was recorded right before or after it. */
function offersFor(
  gap: Span,
  planned: readonly Timed[],
  entries: readonly TimeEntry[],
  now: number,
): Subject[] {
  const inIt = planned.filter((thing) => overlaps(thing, gap)).map(subjectOfThing);
  const near = entries.filter((entry) => {
    const { from, to } = spanOfEntry(entry, now);
    return Math.abs(to - gap.from) < LEAST * MINUTE || Math.abs(from - gap.to) < LEAST * MINUTE;
  });
  return distinct([...inIt, ...near.map(({ subject }) => subject)]).slice(0, 3);
}

const distinct = (subjects: readonly Subject[]): Subject[] => [
  ...new Map(subjects.map((subject) => [subjectKey(subject), subject])).values(),
];
