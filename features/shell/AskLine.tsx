import type { ReactNode } from 'react';
import { giveMore, hush, useHushed } from '@/actions/asking';
import { start, stop, toggleDone } from '@/actions/tasks';
import { JoinButton } from '@/board/JoinButton';
import { asksNow, type Asked } from '@/core/review/asking';
import { subjectTitle } from '@/core/tasks/places';
import { clockWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { runningEntry } from '@/core/track/entries';
import { subjectOfMeeting } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useSteady } from '@/ui/steady';
import { TopLine } from './TopLine';

/** More than an hour over, the record is rather to be corrected. */
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
  const { zone, now } = useMoment();
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
  const { task, by } = asked;
  const correct = () => openPanel({ kind: 'spent', subject: entry.subject, date: dateOf(now, zone) });
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
      {by >= LONG_OVER && (
        <Button label="What counts…" says={`What of it counts for ${task.title}…`} onPress={correct} />
      )}
    </Line>
  );
}

type LineProps = { asked: Asked; title: string; line: string; children: ReactNode };

const Line = ({ asked, title, line, children }: LineProps) => (
  <TopLine kind="Asked" title={title} line={line}>
    {children}
    <Button label="Not now" says={`Not now: ${title}`} kind="quiet" onPress={() => hush(asked.key)} />
  </TopLine>
);
