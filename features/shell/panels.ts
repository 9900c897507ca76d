import { registerPanels, type Panel, type Panels } from '@/ui/panels';
import { Keys } from './Keys';

declare module '@/ui/panels' {
  interface Panels {
    /** All keys that do something. */
    keys: object;
  }
}

const keys: Panel<Panels['keys']> = { useTitle: () => 'Keys', Content: Keys };

export const registerShellPanels = () => registerPanels({ keys });
