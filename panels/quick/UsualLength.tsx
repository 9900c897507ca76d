import { View } from 'react-native';
import { lengthText } from '@/core/capture/writeLine';
import { similarTook, tookWords } from '@/core/review/similar';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import type { TypedLine } from './useLine';

/** What done tasks with a title like it took, of a line that tells no length; a press adds it to the line. */
export function UsualLength({
  typed: { text, quick, type },
  onTaken,
}: {
  typed: TypedLine;
  onTaken: () => void;
}) {
  const { now } = useMoment();
  const workspace = useWorkspace();
  const { task } = quick;
  const took = task.estimate === null ? similarTook(workspace, task, now) : undefined;
  if (!took) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-2">
      <Words size="xs" tone="soft">
        {tookWords(took)}
      </Words>
      <Button
        label={durationWords(took.minutes)}
        says={`${durationWords(took.minutes)}, as its estimate`}
        onPress={() => {
          type(`${text.trimEnd()} ${lengthText(took.minutes)}`);
          onTaken();
        }}
      />
    </View>
  );
}
