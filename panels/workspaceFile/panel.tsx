import type { Workspace } from '@/core/model/workspace';
import type { Panel, Panels } from '@/ui/panels';
import { WorkspaceFileView } from './WorkspaceFileView';

declare module '@/ui/panels' {
  interface Panels {
    /** What stands in a file, before anything is taken from it. */
    workspaceFile: { readonly name: string; readonly workspace: Workspace };
  }
  interface Answers {
    workspaceFile: 'merge' | 'replace';
  }
}

export const workspaceFile: Panel<Panels['workspaceFile']> = {
  useTitle: ({ name }) => name,
  Content: WorkspaceFileView,
};
