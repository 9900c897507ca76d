import { registerPanels, type Panel, type Panels } from '@/ui/panels';
import { ExportCalendar } from './ExportCalendar';

declare module '@/ui/panels' {
  interface Panels {
    /** What goes out as a calendar file. */
    exportCalendar: object;
  }
}

const exportCalendar: Panel<Panels['exportCalendar']> = {
  useTitle: () => 'Export as a calendar file',
  Content: ExportCalendar,
};

export const registerSettingsPanels = () => registerPanels({ exportCalendar });
