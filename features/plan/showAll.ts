import { changeSettings } from '@/core/commands/calendar';
import { defaultSettings } from '@/core/model/settings';
import { store } from '@/state/workspaceStore';

/** Brings everything that is filtered out back into sight. */
export const showAll = () => store.run(changeSettings, { leftOut: defaultSettings.leftOut });
