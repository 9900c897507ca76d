import { View } from 'react-native';
import { views } from '@/core/plan/views';
import { useView } from '@/board/days/useView';
import { Button } from '@/ui/Button';
import { closePanel } from '@/ui/panels';
import { viewNames } from './viewNames';

/** All views, one under the other, where a row of them would be cut off. */
export function Views() {
  const { view, onView } = useView();
  return (
    <View role="group" aria-label="View" className="gap-2">
      {views.map((name) => (
        <Button
          key={name}
          label={viewNames[name]}
          kind={name === view ? 'primary' : 'plain'}
          onPress={() => {
            closePanel();
            onView(name);
          }}
        />
      ))}
    </View>
  );
}
