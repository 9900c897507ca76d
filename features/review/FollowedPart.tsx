import { memo } from 'react';
import { View } from 'react-native';
import { sealOn } from '@/core/model/seal';
import { sinceSeal } from '@/core/plan/sinceSeal';
import { sinceWords } from '@/core/plan/sealWords';
import { LEAST } from '@/core/review/findings';
import { followed, followedBy, followedPercent, type Followed } from '@/core/review/followed';
import type { LedgerRow } from '@/core/review/ledger';
import { durationWords, weekdayNames } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Pictured } from './Pictured';

const parts = [
  { of: 'asPlanned', name: 'as planned', look: 'bg-pine' },
  { of: 'otherwise', name: 'something else', look: 'hatch-over' },
  { of: 'nothing', name: 'planned, no record', look: 'border border-dashed border-ink-soft' },
] as const;

const weekday = (key: number) => weekdayNames[key - 1] ?? '';

/** How closely what was done followed the plan, minute by minute. */
export const FollowedPart = memo(function FollowedPart({ rows }: { rows: readonly LedgerRow[] }) {
  const { zone } = useMoment();
  const all = followed(rows);
  const percent = followedPercent(all);
  if (percent === null || rows.length < LEAST) return null;
  const days = followedBy(rows, 'weekday', zone).map(({ key, followed: own }) => ({
    key,
    own,
    percent: followedPercent(own) ?? 0,
  }));
  const [closest, ...others] = [...days].sort((a, b) => b.percent - a.percent);
  const furthest = others.at(-1);
  const cells = ({ asPlanned, otherwise, nothing }: Followed) =>
    [asPlanned, otherwise, nothing].map(durationWords);
  const whole = all.asPlanned + all.otherwise + all.nothing;
  return (
    <Pictured
      asks="How closely the plan was followed"
      answer={`${percent} % went as planned, minute by minute`}
      heads={['', ...parts.map(({ name }) => name), 'share']}
      lines={days.map(({ key, own, percent: share }) => [weekday(key), ...cells(own), `${share} %`])}
    >
      <View className="gap-2 px-2">
        <View
          role="img"
          aria-label={parts.map(({ of, name }) => `${name} ${durationWords(all[of])}`).join(', ')}
          className="h-5 flex-row gap-px"
        >
          {parts.map(({ of, look }) => (
            <View key={of} className={look} style={{ width: `${(99 * all[of]) / whole}%` }} />
          ))}
        </View>
        <View aria-hidden className="flex-row flex-wrap gap-x-5 gap-y-1">
          {parts.map(({ of, name, look }) => (
            <View key={of} className="flex-row items-center gap-1.5">
              <View className={`h-3 w-3 ${look}`} />
              <Words size="xs">
                {name} {durationWords(all[of])}
              </Words>
            </View>
          ))}
        </View>
        {closest && furthest && (
          <Words>
            Closest on {weekday(closest.key)}s ({closest.percent} %), least on {weekday(furthest.key)}s (
            {furthest.percent} %).
          </Words>
        )}
      </View>
    </Pictured>
  );
});

/** What has become of a sealed week since its seal, and the way to each thing; nothing of a week without one. */
export function SinceSealLine({ week }: { week: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const seal = sealOn(workspace, week);
  if (!seal) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <Words>Since the seal: {sinceWords(sinceSeal(workspace, seal, zone))}.</Words>
      <Button label="What changed…" kind="quiet" onPress={() => openPanel({ kind: 'seal', week: seal.id })} />
    </View>
  );
}
