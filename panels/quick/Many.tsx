import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { stepsOfPasted } from '@/actions/inbox';
import { makeOfLines } from '@/actions/quick';
import type { Reader } from '@/core/capture/chip';
import { meaningOfHeading, readUnder, type HeadingMeaning } from '@/core/capture/headings';
import type { Pasted } from '@/core/capture/pasted';
import { readLine, type QuickLine } from '@/core/capture/quickLine';
import { listUnsaid, quickTaskOf, type QuickTask } from '@/core/capture/quickTask';
import { placedByTemplate } from '@/core/capture/templatePlace';
import type { Id } from '@/core/model/common';
import type { Due } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Foot } from '@/ui/Foot';
import { CheckBox } from '@/ui/CheckBox';
import { Words } from '@/ui/Words';
import { headingWords } from './quickWords';
import { PastedLine } from './PastedLine';

type Props = { pasted: readonly Pasted[]; reader: Reader; home: Id | undefined; onDone: () => void };

/** How many lines are read before the screen is drawn again, and how many are shown at first. */
const SLICE = 25;
const PAGE = 100;

type Read = ReturnType<typeof readUnder>;

/** Reads lines a few at a time, so that thousands of them hold nothing up; `read` is the same as long as the panel stands. */
function useRead(pasted: readonly Pasted[], read: (item: Pasted) => Read): readonly Read[] {
  const [lines, setLines] = useState<readonly Read[]>([]);
  useEffect(() => {
    if (lines.length >= pasted.length) return;
    const timer = setTimeout(() => {
      const next = pasted.slice(lines.length, lines.length + SLICE);
      setLines([...lines, ...next.map(read)]);
    });
    return () => clearTimeout(timer);
  }, [lines, pasted, read]);
  return lines;
}

type Heading = {
  readonly name: string;
  readonly meaning: HeadingMeaning;
  readonly newId: Id;
  /** How many lines stand below it. */
  readonly count: number;
};

/** What the headings of pasted lines mean, and which of them hold: what is there holds at first, what would be new does not. */
function useHeadings(pasted: readonly Pasted[], reader: Reader) {
  const [all] = useState<readonly Heading[]>(() => {
    const counts = new Map<string, number>();
    for (const { heading } of pasted)
      if (heading !== undefined) counts.set(heading, (counts.get(heading) ?? 0) + 1);
    return [...counts].map(([name, count]) => ({
      name,
      meaning: meaningOfHeading(name, reader),
      newId: newId(),
      count,
    }));
  });
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const holds = ({ name, meaning }: Heading) => turned.has(name) !== (meaning.kind !== 'newList');
  const turn = (name: string) => {
    const next = new Set(turned);
    if (!next.delete(name)) next.add(name);
    setTurned(next);
  };
  const holding = (name: string | undefined) =>
    all.find((heading) => heading.name === name && holds(heading));
  return { all, holds, turn, holding };
}

/** The list that lines under a heading go to. */
const homeUnder = (heading: Heading | undefined): Id | undefined => {
  if (heading?.meaning.kind === 'list') return heading.meaning.listId;
  return heading?.meaning.kind === 'newList' ? heading.newId : undefined;
};

/** Several pasted lines, each as it is understood, before they count. */
export function Many({ pasted, reader, home, onDone }: Props) {
  const workspace = useWorkspace();
  const [first] = useState({ pasted, reader });
  const headings = useHeadings(first.pasted, first.reader);
  const [readOne] = useState(() => (item: Pasted): Read => {
    const isDay = headings.all.some(({ name, meaning }) => name === item.heading && meaning.kind === 'day');
    // only a day makes of the line something else
    if (isDay) return readUnder(item, first.reader);
    const alone = readLine(item.line, first.reader);
    return { alone, under: alone };
  });
  const lines = useRead(first.pasted, readOne);
  const [out, setOut] = useState<ReadonlySet<number>>(new Set());
  const [due, setDue] = useState<ReadonlyMap<number, Due>>(new Map());
  const [shown, setShown] = useState(PAGE);
  const { zone, now } = first.reader;
  const read = lines.flatMap(({ alone, under }, at) => {
    const item = first.pasted[at];
    if (!item || out.has(at)) return [];
    const heading = headings.holding(item.heading);
    return [{ at, item, line: heading?.meaning.kind === 'day' ? under : alone, heading }];
  });
  const good = read.filter(({ line }) => line.title !== '');
  const reading = lines.length < first.pasted.length;
  const saidBy = (line: QuickLine, heading: Heading | undefined): QuickTask =>
    quickTaskOf(line, workspace, { id: newId(), createdAt: now, zone, home: homeUnder(heading) ?? home });
  const make = () => {
    const all = good.map(({ at, line, item, heading }) => {
      const quick = placedByTemplate(saidBy(line, heading), line, workspace, { now, zone });
      const steps = item.steps.length > 0 ? { steps: stepsOfPasted(item.steps) } : {};
      const day = due.get(at);
      const dated = day ? dueOf(quick.task, day) : quick.task;
      return { ...quick, task: { ...dated, notes: item.notes, ...steps } };
    });
    const lists = headings.all.flatMap((heading) =>
      heading.meaning.kind === 'newList' && headings.holds(heading)
        ? [{ id: heading.newId, name: heading.meaning.name }]
        : [],
    );
    if (makeOfLines(all, lists)) onDone();
  };
  const chooseDue = (at: number, day: Due | null) => {
    const next = new Map(due);
    if (day) next.set(at, day);
    else next.delete(at);
    setDue(next);
  };
  return (
    <View className="gap-3">
      <Words face="strong" aria-live="polite">
        {reading
          ? `${lines.length} of ${first.pasted.length} lines are read…`
          : `${good.length === 1 ? 'One task' : `${good.length} tasks`}, as they are understood`}
      </Words>
      {headings.all.length > 0 && (
        <View role="group" aria-label="Headings">
          {headings.all.slice(0, PAGE).map((heading) => (
            <CheckBox
              key={heading.name}
              label={headingWords(heading, workspace)}
              checked={headings.holds(heading)}
              onToggle={() => headings.turn(heading.name)}
            />
          ))}
        </View>
      )}
      <View role="list" aria-label="Lines">
        {read.slice(0, shown).map(({ at, item, line, heading }) => {
          const unsaid = listUnsaid(item.line, line, saidBy(line, heading));
          return (
            <PastedLine
              key={at}
              item={item}
              line={line}
              chips={unsaid ? [...line.chips, unsaid] : line.chips}
              newList={heading?.meaning.kind === 'newList' ? heading.meaning.name : ''}
              reader={first.reader}
              due={due.get(at) ?? null}
              onDue={(day) => chooseDue(at, day)}
              onLeave={() => setOut(new Set([...out, at]))}
            />
          );
        })}
      </View>
      {read.length > shown && (
        <Button
          label={`Show ${Math.min(PAGE, read.length - shown)} more of ${read.length}`}
          kind="quiet"
          onPress={() => setShown(shown + PAGE)}
        />
      )}
      <Foot>
        <Button
          label={good.length === 1 ? 'Add the task' : `Add ${good.length} tasks`}
          kind="primary"
          disabled={good.length === 0 || reading}
          onPress={make}
        />
        <Button label="Leave them" kind="quiet" onPress={onDone} />
      </Foot>
    </View>
  );
}

/** A task that is due then, and so no longer waits in the inbox. */
function dueOf({ inbox: _, ...task }: QuickTask['task'], due: Due): QuickTask['task'] {
  return { ...task, due };
}
