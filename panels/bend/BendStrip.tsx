import { View } from 'react-native';
import { EdgeMark } from '@/board/marks';
import { NowWedge, Ruler, useRulerWidth } from '@/board/strip/Ruler';
import { scaleOf, type Scale } from '@/board/strip/scale';
import { dayPlan } from '@/core/plan/dayPlan';
import { runningStretch } from '@/core/plan/bend/late';
import type { BendProposal } from '@/core/plan/bend/proposal';
import { closedZones } from '@/core/plan/bend/reflow';
import { shareWidth, type Placed } from '@/core/plan/lanes';
import { hueOfEvent, hueOfTask } from '@/core/plan/lens';
import { timedThings, titleOfThing, type Timed } from '@/core/plan/things';
import { spanOfBlock } from '@/core/tasks/places';
import { MINUTE, type Span } from '@/core/time/span';
import { clockWords } from '@/core/time/words';
import { dateOf, dayOf } from '@/core/time/zone';
import { useMoment } from '@/ui/clock';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';

const HOUR = 60 * MINUTE;
const PER_HOUR = forText(60);
/** A card is at least this high, so that it can be read. */
const LEAST = forText(18);
/** What is left above the first hour and below the last, for their names. */
const EDGE = 10;

/** The full hours around all stretches of a day. */
function hoursAround(spans: readonly Span[], day: Span): Span {
  const first = Math.min(...spans.map(({ from }) => from));
  const last = Math.max(...spans.map(({ to }) => to));
  const hour = (instant: number, round: (hours: number) => number) =>
    day.from + round((instant - day.from) / HOUR) * HOUR;
  return { from: Math.max(day.from, hour(first, Math.floor)), to: Math.min(day.to, hour(last, Math.ceil)) };
}

type Props = {
  readonly date: string;
  readonly proposal: BendProposal;
  /** What is to be kept free, if anything. */
  readonly room: Span | undefined;
};

/** The rest of a day as it would be: what moves in its new hours, where it stood dashed behind, what is fixed outlined. */
export function BendStrip({ date, proposal, room }: Props) {
  const { zone, now } = useMoment();
  const { after, moved, over } = proposal;
  const day = dayOf(date, zone);
  const scale = scaleOf(day, PER_HOUR);
  const plan = dayPlan(after, date, zone);
  const before = [...moved, ...over].map(({ block }) => spanOfBlock(block));
  const isToday = dateOf(now, zone) === date;
  const present = isToday ? [{ from: now, to: now }] : [];
  const changed = [...before, ...moved.map(spanOfBlock), ...(room ? [room] : []), ...present];
  const start = hoursAround(changed.length > 0 ? changed : [day], day).from;
  const things = timedThings(plan, after).filter(({ to }) => to > start);
  const { from, to } = hoursAround([...changed, ...things, { from: start, to: start }], day);
  const running = runningStretch(after, zone, now);
  const runs = (thing: Timed) => thing.kind === 'block' && thing.block.id === running?.block?.id;
  const shown = things.map((thing) => ({
    ...thing,
    to: Math.max(
      ...[thing.to, thing.from + (LEAST / PER_HOUR) * HOUR],
      ...(running && runs(thing) ? [running.span.to] : []),
    ),
  }));
  const left = useRulerWidth();
  return (
    <View
      role="img"
      aria-label="The rest of the day as it would be; the list below says the same"
      className="overflow-hidden rounded-lg border border-line bg-surface"
      style={{ height: scale.over({ from, to }).height + 2 * EDGE }}
    >
      <View aria-hidden style={{ height: scale.height, marginTop: EDGE - scale.y(from) }}>
        <Ruler scale={scale} clock={after.settings.clock} />
        <View className="absolute bottom-0 right-1 top-0" style={{ left: left + 4 }}>
          {closedZones(after, date, zone).flatMap(({ zone: one, spans }) =>
            spans.map((span) => (
              <Closed key={`${one.id} ${span.from}`} name={one.name} at={scale.over(span)} />
            )),
          )}
          {room && <Closed name="Kept free" at={scale.over(room)} />}
          {before.map((span) => (
            <View
              key={`${span.from} ${span.to}`}
              className="absolute left-0 right-0 rounded-r-lg border border-dashed border-ink-soft"
              style={scale.over(span)}
            />
          ))}
          {shareWidth(shown).map((placed) => (
            <Card
              key={keyOf(placed.item)}
              placed={placed}
              scale={scale}
              proposal={proposal}
              runsUntil={runs(placed.item) ? running?.span.to : undefined}
            />
          ))}
        </View>
        {isToday && <NowWedge scale={scale} now={now} clock={after.settings.clock} />}
      </View>
    </View>
  );
}

const keyOf = (thing: Timed): string => (thing.kind === 'block' ? thing.block.id : thing.event.id);

/** A zone that what moves goes around. */
const Closed = ({ name, at }: { name: string; at: { top: number; height: number } }) => (
  <View className="hatch-quiet absolute left-0 right-0 justify-end px-2" style={at}>
    {at.height >= LEAST && (
      <Words size="xs" tone="soft" numberOfLines={1}>
        {name}
      </Words>
    )}
  </View>
);

type CardProps = {
  placed: Placed<Timed>;
  scale: Scale;
  proposal: BendProposal;
  /** When it is expected to end, if the timer runs on it (epoch ms). */
  runsUntil: number | undefined;
};

function Card({ placed: { item, lane, lanes }, scale, proposal, runsUntil }: CardProps) {
  const { zone, now } = useMoment();
  const { after, moved } = proposal;
  const { top, height } = scale.over(item);
  const clock = (instant: number) => clockWords(instant, zone, after.settings.clock);
  const isBlock = item.kind === 'block';
  const shift = isBlock ? moved.find(({ block }) => block.id === item.block.id) : undefined;
  const hue = isBlock ? hueOfTask(item.task, after, zone, now) : hueOfEvent(item.event, after);
  const ofBlock = runsUntil !== undefined ? 'border-amber bg-surface' : 'border-transparent bg-fill';
  const ofMeeting = !isBlock && !item.event.busy ? 'border-dashed' : '';
  const look = isBlock ? `rounded-r-lg ${ofBlock}` : `cut-corner border-edge bg-surface ${ofMeeting}`;
  const fixed = isBlock ? item.block.pinned && 'pinned' : item.event.busy && 'fixed';
  const about = [
    shift ? clock(shift.start) : '',
    runsUntil === undefined ? '' : `runs until ${clock(runsUntil)}`,
    fixed || '',
  ]
    .filter(Boolean)
    .join(' · ');
  return (
    <View
      className={`hue-${hue} absolute justify-center overflow-hidden border pl-3 pr-1 ${look}`}
      style={{
        top: top + 1,
        height: height - 2,
        left: `${(100 * lane) / lanes}%`,
        width: `${100 / lanes}%`,
      }}
    >
      {isBlock && <EdgeMark />}
      <Words size="xs" face="strong" numberOfLines={1}>
        {titleOfThing(item)}
        {about !== '' && (
          <Words size="xs" tone={shift ? 'ink' : 'soft'}>
            {' '}
            · {about}
          </Words>
        )}
      </Words>
    </View>
  );
}
