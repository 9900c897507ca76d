import { useMemo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { dayList, type DayLine, type DayList } from '@/core/plan/dayList';
import { datesOf } from '@/core/plan/views';
import { hueOfEvent } from '@/core/plan/lens';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { loadWords } from '@/ui/LoadMeasure';
import { EdgeMark } from '@/ui/marks';
import { openSheet } from '@/ui/sheets';
import { useHue } from '@/ui/tasks/TaskParts';
import type { PlanView } from '@/ui/useView';
import { Heading, Words } from '@/ui/Words';

/** What comes, day after day, as one running list. */
export function Agenda({ date, today, onOpenDay }: PlanView) {
  const workspace = useWorkspace();
  const days = useMemo(
    () => datesOf('agenda', date, workspace.settings, 1).map((day) => dayList(workspace, day, session.zone)),
    [workspace, date],
  );
  return (
    <ScrollView tabIndex={0} aria-label="Agenda" contentContainerClassName="gap-3 px-4 pb-6 pt-1">
      {days.map((day) =>
        day.lines.length > 0 ? (
          <Day key={day.date} day={day} isToday={day.date === today} onOpen={() => onOpenDay(day.date)} />
        ) : (
          <Words key={day.date} size="xs" tone="soft">
            {dateWords(day.date)} · nothing yet
          </Words>
        ),
      )}
    </ScrollView>
  );
}

function Day({ day, isToday, onOpen }: { day: DayList; isToday: boolean; onOpen: () => void }) {
  const { said, left, over } = loadWords(day.load);
  return (
    <View className="gap-1">
      <Pressable
        role="button"
        onPress={onOpen}
        className="min-h-[44px] flex-row flex-wrap items-baseline gap-x-3 pt-2"
      >
        <Heading level={2}>
          {isToday ? 'Today, ' : ''}
          {dateWords(day.date)}
        </Heading>
        <Words size="xs" tone={over ? 'brick' : 'soft'}>
          {[said, left].filter(Boolean).join(', ')}
        </Words>
      </Pressable>
      {day.lines.map((line) => (
        <Line key={keyOf(line)} line={line} />
      ))}
    </View>
  );
}

const keyOf = (line: DayLine): string => {
  if ('event' in line) return line.event.id;
  if (line.kind === 'block') return `block ${line.block.id}`;
  return `${line.kind} ${line.task.id}`;
};

function Line({ line }: { line: DayLine }) {
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  const taskHue = useHue('task' in line ? line.task : undefined);
  const hours = (from: number, to: number) =>
    `${clockWords(from, session.zone, clock)} – ${clockWords(to, session.zone, clock)}`;
  const isEvent = 'event' in line;
  const hue = isEvent ? `hue-${hueOfEvent(line.event, workspace)}` : taskHue;
  const when = {
    allDay: () => 'all day',
    meeting: () => (isEvent ? hours(line.event.from, line.event.to) : ''),
    block: () =>
      line.kind === 'block' ? hours(line.block.start, line.block.start + line.block.minutes * 60_000) : '',
    tray: () => 'tray',
    due: () => (line.kind === 'due' && line.task.due?.time ? `due ${line.task.due.time}` : 'due'),
  }[line.kind]();
  const open = () => {
    if (isEvent) openSheet({ kind: 'meeting', meeting: line.event });
    else if (line.kind === 'block') openSheet({ kind: 'task', id: line.task.id, blockId: line.block.id });
    else openSheet({ kind: 'task', id: line.task.id });
  };
  const title = isEvent ? line.event.title : line.task.title;
  const note = isEvent
    ? line.event.location
    : line.kind !== 'block' && line.task.estimate !== null
      ? durationWords(line.task.estimate)
      : '';
  const done = !isEvent && line.task.doneAt !== null;
  const look = isEvent
    ? `border ${line.event.busy ? 'cut-corner border-edge' : 'border-dashed border-edge'} bg-surface`
    : `rounded-r-lg ${done ? 'border border-line bg-surface' : 'bg-fill'}`;
  return (
    <Pressable
      role="button"
      onPress={open}
      className={`${hue} min-h-[44px] flex-row items-center gap-3 overflow-hidden pl-3 pr-4 ${look}`}
    >
      {!isEvent && <EdgeMark />}
      <View className="w-28">
        <Words size="xs" face="mono" tone={line.kind === 'due' ? 'brick' : 'soft'}>
          {when}
        </Words>
      </View>
      <View className="flex-1">
        <Words face="strong" tone={done ? 'soft' : 'ink'} numberOfLines={1}>
          {title}
          {done ? ' · done' : ''}
        </Words>
      </View>
      {note !== '' && (
        <Words size="xs" tone="soft" numberOfLines={1}>
          {note}
        </Words>
      )}
    </Pressable>
  );
}
