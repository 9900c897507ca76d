import { useState } from 'react';
import { View } from 'react-native';
import { makeOfLines } from '@/actions/quick';
import { readLine, type Reader } from '@/core/capture/quickLine';
import { quickTaskOf } from '@/core/capture/quickTask';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Words } from '@/ui/Words';
import { chipWords } from './quickWords';

type Props = { lines: readonly string[]; reader: Reader; onDone: () => void };

/** Several pasted lines, each as it is understood, before they count. */
export function Many({ lines, reader, onDone }: Props) {
  const workspace = useWorkspace();
  const [left, setLeft] = useState(lines);
  const { zone, now } = reader;
  const read = left.map((text) => ({ text, line: readLine(text, reader) }));
  const good = read.filter(({ line }) => line.title !== '');
  const make = () => {
    const all = good.map(({ line }) => quickTaskOf(line, workspace, { id: newId(), createdAt: now, zone }));
    if (makeOfLines(all)) onDone();
  };
  return (
    <View className="gap-3">
      <Words face="strong">
        {good.length === 1 ? 'One task' : `${good.length} tasks`}, as they are understood
      </Words>
      <View role="list" aria-label="Lines">
        {read.map(({ text, line }, i) => (
          <View
            key={`${i} ${text}`}
            role="listitem"
            className="min-h-[44px] flex-row items-center gap-2 border-b border-line"
          >
            <View className="flex-1 py-1.5">
              <Words tone={line.title === '' ? 'brick' : 'ink'}>
                {line.title || `“${text}” has no title`}
              </Words>
              {line.chips.length > 0 && (
                <Words size="xs" tone="pine" face="strong">
                  {line.chips.map((chip) => chipWords(chip, line, workspace, reader)).join(' · ')}
                </Words>
              )}
            </View>
            <IconButton
              label={`Leave out: ${text}`}
              icon="close"
              colour="ink-soft"
              onPress={() => setLeft(left.filter((_, at) => at !== i))}
            />
          </View>
        ))}
      </View>
      <View className="flex-row gap-2">
        <Button
          label={good.length === 1 ? 'Add the task' : `Add ${good.length} tasks`}
          kind="primary"
          disabled={good.length === 0}
          onPress={make}
        />
        <Button label="Leave them" kind="quiet" onPress={onDone} />
      </View>
    </View>
  );
}
