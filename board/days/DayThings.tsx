import { Fragment } from 'react';
import { Pressable, View } from 'react-native';
import { headsOf } from '@/core/frame/heads';
import { keyOfThing, titleOfThing, type DayList, type Thing } from '@/core/plan/things';
import type { Drift } from '@/core/plan/sinceSeal';
import { hueOfEvent } from '@/core/plan/lens';
import { clockWords, durationWords, timeWords, type ClockStyle } from '@/core/time/words';
import type { Zone } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { KeystoneMark, useIsKeystone } from '../KeystoneMark';
import { EdgeMark } from '../marks';
import { openPanel } from '@/ui/panels';
import { DriftMark } from '../seal/DriftMark';
import { useDrift } from '../seal/useDrift';
import { TickBox, useHue } from '../taskParts';
import { useHold } from '@/ui/useHold';
import { useWide } from '@/ui/useWide';
import { ZoneHead } from './ZoneHead';
import { movedByKeys } from './moveThing';
import { openThing, placeOfThing } from './openThing';
import { Words } from '@/ui/Words';

/** What a day holds, line by line, under the zones in which it lies. */
export function DayThings({ day }: { day: DayList }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  // what has no hour lies in no zone
  const spans = day.things.map((thing) => ('from' in thing ? thing : null));
  const heads = workspace.settings.showZones ? headsOf(workspace, spans, zone) : [];
  return (
    <View className="gap-1">
      {day.things.map((thing, i) => {
        const head = heads[i];
        return (
          <Fragment key={keyOfThing(thing)}>
            {head && <ZoneHead head={head} />}
            <Line thing={thing} date={day.date} />
          </Fragment>
        );
      })}
    </View>
  );
}

/** When a thing of a day is, in words. */
function whenWords(thing: Thing, zone: Zone, clock: ClockStyle): string {
  switch (thing.kind) {
    case 'meeting':
    case 'block':
      return `${clockWords(thing.from, zone, clock)} – ${clockWords(thing.to, zone, clock)}`;
    case 'allDay':
      return 'all day';
    case 'tray':
      return 'tray';
    case 'note':
      return 'note';
    case 'due':
      return thing.task.due?.time ? `due ${timeWords(thing.task.due.time, clock)}` : 'due';
  }
}

/** What of a day a seal tells apart, and its id; what is due has no place. */
function placedAs(thing: Thing): [Drift['what'], string] {
  if ('event' in thing) return ['meeting', thing.event.id];
  return thing.kind === 'block'
    ? ['block', thing.block.id]
    : ['tray', thing.kind === 'tray' ? thing.item.id : ''];
}

function Line({ thing, date }: { thing: Thing; date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const wide = useWide();
  const taskHue = useHue('task' in thing ? thing.task : undefined);
  const task = 'task' in thing ? thing.task : undefined;
  const drift = useDrift(...placedAs(thing), date);
  const isKeystone = useIsKeystone(task?.id, date);
  const event = 'event' in thing ? thing.event : undefined;
  const hold = useHold(
    wide || !task ? undefined : () => openPanel({ kind: 'actions', taskId: task.id, ...placeOfThing(thing) }),
  );
  const hue = event ? `hue-${hueOfEvent(event, workspace)}` : taskHue;
  const estimate =
    thing.kind === 'block' || !task || task.estimate === null ? '' : durationWords(task.estimate);
  const note = event ? event.location : estimate;
  const done = task !== undefined && task.doneAt !== null;
  const look = event
    ? `border ${event.busy ? 'cut-corner border-edge' : 'border-dashed border-edge'} bg-surface`
    : `rounded-r-lg ${done ? 'border border-line bg-surface' : 'bg-fill'}`;
  return (
    <View {...movedByKeys(thing)} className={`${hue} flex-row items-center overflow-hidden ${look}`}>
      {task && <EdgeMark />}
      <Pressable
        role="button"
        onPress={() => openThing(thing)}
        {...hold}
        className="min-h-[44px] flex-1 flex-row items-center gap-3 pl-3 pr-2"
      >
        <View className="w-28">
          <Words size="xs" face="mono" tone={thing.kind === 'due' ? 'brick' : 'soft'}>
            {whenWords(thing, zone, workspace.settings.clock)}
          </Words>
        </View>
        {isKeystone && <KeystoneMark />}
        {drift && <DriftMark change={drift.change} />}
        <View className="flex-1">
          <Words face="strong" tone={done ? 'soft' : 'ink'} numberOfLines={1}>
            {titleOfThing(thing)}
            {done ? ' · done' : ''}
          </Words>
          {drift && <Words className="sr-only">{drift.words}</Words>}
        </View>
        {note !== '' && (
          <Words size="xs" tone="soft" numberOfLines={1}>
            {note}
          </Words>
        )}
      </Pressable>
      {task && <TickBox task={task} />}
    </View>
  );
}
