import { useRef, type RefObject } from 'react';
import { Pressable, View } from 'react-native';
import { EdgeMark } from '@/board/marks';
import { hueOfTask } from '@/core/plan/lens';
import { snap } from '@/core/plan/placing';
import { titleOfThing } from '@/core/plan/things';
import { takingTime, type DayRecord } from '@/core/review/record';
import { subjectTitle, taskOf } from '@/core/tasks/places';
import { MINUTE, lengthOf, minutesOf, type Span } from '@/core/time/span';
import { clockWords, durationWords, hourWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import { entriesIn } from '@/core/track/entries';
import { spanOfEntry } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { elementOf, webProps } from '@/ui/dom';
import { followPointer } from '@/ui/followPointer';
import { Words } from '@/ui/Words';

const doubtWords = { open: 'not recorded', double: 'twice', long: 'ran on' } as const;

const HOUR = 60 * MINUTE;
const PIXELS = 52;
const STEP = 5;

type Props = {
  date: string;
  record: DayRecord;
  chosen: Span | undefined;
  onChoose: (span: Span) => void;
  /** An end of the chosen stretch is dragged. */
  onPart: (span: Span) => void;
};

/** What was planned and what happened, side by side on one scale; what is open has a dashed outline. */
export function RecordStrip({ date, record, chosen, onChoose, onPart }: Props) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const { clock } = workspace.settings;
  const day = dayOf(date, zone);
  const planned = takingTime(workspace, date, zone);
  const entries = entriesIn(workspace.entries, day, now);
  const lane = useRef<View>(null);
  const all = [...record.asked, ...planned];
  if (all.length === 0) return null;
  const first = Math.max(day.from, hourBefore(Math.min(...all.map(({ from }) => from)), day));
  const last = Math.min(day.to, Math.max(...all.map(({ to }) => to)));
  const y = (instant: number) => ((Math.min(Math.max(instant, first), last) - first) / HOUR) * PIXELS;
  const box = ({ from, to }: Span) => ({ top: y(from), height: Math.max(18, y(to) - y(from) - 1) });
  const hours = Array.from({ length: Math.ceil((last - first) / HOUR) }, (_, i) => first + i * HOUR);
  const hoursOf = ({ from, to }: Span) => `${clockWords(from, zone, clock)} – ${clockWords(to, zone, clock)}`;
  const length = (span: Span) => durationWords(minutesOf([span]));
  return (
    <View className="gap-1">
      <View className="flex-row pl-12">
        {['planned', 'what happened'].map((name) => (
          <View key={name} className="flex-1">
            <Words size="xs" tone="soft">
              {name}
            </Words>
          </View>
        ))}
      </View>
      <View className="flex-row border-t border-line pt-2" style={{ height: y(last) + 12 }}>
        <View className="w-12">
          {hours.map((hour) => (
            <View key={hour} className="absolute flex-row items-center gap-1" style={{ top: y(hour) - 10 }}>
              <Words size="xs" face="mono" tone="soft">
                {hourWords(hour, zone, clock)}
              </Words>
              <View className="h-px w-3 bg-line" />
            </View>
          ))}
        </View>
        <View role="list" aria-label="What was planned" className="flex-1 pr-1">
          <View className="flex-1">
            {planned.map((thing) => (
              <View
                key={`${thing.kind} ${thing.from} ${titleOfThing(thing)}`}
                role="listitem"
                aria-label={`${titleOfThing(thing)}, ${hoursOf(thing)}, ${length(thing)}`}
                className={`hue-${thing.kind === 'block' ? hueOfTask(thing.task, workspace, zone, now) : 'slate'} absolute left-0 right-0 overflow-hidden pl-2.5 pr-2 ${thing.kind === 'block' ? 'rounded-r-lg bg-fill' : 'cut-corner border border-edge bg-surface'}`}
                style={box(thing)}
              >
                {thing.kind === 'block' && <EdgeMark />}
                <Words size="xs" face="strong" numberOfLines={1}>
                  {titleOfThing(thing)}
                </Words>
              </View>
            ))}
          </View>
        </View>
        <View role="group" aria-label="Hours of what happened" className="flex-1 border-l border-line pl-1">
          <View ref={lane} className="flex-1">
            {entries.map((entry) => {
              const span = spanOfEntry(entry, now);
              const task =
                entry.subject.kind === 'task' ? taskOf(workspace, entry.subject.taskId) : undefined;
              const title = subjectTitle(entry.subject, workspace);
              const loose = entry.subject.kind === 'other';
              const hue = task ? hueOfTask(task, workspace, zone, now) : loose ? 'berry' : 'slate';
              const words = `${title} ${length(span)}`;
              return (
                <Pressable
                  key={entry.id}
                  role="button"
                  aria-label={`${words}, ${hoursOf(span)}${entry.mended ? ', put in afterwards' : ''}: change it`}
                  onPress={() => onChoose(span)}
                  className={`hue-${hue} absolute left-0 right-0 overflow-hidden px-2 ${loose ? 'border-2 border-dotted border-edge bg-surface' : 'border-l-4 border-edge bg-fill'} ${entry.mended ? 'border-dashed' : ''}`}
                  style={box(span)}
                >
                  <Words size="xs" face="strong" numberOfLines={1}>
                    {words}
                  </Words>
                </Pressable>
              );
            })}
            {record.doubts.map((doubt) => (
              <Pressable
                key={`${doubt.kind} ${doubt.from}`}
                role="button"
                aria-label={`${length(doubt)} ${doubtWords[doubt.kind]}, ${hoursOf(doubt)}`}
                onPress={() => onChoose(doubt)}
                className={`absolute left-0 right-0 overflow-hidden border-2 border-dashed px-2 ${doubt.kind === 'open' ? 'border-pine bg-surface' : 'border-brick bg-surface'}`}
                style={box(doubt)}
              >
                <Words
                  size="xs"
                  face="strong"
                  tone={doubt.kind === 'open' ? 'pine' : 'brick'}
                  numberOfLines={1}
                >
                  {durationWords(Math.round(lengthOf(doubt)))} {doubtWords[doubt.kind]}
                </Words>
              </Pressable>
            ))}
            {chosen && <Chosen span={chosen} lane={lane} box={box(chosen)} day={day} onPart={onPart} />}
          </View>
        </View>
      </View>
    </View>
  );
}

