import { changeSettings } from '@/core/commands/calendar';
import { currentWorkspace, store } from '@/state/workspaceStore';

/** Shows the zones of the frame behind the days, or hides them. */
export const toggleZones = () =>
  store.run(changeSettings, { showZones: !currentWorkspace().settings.showZones });
