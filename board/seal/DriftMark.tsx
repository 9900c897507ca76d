import { View } from 'react-native';
import type { Drift } from '@/core/plan/sinceSeal';

/** The mark of what is not as it was sealed: a filled diamond for what is new, an open one for what was moved. */
export const DriftMark = ({ change }: { change: Drift['change'] }) => (
  <View
    aria-hidden
    className={`h-[7px] w-[7px] rotate-45 border-[1.5px] border-ink ${change === 'added' ? 'bg-ink' : 'bg-surface'}`}
  />
);
