import { View } from 'react-native';
import { Heading, Words } from '@/ui/Words';

const groups: { name: string; keys: [string, string][] }[] = [
  {
    name: 'Anywhere',
    keys: [
      ['?', 'this list'],
      ['Tab', 'the next thing; with Shift the one before'],
      ['Enter', 'open it, or press it'],
      ['Escape', 'close, or leave it where it was'],
      ['Ctrl or ⌘ Z', 'undo; with Shift do it again'],
    ],
  },
  {
    name: 'In the plan',
    keys: [
      ['← →', 'earlier and later days'],
      ['Home', 'today'],
      ['N P', 'the next task, block or event; the one before'],
    ],
  },
  {
    name: 'On a task, a block or an event',
    keys: [
      ['Space', 'pick it up, and drop it'],
      ['↑ ↓', 'a quarter hour earlier or later'],
      ['← →', 'a day earlier or later'],
      ['Shift ↑ ↓', 'shorter or longer'],
      ['T', 'into the tray of the day'],
      ['G', 'into a group block of the day'],
      ['X', 'choose it, to place several together'],
      ['D', 'once more, right after it'],
      ['Delete', 'off the plan; an event is deleted'],
    ],
  },
];

/** All keys that do something. */
export const Keys = () => (
  <View className="gap-5">
    {groups.map(({ name, keys }) => (
      <View key={name} className="gap-2">
        <Heading level={2}>{name}</Heading>
        {keys.map(([key, what]) => (
          <View key={key} className="flex-row items-baseline gap-3">
            <View className="w-28">
              <Words face="mono">{key}</Words>
            </View>
            <View className="flex-1">
              <Words>{what}</Words>
            </View>
          </View>
        ))}
      </View>
    ))}
  </View>
);
