import { Pressable } from 'react-native';
import type { Crowd } from '@/core/plan/lanes';
import { openSheet } from '../sheets';
import { Words } from '../Words';
import type { Box } from './cardParts';
import type { Item } from './item';

/** What stands together because there is no room for each; it opens as a list. */
export const CrowdCard = ({ crowd, box }: { crowd: Crowd<Item>; box: Omit<Box, 'narrow' | 'sliver'> }) => (
  <Pressable
    role="button"
    onPress={() => openSheet({ kind: 'crowd', items: crowd.items })}
    className="absolute items-center justify-center border border-dashed border-ink-soft bg-surface hover:bg-ground"
    style={{ top: box.top, height: box.height, left: box.left, width: box.width }}
  >
    <Words size="xs" face="strong">
      {crowd.items.length} more
    </Words>
  </Pressable>
);
