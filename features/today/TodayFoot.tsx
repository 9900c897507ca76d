import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { weekToSeal } from '@/core/plan/sealing';
import { Scratch } from '@/panels/parts/Scratch';
import { useWorkspace } from '@/state/shown';
import { start } from '@/actions/tasks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { DoneToday } from './DoneToday';
import { OwnRoutines } from './OwnRoutines';
import { PutBetween } from './PutBetween';
import { Unplaced } from './Unplaced';

/** What stands below the day: what has no hour, routines of one's own, what came up, scratch notes, its opening and close, the seal of the next week, what is done. */
export function TodayFoot() {
  const { today } = useMoment();
  const router = useRouter();
  return (
    <>
      <Unplaced />
      <OwnRoutines today={today} />
      <Field
        label="Something else came up? Type it and press Enter to time it"
        text=""
        read={readTitle}
        adding
        placeholder="Pump broke down"
        onSave={(title) => start({ kind: 'other', title })}
      />
      <Scratch today={today} />
      <View className="-ml-3 flex-row flex-wrap">
        <Button label="Day opening…" kind="quiet" onPress={() => router.navigate('/opening')} />
        <Button label="Day close…" kind="quiet" onPress={() => router.navigate('/close')} />
        <Button label="Weekly review…" kind="quiet" onPress={() => router.navigate('/weekly')} />
        <Button
          label="Lay out the day…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'layDay', date: today })}
        />
        <Button label="Day note…" kind="quiet" onPress={() => openPanel({ kind: 'dayNote', date: today })} />
      </View>
      <SealNext today={today} />
      <DoneToday today={today} />
      <PutBetween />
    </>
  );
}

/** As a week ends: the next one is planned and can be sealed. */
function SealNext({ today }: { today: string }) {
  const { zone } = useMoment();
  const week = weekToSeal(useWorkspace(), today, zone);
  if (!week) return null;
  return (
    <View className="flex-row items-center gap-2 border-y border-line">
      <View className="flex-1">
        <Words>Next week is planned, and not sealed yet.</Words>
      </View>
      <Button label="Seal it…" icon="seal" kind="quiet" onPress={() => openPanel({ kind: 'seal', week })} />
    </View>
  );
}
