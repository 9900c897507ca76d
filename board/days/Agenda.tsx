import { useMemo, useRef } from 'react';
import { Pressable, View } from 'react-native';
import { dayList, type DayList } from '@/core/plan/things';
import { datesOf } from '@/core/plan/views';
import { dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';
import { loadWords } from '../LoadMeasure';
import { DayThings } from './DayThings';
import { useGestures } from './useGestures';
import type { PlanView } from './useView';
import { ScrollRegion } from '@/ui/ScrollRegion';

/** What comes, day after day, as one running list. */
export function Agenda(place: PlanView) {
  const { date, today, onOpenDay } = place;
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const days = useMemo(
    () => datesOf(workspace, 'agenda', date, 1).map((day) => dayList(workspace, day, zone)),
    [workspace, date, zone],
  );
  const agenda = useRef<View>(null);
  useGestures(agenda, place, 1);
  return (
    <View ref={agenda} className="flex-1 touch-pan-y touch-pinch-zoom low:flex-none">
      <ScrollRegion aria-label="Agenda" contentContainerClassName="gap-3 px-4 pb-6 pt-1">
        {days.map((day) =>
          day.things.length > 0 ? (
            <Day key={day.date} day={day} isToday={day.date === today} onOpen={() => onOpenDay(day.date)} />
          ) : (
            <Words key={day.date} size="xs" tone="soft">
              {dateWords(day.date, workspace.settings)} · nothing yet
            </Words>
          ),
        )}
      </ScrollRegion>
    </View>
  );
}

function Day({ day, isToday, onOpen }: { day: DayList; isToday: boolean; onOpen: () => void }) {
  const { words, left, over } = loadWords(day.load);
  const { settings } = useWorkspace();
  return (
    <View className="gap-1">
      <Pressable
        role="button"
        onPress={onOpen}
        className="min-h-[44px] flex-row flex-wrap items-baseline gap-x-3 pt-2"
      >
        <Heading level={2}>
          {isToday ? 'Today, ' : ''}
          {dateWords(day.date, settings)}
        </Heading>
        <Words size="xs" tone={over ? 'brick' : 'soft'}>
          {[words, left].filter(Boolean).join(', ')}
        </Words>
      </Pressable>
      <DayThings day={day} />
    </View>
  );
}
