import { useMemo, useRef } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { dayList, type DayLine, type DayList } from '@/core/plan/dayList';
import { datesOf } from '@/core/plan/views';
import { clockWords, dateWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { useDropArea } from '@/ui/drag/areas';
import { aimsAtDay, movingBlock, movingEvent, movingTask, useDrag, type Dragged } from '@/ui/drag/dragStore';
import { pressable } from '@/ui/drag/useDragItem';
import { LoadBar, loadWords } from '@/ui/LoadMeasure';
import type { PlanView } from '@/ui/useView';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { useGestures } from './useGestures';

/** So many lines of a day are in sight; the day itself has all. */
const MOST_LINES = 4;

/** The dates of a month with the load of each day. What is let go on a day lies in its tray, or keeps its hours. */
export function Month(place: PlanView) {
  const { date, today, onOpenDay } = place;
  const workspace = useWorkspace();
  const dates = useMemo(() => datesOf('month', date, workspace.settings, 1), [date, workspace.settings]);
  const days = useMemo(() => dates.map((day) => dayList(workspace, day, session.zone)), [workspace, dates]);
  const month = useRef<View>(null);
  useGestures(month, place, 1);
  return (
    <View ref={month} className="flex-1 touch-pan-y">
      <View className="flex-row border-b border-line">
        {dates.slice(0, 7).map((day) => (
          <View key={day} className="flex-1 items-center py-1">
            <Words size="xs" tone="soft">
              {dateWords(day).slice(0, 3)}
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
  const { date, load, lines } = day;
  const wide = useWide();
  const { attach } = useDropArea({ kind: 'tray', date, keepsHours: true });
  const aimed = useDrag((state) => aimsAtDay(state, date));
  const { said, left } = loadWords(load);
  const room = lines.length > MOST_LINES ? MOST_LINES - 1 : MOST_LINES;
  const shown = wide ? lines.slice(0, room) : [];
  const due = lines.filter(({ kind }) => kind === 'due').length;
  const hidden = lines.slice(shown.length);
  const rest = hidden.length;
  const taken = lines.some((line) => line.kind === 'allDay' && line.event.busy);
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
          {Number(date.slice(8))}
        </Words>
        <Words className="sr-only">
          {[isToday ? 'today' : '', said, left, ...hidden.map(textOf)].filter(Boolean).join(', ')}
        </Words>
        {(load.capacity > 0 || load.planned > 0) && <LoadBar load={load} height={6} />}
        {shown.map((line, i) => (
          <CellLine key={i} line={line} />
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

const textOf = (line: DayLine): string => {
  const title = 'event' in line ? line.event.title : line.task.title;
  return line.kind === 'due' ? `due: ${title}` : title;
};

/** What goes to another day when the line is dragged: a task that is only due gets a place there. */
function draggedOf(line: DayLine): Dragged {
  if ('event' in line) return movingEvent(line.event);
  if (line.kind === 'block') return movingBlock(line.block);
  const task = movingTask(line.task);
  return line.kind === 'tray' ? { ...task, trayId: line.item.id } : task;
}

function CellLine({ line }: { line: DayLine }) {
  const { clock } = useWorkspace().settings;
  const at = line.kind === 'meeting' ? line.event.from : line.kind === 'block' ? line.block.start : null;
  const planned = line.kind === 'block' || line.kind === 'tray';
  return (
    <View {...pressable(draggedOf(line))} className="shrink-0 cursor-grab touch-manipulation select-none">
      <Words
        size="xs"
        tone={line.kind === 'due' ? 'brick' : 'ink'}
        face={planned ? 'strong' : 'text'}
        numberOfLines={1}
      >
        {at !== null && (
          <Words size="xs" face="mono" tone="soft">
            {clockWords(at, session.zone, clock)}{' '}
          </Words>
        )}
        {textOf(line)}
      </Words>
    </View>
  );
}
