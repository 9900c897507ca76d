import { useMemo } from 'react';
import { View } from 'react-native';
import { mergeCounts } from '@/core/commands/merging';
import { contentsOf, type FileProblem } from '@/core/formats/workspaceFile';
import type { Workspace } from '@/core/model/workspace';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { answerPanel, closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Problems } from '../parts/Problems';

/** What is in a workspace file, beside what is here, before anything is replaced or merged. */
export function WorkspaceFileView({ workspace, problems }: Omit<Panels['workspaceFile'], 'name'>) {
  const here = useWorkspace();
  const { added, taken, kept, same, gone } = useMemo(() => mergeCounts(here, workspace), [here, workspace]);
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Words face="strong">In the file</Words>
        <Words>{contentsOf(workspace)}</Words>
      </View>
      <View className="gap-1">
        <Words face="strong">Here now</Words>
        <Words>{contentsOf(here)}</Words>
      </View>
      {problems.length > 0 && (
        <Problems
          heading={
            problems.length === 1
              ? 'One thing could not be taken as it stands'
              : `${problems.length} things could not be taken as they stand`
          }
          problems={problems}
        />
      )}
      <View className="gap-2 border-t border-line pt-4">
        <Words>
          Merging brings in {added} new, takes {taken} that were changed later in the file, keeps {kept} that
          were changed or deleted later here; {same} are the same. {gone} that were deleted in the file since
          go here too. Settings stay as they are.
        </Words>
        <View className="flex-row">
          <Button
            label="Merge the two"
            kind="primary"
            onPress={() => answerPanel('workspaceFile', 'merge')}
            disabled={added + taken + gone === 0}
          />
        </View>
      </View>
      <View className="gap-2 border-t border-line pt-4">
        <Words>Replacing puts the file in the place of everything that is here. Both can be undone.</Words>
        <View className="flex-row flex-wrap gap-2">
          <Button
            label="Replace everything"
            kind="danger"
            onPress={() => answerPanel('workspaceFile', 'replace')}
          />
          <Button label="Keep what is here" onPress={closePanel} />
        </View>
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What stands in a file, before anything is taken from it. */
    workspaceFile: {
      readonly name: string;
      readonly workspace: Workspace;
      readonly problems: readonly FileProblem[];
    };
  }
  interface Answers {
    workspaceFile: 'merge' | 'replace';
  }
}

export const workspaceFile: Panel<Panels['workspaceFile']> = {
  useTitle: ({ name }) => name,
  Content: WorkspaceFileView,
};
