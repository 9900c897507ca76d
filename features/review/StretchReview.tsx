import { useMemo } from 'react';
import { View } from 'react-native';
import { TermButton } from '@/board/TermButton';
import { sealOn } from '@/core/model/seal';
import { groupName } from '@/core/review/groupName';
import { findings } from '@/core/review/findings';
import { findingSays } from '@/core/review/findingSays';
import { grouped, rowsInHours, type Hours } from '@/core/review/grouping';
import { sumsOf, type LedgerRow } from '@/core/review/ledger';
import {
  daysOnRecord,
  inReadingOrder,
  plannedAndActual,
  thenAndNow,
  together,
  type ReviewLine,
  type Totals,
} from '@/core/review/lines';
import { daysOf, stretchAYearBefore, stretchAround, stretchBeside, type Stretch } from '@/core/time/stretch';
import { durationWords, signedWords, stretchWords } from '@/core/time/words';
import { addDays, instantOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { openPanel } from '@/ui/panels';
import { useMoment } from '@/ui/clock';
import { Empty } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { Bridge } from './Bridge';
import { Cuts } from './Cuts';
import { Figures } from './Figures';
import { Lines } from './Lines';
import { FollowedPart, SinceSealLine } from './FollowedPart';
import { HourPicture } from './HourPicture';
import { TargetsPart } from './TargetsPart';
import { TrendPicture } from './TrendPicture';
import { useRows } from './useLedgers';
import { WeekPicture } from './WeekPicture';
import type { Against, Review } from './useReview';

const hoursNames: Record<Hours, string> = { all: 'All', in: 'Hours of work', out: 'Outside them' };

const before: Record<Against, ((stretch: Stretch, weekStart: number) => Stretch) | null> = {
  last: null,
  sealed: null,
  before: (stretch, weekStart) => stretchBeside(stretch, -1, weekStart),
  yearBefore: stretchAYearBefore,
};

/** Of a stretch that is longer no more days are looked through for a seal. */
const MOST_DAYS = 100;

/** Where the hours of a stretch went, beside its plan or an earlier stretch, put together as one likes. */
export function StretchReview(review: Review) {
  const { stretch, hours, against, show, onHours, onAgainst } = review;
  const { zone, today, now } = useMoment();
  const workspace = useWorkspace();
  const { weekStart } = workspace.settings;
  const { first, last } = stretch;
  const earlier = before[against]?.(stretch, weekStart) ?? null;
  const own = useRows(stretch, against === 'sealed' ? 'sealed' : 'last');
  const isRunning = first <= today && today <= last;
  // what has not ended is compared with as much of what was before
  const sameEnd = earlier && isRunning ? instantOf(earlier.first, zone) + now - instantOf(first, zone) : null;
  const then = useRows(earlier, 'last', sameEnd);
  const rows = 'rows' in own ? own.rows : null;
  const said = useMemo(
    () =>
      rows &&
      findings({ rows, outside: rowsInHours(workspace, rows, 'out', zone) }).map((finding) =>
        findingSays(finding, workspace),
      ),
    [rows, workspace, zone],
  );
  const shown = useMemo(
    () => rows && rowsInHours(workspace, rows, hours, zone),
    [rows, workspace, hours, zone],
  );
  const thenRows = 'rows' in then ? then.rows : null;
  const thenShown = useMemo(
    () => thenRows && rowsInHours(workspace, thenRows, hours, zone),
    [thenRows, workspace, hours, zone],
  );
  const dates = useMemo(() => {
    const days = Math.min(daysOf({ unit: 'dates', first, last }), MOST_DAYS);
    return Array.from({ length: days }, (_, i) => addDays(first, i));
  }, [first, last]);
  const ended = { from: first, until: last < today ? last : addDays(today, -1) };
  const isSealed = dates.some((date) => sealOn(workspace, date));
  const plans: { value: Against; name: string }[] = [
    { value: 'last', name: 'The plan' },
    ...(isSealed ? [{ value: 'sealed' as const, name: 'The sealed plan' }] : []),
    { value: 'before', name: stretch.unit === 'dates' ? 'As long before' : `The ${stretch.unit} before` },
    { value: 'yearBefore', name: 'A year before' },
  ];
  return (
    <>
      {said && said.length > 0 && (
        <View role="group" aria-label="What the figures say" className="border-l-4 border-pine pl-3">
          {said.map((sentence) => (
            <Words key={sentence} size="base">
              {sentence}
            </Words>
          ))}
        </View>
      )}
      <View className="flex-row flex-wrap gap-x-6 gap-y-2">
        <View className="max-w-full">
          <Choice label="Compared with" value={against} onChoose={onAgainst} options={plans} />
        </View>
        <Choice
          label="Which hours"
          value={hours}
          onChoose={onHours}
          options={(['all', 'in', 'out'] as const).map((value) => ({ value, name: hoursNames[value] }))}
        />
      </View>
      {!shown || !thenShown ? (
        <Going share={'share' in own ? own.share : 'share' in then ? then.share : 1} />
      ) : shown.length + thenShown.length === 0 ? (
        <Empty title="Nothing was planned and no time was recorded">
          <Words tone="soft">
            Place tasks in Plan, start the timer in Today, and the two stand here side by side.
          </Words>
        </Empty>
      ) : (
        <>
          <Told review={review} rows={shown} earlier={earlier} then={thenShown} isRunning={isRunning} />
          {stretch.unit === 'week' ? (
            <WeekPicture
              dates={dates}
              rows={shown}
              onDay={(date) => show(stretchAround('day', date, weekStart))}
            />
          ) : (
            <TrendPicture rows={shown} {...ended} />
          )}
          <HourPicture rows={shown} />
          <FollowedPart rows={shown} />
          {stretch.unit === 'week' && <SinceSealLine week={first} />}
          {hours === 'all' && <TargetsPart rows={shown} {...ended} />}
        </>
      )}
      {stretch.unit === 'week' && <Cuts date={first} />}
    </>
  );
}

/** How much of a long stretch has been gone through. */
const Going = ({ share }: { share: number }) => (
  <View role="status" className="gap-1">
    <Words tone="soft">Adding it all up: {Math.round(100 * share)} %</Words>
    <View aria-hidden className="h-2 bg-sunken">
      <View className="h-2 bg-pine" style={{ width: `${100 * share}%` }} />
    </View>
  </View>
);

type ToldProps = {
  review: Review;
  rows: readonly LedgerRow[];
  earlier: Stretch | null;
  then: readonly LedgerRow[];
  isRunning: boolean;
};

/** The sums, and what they are made of. */
function Told({ review, rows, earlier, then, isRunning }: ToldProps) {
  const { stretch, by } = review;
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const from = earlier?.first;
  const lines = useMemo((): ReviewLine[] => {
    const groups = grouped(workspace, rows, by, zone);
    const told =
      from === undefined
        ? plannedAndActual(groups)
        : thenAndNow(groups, grouped(workspace, then, by, zone), by, { from, to: stretch.first });
    return inReadingOrder(told, by, settings.weekStart);
  }, [workspace, rows, by, zone, from, then, stretch.first, settings.weekStart]);
  const sums = useMemo(() => sumsOf(rows), [rows]);
  const { recorded, bare } = daysOnRecord(rows, today);
  const columns = earlier ? ['then', 'now', 'change'] : ['planned', 'actual', 'drift'];
  const figures = ({ left, right, change }: Totals) => [left, right, change];
  return (
    <>
      {earlier ? (
        <Words>
          {durationWords(sums.actual)} on record, {durationWords(sumsOf(then).actual)} in{' '}
          {stretchWords(earlier, settings)}
          {isRunning ? ', as far as this has come' : ''}.
        </Words>
      ) : (
        <>
          <Figures sums={sums} />
          <View className="-my-2 -ml-3 flex-row">
            <TermButton term="drift" label="What is drift?" />
          </View>
          <Bridge sums={sums} tell={signedWords} />
        </>
      )}
      {bare > 0 && (
        <Words tone="soft">
          {recorded} {recorded === 1 ? 'day has' : 'days have'} a record; {bare}{' '}
          {bare === 1 ? 'day with a plan has' : 'days with a plan have'} none, and stay out of means.
        </Words>
      )}
      <Lines review={review} lines={lines} columns={columns} />
      <View className="flex-row">
        <Button
          label="Take out…"
          onPress={() =>
            openPanel({
              kind: 'reviewOut',
              stretch,
              title: `Review, ${stretchWords(stretch, settings)}`,
              table: {
                heads: ['', ...columns],
                lines: lines.map((line) => [groupName(workspace, by, line), ...figures(line)]),
                sums: ['Together', ...figures(together(lines))],
              },
            })
          }
        />
      </View>
    </>
  );
}
