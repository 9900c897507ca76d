import { useEffect, useId, useRef, useState } from 'react';
import { TextInput, View, type NativeSyntheticEvent, type TextInputKeyPressEventData } from 'react-native';
import { announce } from './announce';
import { fieldOf, keyPressed } from './dom';
import { draftOf, keepDraft } from './drafts';
import { Words } from './Words';

/** What came of reading typed text: a value, or a problem in words. */
export type Reading<T> = { readonly value: T } | { readonly problem: string };

export type FieldProps<T> = {
  label: string;
  /** The stored value as text. */
  text: string;
  read: (typed: string) => Reading<T>;
  /** Stores the value; false when it was refused, or why in words. */
  onSave: (value: T) => boolean | string | void;
  placeholder?: string;
  multiline?: boolean;
  /** One line that takes as many as its words need, so that none of it is out of sight. */
  wraps?: boolean;
  /** Nobody is to read it over one's shoulder, nor hear it. */
  secret?: boolean;
  hideLabel?: boolean;
  focusFirst?: boolean;
  /** Why the value was refused elsewhere, as by the button that wanted to use it. */
  refusal?: string | null;
  /** What Enter does with a value once it is stored; with Shift it goes on to something else. */
  onEnter?: (value: T) => void;
  onShiftEnter?: () => void;
  /** Told the field itself once it stands, for those who give it the keyboard. */
  takeHold?: (input: { focus: () => void } | null) => void;
  /** Save with Enter only and empty the field afterwards, for adding one after the other; what is left unsaved stays as a draft. */
  adding?: boolean;
};

/**
 * A text field that saves itself when it is left, however that comes about, or Enter is pressed. What cannot be read
 * stays in the field with the reason beneath it, and nothing is stored.
 */
export function Field<T>({
  label,
  text,
  read,
  onSave,
  placeholder,
  multiline = false,
  wraps = false,
  secret = false,
  hideLabel,
  focusFirst,
  refusal = null,
  adding,
  onEnter,
  onShiftEnter,
  takeHold,
}: FieldProps<T>) {
  const [typed, setTyped] = useState(() => (adding && draftOf(label)) || text);
  const [unread, setProblem] = useState<string | null>(null);
  const problem = unread ?? refusal;
  const [stored, setStored] = useState(text);
  /** What was typed and has been saved: no state, as saving may take the field away at once. */
  const saved = useRef<string | null>(null);
  const id = useId();
  const input = useRef<TextInput>(null);

  if (text !== stored) {
    setStored(text);
    setTyped(text);
    setProblem(null);
  }
  useEffect(() => {
    if (saved.current !== null) announce(secret ? label : `${label}: ${text || 'nothing'}`);
    saved.current = null;
  }, [text, label, secret]);
  useEffect(() => {
    if (!focusFirst) return;
    input.current?.focus();
    // as Tab does it, so that typing takes its place
    fieldOf(input.current)?.select();
  }, [focusFirst]);

  useEffect(() => takeHold?.(input.current), [takeHold]);

  const change = (given: string) => {
    const to = wraps ? given.replace(/\s*\n\s*/g, ' ') : given;
    setTyped(to);
    if (adding) keepDraft(label, to);
  };

  const save = () => {
    if (typed === stored || typed === saved.current) return setProblem(null);
    const reading = read(typed);
    if ('problem' in reading) return setProblem(reading.problem);
    setProblem(null);
    saved.current = adding ? null : typed;
    const refused = onSave(reading.value);
    if (typeof refused === 'string') setProblem(refused);
    if (refused === false || typeof refused === 'string') saved.current = null;
    else if (adding) change('');
  };

  const enter = () => {
    save();
    const reading = read(typed);
    if (onEnter && 'value' in reading) onEnter(reading.value);
  };
  const pressed = (event: NativeSyntheticEvent<TextInputKeyPressEventData>) => {
    const { key, shiftKey } = keyPressed(event);
    if (key !== 'Enter') return;
    if (shiftKey && onShiftEnter) {
      event.preventDefault();
      onShiftEnter();
    } else if (wraps) {
      event.preventDefault();
      enter();
    }
  };

  useLeaving(adding ? undefined : save);

  return (
    <View className="gap-1">
      {!hideLabel && (
        <Words size="xs" tone="soft">
          {label}
        </Words>
      )}
      <TextInput
        // submitBehavior is not known to React Native for Web
        blurOnSubmit={false}
        ref={input}
        aria-label={label}
        aria-invalid={problem !== null}
        aria-describedby={problem ? id : undefined}
        value={typed}
        onChangeText={change}
        onBlur={adding ? undefined : save}
        onSubmitEditing={enter}
        onKeyPress={onShiftEnter || wraps ? pressed : undefined}
        secureTextEntry={secret}
        placeholder={placeholder}
        placeholderTextColor="var(--ink-soft)"
        multiline={multiline || wraps}
        // it grows with what is typed, up to where it scrolls
        numberOfLines={multiline ? Math.max(3, Math.min(14, typed.split('\n').length + 1)) : 1}
        className={`min-h-[44px] rounded-lg border bg-surface px-3 py-2.5 font-text text-base text-ink ${wraps ? '[field-sizing:content]' : ''} ${problem ? 'border-brick' : 'border-field'}`}
      />
      {problem && (
        <Words id={id} size="xs" tone="brick" role="alert">
          {problem}
        </Words>
      )}
    </View>
  );
}

/** Runs `leave` when the field goes away while it is typed in: its sheet is closed by a key, or the page is left. */
function useLeaving(leave: (() => void) | undefined) {
  const latest = useRef(leave);
  useEffect(() => {
    latest.current = leave;
  });
  useEffect(() => {
    const now = () => latest.current?.();
    const hidden = () => document.visibilityState === 'hidden' && now();
    // before the store writes what is not yet on disk
    window.addEventListener('pagehide', now, { capture: true });
    document.addEventListener('visibilitychange', hidden, { capture: true });
    return () => {
      window.removeEventListener('pagehide', now, { capture: true });
      document.removeEventListener('visibilitychange', hidden, { capture: true });
      now();
    };
  }, []);
}
