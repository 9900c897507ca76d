import { View } from 'react-native';
import { setTarget } from '@/core/commands/targets';
import { categoriesOf } from '@/core/model/categories';
import type { Category } from '@/core/model/category';
import { WEEK_MINUTES } from '@/core/model/frame';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Field, type Reading } from '@/ui/Field';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { readLength } from '@/ui/readings';
import { Words } from '@/ui/Words';

const readHours = (typed: string): Reading<number | null> =>
  typed.trim() === '' ? { value: null } : readLength(typed, WEEK_MINUTES);

/** How many hours a week each kind of work should have at least, and at most. */
const EditTargets = () => {
  const categories = categoriesOf(useWorkspace());
  return (
    <View className="gap-5">
      <Words tone="soft">Hours a week; leave empty for no limit.</Words>
      {categories.map((category) => (
        <TargetFields key={category.id} category={category} />
      ))}
      <View className="flex-row">
        <Button label="Edit categories…" kind="quiet" onPress={() => openPanel({ kind: 'categories' })} />
      </View>
    </View>
  );
};

function TargetFields({ category: { id, name, hue } }: { category: Category }) {
  const target = useWorkspace().targets.get(id);
  const { least = null, most = null } = target ?? {};
  const set = (bounds: { least?: number | null; most?: number | null }) =>
    store.tryTo(setTarget, { category: id, ...bounds });
  const text = (minutes: number | null) => (minutes === null ? '' : durationWords(minutes));
  return (
    <View className={`hue-${hue} gap-1 border-l-4 border-edge pl-3`}>
      <Words face="strong">{name}</Words>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label={`${name}, at least`}
            text={text(least)}
            read={readHours}
            onSave={(to) => set({ least: to })}
          />
        </View>
        <View className="flex-1">
          <Field
            label={`${name}, at most`}
            text={text(most)}
            read={readHours}
            onSave={(to) => set({ most: to })}
          />
        </View>
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    targets: object;
  }
}

export const targets: Panel<Panels['targets']> = { useTitle: () => 'Targets', Content: EditTargets };