/** The full hour of a day at or before an instant. */
const hourBefore = (instant: number, day: Span): number =>
  day.from + Math.floor((instant - day.from) / HOUR) * HOUR;

type ChosenProps = {
  span: Span;
  lane: RefObject<View | null>;
  box: { top: number; height: number };
  day: Span;
  onPart: (span: Span) => void;
};

/** The stretch that is decided on, framed; its ends can be dragged, in steps of five minutes. */
function Chosen({ span, lane, box, day, onPart }: ChosenProps) {
  const follow =
    (end: 'from' | 'to') =>
    ({ nativeEvent: down }: { nativeEvent: PointerEvent }) => {
      const element = elementOf(lane.current);
      if (!element) return;
      const move = (event: PointerEvent) => {
        const at = span[end] + ((event.clientY - down.clientY) / PIXELS) * HOUR;
        const changed = { ...span, [end]: snap(at, day.from, STEP) };
        if (lengthOf(changed) >= STEP) onPart(changed);
      };
      followPointer(down, { element, onMove: move, onEnd: move });
    };
  return (
    <View
      aria-hidden
      className="absolute -left-1 -right-1 border-2 border-amber"
      style={{ ...box, pointerEvents: 'box-none' }}
    >
      {(['from', 'to'] as const).map((end) => (
        <View
          key={end}
          className={`absolute left-0 right-0 h-4 cursor-ns-resize items-center ${end === 'from' ? '-top-2' : '-bottom-2'}`}
          {...webProps({ onPointerDown: follow(end) })}
        >
          <View className={`h-1.5 w-8 rounded-full bg-amber ${end === 'from' ? 'mt-1' : 'mt-1.5'}`} />
        </View>
      ))}
    </View>
  );
}
