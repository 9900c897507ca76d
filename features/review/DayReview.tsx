import { useMemo } from 'react';
import { View } from 'react-native';
import { occurrencesOn } from '@/core/calendar/occurrences';
import { sealOn } from '@/core/model/seal';
import { ledger, type LedgerRow } from '@/core/review/ledger';
import type { Yardstick } from '@/core/review/planned';
import { durationWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Choice } from '@/ui/Choice';
import { Empty } from '@/ui/Screen';
import { openPanel } from '@/ui/panels';
import { TermButton } from '@/board/TermButton';
import { Heading, Subheading, Words } from '@/ui/Words';
import { Bridge } from './Bridge';
import { CutDays } from './pictures/CutsPicture';
import { interruptionsIn } from '@/core/track/interruptions';
import { Figures } from './Figures';
import { LedgerHead, LedgerLine } from './LedgerLine';
import { RecordLine } from './RecordLines';
import type { Review } from './useReview';

/** The ledger of a day: planned and actual side by side, adding up exactly. */
export function DayReview({
  date,
  against,
  onAgainst,
}: { date: string } & Pick<Review, 'against' | 'onAgainst'>) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const yardstick: Yardstick = against === 'sealed' ? 'sealed' : 'last';
  const { rows, sums } = useMemo(
    () => ledger(workspace, dayOf(date, zone), zone, now, yardstick),
    [workspace, date, zone, now, yardstick],
  );
  const longest = Math.max(...rows.map(({ planned, actual }) => Math.max(planned, actual)), 1);

  const open = ({ subject }: LedgerRow) => {
    if (subject.kind === 'task') return openPanel({ kind: 'task', id: subject.taskId });
    const meeting =
      subject.kind === 'event' &&
      occurrencesOn(workspace.events, date, zone).find(({ id }) => id === subject.occurrence);
    openPanel(meeting ? { kind: 'meeting', meeting } : { kind: 'spent', subject, date });
  };

  return (
    <>
      {sealOn(workspace, date) && (
        <Choice
          label="Compared with"
          value={yardstick}
          onChoose={onAgainst}
          options={[
            { value: 'last', name: 'The plan as it is' },
            { value: 'sealed', name: 'The sealed plan' },
          ]}
        />
      )}
      {rows.length === 0 ? (
        <Empty title="Nothing was planned and no time was recorded">
          <Words tone="soft">
            Place tasks in Plan, start the timer in Today, and the two stand here side by side.
          </Words>
        </Empty>
      ) : (
        <>
          <Figures sums={sums} />
          <View className="-my-2 -ml-3 flex-row">
            <TermButton term="drift" label="What is drift?" />
          </View>
          <Bridge sums={sums} />
          <InterruptionsLine date={date} />
          <RecordLine date={date} />
          <View>
            <View className="flex-row justify-between pb-1">
              <Subheading>Where it went</Subheading>
              <Words tone="soft">sums to the minute</Words>
            </View>
            <LedgerHead columns={['planned', 'actual', 'drift']} />
            {rows.map((row) => (
              <LedgerLine key={row.key} row={row} longest={longest} onOpen={() => open(row)} />
            ))}
          </View>
        </>
      )}
      <View className="gap-2">
        <Heading level={2}>How meetings cut up the day</Heading>
        <CutDays dates={[date]} />
      </View>
    </>
  );
}

/** How often and how long something came in between on a day, and what; nothing where nothing did. */
function InterruptionsLine({ date }: { date: string }) {
  const { zone, now } = useMoment();
  const { entries } = useWorkspace();
  const { count, minutes, by } = interruptionsIn(entries, dayOf(date, zone), now);
  if (count === 0) return null;
  const what = by
    .slice(0, 4)
    .map(({ title, count: times }) => (times === 1 ? title : `${title} ${times} times`));
  const more = by.length > 4 ? ` and ${by.length - 4} more` : '';
  return (
    <Words>
      Interrupted {count === 1 ? 'once' : `${count} times`}, {durationWords(minutes)}: {what.join(', ')}
      {more}.
    </Words>
  );
}
