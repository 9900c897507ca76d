import type { ReactNode } from 'react';
import { giveMore, hush, useHushed } from '@/actions/asking';
import { askWhatCounts, countMeeting } from '@/actions/whatCounts';
import { start, stop, toggleDone } from '@/actions/tasks';
import { JoinButton } from '@/board/JoinButton';
import { asksNow, type Asked } from '@/core/review/asking';
import type { TimeEntry } from '@/core/model/plan';
import { subjectTitle } from '@/core/tasks/places';
import { asLine, clockWords, dayWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { runningEntry } from '@/core/track/entries';
import { subjectOfMeeting } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { useSteady } from '@/ui/steady';
import { TopLine } from './TopLine';

/** More than an hour over, not all of it may count. */
const LONG_OVER = 60;
const MORE = 15;

/** What is asked while the timer runs: more time, or the meeting that has begun; nothing once it was answered. */
export function AskLine() {
  const { zone, now } = useMoment();
  const asks = asksNow(useWorkspace(), zone, now);
  const hushed = useHushed(({ keys }) => keys);
  const asked = asks.find(({ key }) => !hushed.includes(key));
  const shown = useSteady(asked?.key);
  return asked && shown === asked.key ? <Ask asked={asked} /> : null;
}

function Ask({ asked }: { asked: Asked }) {
  const workspace = useWorkspace();
  const { zone, today } = useMoment();
  const entry = runningEntry(workspace.entries);
  if (!entry) return null;
  const runs = subjectTitle(entry.subject, workspace);
  if (asked.kind === 'begun') {
    const { meeting } = asked;
    return (
      <Line asked={asked} title={`${meeting.title} has begun`} line={`The timer runs on ${runs}.`}>
        <Button
          label="Switch to it"
          says={`Switch to it: ${meeting.title}`}
          onPress={() => start(subjectOfMeeting(meeting))}
        />
        <JoinButton meeting={meeting} />
      </Line>
    );
  }
  if (asked.kind === 'ended')
    return (
      <Line
        asked={asked}
        title={`${runs} was to end at ${clockWords(asked.meeting.to, zone, workspace.settings.clock)}`}
        line="The timer still runs on it."
      >
        <Button label="Stop it" says={`Stop the timer on ${runs}`} onPress={stop} />
      </Line>
    );
  if (asked.kind === 'through') {
    const { meeting } = asked;
    const { clock } = workspace.settings;
    const date = dateOf(meeting.from, zone);
    const day = date === today ? '' : `${asLine(dayWords(date, today, workspace.settings))}, `;
    return (
      <Line
        asked={asked}
        title={`The timer ran on through ${meeting.title}`}
        line={`${day}${clockWords(meeting.from, zone, clock)} – ${clockWords(meeting.to, zone, clock)} counts for ${runs} so far.`}
      >
        <Button
          label="I was in it"
          says={`I was in it: ${meeting.title}`}
          onPress={() => countMeeting(entry, meeting)}
        />
        <WhatCounts entry={entry} title={runs} />
      </Line>
    );
  }
  const { task, by } = asked;
  return (
    <Line
      asked={asked}
      title={`${runs} has taken its ${durationWords(task.estimate ?? 0)}`}
      line={by > 0 ? `${durationWords(by)} more so far.` : 'Is it done, or does it take longer?'}
    >
      <Button
        label="Done"
        says={`Done: ${task.title}, which has taken its time`}
        onPress={() => toggleDone(task)}
      />
      <Button
        label={`${MORE} min more`}
        says={`${MORE} min more for ${task.title}`}
        onPress={() => giveMore(task, MORE)}
      />
      {by >= LONG_OVER && <WhatCounts entry={entry} title={task.title} />}
    </Line>
  );
}

const WhatCounts = ({ entry, title }: { entry: TimeEntry; title: string }) => (
  <Button label="What counts…" says={`What counts… for ${title}`} onPress={() => void askWhatCounts(entry)} />
);

type LineProps = { asked: Asked; title: string; line: string; children: ReactNode };

const Line = ({ asked, title, line, children }: LineProps) => (
  <TopLine kind="Asked" title={title} line={line}>
    {children}
    <Button label="Not now" says={`Not now: ${title}`} kind="quiet" onPress={() => hush(asked.key)} />
  </TopLine>
);
