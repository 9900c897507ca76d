import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { download } from '@/actions/files/download';
import { exportWorkspace, saveErrors } from '@/actions/files/files';
import type { Culprit } from '@/core/check/culprit';
import { deleteRecord } from '@/core/commands/command';
import { store, useStore } from '@/state/workspaceStore';
import type { FailedProps } from '@/ui/Boundary';
import { Button } from '@/ui/Button';
import { later } from '@/ui/later';
import { Heading, Words } from '@/ui/Words';

/** Steps that bring in a file. */
const IMPORTS = ['import', 'merge', 'replace everything'];

/** It draws all there is and writes all files: too much to have at hand for what hardly ever happens. */
const searching = later(() => import('./findCulprit'));

/** Says what could not be drawn, and offers ways on; all else goes on working. */
export function Failed({ what, isPlace, error, again }: FailedProps) {
  const lastImport = useStore(({ past }) => past.findLast(({ label }) => IMPORTS.includes(label)));
  const andAgain = (act: () => void) => () => {
    act();
    again();
  };
  return (
    <ScrollView
      role={isPlace ? 'main' : undefined}
      tabIndex={0}
      contentContainerClassName="w-full max-w-[640px] self-center gap-4 p-4"
    >
      <View role="alert" className="gap-2 border-l-4 border-brick pl-3">
        <Heading level={isPlace ? 1 : 2}>{`${what} could not be shown`}</Heading>
        <Words>Everything else works, and nothing of your data is lost.</Words>
        <Words size="xs" tone="soft" numberOfLines={4}>
          {error.message}
        </Words>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Try again" kind="primary" onPress={again} />
        {lastImport && (
          <Button label="Undo the last import" icon="undo" onPress={andAgain(() => store.undo(lastImport))} />
        )}
        <Button label="Export everything" onPress={() => void exportWorkspace()} />
        <Button label="Save the error log" kind="quiet" onPress={saveErrors} />
      </View>
      <Search again={again} />
    </ScrollView>
  );
}

/** Looks for the record that cannot be drawn, and offers to save and to delete it. */
function Search({ again }: { again: () => void }) {
  const [found, setFound] = useState<Culprit | 'none' | null>(null);
  if (found === null) {
    return (
      <View className="flex-row">
        <Button
          label="Look for what fails"
          onPress={() => void searching.load().then(({ findCulprit }) => setFound(findCulprit() ?? 'none'))}
        />
      </View>
    );
  }
  if (found === 'none') return <Words tone="soft">No single record makes it fail.</Words>;
  const { part, record } = found;
  const name = 'title' in record ? record.title : 'name' in record ? record.name : record.id;
  const remove = () => {
    store.run(deleteRecord, { part, id: record.id }, `Deleted ${name}`);
    again();
  };
  return (
    <View className="gap-2">
      <Words numberOfLines={3}>{`It fails on “${name}” (${part}).`}</Words>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Save it as a file"
          onPress={() =>
            download(
              'sprindle-record.json',
              JSON.stringify({ [part]: [record] }, null, 1),
              'application/json',
            )
          }
        />
        <Button label="Delete it" kind="danger" onPress={remove} />
      </View>
    </View>
  );
}
