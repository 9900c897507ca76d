import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** What goes out as a calendar file. */
    exportCalendar: object;
  }
}

export const registerSettingsPanels = () =>
  registerPanels({
    exportCalendar: async () => ({
      useTitle: () => 'Export as a calendar file',
      Content: (await import('./ExportCalendar')).ExportCalendar,
    }),
  });
