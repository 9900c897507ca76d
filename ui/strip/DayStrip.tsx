import { useEffect, useMemo, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Block } from '@/core/model/plan';
import { dayPlan, entriesIn, spanOfBlock } from '@/core/plan/dayPlan';
import { shareWidth } from '@/core/plan/lanes';
import { pockets } from '@/core/plan/placing';
import { MINUTE, lengthOf, subtract, type Span } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { elementOf } from '../dom';
import { useDropArea } from '../drag/areas';
import { Words } from '../Words';
import { ActualLane, LANE_WIDTH } from './ActualLane';
import { BlockCard, MeetingCard, type Box } from './cards';
import { DropGhost } from './DropGhost';
import { hoursOf, NowWedge, Ruler } from './Ruler';
import { scaleOf, type Scale } from './scale';

type Item = Span & ({ readonly meeting: Occurrence } | { readonly block: Block });

/** What is shorter than this is drawn this long, so that it can be read and touched. */
const SHORTEST = 20 * MINUTE;

/** Meetings and blocks as they share the width; each at least as long as can be read. */
const laidOut = (meetings: readonly Occurrence[], blocks: readonly Block[]) =>
  shareWidth<Item>(
    [
      ...meetings.map((meeting): Item => ({ meeting, from: meeting.from, to: meeting.to })),
      ...blocks.map((block): Item => ({ block, ...spanOfBlock(block) })),
    ].map((item) => ({ ...item, to: Math.max(item.to, item.from + SHORTEST) })),
  );

function boxOf({ from, to }: Span, lane: number, lanes: number, scale: Scale): Box {
  const top = scale.y(from) + 1;
  return {
    top,
    height: scale.y(to) - top - 1,
    left: `${(100 * lane) / lanes}%`,
    width: `${100 / lanes - 0.5}%`,
    alone: lanes === 1,
  };
}

/** One day as a strip that gets measured: ruler, plan in the wide lane, what really happened in the narrow one. */
export function DayStrip({
  date,
  now,
  pixelsPerHour = 72,
}: {
  date: string;
  now: number;
  pixelsPerHour?: number;
}) {
  const workspace = useWorkspace();
  const plan = useMemo(() => dayPlan(workspace, date, session.zone), [workspace, date]);
  const scale = useMemo(() => scaleOf(plan.span, pixelsPerHour), [plan.span, pixelsPerHour]);
  const items = useMemo(() => laidOut(plan.meetings, plan.blocks), [plan]);
  const { clock } = workspace.settings;

  const lane = useRef<HTMLElement | null>(null);
  const { attach, attachViewport } = useDropArea(`strip ${date}`, {
    kind: 'strip',
    day: plan.span,
    instantAt: (clientY) => scale.instantAt(clientY - (lane.current?.getBoundingClientRect().top ?? 0)),
  });

  const scroll = useRef<ScrollView>(null);
  const isToday = now >= plan.span.from && now < plan.span.to;
  const first = Math.min(
    plan.working[0]?.from ?? plan.span.from + 9 * 60 * MINUTE,
    items[0]?.item.from ?? Infinity,
  );
  const opensAt = scale.y((isToday ? now - 100 * MINUTE : first) - 20 * MINUTE);
  const shown = useRef('');
  useEffect(() => {
    if (shown.current === date) return;
    shown.current = date;
    scroll.current?.scrollTo({ y: opensAt, animated: false });
  }, [date, opensAt]);

  return (
    <View ref={attachViewport} className="flex-1 bg-surface">
      <ScrollView ref={scroll} tabIndex={0} aria-label="Hours of the day">
        <View ref={attach} className="flex-row" style={{ height: scale.height }}>
          <Ruler scale={scale} clock={clock} />
          <View
            ref={(view) => {
              lane.current = elementOf(view);
            }}
            className="flex-1"
          >
            <Ground working={plan.working} scale={scale} />
            <View className="absolute bottom-0 left-1 top-0" style={{ right: LANE_WIDTH + 6 }}>
              {isToday && <Pockets workspace={workspace} date={date} now={now} scale={scale} />}
              {items.map(({ item, lane: column, lanes }) => {
                const box = boxOf(item, column, lanes, scale);
                return 'block' in item ? (
                  <BlockCard key={item.block.id} block={item.block} box={box} date={date} now={now} />
                ) : (
                  <MeetingCard key={item.meeting.id} meeting={item.meeting} box={box} />
                );
              })}
              <DropGhost scale={scale} />
            </View>
            <ActualLane
              entries={entriesIn(workspace.entries, plan.span, now)}
              planned={new Set(plan.blocks.map(({ taskId }) => taskId))}
              scale={scale}
              now={now}
            />
          </View>
          <NowWedge scale={scale} now={now} clock={clock} />
        </View>
      </ScrollView>
    </View>
  );
}

/** Lines at the hours, and the hours outside the working day sunken. */
function Ground({ working, scale }: { working: readonly Span[]; scale: Scale }) {
  return (
    <View aria-hidden className="absolute inset-0">
      {subtract([scale.day], working).map(({ from, to }) => (
        <View
          key={from}
          className="absolute left-0 right-0 bg-sunken"
          style={{ top: scale.y(from), height: scale.y(to) - scale.y(from) }}
        />
      ))}
      {hoursOf(scale).map((hour) => (
        <View
          key={hour}
          className="absolute left-0 right-0 h-px bg-line opacity-60"
          style={{ top: scale.y(hour) }}
        />
      ))}
    </View>
  );
}

/** The free pockets that are still worth using, by their length. */
function Pockets({
  workspace,
  date,
  now,
  scale,
}: {
  workspace: Parameters<typeof pockets>[0];
  date: string;
  now: number;
  scale: Scale;
}) {
  return pockets(workspace, date, session.zone, now)
    .filter((pocket) => lengthOf(pocket) >= 30)
    .map(({ from, to }) => (
      <View
        key={from}
        aria-hidden
        className="absolute w-full items-center"
        style={{ top: (scale.y(from) + scale.y(to)) / 2 - 8 }}
      >
        <Words size="xs" tone="soft" face="mono">
          {durationWords(lengthOf({ from, to }))} free
        </Words>
      </View>
    ));
}
