import { View } from 'react-native';
import { endVisit, isVisiting } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** Says that a newcomer looks around in the demo office, with the way back. */
export const VisitLine = () =>
  isVisiting() ? (
    <View role="status" className="flex-row items-center gap-2 border-b border-line bg-surface px-4">
      <View className="flex-1">
        <Words face="strong">A filled office with made-up people, to look around and try things</Words>
      </View>
      <Button label="Back to my own" kind="quiet" onPress={() => void store.flush().then(endVisit)} />
    </View>
  ) : null;
