import { View } from 'react-native';
import { seal as sealWeek, takeSealOff } from '@/actions/seals';
import { sealOfWeek, type Seal as SealRecord } from '@/core/model/seal';
import { lateMeetings } from '@/core/plan/late';
import { sealOf } from '@/core/plan/sealing';
import { sinceSeal } from '@/core/plan/sinceSeal';
import { sinceWords } from '@/core/plan/sealWords';
import { hasEnded } from '@/core/time/week';
import { asLine, dayMonthWords, durationWords, momentWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Drifts } from './Drifts';
import { Late } from './Late';

/** A week and its seal: what it keeps, what has come since, and the way to take it off. */
function Seal({ week }: Panels['seal']) {
  const seal = sealOfWeek(useWorkspace(), week);
  return seal?.openedAt === null ? <Sealed seal={seal} /> : <NotSealed week={week} before={seal} />;
}

function NotSealed({ week, before }: { week: string; before: SealRecord | undefined }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  if (hasEnded(week, today))
    return <Words tone="soft">This week has ended. Weeks are sealed before they do.</Words>;
  const { blocks, tray, meetings, targets, frame } = sealOf(workspace, week, zone, now);
  const minutes = blocks.reduce((sum, block) => sum + block.minutes, 0);
  const kept = [
    frame === '' ? '' : `the frame “${frame}”`,
    counted(blocks.length, 'block', `, ${durationWords(minutes)} in all`),
    counted(tray.length, 'task in the trays', '', 'tasks in the trays'),
    counted(meetings.length, 'meeting'),
    counted(targets.length, 'target'),
  ].filter(Boolean);
  return (
    <View className="gap-4">
      <Words>
        Sealing keeps the plan as it stands. You can still change everything; what comes later is marked and
        counted, and the ledger can compare with what you meant to do.
      </Words>
      <View role="list" aria-label="What is kept" className="gap-1">
        {kept.map((line) => (
          <Words key={line} role="listitem">
            – {line}
          </Words>
        ))}
      </View>
      <View className="flex-row">
        <Button label="Seal this week" icon="seal" kind="primary" onPress={() => sealWeek(week)} />
      </View>
      {before && <History seal={before} />}
    </View>
  );
}

const counted = (count: number, one: string, more = '', many = `${one}s`) =>
  count === 0 ? '' : `${count} ${count === 1 ? one : many}${more}`;

function Sealed({ seal }: { seal: SealRecord }) {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const since = sinceSeal(workspace, seal, zone);
  // they stand by themselves
  const late = new Set(lateMeetings(workspace, seal, zone).map(({ id }) => id));
  return (
    <View className="gap-5">
      <View className="gap-1">
        <Words tone="soft">Sealed {useMomentWords(seal.at)}</Words>
        <Words face="strong" size="base">
          {asLine(sinceWords(since))}
        </Words>
      </View>
      <Late seal={seal} />
      <Drifts drifts={since.drifts.filter(({ id }) => !late.has(id))} />
      {seal.earlier.length > 0 && <History seal={seal} />}
      {!hasEnded(seal.id, today) && (
        <View className="gap-1">
          <View className="flex-row">
            <Button label="Take the seal off" onPress={() => takeSealOff(seal.id)} />
          </View>
          <Words size="xs" tone="soft">
            It stays on record that the week was sealed, and until when.
          </Words>
        </View>
      )}
    </View>
  );
}

/** When the week was sealed before, and when that was taken off. */
function History({ seal }: { seal: SealRecord }) {
  const last = seal.openedAt === null ? [] : [{ at: seal.at, openedAt: seal.openedAt }];
  return (
    <View role="list" aria-label="Earlier seals">
      {[...seal.earlier, ...last].map(({ at, openedAt }) => (
        <EarlierSeal key={at} at={at} openedAt={openedAt} />
      ))}
    </View>
  );
}

const EarlierSeal = ({ at, openedAt }: { at: number; openedAt: number }) => (
  <Words role="listitem" size="xs" tone="soft">
    Sealed {useMomentWords(at)}, taken off {useMomentWords(openedAt)}
  </Words>
);

/** An instant as a day and an hour. */
function useMomentWords(at: number): string {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  return momentWords(at, zone, settings);
}

declare module '@/ui/panels' {
  interface Panels {
    /** The seal of the week that begins on a date. */
    seal: { readonly week: string };
  }
}

export const seal: Panel<Panels['seal']> = {
  useTitle: ({ week }) => `The week of ${dayMonthWords(week, useWorkspace().settings)}`,
  Content: Seal,
};
