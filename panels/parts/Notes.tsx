import { useCallback, useState } from 'react';
import { View, type TextInput } from 'react-native';
import { shortened } from '@/core/model/bounds';
import { marking, marks, type Mark } from '@/core/notes/marking';
import { Button } from '@/ui/Button';
import { elementOf, webProps } from '@/ui/dom';
import { Field } from '@/ui/Field';
import { later, useLater } from '@/ui/later';
import { readWords } from '@/ui/readings';
import { plainly, Words } from '@/ui/Words';
import { UntilLoaded } from '@/ui/UntilLoaded';

const markdown = later(() => import('./Markdown'));

const markNames: Readonly<Record<Mark, string>> = {
  bold: 'Bold',
  heading: 'Heading',
  list: 'List',
  checks: 'Checklist',
  link: 'Link',
};

/** Notes are shown so far, in characters, until all of them are asked for. */
const SHOWN_AT_FIRST = 4000;

type Props = {
  label?: string;
  text: string;
  onSave: (text: string) => boolean | string | void;
  /** It is begun with, and so to be edited from the start. */
  begun?: boolean;
};

/** Notes, shown as they read; edited with a row of marks for those who do not know Markdown. */
export function Notes({ label = 'Notes', text, onSave, begun = false }: Props) {
  const [editing, setEditing] = useState(begun);
  if (editing || text === '')
    return (
      <Edited
        label={label}
        text={text}
        onSave={onSave}
        onRead={text === '' ? null : () => setEditing(false)}
        focusFirst={editing && !begun}
      />
    );
  return (
    <View role="group" aria-label={label} className="gap-1">
      <View className="flex-row items-center justify-between">
        <Words size="xs" tone="soft">
          {label}
        </Words>
        <Button label="Edit" says={`Edit: ${label}`} kind="quiet" onPress={() => setEditing(true)} />
      </View>
      <ReadNotes text={text} onSave={onSave} />
    </View>
  );
}

/** Marks within marks, deeper than anybody writes them and than a browser can draw. */
const DEEP = /^(?:[ \t]*(?:[>*+-]|\d+[.)])){100}/m;

/** Notes as they read, with boxes to tick; as they stand while the reader of marks is not there, or where it would fail. */
export function ReadNotes({ text, onSave }: { text: string; onSave: Props['onSave'] }) {
  const plain = <Words>{shortened(text, SHOWN_AT_FIRST)}</Words>;
  if (DEEP.test(text)) return plain;
  return (
    <UntilLoaded fallback={plain}>
      <Read text={text} onSave={onSave} />
    </UntilLoaded>
  );
}

function Read({ text, onSave }: { text: string; onSave: Props['onSave'] }) {
  const { Markdown } = useLater(markdown);
  const [whole, setWhole] = useState(false);
  const isLong = !whole && text.length > SHOWN_AT_FIRST;
  const shown = isLong ? text.slice(0, SHOWN_AT_FIRST) : text;
  return (
    <>
      <Markdown text={plainly(shown)} onChange={(to) => void onSave(to + text.slice(shown.length))} />
      {isLong && (
        <View className="flex-row">
          <Button label="Show all of it" kind="quiet" onPress={() => setWhole(true)} />
        </View>
      )}
    </>
  );
}

type EditedProps = Required<Omit<Props, 'begun'>> & { onRead: (() => void) | null; focusFirst: boolean };

function Edited({ label, text, onSave, onRead, focusFirst }: EditedProps) {
  const [area, setArea] = useState<HTMLTextAreaElement | null>(null);
  // what is held is a field for several lines
  const hold = useCallback(
    (field: unknown) => setArea(elementOf(field as TextInput | null) as HTMLTextAreaElement | null),
    [],
  );
  const put = (mark: Mark) => {
    if (!area) return;
    const change = marking(mark, area.value, area.selectionStart, area.selectionEnd);
    area.focus();
    area.setSelectionRange(change.from, change.to);
    // the one way that the browser's own undo goes on to work; what is left of nothing is to be deleted
    document.execCommand(change.text === '' ? 'delete' : 'insertText', false, change.text);
    area.setSelectionRange(...change.selected);
  };
  return (
    <View className="gap-1">
      <View
        role="toolbar"
        aria-label={`Marks in ${label}`}
        className="flex-row flex-wrap items-center"
        // the field keeps the keyboard, and what is selected in it
        {...webProps({ onMouseDown: ({ nativeEvent }) => nativeEvent.preventDefault() })}
      >
        {marks.map((mark) => (
          <Button key={mark} label={markNames[mark]} kind="quiet" onPress={() => put(mark)} />
        ))}
        {onRead && <Button label="Read" says={`Read: ${label}`} kind="quiet" onPress={onRead} />}
      </View>
      <Field
        label={label}
        multiline
        text={text}
        read={readWords}
        onSave={onSave}
        focusFirst={focusFirst}
        takeHold={hold}
      />
    </View>
  );
}
