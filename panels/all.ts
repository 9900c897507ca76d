import { later } from '@/ui/later';
import { registerPanels } from '@/ui/panels';

const contents = later(() => import('./contents'));

/** Makes the panels known that any place opens; those of one place are registered by it. */
export const registerSharedPanels = () =>
  registerPanels(
    {
      actions: async () => (await contents.load()).actions,
      categories: async () => (await contents.load()).categories,
      crowd: async () => (await contents.load()).crowd,
      dayRoom: async () => (await contents.load()).dayRoom,
      freed: async () => (await contents.load()).freed,
      goToDay: async () => (await contents.load()).goToDay,
      guide: async () => (await contents.load()).guide,
      importing: async () => (await contents.load()).importing,
      importInto: async () => (await contents.load()).importInto,
      importReport: async () => (await contents.load()).importReport,
      later: async () => (await contents.load()).later,
      left: async () => (await contents.load()).left,
      lists: async () => (await contents.load()).lists,
      meeting: async () => (await contents.load()).meeting,
      newEvent: async () => (await contents.load()).newEvent,
      newTask: async () => (await contents.load()).newTask,
      place: async () => (await contents.load()).place,
      placeSeveral: async () => (await contents.load()).placeSeveral,
      quick: async () => (await contents.load()).quick,
      scope: async () => (await contents.load()).scope,
      seal: async () => (await contents.load()).seal,
      several: async () => (await contents.load()).several,
      spent: async () => (await contents.load()).spent,
      targets: async () => (await contents.load()).targets,
      task: async () => (await contents.load()).task,
      time: async () => (await contents.load()).time,
      triage: async () => (await contents.load()).triage,
      unseen: async () => (await contents.load()).unseen,
      workspaceFile: async () => (await contents.load()).workspaceFile,
      zoneOn: async () => (await contents.load()).zoneOn,
    },
    [
      'dayRoom',
      'guide',
      'later',
      'left',
      'meeting',
      'newEvent',
      'newTask',
      'place',
      'quick',
      'seal',
      'spent',
      'targets',
      'task',
      'time',
      'triage',
      'zoneOn',
    ],
  );
