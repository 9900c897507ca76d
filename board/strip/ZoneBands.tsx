import { Pressable, View } from 'react-native';
import { takesWork } from '@/core/frame/belonging';
import { hueOfZone, isPlainWork, traitsOf } from '@/core/frame/looks';
import { zonesOn, type ZoneOnDay } from '@/core/frame/zones';
import type { Span } from '@/core/time/span';
import { clockWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import type { FrameZone } from '@/core/model/frame';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { useDrag } from '../drag/dragStore';
import type { Scale } from './scale';

/** How wide the band with the names is: where there is room for words, and where there is not. */
const BAND = { single: 20, named: 16, bare: 4 };

/** A stretch has to be this high (pixels) to bear its name upright. */
const NAMED = 30;

/** The zones of a day that are drawn, and how wide their band is; none while they are hidden. */
export function useZones(
  date: string,
  room: keyof typeof BAND,
): { zones: readonly ZoneOnDay[]; band: number } {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  if (!workspace.settings.showZones) return { zones: [], band: 0 };
  const zones = zonesOn(workspace, date, zone).filter((one) => one.change || !isPlainWork(one.zone));
  return { zones, band: zones.length === 0 ? 0 : BAND[room] };
}

type Props = { zones: readonly ZoneOnDay[]; band: number; scale: Scale; single: boolean };

/** The zones of a day, quietly behind everything: a tint, and a band along the ruler that bears their names. */
export const ZoneBands = ({ zones, band, scale, single }: Props) => (
  <>
    {zones.flatMap((one) =>
      one.spans.map((span) => (
        <Stretch key={`${one.zone.id} ${span.from}`} {...{ one, span, band, scale, single }} />
      )),
    )}
    {zones
      .filter(({ change }) => change?.off)
      .map((one) => (
        <Off key={one.zone.id} {...{ one, band, scale }} />
      ))}
  </>
);

/** Whether a task that belongs in a zone is held over a stretch of it. */
function isAimedAt(
  { dragged, target }: ReturnType<typeof useDrag.getState>,
  zone: FrameZone,
  span: Span,
): boolean {
  if (target?.kind !== 'hours' || target.start < span.from || target.start >= span.to) return false;
  const task = taskOf(currentWorkspace(), dragged?.tasks[0] ?? '');
  return task !== undefined && takesWork(zone, task);
}

type StretchProps = Omit<Props, 'zones'> & { one: ZoneOnDay; span: Span };

function Stretch({ one, span, band, scale, single }: StretchProps) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const { top, height } = scale.over(span);
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  const { name } = one.zone;
  const lit = useDrag((state) => isAimedAt(state, one.zone, span));
  const words = [
    `Zone ${name}`,
    `${clock(span.from)} – ${clock(span.to)}`,
    ...traitsOf(one.zone),
    one.change ? 'otherwise on this day' : '',
  ];
  const named = band > BAND.bare && height >= NAMED;
  return (
    <View className={`hue-${hueOfZone(one.zone, workspace)} absolute left-0 right-0`} style={{ top, height }}>
      <View aria-hidden className={`absolute inset-0 ${lit ? 'bg-fill' : 'zone-tint'}`} />
      <Pressable
        role="button"
        tabIndex={single ? 0 : -1}
        aria-label={words.filter(Boolean).join(', ')}
        onPress={() => openPanel({ kind: 'zoneOn', zoneId: one.zone.id, date: one.date })}
        className="absolute bottom-px left-0 top-px items-center justify-center overflow-hidden bg-fill hover:bg-surface"
        style={{ width: band }}
      >
        {one.change && <View aria-hidden className="absolute left-0 top-0 h-1 w-full bg-edge" />}
        {named && (
          <Words
            size="xs"
            tone="edge"
            className="max-h-full overflow-hidden whitespace-nowrap leading-[14px] [text-overflow:ellipsis] [writing-mode:vertical-rl]"
          >
            {name}
          </Words>
        )}
      </Pressable>
    </View>
  );
}

/** Where a zone is off on one date: a dashed band, by which it comes back. */
function Off({ one, band, scale }: { one: ZoneOnDay; band: number; scale: Scale }) {
  const workspace = useWorkspace();
  return (
    <View
      className={`hue-${hueOfZone(one.zone, workspace)} absolute left-0`}
      style={{ ...scale.over(one.whole), width: band }}
    >
      <Pressable
        role="button"
        tabIndex={-1}
        aria-label={`Zone ${one.zone.name}, off on this day`}
        onPress={() => openPanel({ kind: 'zoneOn', zoneId: one.zone.id, date: one.date })}
        className="absolute inset-0 border border-dashed border-edge hover:bg-fill"
      />
    </View>
  );
}

/** The zones of a day as a thin strip from midnight to midnight. */
export function ZoneStrip({ date }: { date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { zones } = useZones(date, 'bare');
  if (zones.length === 0) return null;
  const spans = zones.flatMap(({ zone: of, spans: own }) => own.map((span) => ({ of, span })));
  const { from, to } = dayOf(date, zone);
  const part = (ms: number) => `${(100 * ms) / (to - from)}%` as const;
  return (
    <View aria-hidden className="h-1 w-full">
      {spans.map(({ of, span }) => (
        <View
          key={`${of.id} ${span.from}`}
          className={`hue-${hueOfZone(of, workspace)} absolute bottom-0 top-0`}
          style={{ left: part(span.from - from), width: part(span.to - span.from) }}
        >
          <View className="absolute inset-0 bg-edge opacity-50" />
        </View>
      ))}
    </View>
  );
}
