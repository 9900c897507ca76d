import { useMemo, useRef, type RefObject } from 'react';
import { Pressable, View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { shareWidth, withCrowds } from '@/core/plan/lanes';
import { seen } from '@/core/plan/lens';
import { barePockets } from '@/core/plan/placing';
import { timedThings, type Timed } from '@/core/plan/things';
import { MINUTE, lengthOf, subtract, type Span } from '@/core/time/span';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { entriesIn } from '@/core/track/entries';
import { useWorkspace } from '@/state/shown';
import { tasksOfBlock } from '@/core/tasks/places';
import { useMoment } from '@/ui/clock';
import { elementOf } from '@/ui/dom';
import { useDropArea } from '../drag/areas';
import { openPanel } from '@/ui/panels';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { ActualLane, LANE_WIDTH, NARROW_LANE_WIDTH } from './ActualLane';
import { BlockCard } from './BlockCard';
import { LEAST_CARD, NARROW, type Box } from './cardParts';
import { CrowdCard } from './CrowdCard';
import { DropGhost } from './DropGhost';
import { MeetingCard } from './MeetingCard';
import { hoursOf } from './Ruler';
import type { Scale } from './scale';
import { useZones, ZoneBands } from './ZoneBands';
import { useAskedHours, useMarkHours } from './useMarkHours';

/** What is shorter than this is drawn this long, so that it can be read and touched; longer where hours are low. */
const SHORTEST = 20 * MINUTE;
const LONGEST_SHORT = 25 * MINUTE;
/** The height of what can be touched (WCAG 2.2, 2.5.8), and what is left free around it. */
const TOUCHED = forText(26);

/** How many share the width of a day at most, and how many do however narrow it is. */
const MOST_LANES = { least: 2, most: 6 };

/** A day this wide has room for the names of its zones. */
const NAMED_ZONES = forText(86);

/** Meetings and blocks as they share the width; each at least as long as can be read. */
function laidOut(things: readonly Timed[], { day, height }: Scale) {
  const touched = (TOUCHED * lengthOf(day) * MINUTE) / height;
  const shortest = Math.max(SHORTEST, Math.min(LONGEST_SHORT, touched));
  return shareWidth(things.map((thing) => ({ ...thing, to: Math.max(thing.to, thing.from + shortest) })));
}

type Room = { readonly pixels: number; readonly several: boolean };

function boxOf(span: Span, lane: number, lanes: number, scale: Scale, room: Room): Box {
  const { top, height } = scale.over(span);
  const pixels = room.pixels / lanes;
  return {
    narrow: room.several || pixels < NARROW,
    sliver: pixels < LEAST_CARD,
    pixels,
    top: top + 1,
    height: height - 2,
    left: `${(100 * lane) / lanes}%`,
    width: `${100 / lanes - 0.5}%`,
    alone: lanes === 1,
  };
}

type Props = {
  date: string;
  now: number;
  scale: Scale;
  /** What is seen of the strip, which may scroll. */
  viewport: RefObject<HTMLElement | null>;
  /** How wide the day is, in pixels. */
  width: number;
  /** No other day stands beside it. */
  alone: boolean;
};

/** The lanes of one day: what is planned in the wide one, what really happened in the narrow one. */
export function DayColumn({ date, now, scale, viewport, width, alone }: Props) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const plan = useMemo(() => seen(dayPlan(workspace, date, zone), workspace), [workspace, date, zone]);
  const { zones, band } = useZones(date, alone ? 'single' : width < NAMED_ZONES ? 'bare' : 'named');
  const actualWidth = alone ? LANE_WIDTH : NARROW_LANE_WIDTH;
  const aside = alone
    ? { left: band + 4, right: actualWidth + 6 }
    : { left: band + 2, right: actualWidth + 2 };
  const pixels = width - aside.left - aside.right;
  const most = Math.min(MOST_LANES.most, Math.max(MOST_LANES.least, Math.floor(pixels / LEAST_CARD)));
  const inside = { pixels, several: !alone };
  const { cards, crowds } = useMemo(
    () => withCrowds(laidOut(timedThings(plan, workspace), scale), most),
    [plan, workspace, scale, most],
  );
  const lane = useRef<HTMLElement | null>(null);
  const room = useRef<HTMLElement | null>(null);
  const marking = useMarkHours(room, scale);
  const marked = useAskedHours(plan.span) ?? marking;
  const { attach } = useDropArea(
    {
      kind: 'strip',
      day: plan.span,
      instantAt: (clientY) => scale.instantAt(clientY - (lane.current?.getBoundingClientRect().top ?? 0)),
    },
    viewport,
  );
  return (
    <View
      ref={(view) => {
        lane.current = elementOf(view);
        attach(view);
      }}
      role="group"
      aria-label={dateWords(date, workspace.settings)}
      className={`flex-1 ${alone ? '' : 'beside-others border-l border-line'}`}
      style={{ height: scale.height }}
    >
      <Ground working={plan.working} scale={scale} taken={plan.allDay.some(({ busy }) => busy)} />
      <ZoneBands zones={zones} band={band} scale={scale} single={alone} />
      {plan.buffers.map((span) => (
        <View
          key={span.from}
          aria-hidden
          className={`hatch-quiet absolute right-0 ${band > 0 ? 'after-bands' : ''}`}
          style={{ left: band, ...scale.over(span) }}
        />
      ))}
      <View
        className={`absolute bottom-0 top-0 ${band > 0 ? 'after-bands' : ''}`}
        style={aside}
        ref={(view) => {
          room.current = elementOf(view);
        }}
      >
        {marked && (
          <View
            aria-hidden
            className="absolute left-0 right-0 border-2 border-dashed border-pine bg-surface"
            style={{ ...scale.over(marked), minHeight: 2 }}
          />
        )}
        {alone && <Pockets date={date} now={now} scale={scale} drawn={plan.meetings} />}
        {cards.map(({ item, lane: column, lanes }) => {
          const box = boxOf(item, column, lanes, scale, inside);
          return item.kind === 'block' ? (
            <BlockCard
              key={item.block.id}
              block={item.block}
              box={box}
              date={date}
              now={now}
              viewport={viewport}
            />
          ) : (
            <MeetingCard key={item.event.id} meeting={item.event} box={box} />
          );
        })}
        {crowds.map((crowd) => (
          <CrowdCard
            key={crowd.from}
            crowd={crowd}
            box={boxOf(crowd, crowd.lane, crowd.lanes, scale, inside)}
          />
        ))}
        <DropGhost scale={scale} />
      </View>
      <ActualLane
        entries={entriesIn(workspace.entries, plan.span, now)}
        planned={new Set(plan.blocks.flatMap(tasksOfBlock))}
        scale={scale}
        now={now}
        width={actualWidth}
      />
    </View>
  );
}

