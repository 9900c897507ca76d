import type { Id } from '../model/common';
import { weekdayOf, type IsoDate } from '../time/zone';
import { inGroups } from './inGroups';
import { keptPercent, sumsOf, type LedgerRow } from './ledger';

/* What a colleague would say of a stretch of time after ten minutes with its figures. */

/** Something that the figures of a stretch say, in minutes, and on how much it rests (`on`). */
export type Finding =
  /** Of what was planned, so much was done. */
  | {
      readonly kind: 'kept';
      readonly planned: number;
      readonly kept: number;
      readonly percent: number;
      readonly on: number;
    }
  /** What of a category was planned and begun took longer than planned. */
  | { readonly kind: 'overran'; readonly category: Id | null; readonly minutes: number; readonly on: number }
  /** It took less. */
  | {
      readonly kind: 'ended early';
      readonly category: Id | null;
      readonly minutes: number;
      readonly on: number;
    }
  /** Days of one weekday drift most, so much each. */
  | { readonly kind: 'weekday'; readonly weekday: number; readonly minutes: number; readonly on: number }
  /** So much of the plan was never begun, most of it of one category. */
  | {
      readonly kind: 'not started';
      readonly minutes: number;
      readonly category: Id | null;
      readonly on: number;
    }
  /** So much went to what nobody had planned, most of it to one thing. */
  | { readonly kind: 'unplanned'; readonly minutes: number; readonly title: string; readonly on: number }
  /** So much lay outside the hours of work. */
  | { readonly kind: 'outside'; readonly minutes: number; readonly on: number };

/** What the findings of a stretch rest on: its rows, and those parts of them that lie outside the hours of work. */
export type Evidence = { readonly rows: readonly LedgerRow[]; readonly outside: readonly LedgerRow[] };

/** On fewer things than this nothing is said. */
export const LEAST = 5;

/** Less than this many minutes are not worth a sentence, nor is less than this share of what they are a part of. */
const WORTH = { minutes: 30, share: 0.1 };

const isWorth = (minutes: number, whole: number) =>
  minutes >= WORTH.minutes && minutes >= WORTH.share * whole;

/** The group of which a figure is the largest, with the figure. */
function most<K>(groups: Iterable<[K, LedgerRow[]]>, figure: (rows: readonly LedgerRow[]) => number) {
  const told = [...groups].map(([key, rows]) => ({ key, rows, minutes: figure(rows) }));
  return told.sort((a, b) => b.minutes - a.minutes)[0];
}

const total = (rows: readonly LedgerRow[], of: 'planned' | 'actual' | 'drift') =>
  rows.reduce((sum, row) => sum + row[of], 0);

const begun = ({ planned, actual }: LedgerRow) => planned > 0 && actual > 0;

function ofCategory(rows: readonly LedgerRow[], sign: 1 | -1): Finding | undefined {
  const own = rows.filter(begun);
  const found = most(
    [...inGroups(own, ({ categoryId }) => categoryId)].filter(([, each]) => each.length >= LEAST),
    (each) => sign * total(each, 'drift'),
  );
  if (!found || !isWorth(found.minutes, total(found.rows, 'planned'))) return undefined;
  const about = { category: found.key, minutes: found.minutes, on: found.rows.length };
  return sign > 0 ? { kind: 'overran', ...about } : { kind: 'ended early', ...about };
}

/** The days that have a record, each with its rows: those without are left out of means. */
export const recordedDays = (rows: readonly LedgerRow[]): [IsoDate, LedgerRow[]][] =>
  [...inGroups(rows, ({ date }) => date)].filter(([, own]) => own.some(({ actual }) => actual > 0));

/** Each finding is one rule: what it says of the evidence, or nothing. */
export const rules: { readonly [K in Finding['kind']]: (evidence: Evidence) => Finding | undefined } = {
  kept({ rows }) {
    const planned = rows.filter((row) => row.planned > 0);
    const sums = sumsOf(planned);
    const percent = keptPercent(sums);
    if (percent === null || planned.length < LEAST) return undefined;
    return { kind: 'kept', planned: sums.planned, kept: sums.kept, percent, on: planned.length };
  },
  overran: ({ rows }) => ofCategory(rows, 1),
  'ended early': ({ rows }) => ofCategory(rows, -1),
  weekday({ rows }) {
    const days = recordedDays(rows);
    if (days.length < LEAST) return undefined;
    const weekdays = [1, 2, 3, 4, 5, 6, 7].flatMap((weekday) => {
      const own = days.filter(([date]) => weekdayOf(date) === weekday);
      const drift = own.reduce((sum, [, each]) => sum + total(each, 'drift'), 0);
      return own.length < 2 ? [] : [{ weekday, minutes: Math.round(drift / own.length), on: own.length }];
    });
    const [worst] = weekdays.sort((a, b) => b.minutes - a.minutes);
    return worst && worst.minutes >= WORTH.minutes ? { kind: 'weekday', ...worst } : undefined;
  },
  'not started'({ rows }) {
    const own = rows.filter(({ planned, actual }) => planned > 0 && actual === 0);
    const minutes = total(own, 'planned');
    if (own.length < LEAST || !isWorth(minutes, total(rows, 'planned'))) return undefined;
    const largest = most(
      inGroups(own, ({ categoryId }) => categoryId),
      (each) => total(each, 'planned'),
    );
    return { kind: 'not started', minutes, category: largest?.key ?? null, on: own.length };
  },
  unplanned({ rows }) {
    const own = rows.filter(({ planned }) => planned === 0);
    const minutes = total(own, 'actual');
    if (own.length < LEAST || !isWorth(minutes, total(rows, 'actual'))) return undefined;
    const largest = most(
      inGroups(own, ({ title }) => title),
      (each) => total(each, 'actual'),
    );
    return { kind: 'unplanned', minutes, title: largest?.key ?? '', on: own.length };
  },
  outside({ rows, outside }) {
    const own = outside.filter(({ actual }) => actual > 0);
    const minutes = total(own, 'actual');
    return own.length >= LEAST && isWorth(minutes, total(rows, 'actual'))
      ? { kind: 'outside', minutes, on: own.length }
      : undefined;
  },
};

/** What the figures say: first how much of the plan was done, then what weighs most, `count` in all. */
export function findings(evidence: Evidence, count = 3): Finding[] {
  const { kept, ...others } = rules;
  const said = Object.values(others).flatMap((rule) => rule(evidence) ?? []);
  const weight = (finding: Finding) => ('minutes' in finding ? finding.minutes : 0);
  const heaviest = said.sort((a, b) => weight(b) - weight(a));
  return [kept(evidence) ?? [], heaviest].flat().slice(0, count);
}
