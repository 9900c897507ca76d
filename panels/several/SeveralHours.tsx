import { moveTogether } from '@/actions/bend';
import { readChange } from '@/core/capture/readChange';
import type { Id } from '@/core/model/common';
import { proposeHours } from '@/core/plan/bend/proposal';
import type { Shift } from '@/core/plan/bend/reflow';
import { blocksAhead } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { clockWords, momentWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import type { Reading } from '@/ui/Field';
import { quoted } from '@/ui/readings';
import { TypedLine } from '../parts/TypedLine';

/** So many of them are told by their hours. */
const TOLD = 4;

/** New hours for the blocks of several tasks that lie ahead, by a few typed words; nothing where there are none. */
export function SeveralHours({ ids, onChanged }: { ids: readonly Id[]; onChanged: () => void }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const blocks = blocksAhead(workspace, ids, zone, now);
  if (blocks.length === 0) return null;
  const count = `${blocks.length} ${blocks.length === 1 ? 'block' : 'blocks'}`;
  const read = (typed: string): Reading<Shift[]> => {
    const value = blocks.flatMap((block) => {
      const hours = readChange(typed, block, now, zone, settings.dates);
      return hours ? [{ block, start: hours.start, minutes: hours.minutes }] : [];
    });
    return value.length === blocks.length
      ? { value }
      : { problem: `${quoted(typed)} cannot be read for all of them. Try +30m, 45m or tomorrow.` };
  };
  const hoursOf = ({ start, minutes }: Shift) =>
    `${momentWords(start, zone, settings)} – ${clockWords(start + minutes * MINUTE, zone, settings.clock)}`;
  return (
    <TypedLine
      label={`Change the hours of ${count}`}
      examples="+30m, 45m, tomorrow"
      read={read}
      meaning={(shifts) => ({
        words: `${shifts.slice(0, TOLD).map(hoursOf).join(', ')}${shifts.length > TOLD ? `, and ${shifts.length - TOLD} more` : ''}`,
        findings: proposeHours(workspace, shifts, zone).flatMap(({ findings }) => findings),
      })}
      onTake={(shifts) => {
        if (moveTogether(shifts, `${count} changed`)) onChanged();
      }}
    />
  );
}
