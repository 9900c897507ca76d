import { View } from 'react-native';
import { clockWords } from '@/core/time/words';
import { nameOfZone } from '@/core/time/zone';
import { travelTo } from '@/state/here';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useCities } from '@/ui/cities';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** Says that everything is shown in another zone than that of home. */
export const TravelLine = () => (useMoment().zone === session.home ? null : <Away />);

function Away() {
  const { zone, now } = useMoment();
  const { clock } = useWorkspace().settings;
  const cities = useCities();
  return (
    <View role="status" className="flex-row items-center gap-2 border-b border-line bg-surface px-4">
      <View className="flex-1">
        <Words face="strong">
          Shown in the time of {cities?.cityOf(zone) ?? nameOfZone(zone)}; at home it is{' '}
          {clockWords(now, session.home, clock)}
        </Words>
      </View>
      <Button label="Back home" kind="quiet" onPress={() => travelTo(null)} />
    </View>
  );
}
