import { View } from 'react-native';
import { keyGroups } from '@/board/keyTable';
import { Heading, Words } from '@/ui/Words';

const shownAs = ({ shown, key = '' }: { shown?: string; key?: string }) =>
  shown ?? (key.length === 1 ? key.toUpperCase() : key);

/** All keys that do something. */
export const Keys = () => (
  <View className="gap-5">
    {keyGroups.map(({ name, lines }) => (
      <View key={name} className="gap-2">
        <Heading level={2}>{name}</Heading>
        {lines
          .filter(({ what }) => what !== '')
          .map((line) => (
            <View key={line.what} className="flex-row items-baseline gap-3">
              <View className="w-28">
                <Words face="mono">{shownAs(line)}</Words>
              </View>
              <View className="flex-1">
                <Words>{line.what}</Words>
              </View>
            </View>
          ))}
      </View>
    ))}
  </View>
);
