import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** All keys that do something. */
    keys: object;
  }
}

export const registerShellPanels = () =>
  registerPanels({
    keys: async () => ({ useTitle: () => 'Keys', Content: (await import('./Keys')).Keys }),
  });
