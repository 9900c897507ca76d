import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** How far a file has been read, and a way to call it off. */
export function Importing({ share, cancel }: { share: number; cancel: () => void }) {
  const percent = Math.round(share * 100);
  return (
    <View className="gap-4">
      <Words>Reading the file. Nothing changes before it has been read whole.</Words>
      <View
        role="progressbar"
        aria-label="Read so far"
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        className="h-3 rounded-full border border-line bg-sunken"
      >
        <View className="h-full rounded-full bg-pine" style={{ width: `${percent}%` }} />
      </View>
      <View className="flex-row">
        <Button label="Call it off" onPress={cancel} />
      </View>
    </View>
  );
}
