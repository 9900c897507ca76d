import { Pressable } from 'react-native';
import type { Crowd } from '@/core/plan/lanes';
import type { Timed } from '@/core/plan/things';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import type { Box } from './cardParts';

/** What stands together because there is no room for each; it opens as a list. */
export const CrowdCard = ({ crowd, box }: { crowd: Crowd<Timed>; box: Box }) => (
  <Pressable
    role="button"
    onPress={() => openPanel({ kind: 'crowd', items: crowd.items })}
    className="absolute items-center justify-center border border-dashed border-ink-soft bg-surface hover:bg-ground"
    style={{ top: box.top, height: box.height, left: box.left, width: box.width }}
  >
    <Words size="xs" face="strong">
      {crowd.items.length} more
    </Words>
  </Pressable>
);
