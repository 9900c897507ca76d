import { useRef, type ReactNode } from 'react';
import { TextInput, View } from 'react-native';
import type { Id } from '@/core/model/common';
import { useWorkspace } from '@/state/shown';
import { IconButton } from '@/ui/Button';
import { keyPressed } from '@/ui/dom';
import { openPanel } from '@/ui/panels';
import { LineSays } from '@/panels/quick/LineSays';
import { useLine } from '@/panels/quick/useLine';
import { Words } from '@/ui/Words';
import type { Shelf } from './ListFilter';

type Props = {
  shelf: Shelf;
  /** What was understood stands above the field, which is at the foot of the screen. */
  above?: boolean;
  /** What stands beside the field. */
  children?: ReactNode;
};

/** Adds tasks one after the other, each by a line in plain words: to the list that is shown, else to the inbox. */
export function AddTask({ shelf, ...rest }: Props) {
  const { lists } = useWorkspace();
  const home = typeof shelf === 'object' ? shelf.listId : undefined;
  const where = home === undefined ? 'the inbox' : (lists.get(home)?.name ?? 'the list');
  return <Line key={where} label={`Add to ${where}`} home={home} {...rest} />;
}

type LineProps = Omit<Props, 'shelf'> & { label: string; home: Id | undefined };

function Line({ label, home, above = false, children }: LineProps) {
  const typed = useLine(label, home);
  const { text, isUntitled } = typed;
  const field = useRef<TextInput>(null);
  const goOn = (given: string) => openPanel({ kind: 'quick', text: given, home });
  return (
    <View className={above ? 'flex-col-reverse gap-2' : 'gap-2'}>
      <View className="flex-row items-center gap-1">
        <TextInput
          ref={field}
          aria-label={label}
          aria-invalid={isUntitled}
          multiline
          numberOfLines={1}
          placeholder={above ? label : `${label}: “Read the gauges Thu 45m”`}
          placeholderTextColor="var(--ink-soft)"
          value={text}
          onChangeText={(given) => {
            if (!given.trim().includes('\n')) return typed.type(given.replace(/\s*\n\s*/g, ' '));
            typed.type('');
            goOn(given);
          }}
          onKeyPress={(event) => {
            const { key } = keyPressed(event);
            if (key === 'ArrowUp' && text === '') typed.bringBack();
            if (key !== 'Enter') return;
            // it is one line, however many it takes to show
            event.preventDefault();
            typed.make('task');
          }}
          className="min-h-[44px] flex-1 rounded-lg border border-field bg-surface px-3 py-2.5 font-text text-base text-ink [field-sizing:content]"
        />
        <IconButton
          label="Quick line: with notes, as an event or a scratch note"
          icon="more"
          colour="ink-soft"
          onPress={() => {
            typed.type('');
            goOn(text);
          }}
        />
        {children}
      </View>
      {text.trim() !== '' && <LineSays typed={typed} field={field} />}
      {isUntitled && <Words tone="brick">A title is missing: what shall be done?</Words>}
    </View>
  );
}
