import { useMemo } from 'react';
import { View } from 'react-native';
import { mergeCounts, mergeWorkspace, replaceEverything } from '@/core/commands/merging';
import { contentsOf } from '@/core/formats/workspaceFile';
import type { Workspace } from '@/core/model/workspace';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { closeSheet } from '../sheets';
import { Words } from '../Words';

/** What is in a workspace file, beside what is here, before anything is replaced or merged. */
export function WorkspaceFileView({ workspace }: { workspace: Workspace }) {
  const here = useWorkspace();
  const { added, taken, kept, same } = useMemo(() => mergeCounts(here, workspace), [here, workspace]);
  const replace = () => {
    closeSheet();
    store.run(replaceEverything, workspace, 'Everything was replaced by the file');
  };
  const merge = () => {
    closeSheet();
    const words = `Merged: ${added} new, ${taken} taken from the file, ${kept} kept as here, ${same} the same`;
    store.run(mergeWorkspace, workspace, words);
  };
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
      <View className="gap-2 border-t border-line pt-4">
        <Words>
          Merging brings in {added} new, takes {taken} that were changed later in the file, keeps {kept} that
          were changed later here; {same} are the same. What you deleted here and the file still has comes
          back. Settings stay as they are.
        </Words>
        <View className="flex-row">
          <Button label="Merge the two" kind="primary" onPress={merge} disabled={added + taken === 0} />
        </View>
      </View>
      <View className="gap-2 border-t border-line pt-4">
        <Words>Replacing puts the file in the place of everything that is here. Both can be undone.</Words>
        <View className="flex-row flex-wrap gap-2">
          <Button label="Replace everything" kind="danger" onPress={replace} />
          <Button label="Keep what is here" onPress={closeSheet} />
        </View>
      </View>
    </View>
  );
}
