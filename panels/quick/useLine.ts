import { useState } from 'react';
import { addEventAt, addEventOn } from '@/actions/events';
import { makeOfLines, noteLine } from '@/actions/quick';
import type { Chip } from '@/core/capture/chip';
import { count } from '@/actions/day';
import { dateOf } from '@/core/time/zone';
import { countIn } from '@/core/capture/readCounted';
import { changesOf } from '@/core/capture/otherWords';
import { readLine } from '@/core/capture/quickLine';
import { meetingOf } from '@/core/capture/ofTemplate';
import { eventTime, listUnsaid, quickTaskOf, templateOf, valueOf } from '@/core/capture/quickTask';
import { placedByTemplate } from '@/core/capture/templatePlace';
import type { Id } from '@/core/model/common';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { draftOf, keepDraft } from '@/ui/drafts';
import { openPanel } from '@/ui/panels';
import { useReader } from '../parts/useReader';

export type TypedLine = ReturnType<typeof useLine>;

export type Kind = 'task' | 'event' | 'scratch';

/**
 * What is typed in one line, how it is understood, and what was typed before. What is left is kept as the draft of the name
 * `draft`; `home` is the list that is being added to.
 */
export function useLine(draft: string, home?: Id) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const [text, setText] = useState(() => draftOf(draft));
  const [literal, setLiteral] = useState<readonly number[]>([]);
  const [last, setLast] = useState({ text: '', literal });
  const [notes, setNotes] = useState<string | null>(null);
  const [id, setId] = useState(newId);
  const [kind, setKind] = useState<Kind>('task');
  const reader = useReader();
  const line = readLine(text, reader, literal);
  const said = quickTaskOf(line, workspace, { id, createdAt: now, zone, home });
  const bare = placedByTemplate(said, line, workspace, { now, zone });
  const quick = { ...bare, task: { ...bare.task, notes: notes ?? bare.task.notes } };
  const template = templateOf(line, workspace);
  const day = template?.day && { template, date: valueOf(line, 'when')?.date ?? dateOf(now, zone) };
  // a meeting has the hours that its template finds for it
  const meets = kind === 'task' && template?.meeting !== undefined;
  const makes: Kind = meets ? 'event' : kind;
  const time = meets && quick.goes?.kind === 'hours' ? quick.goes : eventTime(line, zone);
  const isReady: Readonly<Record<Kind, boolean>> = {
    task: line.title !== '',
    event: line.title !== '' && time !== undefined,
    scratch: text.trim() !== '',
  };
  const type = (typed: string) => {
    keepDraft(draft, typed);
    // what was taken back stays so while the words before it do
    setLiteral(literal.filter((at) => typed.slice(0, at) === text.slice(0, at)));
    setText(typed);
  };
  const details = { ...(template ? meetingOf(template) : {}), ...(notes === null ? {} : { notes }) };
  const counts = countIn(text, workspace.settings.routines.counted);
  const makeOf: Readonly<Record<Kind, () => boolean>> = {
    task: () => {
      if (counts) return count(dateOf(now, zone), counts.of, counts.value);
      if (!day) return makeOfLines([quick]);
      openPanel({ kind: 'layDay', date: day.date, templateId: day.template.id });
      return true;
    },
    event: () => {
      if (!time) return false;
      return time.kind === 'days'
        ? addEventOn({ title: line.title, details, from: time.from, days: time.days }) !== null
        : addEventAt({ title: line.title, details, start: time.start, minutes: time.minutes }) !== null;
    },
    scratch: () => noteLine(text.trim()),
  };
  const make = (as: Kind = makes) => {
    // what is missing for it is said below the line
    if (!isReady[as]) return setKind(as);
    if (!makeOf[as]()) return;
    setLast({ text, literal });
    type('');
    setId(newId());
    setNotes(null);
  };
  const bringBack = () => {
    type(last.text);
    setLiteral(last.literal);
  };
  const changes = (chip: Chip) =>
    changesOf(text, chip, reader, (other) => readLine(other, reader, literal).chips);
  const unsaid = listUnsaid(text, line, quick);
  const takeBack = (chip: Chip) => setLiteral([...literal, chip.from]);
  return {
    reader,
    text,
    line,
    isUntitled: text.trim() !== '' && line.title === '',
    chips: unsaid ? [...line.chips, unsaid] : line.chips,
    quick,
    counts,
    time,
    kind: makes,
    setKind,
    day,
    ready: isReady[makes],
    notes,
    setNotes,
    type,
    make,
    bringBack,
    takeBack,
    changes,
  };
}
