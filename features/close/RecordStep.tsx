import { useRef, useState } from 'react';
import { View } from 'react-native';
import { fillAsPlanned, mendRecord } from '@/actions/record';
import { leaveOpen } from '@/core/commands/days';
import type { Subject } from '@/core/model/plan';
import { asPlanned, likelyFor, type DayRecord } from '@/core/review/record';
import { subjectTitle } from '@/core/tasks/places';
import { minutesOf, overlaps, type Span } from '@/core/time/span';
import { clockWords, durationWords } from '@/core/time/words';
import { dayOf, instantOf, timeOf } from '@/core/time/zone';
import { entriesIn } from '@/core/track/entries';
import { minutesFilled } from '@/core/track/mend';
import { spanOfEntry, subjectKey } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { OneAtATime } from '@/panels/parts/OneAtATime';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readClock, readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { RecordStrip } from './RecordStrip';

const BREAK: Subject = { kind: 'other', title: 'Break' };

/** The record of a day beside its plan: each stretch that is open or recorded twice or for too long is given to something, until it adds up. */
export function RecordStep({ date, record }: { date: string; record: DayRecord }) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const [chosen, setChosen] = useState<Span | null>(null);
  // the card takes the keyboard when its stretch is another, not when its ends are typed
  const [turn, setTurn] = useState(0);
  const goTo = (stretch: Span | null) => {
    setChosen(stretch);
    setTurn(turn + 1);
  };
  const doubt = record.doubts.find((one) => !chosen || one.to > chosen.from) ?? record.doubts[0];
  const span = chosen ?? doubt;
  const planned = asPlanned(workspace, date, zone, record);
  return (
    <View className="gap-4">
      <Measure record={record} />
      {span ? (
        <Stretch
          key={turn}
          date={date}
          span={span}
          ranOn={doubt?.kind === 'long' && span === doubt}
          onPart={setChosen}
          onDone={() => goTo(null)}
        />
      ) : (
        <Words>The record adds up: every hour of work lies in one entry, or is left open on purpose.</Words>
      )}
      {planned.length > 1 && (
        <View className="flex-row">
          <Button
            label={`All ${planned.length} as planned, ${durationWords(minutesFilled(planned))}`}
            onPress={() => {
              if (fillAsPlanned(planned)) goTo(null);
            }}
          />
        </View>
      )}
      <RecordStrip date={date} record={record} chosen={span} onChoose={goTo} onPart={setChosen} />
    </View>
  );
}

/** How much of the day is recorded, and how much is open. */
function Measure({ record: { recorded, open, double, long, left, asked } }: { record: DayRecord }) {
  const all = minutesOf(asked);
  const share = (minutes: number) => `${(100 * minutes) / Math.max(all, 1)}%` as const;
  const words = [
    open > 0 ? `${durationWords(open)} open` : '',
    double > 0 ? `${durationWords(double)} twice` : '',
    long > 0 ? `${durationWords(long)} ran on` : '',
  ].filter(Boolean);
  return (
    <View className="gap-1.5">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Words face="strong" size="base">
          {durationWords(recorded)} recorded of {durationWords(all)}
        </Words>
        <Words face="strong" tone={words.length > 0 ? 'amber' : 'soft'}>
          {words.length > 0 ? words.join(', ') : 'adds up'}
        </Words>
      </View>
      <View aria-hidden className="h-2.5 w-full flex-row bg-sunken">
        <View className="bg-pine" style={{ width: share(recorded) }} />
        <View className="hatch-quiet" style={{ width: share(left) }} />
        <View className="border-2 border-dashed border-pine" style={{ width: share(open) }} />
      </View>
    </View>
  );
}

type StretchProps = {
  date: string;
  span: Span;
  /** The timer ran on in it, longer than what it was started on was to take. */
  ranOn: boolean;
  /** A part of it, or more than it, is meant. */
  onPart: (span: Span) => void;
  onDone: () => void;
};

/** What a stretch of the day went to, in one press; its ends can be typed. */
function Stretch({ date, span, ranOn, onPart, onDone }: StretchProps) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const card = useRef<View>(null);
  const { clock } = workspace.settings;
  const at = (instant: number) => clockWords(instant, zone, clock);
  const own = entriesIn(workspace.entries, dayOf(date, zone), now).filter((entry) =>
    overlaps(spanOfEntry(entry, now), span),
  );
  const [one, another] = own;
  const what = another
    ? `has ${own.length} entries: ${own.map(({ subject }) => subjectTitle(subject, workspace)).join(', ')}`
    : one
      ? `is ${subjectTitle(one.subject, workspace)}${one.mended ? ', put in afterwards' : ''}${ranOn ? ', longer than planned' : ''}`
      : 'was not recorded';
  const offers = likelyFor(workspace, date, zone, now, span);
  const recorded = own.filter(
    ({ subject }) => !offers.some((offer) => subjectKey(offer) === subjectKey(subject)),
  );
  const offered = [...offers, ...recorded.map(({ subject }) => subject)];
  const give = (subject: Subject | null) => {
    if (mendRecord(span, subject)) onDone();
  };
  const move = (part: Span) => {
    if (part.to <= part.from) return 'The end must be after the start.';
    onPart(part);
    return true;
  };
  const instant = (time: string) => instantOf(`${date}T${time}`, zone);
  const length = durationWords(minutesOf([span]));
  return (
    <OneAtATime
      card={card}
      label={`${at(span.from)} – ${at(span.to)} ${what}`}
      doing={(key) => {
        const offer = offered[Number(key) - 1];
        return offer && (() => give(offer));
      }}
    >
      <Words face="strong" size="base">
        {at(span.from)} – {at(span.to)} {what}
      </Words>
      <View className="flex-row flex-wrap gap-2">
        {offered.map((subject, i) => (
          <Button
            key={subjectKey(subject)}
            label={subjectTitle(subject, workspace)}
            says={`${subjectTitle(subject, workspace)}, for ${length}`}
            kind={i === 0 ? 'primary' : 'plain'}
            onPress={() => give(subject)}
          />
        ))}
        <Button label="Break" says={`Break, for ${length}`} onPress={() => give(BREAK)} />
        {one ? (
          <Button
            label="Nothing"
            says={`Nothing: take the record of ${length} away`}
            kind="danger"
            onPress={() => give(null)}
          />
        ) : (
          <Button
            label="Leave it open"
            kind="quiet"
            onPress={() => {
              if (store.run(leaveOpen, { date, span }, `${length} left open`)) onDone();
            }}
          />
        )}
      </View>
      <View className="flex-row gap-3">
        <View className="w-20">
          <Field
            label="From"
            text={at(span.from)}
            read={readClock}
            onSave={(time) => move({ from: instant(time), to: span.to })}
          />
        </View>
        <View className="w-20">
          <Field
            label="To"
            text={timeOf(span.to, zone) === '00:00' ? '24:00' : at(span.to)}
            read={readClock}
            onSave={(time) => move({ from: span.from, to: instant(time) })}
          />
        </View>
        <View className="min-w-0 flex-1">
          <Field
            label="Something else"
            text=""
            adding
            read={readTitle}
            placeholder="Phone with the county"
            onSave={(title) => give(namedSubject(title))}
          />
        </View>
      </View>
    </OneAtATime>
  );

  /** A task of that name, else something that nobody planned. */
  function namedSubject(title: string): Subject {
    const plain = title.trim().toLowerCase();
    const task = workspace.tasks.values().find((each) => each.title.toLowerCase() === plain);
    return task ? { kind: 'task', taskId: task.id } : { kind: 'other', title };
  }
}
