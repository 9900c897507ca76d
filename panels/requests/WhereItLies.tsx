import { View } from 'react-native';
import { EdgeMark } from '@/board/marks';
import { Ruler, useRulerWidth } from '@/board/strip/Ruler';
import { scaleOf } from '@/board/strip/scale';
import type { Occurrence } from '@/core/calendar/occurrences';
import { zonesOn } from '@/core/frame/zones';
import type { Workspace } from '@/core/model/workspace';
import { dayPlan } from '@/core/plan/dayPlan';
import { shareWidth } from '@/core/plan/lanes';
import { hueOfEvent, hueOfTask } from '@/core/plan/lens';
import { timedThings, titleOfThing, type Timed } from '@/core/plan/things';
import { clip, MINUTE, overlaps } from '@/core/time/span';
import { dateWords } from '@/core/time/words';
import { dateOf, dayOf } from '@/core/time/zone';
import { useMoment } from '@/ui/clock';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';

const HOUR = 60 * MINUTE;
const PER_HOUR = forText(44);
/** A card is at least this high, so that it can be read. */
const LEAST = forText(18);
/** What is shown before and after it, and above the first hour for its name. */
const AROUND = 90 * MINUTE;
const EDGE = 10;

type Props = {
  /** The data with the meeting in it. */
  readonly workspace: Workspace;
  readonly meeting: Occurrence;
};

/** The hours around a meeting that is asked for, with what stands there: it as solid as the rest, with an edge of its own. */
export function WhereItLies({ workspace, meeting }: Props) {
  const { zone, now } = useMoment();
  const date = dateOf(meeting.from, zone);
  const day = dayOf(date, zone);
  const scale = scaleOf(day, PER_HOUR);
  const floor = (instant: number) => day.from + Math.floor((instant - day.from) / HOUR) * HOUR;
  const from = Math.max(day.from, floor(meeting.from - AROUND));
  const to = Math.min(day.to, floor(Math.min(meeting.to, day.to) + AROUND + HOUR - 1));
  const shown = { from, to };
  const things = timedThings(dayPlan(workspace, date, zone), workspace).filter((thing) =>
    overlaps(thing, shown),
  );
  const long = things.map((thing) => ({
    ...thing,
    to: Math.max(thing.to, thing.from + (LEAST / PER_HOUR) * HOUR),
  }));
  const left = useRulerWidth();
  return (
    <View
      role="img"
      aria-label={`${dateWords(date, workspace.settings)} around it: ${things.map(titleOfThing).join(', ')}`}
      className="overflow-hidden rounded-lg border border-line bg-surface"
      style={{ height: scale.over(shown).height + 2 * EDGE }}
    >
      <View aria-hidden style={{ height: scale.height, marginTop: EDGE - scale.y(from) }}>
        <Ruler scale={scale} clock={workspace.settings.clock} />
        <View className="absolute bottom-0 right-1 top-0" style={{ left: left + 4 }}>
          {zonesOn(workspace, date, zone).flatMap(({ zone: one, spans }) =>
            spans
              .filter((span) => overlaps(span, shown))
              .map((span) => clip(shown, span))
              .map((span) => (
                <View
                  key={`${one.id} ${span.from}`}
                  className={`absolute left-0 right-0 items-end px-1 ${one.openness === 'guarded' ? 'hatch-quiet' : ''}`}
                  style={scale.over(span)}
                >
                  <Words size="xs" tone="soft" numberOfLines={1}>
                    {one.name}
                  </Words>
                </View>
              )),
          )}
          {shareWidth(long).map(({ item, lane, lanes }) => {
            const { top, height } = scale.over(item);
            const isIt = item.kind !== 'block' && item.event.id === meeting.id;
            return (
              <Card
                key={item.kind === 'block' ? item.block.id : item.event.id}
                thing={item}
                isIt={isIt}
                hue={
                  item.kind === 'block'
                    ? hueOfTask(item.task, workspace, zone, now)
                    : hueOfEvent(item.event, workspace)
                }
                at={{
                  top: top + 1,
                  height: height - 2,
                  left: `${(100 * lane) / lanes}%`,
                  width: `${100 / lanes}%`,
                }}
              />
            );
          })}
        </View>
      </View>
    </View>
  );
}

type CardProps = {
  thing: Timed;
  isIt: boolean;
  hue: string;
  at: { top: number; height: number; left: `${number}%`; width: `${number}%` };
};

function Card({ thing, isIt, hue, at }: CardProps) {
  const isBlock = thing.kind === 'block';
  const others = !isBlock && !thing.event.busy ? 'border-dashed' : '';
  const look = isBlock
    ? 'rounded-r-lg border border-transparent bg-fill'
    : `cut-corner border border-edge bg-surface ${others}`;
  return (
    <View
      className={`hue-${hue} absolute justify-center overflow-hidden pl-3 pr-1 ${isIt ? 'cut-corner border-2 border-pine bg-surface' : look}`}
      style={at}
    >
      {isBlock && <EdgeMark />}
      <Words size="xs" face="strong" numberOfLines={1}>
        {titleOfThing(thing)}
      </Words>
    </View>
  );
}
