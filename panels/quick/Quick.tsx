import { useEffect, useMemo, useRef, useState } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { addEventAt } from '@/actions/events';
import { makeOfLines } from '@/actions/quick';
import { comingMeetings } from '@/core/calendar/layers';
import { readLine, type Chip } from '@/core/capture/quickLine';
import { eventHours, judgeLine, quickTaskOf } from '@/core/capture/quickTask';
import { linesOf } from '@/core/capture/manyLines';
import { bounds } from '@/core/model/bounds';
import { judge } from '@/core/plan/judge';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { Findings } from '@/board/Findings';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { elementOf } from '@/ui/dom';
import { draftOf, keepDraft } from '@/ui/drafts';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Many } from './Many';
import { chipWords, eventWords, madeWords } from './quickWords';

const DRAFT = 'Quick line';

/** How many days ahead meetings are known by name. */
const MEETING_DAYS = 28;

type Kind = 'task' | 'event';

/** Whether a date in figures begins with the month where the browser is from. */
const monthFirst = () => {
  const [first] = new Intl.DateTimeFormat(navigator.language).formatToParts().map(({ type }) => type);
  return first === 'month';
};

/** What is typed in one line, how it is understood, and what was typed before. */
function useLine() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const [text, setText] = useState(() => draftOf(DRAFT));
  const [literal, setLiteral] = useState<readonly number[]>([]);
  const [last, setLast] = useState('');
  const [id, setId] = useState(newId);
  const [kind, setKind] = useState<Kind>('task');
  const meetings = useMemo(() => comingMeetings(workspace, MEETING_DAYS, zone, now), [workspace, zone, now]);
  const reader = { workspace, meetings, now, zone, monthFirst: monthFirst() };
  const line = readLine(text, reader, literal);
  const quick = quickTaskOf(line, workspace, { id, createdAt: now, zone });
  const hours = eventHours(line, zone);
  const ready = line.title !== '' && (kind === 'task' || hours !== undefined);
  const type = (typed: string) => {
    keepDraft(DRAFT, typed);
    // what was taken back stays so while the words before it do
    setLiteral(literal.filter((at) => typed.slice(0, at) === text.slice(0, at)));
    setText(typed);
  };
  const make = () => {
    if (!ready) return;
    const made =
      kind === 'event' && hours ? addEventAt({ title: line.title, ...hours }) : makeOfLines([quick]);
    if (!made) return;
    setLast(text);
    type('');
    setId(newId());
  };
  const takeBack = (chip: Chip) => setLiteral([...literal, chip.from]);
  return { reader, text, line, quick, hours, kind, setKind, ready, last, type, make, takeBack };
}

/** One typed line becomes a task, with its block or its place in a tray, or an event; it stays open for the next one. */
function Quick() {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { reader, text, line, quick, hours, kind, setKind, ready, last, type, make, takeBack } = useLine();
  const field = useRef<TextInput>(null);
  const [many, setMany] = useState<readonly string[]>([]);
  const take = (typed: string) => {
    const lines = linesOf(typed);
    if (lines.length > 1) setMany(lines);
    else type(typed.replace(/\s*\n\s*/g, ' '));
  };
  useEffect(() => {
    if (many.length === 0) field.current?.focus();
  }, [many]);
  const findings =
    kind === 'task'
      ? judgeLine(workspace, quick, zone)
      : hours
        ? judge(workspace, { what: { kind: 'newEvent' }, to: { kind: 'hours', ...hours } }, { zone })
        : [];
  if (many.length > 0) return <Many lines={many} reader={reader} onDone={() => setMany([])} />;
  const titleMissing = text.trim() !== '' && line.title === '';
  return (
    <View className="gap-3">
      <TextInput
        ref={field}
        aria-label="Quick line"
        aria-invalid={titleMissing}
        multiline
        numberOfLines={2}
        maxLength={bounds.title}
        placeholder="Read the gauges Thu 14:30 45m in Field surveys"
        placeholderTextColor="var(--ink-soft)"
        value={text}
        onChangeText={take}
        onKeyPress={(event) => {
          const { key } = event.nativeEvent;
          if (key === 'ArrowUp' && text === '' && last !== '') type(last);
          if (key !== 'Enter') return;
          // it is one line, however many it takes to show
          event.preventDefault();
          make();
        }}
        className="rounded-lg border border-ink-soft bg-surface px-3 py-2.5 font-text text-base text-ink"
      />
      {line.chips.length > 0 && (
        <View role="list" aria-label="Understood" className="flex-row flex-wrap gap-2">
          {line.chips.map((chip) => (
            <Understood
              key={chip.kind}
              words={chipWords(chip, line, workspace, reader)}
              onSelect={() => mark(field.current, chip)}
              onTakeBack={() => takeBack(chip)}
            />
          ))}
        </View>
      )}
      <View aria-live="polite" className="gap-1">
        {text.trim() === '' ? (
          <Words size="xs" tone="soft">
            In plain words, in any order: a day and an hour, a length, “by Friday”, “urgent”, “in” a list,
            “every Monday”. Several lines can be pasted at once. The arrow up brings back the last line.
          </Words>
        ) : titleMissing ? (
          <Words tone="brick">A title is missing: what shall be done?</Words>
        ) : (
          <>
            <Words>
              {kind === 'event'
                ? eventWords(line, hours, workspace, zone)
                : madeWords(quick, workspace, zone)}
            </Words>
            <Findings findings={findings} />
          </>
        )}
      </View>
      <View className="flex-row flex-wrap items-end justify-between gap-2">
        <Choice
          label="Make it"
          hideLabel
          value={kind}
          onChoose={setKind}
          options={[
            { value: 'task', name: 'A task' },
            { value: 'event', name: 'An event' },
          ]}
        />
        <Button label="Add" says="Add what the line says" kind="primary" disabled={!ready} onPress={make} />
      </View>
    </View>
  );
}

/** Marks the words of a chip in the line, to be typed anew. */
function mark(field: TextInput | null, { from, to }: Chip): void {
  const line = elementOf(field);
  if (!(line instanceof HTMLTextAreaElement)) return;
  line.focus();
  line.setSelectionRange(from, to);
}

type UnderstoodProps = { words: string; onSelect: () => void; onTakeBack: () => void };

/** One thing that was understood: a press marks its words in the line, the cross gives them back to the title. */
const Understood = ({ words, onSelect, onTakeBack }: UnderstoodProps) => (
  <View role="listitem" className="flex-row items-center rounded-lg border border-pine bg-surface pl-1">
    <Pressable
      role="button"
      aria-label={`${words}: mark its words`}
      onPress={onSelect}
      className="min-h-[44px] justify-center px-2"
    >
      <Words face="strong" tone="pine">
        {words}
      </Words>
    </Pressable>
    <IconButton label={`Take back: ${words}`} icon="close" colour="ink-soft" onPress={onTakeBack} />
  </View>
);

declare module '@/ui/panels' {
  interface Panels {
    quick: object;
  }
}

export const quick: Panel<Panels['quick']> = { useTitle: () => 'Quick line', Content: Quick };
