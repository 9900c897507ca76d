import { View } from 'react-native';
import { subjectTitle } from '@/core/tasks/places';
import { lengthOf, MINUTE } from '@/core/time/span';
import { asLine, clockWords, dayWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { spanOfEntry } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { answerPanel, closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Asks what of a timer counts that ran on unseen. Closing it counts all of it. */
export function UnseenTime({ entryId, unseen, to }: Panels['unseen']) {
  const workspace = useWorkspace();
  const clock = useWorkspace().settings.clock;
  const { zone, now, today } = useMoment();
  const entry = workspace.entries.get(entryId);
  if (!entry) return <Words>This time entry is no longer there.</Words>;
  const all = durationWords(lengthOf(spanOfEntry(entry, now)));
  const seen = durationWords((to - entry.from) / MINUTE);
  const day = dateOf(to, zone);
  const end = `${day === today ? '' : `${dayWords(day, today, workspace.settings)}, `}${clockWords(to, zone, clock)}`;
  return (
    <View className="gap-3">
      <Words>
        {`The timer on “${subjectTitle(entry.subject, workspace)}” has counted ${all}. For ${durationWords(unseen / MINUTE)} of it Sprindle was closed, the computer slept, or its clock was set.`}
      </Words>
      {entry.to === null && (
        <Button
          label={`Keep ${seen}, and go on from now`}
          kind="primary"
          onPress={() => answerPanel('unseen', 'go on')}
        />
      )}
      <Button label={asLine(`keep ${seen}, ended ${end}`)} onPress={() => answerPanel('unseen', 'end')} />
      <Button label={`Count all ${all}`} kind="quiet" onPress={closePanel} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Time of a running entry that nobody saw go by (ms), and when it was last seen (epoch ms). */
    unseen: { readonly entryId: string; readonly unseen: number; readonly to: number };
  }
  interface Answers {
    unseen: 'end' | 'go on';
  }
}

export const unseen: Panel<Panels['unseen']> = {
  useTitle: () => 'The timer ran on unseen',
  Content: UnseenTime,
};
