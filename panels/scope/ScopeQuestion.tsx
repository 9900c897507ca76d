import { View } from 'react-native';
import type { Scope } from '@/core/commands/events';
import { Button } from '@/ui/Button';
import { answerPanel, closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Asks what a change of something that repeats holds for. Closing it leaves everything as it was. */
export function ScopeQuestion() {
  const pick = (scope: Scope) => () => answerPanel('scope', scope);
  return (
    <View className="gap-3">
      <Words>It repeats. Which of its times does this hold for?</Words>
      <Button label="This one" kind="primary" onPress={pick('one')} />
      <Button label="This and all later ones" onPress={pick('later')} />
      <Button label="All" onPress={pick('all')} />
      <Button label="Leave it where it was" kind="quiet" onPress={closePanel} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Which times of something that repeats a change holds for. */
    scope: { readonly title: string };
  }
  interface Answers {
    scope: Scope;
  }
}

export const scope: Panel<Panels['scope']> = { useTitle: ({ title }) => title, Content: ScopeQuestion };
