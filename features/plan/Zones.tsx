import { View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import { travelTo } from '@/state/here';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { CityField } from '@/panels/parts/CityField';

/** A second time zone beside the hours, and everything shown in another one. */
export function Zones() {
  const { zone } = useMoment();
  const { secondZone } = useWorkspace().settings;
  const travelling = zone !== session.home;
  return (
    <View className="gap-4">
      <CityField
        label="Second time zone beside the hours"
        zone={secondZone}
        onChoose={(zone) => store.run(changeSettings, { secondZone: zone })}
      />
      <CityField label="Show everything in the time of" zone={travelling ? zone : null} onChoose={travelTo} />
    </View>
  );
}
