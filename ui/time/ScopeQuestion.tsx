import { View } from 'react-native';
import type { Scope } from '@/core/commands/events';
import { Button } from '../Button';
import { closeSheet } from '../sheets';
import { Words } from '../Words';

/** Asks what a change of a repeating event holds for. Closing the sheet leaves everything as it was. */
export function ScopeQuestion({ choose }: { choose: (scope: Scope) => void }) {
  const pick = (scope: Scope) => () => {
    closeSheet();
    choose(scope);
  };
  return (
    <View className="gap-3">
      <Words>It repeats. Which of its times does this hold for?</Words>
      <Button label="This one" kind="primary" onPress={pick('one')} />
      <Button label="This and all later ones" onPress={pick('later')} />
      <Button label="All" onPress={pick('all')} />
      <Button label="Leave it where it was" kind="quiet" onPress={closeSheet} />
    </View>
  );
}
