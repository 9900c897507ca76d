import { useMemo, useState } from 'react';
import { addEventAt } from '@/actions/events';
import { makeOfLines, noteLine } from '@/actions/quick';
import { comingMeetings } from '@/core/calendar/layers';
import type { Chip } from '@/core/capture/chip';
import { changesOf } from '@/core/capture/otherWords';
import { readLine } from '@/core/capture/quickLine';
import { eventHours, quickTaskOf } from '@/core/capture/quickTask';
import { placedByTemplate } from '@/core/capture/templatePlace';
import { dayHoursOf } from '@/core/frame/dayHours';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { draftOf, keepDraft } from '@/ui/drafts';

const DRAFT = 'Quick line';

/** How many days ahead meetings are known by name. */
const MEETING_DAYS = 28;

export type Kind = 'task' | 'event' | 'scratch';

/** What is typed in one line, how it is understood, and what was typed before. */
export function useLine() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const [text, setText] = useState(() => draftOf(DRAFT));
  const [literal, setLiteral] = useState<readonly number[]>([]);
  const [last, setLast] = useState('');
  const [notes, setNotes] = useState<string | null>(null);
  const [id, setId] = useState(newId);
  const [kind, setKind] = useState<Kind>('task');
  const meetings = useMemo(() => comingMeetings(workspace, MEETING_DAYS, zone, now), [workspace, zone, now]);
  const today = dateOf(now, zone);
  const dayHours = useMemo(() => dayHoursOf(workspace, today), [workspace, today]);
  const reader = { workspace, meetings, now, zone, hours: dayHours };
  const line = readLine(text, reader, literal);
  const said = quickTaskOf(line, workspace, { id, createdAt: now, zone });
  const bare = placedByTemplate(said, line, workspace, reader);
  const quick = { ...bare, task: { ...bare.task, notes: notes ?? '' } };
  const hours = eventHours(line, zone);
  const isReady: Readonly<Record<Kind, boolean>> = {
    task: line.title !== '',
    event: line.title !== '' && hours !== undefined,
    scratch: text.trim() !== '',
  };
  const type = (typed: string) => {
    keepDraft(DRAFT, typed);
    // what was taken back stays so while the words before it do
    setLiteral(literal.filter((at) => typed.slice(0, at) === text.slice(0, at)));
    setText(typed);
  };
  const makeOf: Readonly<Record<Kind, () => boolean>> = {
    task: () => makeOfLines([quick]),
    event: () => hours !== undefined && Boolean(addEventAt({ title: line.title, ...hours })),
    scratch: () => noteLine(text.trim()),
  };
  const make = (as: Kind = kind) => {
    // what is missing for it is said below the line
    if (!isReady[as]) return setKind(as);
    if (!makeOf[as]()) return;
    setLast(text);
    type('');
    setId(newId());
    setNotes(null);
  };
  const changes = (chip: Chip) =>
    changesOf(text, chip, reader, (other) => readLine(other, reader, literal).chips);
  const takeBack = (chip: Chip) => setLiteral([...literal, chip.from]);
  return {
    reader,
    text,
    line,
    quick,
    hours,
    kind,
    setKind,
    ready: isReady[kind],
    last,
    notes,
    setNotes,
    type,
    make,
    takeBack,
    changes,
  };
}
