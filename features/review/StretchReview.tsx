import { useMemo } from 'react';
import { View } from 'react-native';
import { TermButton } from '@/board/TermButton';
import { sealOn } from '@/core/model/seal';
import { isRunning, type Against, type ReviewAsked } from '@/core/review/asked';
import { endsWords } from '@/core/review/endsWords';
import { findingSays } from '@/core/review/findingSays';
import { hasPrivate, type Hours } from '@/core/review/grouping';
import { groupName } from '@/core/review/groupName';
import { together, type Totals } from '@/core/review/lines';
import type { Told } from '@/core/review/told/told';
import { daysOf } from '@/core/time/stretch';
import { durationWords, signedWords, stretchWords } from '@/core/time/words';
import { datesFrom } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Empty } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { Bridge } from './Bridge';
import { Figures } from './Figures';
import { columnsOf, Lines, useKeyboardOn } from './Lines';
import { Pictures } from './Pictures';
import { DoorLine } from './DoorLine';
import { RecordOfWeek } from './RecordLines';
import { SealsLine } from './SealsLine';
import { TargetsPart } from './TargetsPart';
import type { Review } from './useReview';
import { useTold } from './useTold';

const hoursNames: Record<Hours, string> = { all: 'All', in: 'Hours of work', out: 'Outside them' };

/** Of a stretch that is longer no more days are looked through for a seal. */
const MOST_DAYS = 100;

/** Where the hours of a stretch went, beside its plan or an earlier stretch, put together as one likes. */
export function StretchReview(review: Review) {
  const { asked, question, isLong, found } = useTold(review);
  useKeyboardOn(review.opened);
  const told = 'answer' in found ? found.answer : null;
  return (
    <>
      {told && <FiguresSay findings={told.findings} />}
      <Choices {...review} />
      {'share' in found && <Going share={found.share} />}
      {told?.isEmpty && (
        <Empty title="Nothing was planned and no time was recorded">
          <Words tone="soft">
            Place tasks in Plan, start the timer in Today, and the two stand here side by side.
          </Words>
        </Empty>
      )}
      {told && !told.isEmpty && (
        <>
          <Sums review={review} told={told} />
          <Lines review={review} asked={asked} question={question} isLong={isLong} told={told} />
          <Out review={review} asked={asked} told={told} />
        </>
      )}
      {told && (
        <>
          <Pictures review={review} pictures={told.pictures} />
          {told.seals && <SealsLine stretch={review.stretch} seals={told.seals} />}
          <DoorLine stretch={review.stretch} />
          {review.stretch.unit === 'week' && <RecordOfWeek stretch={review.stretch} />}
          <TargetsPart targets={told.targets} />
        </>
      )}
    </>
  );
}

/** What the figures say, in sentences. */
export function FiguresSay({ findings }: Pick<Told, 'findings'>) {
  const workspace = useWorkspace();
  if (findings.length === 0) return null;
  return (
    <View role="group" aria-label="What the figures say" className="border-l-4 border-pine pl-3">
      {findings.map((finding) => (
        <Words key={finding.kind} size="base">
          {findingSays(finding, workspace)}
        </Words>
      ))}
    </View>
  );
}

/** What the actual time stands beside, and which hours are looked at. */
function Choices(review: Review) {
  const { stretch, hours, against, withoutPrivate, onHours, onAgainst, onPrivate } = review;
  const workspace = useWorkspace();
  const { first, last } = stretch;
  const isSealed = useMemo(() => {
    const days = Math.min(daysOf({ unit: 'dates', first, last }), MOST_DAYS);
    return datesFrom(first, days).some((date) => sealOn(workspace, date));
  }, [workspace, first, last]);
  const plans: { value: Against; name: string }[] = [
    { value: 'last', name: 'The plan' },
    ...(isSealed ? [{ value: 'sealed' as const, name: 'The sealed plan' }] : []),
    { value: 'before', name: stretch.unit === 'dates' ? 'As long before' : `The ${stretch.unit} before` },
    { value: 'yearBefore', name: 'A year before' },
  ];
  return (
    <View className="not-printed flex-row flex-wrap items-end gap-x-6 gap-y-2">
      <View className="max-w-full">
        <Choice label="Compared with" value={against} onChoose={onAgainst} options={plans} />
      </View>
      <Choice
        label="Which hours"
        value={hours}
        onChoose={onHours}
        options={(['all', 'in', 'out'] as const).map((value) => ({ value, name: hoursNames[value] }))}
      />
      {hasPrivate(workspace) && (
        <CheckBox
          checked={withoutPrivate}
          label="Without what is private"
          onToggle={() => onPrivate(!withoutPrivate)}
        />
      )}
    </View>
  );
}

/** How much of a long stretch has been gone through. */
const Going = ({ share }: { share: number }) => (
  <View role="status" aria-busy className="gap-1">
    <Words tone="soft">Adding it all up: {Math.round(100 * share)} %</Words>
    <View aria-hidden className="h-2 bg-sunken">
      <View className="h-2 bg-pine" style={{ width: `${100 * share}%` }} />
    </View>
  </View>
);

type ToldProps = { review: Review; told: Told };

/** The sums of a stretch, beside its plan or an earlier one, and how what was finished came out. */
function Sums({ review: { stretch }, told: { sums, then, recorded, ends } }: ToldProps) {
  const { zone, now } = useMoment();
  const { settings } = useWorkspace();
  const { recorded: days, bare } = recorded;
  const finished = endsWords(ends);
  return (
    <>
      {then ? (
        <Words>
          {durationWords(sums.actual)} on record, {durationWords(then.sums.actual)} in{' '}
          {stretchWords(then.stretch, settings)}
          {isRunning(stretch, zone, now) ? ', as far as this has come' : ''}.
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
      {finished !== '' && <Words>{finished}</Words>}
      {bare > 0 && (
        <Words tone="soft">
          {days} {days === 1 ? 'day has' : 'days have'} a record; {bare}{' '}
          {bare === 1 ? 'day with a plan has' : 'days with a plan have'} none, and stay out of means.
        </Words>
      )}
    </>
  );
}

/** The way of what is shown into files. */
function Out({ review, asked, told }: ToldProps & { asked: ReviewAsked }) {
  const workspace = useWorkspace();
  const { lines } = told;
  const figures = ({ left, right, change }: Totals) => [left, right, change];
  return (
    <View className="flex-row">
      <Button
        label="Take out…"
        onPress={() =>
          openPanel({
            kind: 'reviewOut',
            asked,
            title: `Review, ${stretchWords(asked.stretch, workspace.settings)}`,
            table: {
              heads: ['', ...columnsOf(told)],
              lines: lines.map((line) => [groupName(workspace, review.by, line), ...figures(line)]),
              sums: ['Together', ...figures(together(lines))],
            },
          })
        }
      />
    </View>
  );
}
