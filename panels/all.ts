import { later } from '@/ui/later';
import { registerPanels, type PanelName } from '@/ui/panels';

const contents = later(() => import('./contents'));

/** Those that may stand in the details pane of a wide screen. */
const beside = [
  'bend',
  'bookingPages',
  'bothSides',
  'columns',
  'dayNote',
  'dayRoom',
  'dayText',
  'estimates',
  'feasible',
  'fit',
  'freeTimes',
  'goal',
  'goals',
  'guide',
  'later',
  'layDay',
  'left',
  'mailbox',
  'meeting',
  'newEvent',
  'newTask',
  'outlook',
  'outside',
  'people',
  'person',
  'place',
  'promise',
  'quick',
  'requests',
  'seal',
  'spent',
  'targets',
  'task',
  'time',
  'triage',
  'whatIf',
  'zoneOn',
] as const satisfies readonly PanelName[];

const others = [
  'actions',
  'categories',
  'crowd',
  'find',
  'freed',
  'goToDay',
  'importInto',
  'importReport',
  'importing',
  'lists',
  'message',
  'messages',
  'pictureOut',
  'placeSeveral',
  'reminders',
  'scope',
  'several',
  'tasksOut',
  'templates',
  'terms',
  'whatCounts',
  'workspaceFile',
] as const satisfies readonly PanelName[];

const entries = [...beside, ...others].map(
  (name) => [name, async () => (await contents.load())[name]] as const,
);

/** Makes the panels known that any place opens; those of one place are registered by it. */
export const registerSharedPanels = () => registerPanels(Object.fromEntries(entries), beside);
