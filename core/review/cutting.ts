import { spansOfKind, zonesOn } from '../frame/zones';
import type { Workspace } from '../model/workspace';
import { shareOut } from '../time/shareOut';
import { clip, intersect, lengthOf, subtract, type Span } from '../time/span';
import { dayOf, timeOf, type IsoDate, type Zone } from '../time/zone';
import type { LedgerRow } from './ledger';

/** Stretches of a day that go by one name: an hour of the clock, a zone of the frame; null for the rest of the day. */
export type Cell = { readonly key: string | null; readonly spans: readonly Span[] };

const HOUR = 3_600_000;
/** Clocks change by half an hour at the least, somewhere. */
const HALF = HOUR / 2;

/** The hours that the clock on the wall shows on a day, `08`; one that comes twice is one. */
export function hoursOf(date: IsoDate, zone: Zone): Cell[] {
  const { from, to } = dayOf(date, zone);
  const hours = new Map<string, Span[]>();
  const step = to - from === 24 * HOUR ? HOUR : HALF;
  for (let at = from; at < to; at += step) {
    const hour = step === HOUR ? `${(at - from) / HOUR}`.padStart(2, '0') : timeOf(at, zone).slice(0, 2);
    hours.set(hour, [...(hours.get(hour) ?? []), { from: at, to: Math.min(at + step, to) }]);
  }
  return [...hours].map(([key, spans]) => ({ key, spans }));
}

const withRest = (cells: readonly Cell[], day: Span): Cell[] => [
  ...cells,
  {
    key: null,
    spans: subtract(
      [day],
      cells.flatMap(({ spans }) => spans),
    ),
  },
];

/** The zones of the frame that lie on a day, by their ids, and the rest. */
export function zoneCells(workspace: Workspace, date: IsoDate, zone: Zone): Cell[] {
  const cells = zonesOn(workspace, date, zone).map(({ zone: own, spans }) => ({ key: own.id, spans }));
  return withRest(cells, dayOf(date, zone));
}

/** The working hours that the frame gives to a day, `in`, and the rest. */
export function workCells(workspace: Workspace, date: IsoDate, zone: Zone): Cell[] {
  return withRest([{ key: 'in', spans: spansOfKind(workspace, date, zone, 'work') }], dayOf(date, zone));
}

/** The zones of one's own time on a day, `own`, and the rest. */
export function ownTimeCells(workspace: Workspace, date: IsoDate, zone: Zone): Cell[] {
  return withRest([{ key: 'own', spans: spansOfKind(workspace, date, zone, 'own') }], dayOf(date, zone));
}

/** Something that is the same for all rows of a day, worked out once for each. */
export function perDay<V>(of: (date: IsoDate) => V): (date: IsoDate) => V {
  const known = new Map<IsoDate, V>();
  return (date) => {
    const found = known.get(date) ?? of(date);
    known.set(date, found);
    return found;
  };
}

/** A row, or a part of one, and what it is put together by. */
export type Keyed = { readonly key: string | null; readonly name?: string; readonly row: LedgerRow };

/** A row cut into cells of its day that fill it: the minutes of the parts are those of the row. Empty parts are left out. */
export function cut(row: LedgerRow, cells: readonly Cell[]): Keyed[] {
  const { planned, actual } = row.spans;
  const touching = cells.filter(({ spans }) =>
    spans.some((span) => [...planned, ...actual].some((own) => lengthOf(clip(span, own)) > 0)),
  );
  const parts = touching.map(({ key, spans }) => ({
    key,
    spans: { planned: intersect(planned, spans), actual: intersect(actual, spans) },
  }));
  const minutes = (lane: 'planned' | 'actual') =>
    shareOut(
      parts.map(({ spans }) => spans[lane].reduce((sum, span) => sum + lengthOf(span), 0)),
      1,
      row[lane],
    );
  const [plannedOf, actualOf] = [minutes('planned'), minutes('actual')];
  return parts.flatMap(({ key, spans }, i) => {
    const [own, spent] = [plannedOf[i] ?? 0, actualOf[i] ?? 0];
    if (own === 0 && spent === 0) return [];
    const kept = row.done ? own : Math.min(own, spent);
    return [{ key, row: { ...row, planned: own, actual: spent, drift: spent - own, kept, spans } }];
  });
}
