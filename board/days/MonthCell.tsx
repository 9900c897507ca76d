import { Pressable, View } from 'react-native';
import { keyOfThing, titleOfThing, type DayList, type Thing } from '@/core/plan/things';
import { clockWords, dateWords, dayOfMonth } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
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
import { KeystoneMark, useIsKeystone } from '../KeystoneMark';
import { LoadBar, loadWords } from '../LoadMeasure';
import { movedByKeys } from './moveThing';
import { ZoneStrip } from '../strip/ZoneBands';
import { TickBox } from '../taskParts';
import { openThing } from './openThing';

type CellProps = {
  day: DayList;
  /** How many lines it has room for; the day itself has all. */
  lines: number;
  inMonth: boolean;
  isToday: boolean;
  onOpen: () => void;
};

/** A day of the month: its load, and as much of what it holds as there is room for. */
export function MonthCell({ day, lines, inMonth, isToday, onOpen }: CellProps) {
  const { date, load, things } = day;
  const { settings } = useWorkspace();
  const wide = useWide();
  const { attach } = useDropArea({ kind: 'tray', date, keepsHours: true });
  const aimed = useDrag((state) => aimsAtDay(state, date));
  const { words, left } = loadWords(load);
  const room = things.length > lines ? lines - 1 : lines;
  const shown = wide ? things.slice(0, room) : [];
  const due = things.filter(({ kind }) => kind === 'due').length;
  const hidden = things.slice(shown.length);
  const rest = hidden.length;
  const taken = things.some((thing) => thing.kind === 'allDay' && thing.event.busy);
  return (
    <View
      ref={attach}
      role="group"
      aria-label={dateWords(date, settings)}
      className={`flex-1 border-r ${aimed ? 'border border-pine bg-surface' : `border-line ${taken ? 'bg-sunken' : inMonth ? 'bg-surface' : ''}`}`}
    >
      <Pressable role="button" onPress={onOpen} className="absolute inset-0 hover:bg-ground">
        <Words className="sr-only">
          {[dayOfMonth(date), isToday ? 'today' : '', words, left, ...hidden.map(textOf)]
            .filter(Boolean)
            .join(', ')}
        </Words>
      </Pressable>
      <View className={`pointer-events-none flex-1 overflow-hidden pt-1 ${wide ? 'px-1' : 'px-0.5'}`}>
        <View aria-hidden className="gap-0.5 pb-0.5">
          <Words
            face={isToday || inMonth ? 'strong' : 'text'}
            tone={isToday ? 'amber' : inMonth ? 'ink' : 'soft'}
            size={isToday && wide ? 'base' : 'sm'}
            className="whitespace-nowrap"
          >
            {dayOfMonth(date)}
          </Words>
          {(load.capacity > 0 || load.planned > 0) && <LoadBar load={load} height={6} />}
          <ZoneStrip date={date} />
        </View>
        {shown.map((thing) => (
          <CellLine key={keyOfThing(thing)} thing={thing} date={date} />
        ))}
        <View aria-hidden>
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
        </View>
      </View>
    </View>
  );
}

const textOf = (thing: Thing): string =>
  thing.kind === 'due' || thing.kind === 'note'
    ? `${thing.kind}: ${titleOfThing(thing)}`
    : titleOfThing(thing);

/** What goes to another day when the line is dragged: a task that is only due gets a place there; a note stays. */
function draggedOf(thing: Thing): Dragged | null {
  if (thing.kind === 'note') return null;
  if ('event' in thing) return movingEvent(thing.event);
  if (thing.kind === 'block') return movingBlock(thing.block);
  return thing.kind === 'tray' ? movingTrayItem(thing.item, thing.task) : movingTask(thing.task);
}

function CellLine({ thing, date }: { thing: Thing; date: string }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const isKeystone = useIsKeystone('task' in thing ? thing.task.id : undefined, date);
  const dragged = draggedOf(thing);
  const planned = thing.kind === 'block' || thing.kind === 'tray';
  return (
    <View
      {...(dragged ? pressable(dragged) : {})}
      {...movedByKeys(thing)}
      className={`pointer-events-auto h-6 shrink-0 ${dragged ? 'cursor-grab' : ''} touch-manipulation select-none flex-row items-center hover:bg-ground`}
    >
      {'task' in thing && <TickBox task={thing.task} small />}
      {isKeystone && <KeystoneMark />}
      <Pressable
        role="button"
        onPress={() => openThing(thing)}
        className="min-h-[24px] flex-1 justify-center"
      >
        <Words
          size="xs"
          tone={
            thing.kind === 'note' || ('task' in thing && thing.task.doneAt !== null)
              ? 'soft'
              : thing.kind === 'due'
                ? 'brick'
                : 'ink'
          }
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
      </Pressable>
    </View>
  );
}
