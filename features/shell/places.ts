import type { Href } from 'expo-router';
import type { IconName } from '@/ui/icons';

/** The places, in their order. The frame is reached from the others on a phone, whose bar has room for five. */
export const places = [
  { path: '/today', name: 'Today', icon: 'today' },
  { path: '/plan', name: 'Plan', icon: 'plan' },
  { path: '/tasks', name: 'Tasks', icon: 'tasks' },
  { path: '/review', name: 'Review', icon: 'review' },
  { path: '/frame', name: 'Frame', icon: 'frame' },
  { path: '/settings', name: 'Settings', icon: 'settings' },
] as const satisfies readonly { path: Href; name: string; icon: IconName }[];
