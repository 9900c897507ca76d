import { View } from 'react-native';
import { forgetOutside, useOutside } from '@/state/outside';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** What of others this browser asks for, and the way to have it forget all of it. */
export function Forget() {
  const count = useOutside(({ feeds }) => feeds.length);
  const known = useOutside(({ accounts }) => accounts.length);
  if (count + known === 0) return null;
  const asks = [
    ...(count > 0 ? [`asks for ${count === 1 ? 'one calendar' : `${count} calendars`} of others`] : []),
    ...(known > 0 ? [`knows the password of ${known === 1 ? 'one account' : `${known} accounts`}`] : []),
  ];
  const forget = () => {
    forgetOutside();
    store.say('All addresses and passwords are forgotten. What the calendars held stays.');
  };
  return (
    <View className="gap-2">
      <Words tone="soft">
        This browser {asks.join(' and ')}. Addresses and passwords lie apart from your data.
      </Words>
      <View className="flex-row">
        <Button label="Forget all addresses and passwords" onPress={forget} />
      </View>
    </View>
  );
}
