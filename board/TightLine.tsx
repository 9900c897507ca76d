import { Pressable } from 'react-native';
import type { Tight } from '@/core/feasible/feasible';
import { tightWords } from '@/core/feasible/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** A stretch that cannot work, in a line that opens what would mend it. */
export function TightLine({ tight }: { tight: Tight }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  return (
    <Pressable
      role="button"
      onPress={() => openPanel({ kind: 'feasible', until: tight.to })}
      className="min-h-[44px] justify-center hover:opacity-80 lg:min-h-[24px]"
    >
      <Words size="xs" tone="brick" face="strong">
        {tightWords(tight, workspace, zone, now)}
      </Words>
    </Pressable>
  );
}
