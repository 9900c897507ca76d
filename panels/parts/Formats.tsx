import { View } from 'react-native';
import { copyText } from '@/actions/copyText';
import { saveTable } from '@/actions/files/reviewFiles';
import { tableAsCsv, tableAsMarkdown, type Table } from '@/core/formats/reviewTables';
import { durationWords } from '@/core/time/words';
import { Button } from '@/ui/Button';

/** The ways in which a table goes out. */
export function Formats({ title, table }: { title: string; table: Table }) {
  const markdown = () => tableAsMarkdown(title, table, durationWords);
  return (
    <View className="flex-row flex-wrap gap-2">
      <Button
        label="Save as CSV"
        says={`Save as CSV: ${title}`}
        onPress={() => saveTable(title, 'csv', tableAsCsv(table))}
      />
      <Button
        label="Save as Markdown"
        says={`Save as Markdown: ${title}`}
        onPress={() => saveTable(title, 'md', markdown())}
      />
      <Button
        label="Copy as text"
        says={`Copy as text: ${title}`}
        onPress={() => void copyText(markdown())}
      />
    </View>
  );
}
