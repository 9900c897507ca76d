import { View } from 'react-native';
import { sealOn } from '@/core/model/seal';
import { sinceSeal } from '@/core/plan/sinceSeal';
import { sinceWords } from '@/core/plan/sealWords';
import type { SealsOver } from '@/core/review/sealsOver';
import type { Stretch } from '@/core/time/stretch';
import { distanceWords, signedWords } from '@/core/time/words';
import { MINUTE } from '@/core/time/span';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** How the plan changed after it was sealed: of a week with the way to each thing, of more of them in sum. */
export function SealsLine({ stretch, seals }: { stretch: Stretch; seals: SealsOver }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { weeks, added, moved, dropped, elsewhere, minutes, shift, often } = seals;
  const seal = stretch.unit === 'week' ? sealOn(workspace, stretch.first) : undefined;
  const sum = [
    signedWords(minutes),
    `${added} added`,
    shift === null ? `${moved} moved` : `${moved} moved, the median by ${distanceWords(shift * MINUTE)}`,
    `${dropped} dropped`,
  ].join(', ');
  const named = often.map(({ title, times }) => `${title} ${times} times`).join(', ');
  return (
    <View role="group" aria-label="Since the seal">
      <View className="flex-row flex-wrap items-center gap-x-3">
        <Words>
          {seal
            ? `Since the seal: ${sinceWords(sinceSeal(workspace, seal, zone))}.`
            : `Since the seals of ${weeks === 1 ? 'one week' : `${weeks} weeks`}: ${sum}.`}
        </Words>
        {seal && (
          <Button
            label="What changed…"
            kind="quiet"
            onPress={() => openPanel({ kind: 'seal', week: seal.id })}
          />
        )}
      </View>
      {elsewhere > 0 && (
        <Words tone="soft">
          {elsewhere === 1 ? 'One task was' : `${elsewhere} tasks were`} worked on at other hours than sealed.
        </Words>
      )}
      {named !== '' && <Words tone="soft">Moved or dropped again and again: {named}.</Words>}
    </View>
  );
}
