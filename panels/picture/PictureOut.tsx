import { View } from 'react-native';
import { savePicture } from '@/actions/files/reviewFiles';
import { Button } from '@/ui/Button';
import type { Table } from '@/core/formats/reviewTables';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Formats } from '../parts/Formats';

declare module '@/ui/panels' {
  interface Panels {
    /** A picture as a file, and its figures; `id` is that of its element. */
    pictureOut: {
      readonly title: string;
      readonly answer: string;
      readonly id: string;
      readonly table: Table;
    };
  }
}

/** A picture as a picture file, and its figures as a table. */
function PictureOut({ title, answer, id, table }: Panels['pictureOut']) {
  return (
    <View className="gap-4">
      <Words>{answer}.</Words>
      <View className="flex-row flex-wrap gap-2">
        {(['png', 'svg'] as const).map((ending) => (
          <Button
            key={ending}
            label={`Save as ${ending.toUpperCase()}`}
            says={`Save as ${ending.toUpperCase()}: ${title}`}
            onPress={() => void savePicture(title, ending, id)}
          />
        ))}
      </View>
      <Words tone="soft">Its figures:</Words>
      <Formats title={title} table={table} />
    </View>
  );
}

export const pictureOut: Panel<Panels['pictureOut']> = {
  useTitle: ({ title }) => `Take out: ${title}`,
  Content: PictureOut,
};
