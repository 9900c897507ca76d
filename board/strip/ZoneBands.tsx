import { startTransition, useEffect, useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { takesWork } from '@/core/frame/belonging';
import { hueOfZone, isPlainWork, traitsOf } from '@/core/frame/looks';
import { zonesOn, type ZoneOnDay } from '@/core/frame/zones';
import type { Span } from '@/core/time/span';
import { clockWords, dateWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import type { Hue } from '@/core/model/common';
import type { FrameZone } from '@/core/model/frame';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { forText } from '@/ui/textScale';
import { plainly } from '@/ui/Words';
import { useDrag } from '../drag/dragStore';
import type { Scale } from './scale';

/** How wide the band with the names is: where there is room for words, and where there is not. */
const BAND = { single: 24, named: 16, bare: 4 };

/** A stretch has to be this high (pixels) to bear its name upright. */
const NAMED = forText(30);

const none: readonly ZoneOnDay[] = [];

/** The zones of a day that are drawn, and how wide their band is; none while they are hidden. */
export function useZones(
  date: string,
  room: keyof typeof BAND,
): { zones: readonly ZoneOnDay[]; band: number } {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const shown = workspace.settings.showZones ? zonesOn(workspace, date, zone) : none;
  const zones = useMemo(() => shown.filter((one) => one.change || !isPlainWork(one.zone)), [shown]);
  return { zones, band: zones.length === 0 ? 0 : BAND[room] };
}

type Props = { zones: readonly ZoneOnDay[]; band: number; scale: Scale; single: boolean };

/** Zones a frame later: what is planned stands first, as zones lie behind it and move nothing. */
function useAfterwards(zones: readonly ZoneOnDay[]): readonly ZoneOnDay[] {
  const [drawn, setDrawn] = useState(none);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setDrawn(zones)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [zones]);
  return drawn;
}

const keyOf = (zone: FrameZone, span: Span) => `${zone.id} ${span.from}`;

/** The stretch over which a task is held that belongs in its zone. */
function aimedAt(
  { dragged, target }: ReturnType<typeof useDrag.getState>,
  zones: readonly ZoneOnDay[],
): string | null {
  if (target?.kind !== 'hours') return null;
  const { start } = target;
  const task = taskOf(currentWorkspace(), dragged?.tasks[0] ?? '');
  if (!task) return null;
  for (const { zone, spans } of zones) {
    const span = spans.find(({ from, to }) => start >= from && start < to);
    if (span && takesWork(zone, task)) return keyOf(zone, span);
  }
  return null;
}

/** The zones of a day, quietly behind everything: a tint, and a band along the ruler that bears their names. */
export function ZoneBands({ zones: all, band, scale, single }: Props) {
  const zones = useAfterwards(all);
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const lit = useDrag((state) => aimedAt(state, zones));
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  return (
    <>
      {zones.flatMap((one) =>
        one.spans.map((span) => {
          const key = keyOf(one.zone, span);
          return (
            <Stretch
              key={key}
              {...{ one, span, band, scale, single }}
              hue={hueOfZone(one.zone, workspace)}
              hours={`${single ? '' : `${dateWords(one.date, workspace.settings)}, `}${clock(span.from)} – ${clock(span.to)}`}
              lit={key === lit}
            />
          );
        }),
      )}
      {zones
        .filter(({ change }) => change?.off)
        .map((one) => (
          <Off key={one.zone.id} {...{ one, band, scale }} />
        ))}
    </>
  );
}

type StretchProps = Omit<Props, 'zones'> & {
  one: ZoneOnDay;
  span: Span;
  hue: Hue;
  hours: string;
  lit: boolean;
};

/** One stretch of a zone, of plain elements of the web, and few of them, as a week has dozens. */
function Stretch({ one, span, band, scale, single, hue, hours, lit }: StretchProps) {
  const { top, height } = scale.over(span);
  const { name } = one.zone;
  const words = [`Zone ${name}`, hours, ...traitsOf(one.zone), one.change ? 'otherwise on this day' : ''];
  const named = band > BAND.bare && height >= NAMED;
  return (
    <div
      className={`hue-${hue} absolute left-0 right-0 ${lit ? 'bg-fill' : 'zone-tint'}`}
      style={{ top, height: height - 1 }}
    >
      {band === BAND.bare ? (
        <div aria-hidden className="absolute bottom-0 left-0 top-0 bg-fill" style={{ width: band }} />
      ) : (
        <button
          type="button"
          tabIndex={single ? 0 : -1}
          aria-label={words.filter(Boolean).join(', ')}
          onClick={() => openPanel({ kind: 'zoneOn', zoneId: one.zone.id, date: one.date })}
          className="zone-band absolute bottom-0 left-0 top-0 flex cursor-pointer items-center overflow-hidden border-0 bg-fill p-0 hover:bg-surface"
          style={{ width: band }}
        >
          {one.change && <span className="absolute left-0 top-0 h-1 w-full bg-edge" />}
          {named && (
            <span
              className="zone-name max-h-full overflow-hidden whitespace-nowrap font-text text-xs text-edge [text-overflow:ellipsis] [writing-mode:vertical-rl]"
              style={{ lineHeight: `${band}px` }}
            >
              {plainly(name)}
            </span>
          )}
        </button>
      )}
    </div>
  );
}

/** Where a zone is off on one date: a dashed band, by which it comes back. */
function Off({ one, band, scale }: { one: ZoneOnDay; band: number; scale: Scale }) {
  const workspace = useWorkspace();
  return (
    <View
      className={`zone-band hue-${hueOfZone(one.zone, workspace)} absolute left-0`}
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
    <div aria-hidden className="relative h-1 w-full">
      {spans.map(({ of, span }) => (
        <div
          key={keyOf(of, span)}
          className={`hue-${hueOfZone(of, workspace)} absolute bottom-0 top-0 bg-edge opacity-50`}
          style={{ left: part(span.from - from), width: part(span.to - span.from) }}
        />
      ))}
    </div>
  );
}
