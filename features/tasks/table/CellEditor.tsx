import { useEffect, useId, useRef, useState } from 'react';
import { TextInput, View, type NativeSyntheticEvent, type TextInputKeyPressEventData } from 'react-native';
import type { ColumnId } from '@/core/table/columns';
import { columnOf } from '@/core/table/columns';
import type { Task } from '@/core/model/task';
import { similarTook, tookWords } from '@/core/review/similar';
import { durationWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';
import { elementOf, keyPressed, webProps } from '@/ui/dom';
import { Words } from '@/ui/Words';
import { choicesOf, readCell } from './cells';
import { ROW } from './Row';

/** Where the keyboard goes when a cell is left: to the one below or beside it, to itself, or where it is already (null). */
export type Leaving = 'ArrowDown' | 'ArrowRight' | 'ArrowLeft' | 'here' | null;

type Props = {
  column: ColumnId;
  title: string;
  text: string;
  /** What was typed to open it, in place of what stood there; null keeps that. */
  typed: string | null;
  /** Whether what hangs from the cell hangs above it, as there is no room below. */
  above: boolean;
  /** Of which task: done ones like it say what to estimate. */
  of: Task | undefined;
  onKeep: (text: string, leaving: Leaving) => void;
  onLeave: () => void;
};

/**
 * Edits one cell. Enter keeps it and goes down, Tab to the right, a click elsewhere keeps it too, Escape leaves it as it
 * was. What cannot be read says so, and stays.
 */
export function CellEditor({ column, title, text, typed, above, of, onKeep, onLeave }: Props) {
  const [value, setValue] = useState(typed ?? text);
  const [problem, setProblem] = useState<string | null>(null);
  const [at, setAt] = useState(-1);
  const input = useRef<TextInput>(null);
  const closed = useRef(false);
  const id = useId();
  const name = columnOf(column).name;
  const [took] = useState(() =>
    column === 'estimate' && of ? similarTook(currentWorkspace(), of, here().now) : undefined,
  );
  const usual = took ? [durationWords(took.minutes)] : [];
  const choices = [...choicesOf(column), ...usual].filter(
    (choice) => value === text || choice.toLowerCase().includes(value.trim().toLowerCase()),
  );

  useEffect(() => {
    input.current?.focus();
    // typing goes on after the first letter; else what stands there is replaced by the first one typed
    if (typed === null) (elementOf(input.current) as HTMLInputElement | null)?.select(); // an input
  }, [typed]);

  const keep = (to: string, leaving: Leaving) => {
    if (closed.current) return;
    const reading = readCell(column, to);
    if (to !== text && 'problem' in reading) return setProblem(reading.problem);
    closed.current = true;
    onKeep(to, leaving);
  };
  const leave = () => {
    closed.current = true;
    onLeave();
  };
  const pressed = (event: NativeSyntheticEvent<TextInputKeyPressEventData>) => {
    const { key, shiftKey } = keyPressed(event);
    const chosen = choices[at] ?? value;
    if (key === 'Enter') keep(chosen, 'ArrowDown');
    else if (key === 'Tab') keep(chosen, shiftKey ? 'ArrowLeft' : 'ArrowRight');
    else if (key === 'Escape') leave();
    else if (choices.length > 0 && key === 'ArrowDown') setAt(Math.min(at + 1, choices.length - 1));
    else if (choices.length > 0 && key === 'ArrowUp') setAt(Math.max(at - 1, -1));
    else return;
    event.preventDefault();
  };

  return (
    <View className="justify-center" style={{ height: ROW - 1 }}>
      <TextInput
        blurOnSubmit={false}
        ref={input}
        aria-label={`${name} of ${title}`}
        aria-invalid={problem !== null}
        aria-describedby={problem ? id : undefined}
        value={value}
        onChangeText={(to) => {
          setValue(to);
          setAt(-1);
          setProblem(null);
        }}
        onKeyPress={pressed}
        onBlur={() => keep(value, null)}
        className="h-8 bg-surface font-text text-sm text-ink outline-none"
      />
      {(problem || choices.length > 0) && (
        <View
          className={`absolute -left-2.5 z-20 min-w-[180px] border border-line bg-surface p-1 shadow ${above ? 'bottom-10' : 'top-10'}`}
        >
          {problem && (
            <Words id={id} size="xs" tone="brick" role="alert" className="max-w-[260px] p-1">
              {problem}
            </Words>
          )}
          {took && choices.length > 0 && (
            <Words size="xs" tone="soft" className="max-w-[260px] p-1">
              {tookWords(took)}
            </Words>
          )}
          {choices.length > 0 && (
            <Choices name={name} choices={choices} at={at} onChoose={(choice) => keep(choice, 'here')} />
          )}
        </View>
      )}
    </View>
  );
}

type ChoicesProps = {
  name: string;
  choices: readonly string[];
  at: number;
  onChoose: (choice: string) => void;
};

/** What can be chosen for a cell, and which of it Enter takes. */
const Choices = ({ name, choices, at, onChoose }: ChoicesProps) => (
  <View aria-label={name} {...webProps({ role: 'listbox' })}>
    {choices.map((choice, i) => (
      <View
        key={choice}
        role="option"
        aria-selected={i === at}
        className={`min-h-[32px] justify-center rounded px-2 hover:bg-sunken ${i === at ? 'bg-sunken' : ''}`}
        {...webProps({
          onMouseDown: ({ nativeEvent }) => {
            // the field keeps the keyboard until the choice is kept
            nativeEvent.preventDefault();
            onChoose(choice);
          },
        })}
      >
        <Words>{choice}</Words>
      </View>
    ))}
  </View>
);
