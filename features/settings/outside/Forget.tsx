import { View } from 'react-native';
import { forgetOutside, useOutside } from '@/state/outside';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** What of others this browser asks for, and the way to have it forget all of it. */
export function Forget() {
  const count = useOutside(({ feeds }) => feeds.length);
  if (count === 0) return null;
  const forget = () => {
    forgetOutside();
    store.say('All addresses are forgotten. What the calendars held stays.');
  };
  return (
    <View className="gap-2">
      <Words tone="soft">
        This browser asks for {count === 1 ? 'one calendar' : `${count} calendars`} of others. The addresses
        lie apart from your data.
      </Words>
      <View className="flex-row">
        <Button label="Forget all addresses" onPress={forget} />
      </View>
    </View>
  );
}
