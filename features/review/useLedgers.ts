import { useEffect, useMemo, useState } from 'react';
import { rememberedPer } from '@/core/model/remember';
import type { Workspace } from '@/core/model/workspace';
import { ledger, type Ledger, type LedgerRow } from '@/core/review/ledger';
import type { Yardstick } from '@/core/review/planned';
import type { Span } from '@/core/time/span';
import { daysOf, rangeSoFar, type Stretch } from '@/core/time/stretch';
import { addDays, instantOf, type Zone } from '@/core/time/zone';
import { runningEntry } from '@/core/track/entries';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** Up to so many days are worked out at once, more in slices between which the page answers. */
const AT_ONCE = 35;
const SLICE = 7;

const none: readonly Span[] = [];

const known = rememberedPer((_: Workspace) => new Map<string, Ledger>());

/** The ledger of a span; of one that is over it is worked out once for as long as nothing changes. */
function ledgerOf(workspace: Workspace, span: Span, zone: Zone, now: number, yardstick: Yardstick): Ledger {
  const running = runningEntry(workspace.entries);
  if (span.to > now || (running && running.from < span.to))
    return ledger(workspace, span, zone, now, yardstick);
  const key = `${span.from} ${span.to} ${zone} ${yardstick}`;
  const found = known(workspace).get(key) ?? ledger(workspace, span, zone, now, yardstick);
  known(workspace).set(key, found);
  return found;
}

/**
 * The ledgers of some spans, worked out one after the other. Those that were worked out for the same question before (as the
 * clock has gone on since, or something has changed) stand until the new ones are there.
 */
export function useLedgers(spans: readonly Span[], yardstick: Yardstick, question: string) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const [done, setDone] = useState(0);
  const [found, setFound] = useState<{ question: string; ledgers: readonly Ledger[] }>();
  useEffect(() => {
    const ledgers: Ledger[] = [];
    let waiting: ReturnType<typeof setTimeout>;
    const next = () => {
      const span = spans[ledgers.length];
      if (!span) return setFound({ question, ledgers });
      ledgers.push(ledgerOf(workspace, span, zone, now, yardstick));
      setDone(ledgers.length);
      waiting = setTimeout(next);
    };
    waiting = setTimeout(next);
    return () => clearTimeout(waiting);
  }, [workspace, spans, zone, now, yardstick, question]);
  return { ledgers: found?.question === question ? found.ledgers : undefined, done };
}

/** Spans of a week each, which follow each other. */
function slicesOf({ from, to }: Span, first: string, zone: string): Span[] {
  const slices: Span[] = [];
  let [begins, date] = [from, first];
  while (begins < to) {
    date = addDays(date, SLICE);
    const ends = Math.min(to, instantOf(date, zone));
    slices.push({ from: begins, to: ends });
    begins = ends;
  }
  return slices;
}

/**
 * The rows of a stretch so far, or how much of it has been gone through (0 to 1); no rows of no stretch. `end` cuts it off
 * earlier (epoch ms).
 */
export function useRows(
  stretch: Stretch | null,
  yardstick: Yardstick,
  end: number | null = null,
): { readonly rows: readonly LedgerRow[] } | { readonly share: number } {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const { first = '', last = '' } = stretch ?? {};
  const isLong = stretch !== null && daysOf(stretch) > AT_ONCE;
  const range = useMemo(() => {
    if (first === '') return null;
    const soFar = rangeSoFar({ first, last }, zone, now);
    return { ...soFar, to: Math.min(soFar.to, end ?? Infinity) };
  }, [first, last, zone, now, end]);
  const slices = useMemo(
    () => (isLong && range ? slicesOf(range, first, zone) : none),
    [isLong, range, first, zone],
  );
  const { ledgers, done } = useLedgers(slices, yardstick, `${first} ${last} ${yardstick}`);
  const short = useMemo(
    () => (isLong || !range ? [] : ledgerOf(workspace, range, zone, now, yardstick).rows),
    [isLong, workspace, range, zone, now, yardstick],
  );
  const long = useMemo(() => ledgers?.flatMap(({ rows }) => rows), [ledgers]);
  if (!isLong) return { rows: short };
  return long ? { rows: long } : { share: Math.min(1, done / slices.length) };
}
