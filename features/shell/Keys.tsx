import { View } from 'react-native';
import { keyGroups, shownKeys } from '@/board/keyGroups';
import { useWorkspace } from '@/state/shown';
import { Heading, Words } from '@/ui/Words';

/** Says that single letters do nothing, where they were switched off. */
function Off() {
  const { letterKeys } = useWorkspace().settings;
  if (letterKeys) return null;
  return (
    <Words>
      Single letters and digits are switched off in Settings: they do nothing unless something in the plan has
      the keyboard.
    </Words>
  );
}

/** All keys that do something. */
export const Keys = () => (
  <View className="gap-5">
    <Off />
    {keyGroups.map(({ name, lines }) => (
      <View key={name} className="gap-2">
        <Heading level={2}>{name}</Heading>
        {lines
          .filter(({ what }) => what !== '')
          .map((line) => (
            <View key={line.what} className="flex-row items-baseline gap-3">
              <View className="w-28">
                <Words face="mono">{shownKeys(line)}</Words>
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
