import { useMemo } from 'react';
import { View } from 'react-native';
import { turnsOf, turnWords } from '@/core/review/turns';
import { subjectTitle } from '@/core/tasks/places';
import { lengthOf, MINUTE } from '@/core/time/span';
import { asLine, clockWords, dayWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { spanOfEntry } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { answerPanel, closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** An hour as it is said, with its day if that is not today. */
function useHourWords() {
  const { settings } = useWorkspace();
  const { zone, today } = useMoment();
  return (at: number) => {
    const day = dateOf(at, zone);
    const hour = clockWords(at, zone, settings.clock);
    return day === today ? hour : `${dayWords(day, today, settings)}, ${hour}`;
  };
}

/** Asks what of a timer's time counts. Closing it counts all of it. */
export function WhatCounts({ entryId, unseen }: Panels['whatCounts']) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const hour = useHourWords();
  const entry = workspace.entries.get(entryId);
  const turns = useMemo(
    () => (entry ? turnsOf(workspace, entry, zone, now) : []),
    [workspace, entry, zone, now],
  );
  if (!entry) return <Words>This time entry is no longer there.</Words>;
  const all = durationWords(lengthOf(spanOfEntry(entry, now)));
  const title = subjectTitle(entry.subject, workspace);
  const correct = () => {
    closePanel();
    openPanel({ kind: 'spent', subject: entry.subject, date: dateOf(entry.from, zone) });
  };
  return (
    <View className="gap-3">
      <Words>
        {`The timer on “${title}” has counted ${all}. ${
          unseen
            ? `For ${durationWords(unseen.minutes)} of it Sprindle was closed, the computer slept, or its clock was set.`
            : `It was started ${hour(entry.from)}.`
        }`}
      </Words>
      {unseen && (
        <Seen
          seen={durationWords((unseen.seen - entry.from) / MINUTE)}
          end={hour(unseen.seen)}
          to={unseen.seen}
          runs={entry.to === null}
        />
      )}
      {turns.length > 0 && (
        <View className="gap-2">
          <Words size="xs" tone="soft">
            {unseen ? 'Or it ended' : 'It ended'}
          </Words>
          {turns.map((turn) => (
            <Button
              key={turn.at}
              label={asLine(`${hour(turn.at)}, when ${turnWords(turn)}`)}
              onPress={() => answerPanel('whatCounts', { to: turn.at, goesOn: false })}
            />
          ))}
        </View>
      )}
      <Button label={`Count all ${all}`} kind="quiet" onPress={closePanel} />
      {!unseen && <Button label="Correct the times…" kind="quiet" onPress={correct} />}
    </View>
  );
}

type SeenProps = { seen: string; end: string; to: number; runs: boolean };

/** Keeps what somebody saw run. */
const Seen = ({ seen, end, to, runs }: SeenProps) => (
  <>
    {runs && (
      <Button
        label={`Keep ${seen}, and go on from now`}
        kind="primary"
        onPress={() => answerPanel('whatCounts', { to, goesOn: true })}
      />
    )}
    <Button
      label={asLine(`keep ${seen}, ended ${end}`)}
      onPress={() => answerPanel('whatCounts', { to, goesOn: false })}
    />
  </>
);

declare module '@/ui/panels' {
  interface Panels {
    /** An entry that ran too long, perhaps; and what of it nobody saw go by (minutes), after `seen` (epoch ms). */
    whatCounts: {
      readonly entryId: string;
      readonly unseen: { readonly minutes: number; readonly seen: number } | undefined;
    };
  }
  interface Answers {
    /** Where the entry ends (epoch ms), and whether the timer goes on from now. */
    whatCounts: { readonly to: number; readonly goesOn: boolean };
  }
}

export const whatCounts: Panel<Panels['whatCounts']> = {
  useTitle: ({ unseen }) => (unseen ? 'The timer ran on unseen' : 'What of it counts'),
  Content: WhatCounts,
};
