import { useMemo, useRef } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { dayList, keyOfThing, titleOfThing, type DayList, type Thing } from '@/core/plan/things';
import { datesOf } from '@/core/plan/views';
import { clockWords, dateWords, dayOfMonth, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useDropArea } from '../drag/areas';
import {
  aimsAtDay,
  movingBlock,
  movingEvent,
  movingTask,
  movingTrayItem,
  useDrag,
  type Dragged,
} from '../drag/dragStore';
import { pressable } from '../drag/useDragItem';
import { LoadBar, loadWords } from '../LoadMeasure';
import type { PlanView } from './useView';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { useGestures } from './useGestures';

/** How many lines of a day are in sight; the day itself has all. */
const MOST_LINES = 4;

/** The dates of a month with the load of each day. What is let go on a day lies in its tray, or keeps its hours. */
export function Month(place: PlanView) {
  const { zone } = useMoment();
  const { date, today, onOpenDay } = place;
  const workspace = useWorkspace();
  const dates = useMemo(() => datesOf('month', date, workspace.settings, 1), [date, workspace.settings]);
  const days = useMemo(() => dates.map((day) => dayList(workspace, day, zone)), [workspace, dates, zone]);
  const month = useRef<View>(null);
  useGestures(month, place, 1);
  return (
    <View ref={month} className="flex-1 touch-pan-y">
      <View className="flex-row border-b border-line">
        {dates.slice(0, 7).map((day) => (
          <View key={day} className="flex-1 items-center py-1">
            <Words size="xs" tone="soft">
              {weekdayWords(day)}
            </Words>
          </View>
        ))}
      </View>
      <ScrollView tabIndex={0} aria-label="Days of the month" contentContainerStyle={{ flexGrow: 1 }}>
        {Array.from({ length: dates.length / 7 }, (_, week) => (
          <View key={dates[week * 7]} className="min-h-[84px] flex-1 flex-row border-b border-line">
            {days.slice(week * 7, week * 7 + 7).map((day) => (
              <Cell
                key={day.date}
                day={day}
                inMonth={day.date.slice(0, 7) === date.slice(0, 7)}
                isToday={day.date === today}
                onOpen={() => onOpenDay(day.date)}
              />
            ))}
          </View>
        ))}
      </ScrollView>
    </View>
  );
}

type CellProps = { day: DayList; inMonth: boolean; isToday: boolean; onOpen: () => void };

function Cell({ day, inMonth, isToday, onOpen }: CellProps) {
  const { date, load, things } = day;
  const wide = useWide();
  const { attach } = useDropArea({ kind: 'tray', date, keepsHours: true });
  const aimed = useDrag((state) => aimsAtDay(state, date));
  const { words, left } = loadWords(load);
  const room = things.length > MOST_LINES ? MOST_LINES - 1 : MOST_LINES;
  const shown = wide ? things.slice(0, room) : [];
  const due = things.filter(({ kind }) => kind === 'due').length;
  const hidden = things.slice(shown.length);
  const rest = hidden.length;
  const taken = things.some((thing) => thing.kind === 'allDay' && thing.event.busy);
  return (
    <View
      ref={attach}
      role="group"
      aria-label={dateWords(date)}
      className={`flex-1 border-r ${aimed ? 'border border-pine bg-surface' : `border-line ${taken ? 'bg-sunken' : inMonth ? 'bg-surface' : ''}`}`}
    >
      <Pressable
        role="button"
        onPress={onOpen}
        className={`flex-1 gap-0.5 overflow-hidden py-1 hover:opacity-80 ${wide ? 'px-1' : 'px-0.5'}`}
      >
        <Words
          face={isToday || inMonth ? 'strong' : 'text'}
          tone={isToday ? 'amber' : inMonth ? 'ink' : 'soft'}
          size={isToday ? 'base' : 'sm'}
        >
          {dayOfMonth(date)}
        </Words>
        <Words className="sr-only">
          {[isToday ? 'today' : '', words, left, ...hidden.map(textOf)].filter(Boolean).join(', ')}
        </Words>
        {(load.capacity > 0 || load.planned > 0) && <LoadBar load={load} height={6} />}
        {shown.map((thing) => (
          <CellLine key={keyOfThing(thing)} thing={thing} />
        ))}
        {!wide && due > 0 && (
          <Words size="xs" tone="brick" numberOfLines={1}>
            {due} due
          </Words>
        )}
        {rest > 0 && (
          <Words size="xs" tone="soft" numberOfLines={1} className={wide ? '' : 'tracking-tighter'}>
            {wide ? `and ${rest} more` : rest === 1 ? '1 item' : `${rest} items`}
          </Words>
        )}
      </Pressable>
    </View>
  );
}

const textOf = (thing: Thing): string =>
  thing.kind === 'due' ? `due: ${titleOfThing(thing)}` : titleOfThing(thing);

/** What goes to another day when the line is dragged: a task that is only due gets a place there. */
function draggedOf(thing: Thing): Dragged {
  if ('event' in thing) return movingEvent(thing.event);
  if (thing.kind === 'block') return movingBlock(thing.block);
  return thing.kind === 'tray' ? movingTrayItem(thing.item, thing.task) : movingTask(thing.task);
}

function CellLine({ thing }: { thing: Thing }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const planned = thing.kind === 'block' || thing.kind === 'tray';
  return (
    <View {...pressable(draggedOf(thing))} className="shrink-0 cursor-grab touch-manipulation select-none">
      <Words
        size="xs"
        tone={thing.kind === 'due' ? 'brick' : 'ink'}
        face={planned ? 'strong' : 'text'}
        numberOfLines={1}
      >
        {'from' in thing && (
          <Words size="xs" face="mono" tone="soft">
            {clockWords(thing.from, zone, clock)}{' '}
          </Words>
        )}
        {textOf(thing)}
      </Words>
    </View>
  );
}
