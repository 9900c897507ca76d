import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { taskOfLine } from '@/actions/zones';
import { changeZoneOn, followFrameOn } from '@/core/commands/frames';
import { frameOf } from '@/core/frame/holding';
import { kindNames, traitsOf } from '@/core/frame/looks';
import { zoneTimes, type ZoneTime } from '@/core/frame/zones';
import { DAY_MINUTES } from '@/core/model/frame';
import { dateWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { readLength } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { TimeField } from '../parts/TimeField';

type Props = Panels['zoneOn'];

/** A zone on one date: other hours or none on that day alone, and the way back to what the frame says. */
function ZoneOn({ zoneId, date }: Props) {
  const workspace = useWorkspace();
  const time = zoneTimes(workspace, date).find(({ zone }) => zone.id === zoneId);
  if (!time) return <Words tone="soft">The frame of this week has this zone no longer.</Words>;
  const { zone, change } = time;
  const off = change?.off === true;
  const belongs = [
    ...zone.lists.flatMap((id) => workspace.lists.get(id)?.name ?? []),
    ...[zone.category ?? '', ...zone.categories].flatMap((id) => workspace.categories.get(id)?.name ?? []),
  ];
  return (
    <View className="gap-4">
      <Words tone="soft">
        {[kindNames[zone.kind], ...traitsOf(zone)].join(', ')}
        {belongs.length > 0 ? `. Here belongs: ${belongs.join(', ')}` : ''}
      </Words>
      {zone.lines.length > 0 && (
        <View role="list">
          {zone.lines.map((line) => (
            <View key={line} role="listitem" className="flex-row items-center gap-2">
              <View className="flex-1">
                <Words>– {line}</Words>
              </View>
              <Button
                label="Make it a task"
                says={`Make it a task: ${line}`}
                kind="quiet"
                onPress={() => taskOfLine(line, zone, date)}
              />
            </View>
          ))}
        </View>
      )}
      {off ? (
        <Words face="strong">Off on {dateWords(date, workspace.settings)}.</Words>
      ) : (
        <Hours time={time} />
      )}
      <View className="flex-row flex-wrap gap-2">
        {change && (
          <Button
            label="As in the frame again"
            kind="primary"
            onPress={() =>
              store.run(followFrameOn, { zoneId, date }, `${zone.name} is as in the frame again`)
            }
          />
        )}
        {!off && (
          <Button
            label="Off on this day"
            onPress={() => {
              const words = `${zone.name} is off on ${dateWords(date, workspace.settings)}`;
              store.run(changeZoneOn, { zoneId, date, off: true }, words);
            }}
          />
        )}
        <EditInFrame zoneId={zoneId} date={date} />
      </View>
    </View>
  );
}

/** The hours of a zone on this date, typed; the frame stays as it is. */
function Hours({ time: { zone, date, from, minutes } }: { time: ZoneTime }) {
  const { settings } = useWorkspace();
  const set = (hours: { from: number; minutes: number }) =>
    store.run(
      changeZoneOn,
      { zoneId: zone.id, date, ...hours },
      `${zone.name} differs on ${dateWords(date, settings)}`,
    );
  return (
    <View className="gap-2">
      <Words face="strong">On {dateWords(date, settings)} only</Words>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <TimeField label="Starts" value={from} onChange={(to) => set({ from: to, minutes })} />
        </View>
        <View className="flex-1">
          <Field
            label="Length"
            text={durationWords(minutes)}
            read={(typed) => readLength(typed, DAY_MINUTES)}
            onSave={(to) => set({ from, minutes: to })}
          />
        </View>
      </View>
    </View>
  );
}

function EditInFrame({ zoneId, date }: Props) {
  const router = useRouter();
  const frame = frameOf(useWorkspace(), date);
  return (
    <Button
      label="Edit it in the frame…"
      onPress={() => {
        closePanel();
        router.navigate({ pathname: '/frame', params: { frame: frame?.id, zone: zoneId } });
      }}
    />
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** A zone on the date on which it begins. */
    zoneOn: { readonly zoneId: string; readonly date: string };
  }
}

export const zoneOn: Panel<Panels['zoneOn']> = {
  useTitle: ({ zoneId, date }) =>
    zoneTimes(useWorkspace(), date).find(({ zone }) => zone.id === zoneId)?.zone.name ?? 'Zone',
  Content: ZoneOn,
};
