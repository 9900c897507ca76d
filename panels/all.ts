import { registerPanels } from '@/ui/panels';
import { categories } from './categories/Categories';
import { crowd } from './crowd/CrowdList';
import { freed } from './freed/FreedTime';
import { importInto, importReport, importing } from './import/panel';
import { lists } from './lists/Lists';
import { meeting } from './meeting/panel';
import { newEvent } from './newEvent/NewEvent';
import { newTask } from './newTask/NewTask';
import { place, placeSeveral } from './place/panel';
import { scope } from './scope/ScopeQuestion';
import { task } from './task/panel';
import { spent, time } from './time/panel';
import { unseen } from './unseen/UnseenTime';
import { workspaceFile } from './workspaceFile/WorkspaceFileView';

/** Makes the panels known that any place opens; those of one place are registered by it. */
export const registerSharedPanels = () =>
  registerPanels({
    categories,
    crowd,
    freed,
    importInto,
    importReport,
    importing,
    lists,
    meeting,
    newEvent,
    newTask,
    place,
    placeSeveral,
    scope,
    spent,
    task,
    time,
    unseen,
    workspaceFile,
  });
