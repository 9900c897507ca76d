import { View } from 'react-native';
import { replaceEverything } from '@/core/commands/calendar';
import { contentsOf } from '@/core/formats/workspaceFile';
import type { Workspace } from '@/core/model/workspace';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { closeSheet } from '../sheets';
import { Words } from '../Words';

/** What is in a workspace file, beside what is here, before anything is replaced. */
export function WorkspaceFileView({ workspace }: { workspace: Workspace }) {
  const here = useWorkspace();
  const replace = () => {
    closeSheet();
    store.run(replaceEverything, workspace, 'Everything was replaced by the file');
  };
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Words face="strong">In the file</Words>
        <Words>{contentsOf(workspace)}</Words>
      </View>
      <View className="gap-1">
        <Words face="strong">Here now, and replaced by it</Words>
        <Words>{contentsOf(here)}</Words>
      </View>
      <View className="flex-row gap-2">
        <Button label="Replace everything" kind="danger" onPress={replace} />
        <Button label="Keep what is here" onPress={closeSheet} />
      </View>
    </View>
  );
}
