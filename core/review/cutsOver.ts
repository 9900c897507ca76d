import { stretchesWhere } from '../frame/belonging';
import type { Workspace } from '../model/workspace';
import { intersect, minutesOf } from '../time/span';
import type { Zone } from '../time/zone';
import { isGuarded, type DayCuts } from './cuts';
import { inGroups } from './inGroups';
import type { LedgerRow } from './ledger';

/** How a stretch of time was cut up, in figures that can be compared whatever its length. */
export type CutFigures = {
  /** The longest stretch of working hours without a meeting, in minutes. */
  readonly longest: number;
  /** Stretches of an hour or more on a working day, in the mean, and their minutes. */
  readonly longADay: number;
  readonly longMinutesADay: number;
  /** Busy meetings on a working day, in the mean. */
  readonly meetingsADay: number;
  /** How often one went from one thing to another in an hour on record; null without a record. */
  readonly switchesAnHour: number | null;
  /** Minutes of meetings in zones that were to keep them out. */
  readonly guardedLost: number;
};

/** How often what was done changed within days: from one recorded thing to the next that is another. */
export function switchesIn(rows: readonly LedgerRow[]): number {
  const days = inGroups(rows, ({ date }) => date).values();
  return [...days].reduce((count, own) => {
    const order = own
      .flatMap(({ key, spans }) => spans.actual.map(({ from }) => ({ key, from })))
      .sort((a, b) => a.from - b.from);
    return count + order.filter(({ key }, i) => i > 0 && order[i - 1]?.key !== key).length;
  }, 0);
}

const rounded = (number: number) => Math.round(10 * number) / 10;

/** How some days were cut up, from their plan and their rows; null where none of them is a working day. */
export function cutsOver(
  workspace: Workspace,
  cuts: readonly DayCuts[],
  rows: readonly LedgerRow[],
  zone: Zone,
): CutFigures | null {
  const days = cuts.filter(({ working }) => working.length > 0);
  if (days.length === 0) return null;
  const sum = (of: (day: (typeof days)[number]) => number) => days.reduce((total, day) => total + of(day), 0);
  const meetings = rows.filter(({ subject, planned }) => subject.kind === 'event' && planned > 0);
  const hours = rows.reduce((total, { actual }) => total + actual, 0) / 60;
  const lost = [...inGroups(meetings, ({ date }) => date)].flatMap(([date, own]) => {
    const kept = stretchesWhere(workspace, date, zone, isGuarded);
    return intersect(
      own.flatMap(({ spans }) => spans.planned),
      kept,
    );
  });
  return {
    longest: Math.max(...days.map(({ longest }) => longest)),
    longADay: rounded(sum(({ long }) => long) / days.length),
    longMinutesADay: Math.round(sum(({ longMinutes }) => longMinutes) / days.length),
    meetingsADay: rounded(meetings.length / days.length),
    switchesAnHour: hours === 0 ? null : rounded(switchesIn(rows) / hours),
    guardedLost: minutesOf(lost),
  };
}
