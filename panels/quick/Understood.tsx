import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { Chip } from '@/core/capture/chip';
import { Button, IconButton } from '@/ui/Button';
import { Words } from '@/ui/Words';

type Changed = { readonly line: string; readonly chip: Chip };

type Props = {
  chips: readonly Chip[];
  wordsOf: (chip: Chip) => string;
  /** What a chip can be changed to, as the line says it then. */
  changes: (chip: Chip) => readonly Changed[];
  onChange: (line: string) => void;
  onMark: (chip: Chip) => void;
  onTakeBack: (chip: Chip) => void;
};

/** Whether it was typed, and does not go without saying. */
const hasWords = ({ from, to }: Chip) => to > from;

/**
 * What was understood, in the line's own order: a press offers what else it could be, the cross gives the words back to the
 * title.
 */
export function Understood({ chips, wordsOf, changes, onChange, onMark, onTakeBack }: Props) {
  const [opened, setOpened] = useState<Chip['kind'] | null>(null);
  const open = chips.find(({ kind }) => kind === opened);
  if (chips.length === 0) return null;
  const done = (act: () => void) => () => {
    setOpened(null);
    act();
  };
  return (
    <View className="gap-1">
      <View role="list" aria-label="Understood" className="flex-row flex-wrap gap-2">
        {chips.map((chip) => {
          const words = wordsOf(chip);
          const isOpen = chip === open;
          return (
            <View
              key={chip.kind}
              role="listitem"
              className={`flex-row items-center rounded-lg border border-pine pl-1 ${hasWords(chip) ? '' : 'pr-1'} ${isOpen ? 'bg-sunken' : 'bg-surface'}`}
            >
              <Pressable
                role="button"
                aria-label={`${words}: change it`}
                aria-expanded={isOpen}
                onPress={() => setOpened(isOpen ? null : chip.kind)}
                className="min-h-[44px] justify-center px-2"
              >
                <Words face="strong" tone="pine">
                  {words}
                </Words>
              </Pressable>
              {hasWords(chip) && (
                <IconButton
                  label={`Take back: ${words}`}
                  icon="close"
                  colour="ink-soft"
                  onPress={() => onTakeBack(chip)}
                />
              )}
            </View>
          );
        })}
      </View>
      {open && (
        <View
          role="group"
          aria-label={`Instead of ${wordsOf(open)}`}
          className="flex-row flex-wrap items-center gap-x-1 border-l-4 border-pine pl-2"
        >
          {changes(open).map(({ line, chip }) => (
            <Button key={line} label={wordsOf(chip)} kind="quiet" onPress={done(() => onChange(line))} />
          ))}
          {hasWords(open) && <Button label="Type it anew" kind="quiet" onPress={done(() => onMark(open))} />}
        </View>
      )}
    </View>
  );
}