/** Lines at the hours; what lies outside the working day is sunken, and all of a day that an event takes whole. */
function Ground({ working, scale, taken }: { working: readonly Span[]; scale: Scale; taken: boolean }) {
  return (
    <View aria-hidden className="absolute inset-0">
      {subtract([scale.day], taken ? [] : working).map((span) => (
        <View key={span.from} className="absolute left-0 right-0 bg-sunken" style={scale.over(span)} />
      ))}
      {hoursOf(scale).map((hour) => (
        <View
          key={hour}
          className="absolute left-0 right-0 h-px bg-line-faint"
          style={{ top: scale.y(hour) }}
        />
      ))}
    </View>
  );
}

type PocketsProps = { date: string; now: number; scale: Scale; drawn: readonly Span[] };

/** The free pockets that are still worth using, by their length, where nothing is `drawn` that takes no time; each opens what fits. */
function Pockets({ date, now, scale, drawn }: PocketsProps) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const at = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  return barePockets(workspace, date, drawn, zone, now)
    .filter(({ pocket, bare }) => lengthOf(pocket) >= 30 && lengthOf(bare) >= 20)
    .map(({ pocket, bare }) => (
      <View
        key={pocket.from}
        className="not-printed absolute w-full items-center justify-center"
        style={{ ...scale.over(bare), pointerEvents: 'none' }}
      >
        <Pressable
          role="button"
          onPress={() => openPanel({ kind: 'freed', freed: [pocket] })}
          style={{ pointerEvents: 'auto' }}
          className="max-h-full min-h-[44px] flex-row items-center gap-2.5 rounded-lg px-3 hover:bg-surface"
        >
          <Words size="xs" tone="soft" face="mono">
            {durationWords(lengthOf(pocket))} free
          </Words>
          <Words className="sr-only">
            , {at(pocket.from)} – {at(pocket.to)},{' '}
          </Words>
          <Words size="xs" tone="pine" face="strong">
            what fits…
          </Words>
        </Pressable>
      </View>
    ));
}
