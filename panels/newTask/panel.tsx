import type { Panel, Panels } from '@/ui/panels';
import { NewTask } from './NewTask';

declare module '@/ui/panels' {
  interface Panels {
    newTask: object;
  }
}

export const newTask: Panel<Panels['newTask']> = { useTitle: () => 'New task', Content: NewTask };
