import { View } from 'react-native';
import { savePicture } from '@/actions/files/reviewFiles';
import { Button } from '@/ui/Button';
import type { Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Formats } from './TakeOut';

/** A picture of Review as a picture file, and its figures as a table. */
export function PictureOut({ title, answer, id, table }: Panels['pictureOut']) {
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
