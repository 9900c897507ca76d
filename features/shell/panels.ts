import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** All keys that do something. */
    keys: object;
    /** What was said lately in notices. */
    said: object;
  }
}

export const registerShellPanels = () =>
  registerPanels({
    keys: async () => ({ useTitle: () => 'Keys', Content: (await import('./Keys')).Keys }),
    said: async () => ({ useTitle: () => 'Recent notices', Content: (await import('./Said')).Said }),
  });
