import { readChange, type Hours } from '@/core/capture/readChange';
import type { Block } from '@/core/model/plan';
import { judgeBlock } from '@/core/plan/judge';
import { MINUTE } from '@/core/time/span';
import { clockWords, durationWords, momentWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { TypedLine } from '../parts/TypedLine';

/** New hours of a block by a few typed words. */
export function TypedChange({ block, onChange }: { block: Block; onChange: (hours: Hours) => void }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const at = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  return (
    <TypedLine
      label="Change the hours"
      examples="14:00 1h, +30m, tomorrow 9"
      read={(typed) => {
        const value = readChange(typed, block, now, zone, workspace.settings.dates);
        return value
          ? { value }
          : { problem: `“${typed}” cannot be read. Try 14:00 1h, +30m or tomorrow 9.` };
      }}
      meaning={({ start, minutes }) => ({
        words: `${momentWords(start, zone, workspace.settings)} – ${at(start + minutes * MINUTE)} · ${durationWords(minutes)}`,
        findings: judgeBlock(workspace, { ...block, start, minutes }, { zone }),
      })}
      onTake={onChange}
    />
  );
}
