import { occurrencesIn } from '../calendar/occurrences';
import { rememberedWhile } from '../model/remember';
import type { Workspace } from '../model/workspace';
import { DAY, MINUTE, minutesOf } from '../time/span';
import type { Zone } from '../time/zone';
import { entriesIn } from '../track/entries';
import { interrupted } from '../track/interruptions';
import { spanOfEntry } from '../track/spent';

/** What has come between the plan and the day before, as it is on record. */
export type Disturbances = {
  /** By how many minutes meetings ended later (or, below 0, earlier) than planned. */
  readonly over: readonly number[];
  /** How often something came in between of a minute's work, and how many minutes each took. */
  readonly perMinute: number;
  readonly lengths: readonly number[];
};

/** Nothing ever comes between. */
export const undisturbed: Disturbances = { over: [], perMinute: 0, lengths: [] };

/** So many days of the record are looked at. */
const LOOKED_AT = 180;
/** Fewer meetings on record tell nothing of those to come. */
const LEAST = 5;
/** The answers for so many hours are kept. */
const KEPT = 4;
/** A meeting that ended further off than this was recorded wrongly, in minutes. */
const FURTHEST = 180;

const HOUR = 60 * MINUTE;
const hourOf = (now: number) => Math.floor(now / HOUR) * HOUR;

/**
 * What came between in the half year before the present hour (`now` in epoch ms). Meetings whose time was put in from the plan say
 * nothing of their end.
 */
export const disturbancesIn = rememberedWhile(
  (_: Workspace, zone: Zone, now: number) => `${hourOf(now)} ${zone}`,
  ({ entries, events }) => [entries, events],
  (workspace, zone, now) => looked(workspace, zone, hourOf(now)),
  KEPT,
);

function looked(workspace: Workspace, zone: Zone, now: number): Disturbances {
  const range = { from: now - LOOKED_AT * DAY, to: now };
  const entries = entriesIn(workspace.entries, range, now).filter(({ to }) => to !== null);
  const planned = new Map(occurrencesIn(workspace.events, range, zone).map(({ id, to }) => [id, to]));
  const ended = new Map<string, number>();
  for (const { subject, to, mended } of entries)
    if (subject.kind === 'event' && !mended)
      ended.set(subject.occurrence, Math.max(ended.get(subject.occurrence) ?? 0, to ?? 0));
  const over = [...ended].flatMap(([id, at]) => {
    const minutes = (at - (planned.get(id) ?? Infinity)) / MINUTE;
    return Math.abs(minutes) <= FURTHEST ? [minutes] : [];
  });
  const between = entries.filter((entry) => interrupted(workspace.entries, entry) !== undefined);
  const work = entries
    .filter(({ subject }) => subject.kind === 'task')
    .map((entry) => spanOfEntry(entry, now));
  return {
    over: over.length >= LEAST ? over : [],
    perMinute: between.length / Math.max(1, minutesOf(work)),
    lengths: between.map((entry) => minutesOf([spanOfEntry(entry, now)])),
  };
}
