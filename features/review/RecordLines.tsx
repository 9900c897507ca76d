import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { fillAsPlanned } from '@/actions/record';
import { asPlanned, dayRecord, type DayRecord } from '@/core/review/record';
import { minutesFilled } from '@/core/track/mend';
import { daysOf, type Stretch } from '@/core/time/stretch';
import { asLine, dateWords, durationWords } from '@/core/time/words';
import { datesFrom } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';

/** What of a day has no record, two, or too long a one, and the ways to mend it; nothing where the record adds up. */
export function RecordLine({ date }: { date: string }) {
  const { zone, now } = useMoment();
  return <Line date={date} record={dayRecord(useWorkspace(), date, zone, now)} />;
}

type LineProps = { date: string; record: DayRecord; named?: boolean };

function Line({ date, record, named = false }: LineProps) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const router = useRouter();
  const { open, double, long, doubts } = record;
  if (doubts.length === 0) return null;
  const day = dateWords(date, workspace.settings);
  const planned = asPlanned(workspace, date, zone, record);
  const length = durationWords(minutesFilled(planned));
  const words = [
    open > 0 ? `${durationWords(open)} without a record` : '',
    double > 0 ? `${durationWords(double)} recorded twice` : '',
    long > 0 ? `${durationWords(long)} for which the timer ran on` : '',
  ];
  const said = asLine(words.filter(Boolean).join(', '));
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <Words>{named ? `${day}: ${said}` : said}.</Words>
      {planned.length > 0 && (
        <Button
          label={`As planned, ${length}`}
          says={`As planned, ${length}, on ${day}`}
          kind="quiet"
          onPress={() => fillAsPlanned(planned)}
        />
      )}
      <Button
        label="Mend the record…"
        says={`Mend the record… ${day}`}
        kind="quiet"
        onPress={() => router.navigate(`/close?day=${date}&step=record`)}
      />
    </View>
  );
}

/** The days of a week whose record does not add up, one after the other. */
export function RecordOfWeek({ stretch }: { stretch: Stretch }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const dates = datesFrom(stretch.first, daysOf(stretch)).filter((date) => date <= today);
  const doubted = dates
    .map((date) => ({ date, record: dayRecord(workspace, date, zone, now) }))
    .filter(({ record }) => record.doubts.length > 0);
  if (doubted.length === 0) return null;
  return (
    <View className="not-printed gap-1">
      <Heading level={2}>Days that do not add up</Heading>
      {doubted.map(({ date, record }) => (
        <Line key={date} date={date} record={record} named />
      ))}
    </View>
  );
}
