import { useWorkspace } from '@/state/shown';
import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** A zone of a frame. */
    zone: { readonly frameId: string; readonly zoneId: string };
    /** All zones of a frame, in words. */
    zones: { readonly frameId: string };
    /** All frames, and in which weeks they hold. */
    frames: object;
    /** One more kind of time to paint with. */
    newKind: object;
  }
}

export const registerFramePanels = () =>
  registerPanels(
    {
      zone: async () => {
        const { ZoneFields } = await import('./ZoneFields');
        return {
          useTitle: ({ frameId, zoneId }) =>
            useWorkspace()
              .frames.get(frameId)
              ?.zones.find(({ id }) => id === zoneId)?.name ?? 'Zone',
          Content: ZoneFields,
        };
      },
      zones: async () => ({
        useTitle: () => 'Zones of the frame',
        Content: (await import('./ZoneList')).ZoneList,
      }),
      frames: async () => ({
        useTitle: () => 'Frames and weeks',
        Content: (await import('./Frames')).Frames,
      }),
      newKind: async () => ({ useTitle: () => 'A new kind', Content: (await import('./NewKind')).NewKind }),
    },
    ['zone', 'zones', 'frames', 'newKind'],
  );
