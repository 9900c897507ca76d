import { View } from 'react-native';
import { deleteZone } from '@/core/commands/frames';
import { hueOfZone, traitsOf } from '@/core/frame/looks';
import type { Stretch } from '@/core/frame/shape';
import { timesWords } from '@/core/frame/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { EdgeMark } from '@/board/marks';
import { webProps } from '@/ui/dom';
import { openPanel } from '@/ui/panels';
import { useHyphened } from '@/ui/hyphens';
import { useWide } from '@/ui/useWide';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { STEP } from '@/core/plan/placing';
import { moved, type ZoneHours } from './pointer';
import { useRoomy } from './useRoomy';

type Props = {
  stretch: Stretch;
  /** The keyboard stops at the first stretch of a zone. */
  isFirst: boolean;
  column: number;
  perMinute: number;
  frameId: string;
  week: string;
  /** Something is being painted: it does not move. */
  still: boolean;
  onChange: (hours: ZoneHours) => void;
};

/** How high a line of a name is, in pixels. */
const LINE = forText(16);
/** From this height on a narrow stretch bears its name from top to bottom; lower ones say it when they are touched. */
const UPRIGHT = forText(44);
const UPRIGHT_TEXT =
  'max-h-full self-start overflow-hidden whitespace-nowrap leading-4 [text-overflow:ellipsis] [writing-mode:vertical-rl]';

const arrows: Readonly<Record<string, { by: number; across: number }>> = {
  ArrowUp: { by: -STEP, across: 0 },
  ArrowDown: { by: STEP, across: 0 },
  ArrowLeft: { by: 0, across: -1 },
  ArrowRight: { by: 0, across: 1 },
};

/** A stretch of a zone in the week: a press opens it, it is moved, and lengthened by its edges. */
export function ZoneStretch({ stretch, isFirst, column, perMinute, frameId, week, still, onChange }: Props) {
  const workspace = useWorkspace();
  const wide = useWide();
  const roomy = useRoomy();
  const { weekStart, clock } = workspace.settings;
  const { zone, from, to } = stretch;
  const height = (to - from) * perMinute;
  const open = () => openPanel({ kind: 'zone', frameId, zoneId: zone.id });

  const onKeyDown = (event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (arrow && event.shiftKey && arrow.by !== 0)
      onChange(moved(zone, 'end', { column: 0, at: 0 }, { column: 0, at: arrow.by }));
    else if (arrow)
      onChange(moved(zone, 'move', { column: 0, at: 0 }, { column: arrow.across, at: arrow.by }));
    else if (event.key === 'Enter' || event.key === ' ') open();
    else if (event.key === 'Delete')
      store.run(deleteZone, { frameId, week, id: zone.id }, `Deleted ${zone.name}`);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const name = useHyphened(zone.name, wide && !roomy);
  const lines = Math.floor(height / LINE);
  const traits = traitsOf(zone);
  const place = {
    left: `${(100 * column) / 7}%`,
    width: `${100 / 7 - 0.4}%`,
    top: from * perMinute,
    height: height - 1,
  } as const;
  return (
    <>
      <View
        role="button"
        tabIndex={isFirst ? 0 : -1}
        id={isFirst ? `zone-${zone.id}` : undefined}
        aria-label={['Zone ' + zone.name, timesWords(zone, weekStart, clock), ...traits].join(', ')}
        className={`hue-${hueOfZone(zone, workspace)} absolute overflow-hidden bg-fill ${still ? '' : 'cursor-grab'} ${wide ? 'pl-2' : 'pl-1.5'}`}
        style={place}
        {...webProps({ onKeyDown, onClick: open })}
        {...webProps({ dataSet: { zone: zone.id } })}
      >
        <EdgeMark />
        {wide && lines > 0 && (
          <Words size="xs" tone="edge" face="strong" numberOfLines={Math.min(lines, 3)}>
            {name}
          </Words>
        )}
        {!wide && height >= UPRIGHT && (
          <Words size="xs" tone="edge" face="strong" className={UPRIGHT_TEXT}>
            {zone.name}
          </Words>
        )}
      </View>
      {wide && lines > 2 && traits.length > 0 && (
        <View
          aria-hidden
          className={`hue-${hueOfZone(zone, workspace)} absolute justify-end overflow-hidden px-2 pb-0.5`}
          style={{ ...place, pointerEvents: 'none' }}
        >
          <Words size="xs" tone="edge" numberOfLines={lines - 2}>
            {traits.join(', ')}
          </Words>
        </View>
      )}
    </>
  );
}
