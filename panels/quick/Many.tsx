import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { makeOfLines } from '@/actions/quick';
import { stepsOf } from '@/actions/inbox';
import type { Reader } from '@/core/capture/chip';
import type { Pasted } from '@/core/capture/pasted';
import { readLine, type QuickLine } from '@/core/capture/quickLine';
import { quickTaskOf } from '@/core/capture/quickTask';
import { placedByTemplate } from '@/core/capture/templatePlace';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Words } from '@/ui/Words';
import { chipWords } from './quickWords';

type Props = { pasted: readonly Pasted[]; reader: Reader; onDone: () => void };

/** How many lines are read before the screen is drawn again, and how many are shown at first. */
const SLICE = 25;
const PAGE = 100;

/** Reads lines a few at a time, so that thousands of them hold nothing up. */
function useRead(pasted: readonly Pasted[], reader: Reader): readonly QuickLine[] {
  const [lines, setLines] = useState<readonly QuickLine[]>([]);
  useEffect(() => {
    if (lines.length >= pasted.length) return;
    const timer = setTimeout(() => {
      const next = pasted.slice(lines.length, lines.length + SLICE);
      setLines([...lines, ...next.map(({ line }) => readLine(line, reader))]);
    });
    return () => clearTimeout(timer);
  }, [lines, pasted, reader]);
  return lines;
}

/** Several pasted lines, each as it is understood, before they count. */
export function Many({ pasted, reader, onDone }: Props) {
  const workspace = useWorkspace();
  const [first] = useState({ pasted, reader });
  const lines = useRead(first.pasted, first.reader);
  const [out, setOut] = useState<ReadonlySet<number>>(new Set());
  const [shown, setShown] = useState(PAGE);
  const { zone, now } = first.reader;
  const read = lines.flatMap((line, at) => {
    const item = first.pasted[at];
    return item && !out.has(at) ? [{ at, item, line }] : [];
  });
  const good = read.filter(({ line }) => line.title !== '');
  const reading = lines.length < first.pasted.length;
  const make = () => {
    const all = good.map(({ line, item }) => {
      const said = quickTaskOf(line, workspace, { id: newId(), createdAt: now, zone });
      const quick = placedByTemplate(said, line, workspace, { now, zone });
      const steps = item.steps.length > 0 ? { steps: stepsOf(item.steps) } : {};
      return { ...quick, task: { ...quick.task, notes: item.notes, ...steps } };
    });
    if (makeOfLines(all)) onDone();
  };
  return (
    <View className="gap-3">
      <Words face="strong" aria-live="polite">
        {reading
          ? `${lines.length} of ${first.pasted.length} lines are read…`
          : `${good.length === 1 ? 'One task' : `${good.length} tasks`}, as they are understood`}
      </Words>
      <View role="list" aria-label="Lines">
        {read.slice(0, shown).map(({ at, item, line }) => (
          <View
            key={at}
            role="listitem"
            className="min-h-[44px] flex-row items-center gap-2 border-b border-line"
          >
            <View className="flex-1 py-1.5">
              <Words tone={line.title === '' ? 'brick' : 'ink'}>
                {line.title || `“${item.line}” has no title`}
              </Words>
              {line.chips.length > 0 && (
                <Words size="xs" tone="pine" face="strong">
                  {line.chips.map((chip) => chipWords(chip, line, workspace, first.reader)).join(' · ')}
                </Words>
              )}
              {item.steps.length > 0 && (
                <Words size="xs" tone="soft">
                  {item.steps.length === 1 ? '1 step' : `${item.steps.length} steps`}:{' '}
                  {item.steps.slice(0, 4).join(', ')}
                  {item.steps.length > 4 ? ' …' : ''}
                </Words>
              )}
              {item.notes !== '' && (
                <Words size="xs" tone="soft" numberOfLines={3}>
                  {item.notes}
                </Words>
              )}
            </View>
            <IconButton
              label={`Leave out: ${item.line}`}
              icon="close"
              colour="ink-soft"
              onPress={() => setOut(new Set([...out, at]))}
            />
          </View>
        ))}
      </View>
      {read.length > shown && (
        <Button
          label={`Show ${Math.min(PAGE, read.length - shown)} more of ${read.length}`}
          kind="quiet"
          onPress={() => setShown(shown + PAGE)}
        />
      )}
      <View className="flex-row gap-2">
        <Button
          label={good.length === 1 ? 'Add the task' : `Add ${good.length} tasks`}
          kind="primary"
          disabled={good.length === 0 || reading}
          onPress={make}
        />
        <Button label="Leave them" kind="quiet" onPress={onDone} />
      </View>
    </View>
  );
}
