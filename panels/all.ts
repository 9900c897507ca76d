import { registerPanels } from '@/ui/panels';
import { categories } from './categories/panel';
import { crowd } from './crowd/panel';
import { freed } from './freed/panel';
import { importInto, importReport, importing } from './import/panel';
import { lists } from './lists/panel';
import { meeting } from './meeting/panel';
import { newEvent } from './newEvent/panel';
import { newTask } from './newTask/panel';
import { place, placeSeveral } from './place/panel';
import { scope } from './scope/panel';
import { task } from './task/panel';
import { spent, time } from './time/panel';
import { workspaceFile } from './workspaceFile/panel';

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
    workspaceFile,
  });
