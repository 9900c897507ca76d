import { useRouter } from 'expo-router';
import { Pressable, View } from 'react-native';
import { LoadBar, loadWords } from '@/board/LoadMeasure';
import { DueNote } from '@/board/taskParts';
import { TightLine } from '@/board/TightLine';
import { useTight } from '@/board/useTight';
import { weeksAhead } from '@/core/weekly/week';
import { dateWords, datesWords, dayMonthWords, dayOfMonth, weekdayWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';

/** So many stretches that cannot work are shown. */
const MOST_TIGHT = 3;

/** So many deadlines are shown. */
const MOST = 30;

/** What the two weeks from a day on hold: their frames, how full their days are, what takes days whole, what is due. */
export function AheadStep({ from }: { from: string }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const router = useRouter();
  const { settings } = workspace;
  const tight = useTight();
  const { days, deadlines, wholeDays, frames } = weeksAhead(workspace, from, zone, now);
  return (
    <View className="gap-6">
      {tight.length > 0 && (
        <View className="gap-1">
          <Heading level={2}>What cannot work</Heading>
          {tight.slice(0, MOST_TIGHT).map((one) => (
            <TightLine key={one.to} tight={one} />
          ))}
        </View>
      )}
      {frames.map(({ week, name }, i) => (
        <View key={week} className="gap-2">
          <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
            <Heading level={2}>The week of {dayMonthWords(week, settings)}</Heading>
            <Words size="xs" tone="soft">
              {name === '' ? 'no frame' : `frame: ${name}`}
            </Words>
          </View>
          <View className="flex-row gap-1.5">
            {days.slice(7 * i, 7 * i + 7).map(({ date, load }) => {
              const { words, left, over } = loadWords(load);
              return (
                <Pressable
                  key={date}
                  role="button"
                  onPress={() => openPanel({ kind: 'dayRoom', date })}
                  className="min-h-[52px] flex-1 gap-1 py-1 hover:bg-surface"
                >
                  <Words size="xs" tone="soft">
                    {weekdayWords(date)} {dayOfMonth(date)}
                  </Words>
                  <LoadBar load={load} height={8} />
                  <Words size="xs" tone={over ? 'brick' : 'soft'}>
                    {left.replace(/ free$/, '') || 'off'}
                  </Words>
                  <Words className="sr-only">{words}</Words>
                </Pressable>
              );
            })}
          </View>
        </View>
      ))}
      {wholeDays.length > 0 && (
        <View className="gap-1">
          <Heading level={2}>Days taken whole</Heading>
          {wholeDays.map(({ id, title, from: begins, to, busy }) => (
            <Words key={id}>
              {datesWords(dateOf(begins, zone), dateOf(to - 1, zone), settings)}: {title}
              {busy ? '' : ' (free)'}
            </Words>
          ))}
        </View>
      )}
      <View className="gap-1">
        <Heading level={2}>Due</Heading>
        {deadlines.length === 0 && <Words tone="soft">Nothing is due in these two weeks.</Words>}
        {deadlines.slice(0, MOST).map(({ task, isPlaced }) => (
          <View key={task.id} className="min-h-[44px] flex-row items-center gap-2 border-b border-line">
            <View className="flex-1 py-1">
              <Words>{task.title}</Words>
              <DueNote task={task} before={isPlaced ? 'has its place' : 'no place yet'} />
            </View>
            <Button
              label={isPlaced ? 'Open' : 'Place…'}
              says={`${isPlaced ? 'Open' : 'Place…'} ${task.title}`}
              kind="quiet"
              onPress={() =>
                openPanel(isPlaced ? { kind: 'task', id: task.id } : { kind: 'place', taskId: task.id })
              }
            />
          </View>
        ))}
        {deadlines.length > MOST && (
          <View className="-ml-3 flex-row">
            <Button
              label={`${deadlines.length - MOST} more in Tasks`}
              kind="quiet"
              onPress={() => router.navigate('/tasks')}
            />
          </View>
        )}
      </View>
      {days[0] && (
        <View className="-ml-3 flex-row">
          <Button
            label={`Open ${dateWords(days[0].date, settings)} in Plan`}
            kind="quiet"
            onPress={() =>
              router.navigate({ pathname: '/plan', params: { view: 'week', day: days[0]?.date } })
            }
          />
        </View>
      )}
    </View>
  );
}
