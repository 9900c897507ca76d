import type { Href } from 'expo-router';
import type { IconName } from '@/ui/icons';

/** The five places, in their order. */
export const places = [
  { path: '/today', name: 'Today', icon: 'today' },
  { path: '/plan', name: 'Plan', icon: 'plan' },
  { path: '/tasks', name: 'Tasks', icon: 'tasks' },
  { path: '/review', name: 'Review', icon: 'review' },
  { path: '/settings', name: 'Settings', icon: 'settings' },
] as const satisfies readonly { path: Href; name: string; icon: IconName }[];
