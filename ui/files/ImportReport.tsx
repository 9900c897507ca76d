import { View } from 'react-native';
import type { ImportCounts } from '@/core/commands/calendar';
import type { Problem } from '@/core/formats/contentLines';
import { store } from '@/state/workspaceStore';
import { Button } from '../Button';
import { closeSheet } from '../sheets';
import { Words } from '../Words';

const MOST_SHOWN = 100;

/** What an import brought, and what could not be read, by line. */
export function ImportReport({ counts, problems }: { counts: ImportCounts; problems: readonly Problem[] }) {
  const { added, changed, unchanged } = counts;
  const undo = () => {
    store.undo();
    closeSheet();
  };
  return (
    <View className="gap-4">
      <Words>
        {added} new, {changed} changed, {unchanged} as they were.
      </Words>
      {problems.length > 0 && (
        <View className="gap-2">
          <Words face="strong">
            {problems.length === 1
              ? 'One line could not be taken as it stands'
              : `${problems.length} lines could not be taken as they stand`}
          </Words>
          {problems.slice(0, MOST_SHOWN).map(({ where, what, hint }) => (
            <View key={`${where} ${what}`} className="border-l-4 border-brick bg-brick-pale px-3 py-2">
              <Words face="strong">
                Line {where}: {what}
              </Words>
              <Words size="xs">{hint}</Words>
            </View>
          ))}
          {problems.length > MOST_SHOWN && <Words tone="soft">and {problems.length - MOST_SHOWN} more</Words>}
        </View>
      )}
      <View className="flex-row gap-2">
        <Button label="Good" kind="primary" onPress={closeSheet} />
        {added + changed > 0 && <Button label="Undo import" icon="undo" onPress={undo} />}
      </View>
    </View>
  );
}
