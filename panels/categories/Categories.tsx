import { View } from 'react-native';
import { addCategory, deleteCategory, editCategory } from '@/core/commands/categories';
import type { Category } from '@/core/model/category';
import { categoriesOf } from '@/core/model/categories';
import { store, useWorkspace } from '@/state/workspaceStore';
import { IconButton } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { HueChoice } from '@/ui/HueChoice';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';

/** The kinds of work: rename, give a hue, add, delete. */
export const Categories = () => (
  <View className="gap-6">
    <Words tone="soft">
      A kind of work, across lists and calendars. A name that is typed at a task or an event becomes one too.
    </Words>
    {categoriesOf(useWorkspace()).map((category) => (
      <CategoryRow key={category.id} category={category} />
    ))}
    <Field
      label="New category"
      text=""
      read={readTitle}
      adding
      placeholder="Fieldwork"
      onSave={(name) => store.run(addCategory, { name }, `Added the category ${name}`)}
    />
  </View>
);

function CategoryRow({ category: { id, name, hue } }: { category: Category }) {
  return (
    <View className={`hue-${hue} gap-1 border-l-4 border-edge pl-3`}>
      <View className="flex-row items-end gap-2">
        <View className="flex-1">
          <Field
            label={`Category ${name}`}
            hideLabel
            text={name}
            read={readTitle}
            onSave={(to) => store.run(editCategory, { id, name: to })}
          />
        </View>
        <IconButton
          label={`Delete the category ${name}`}
          icon="remove"
          onPress={() => store.run(deleteCategory, { id }, `Deleted ${name}; its tasks are in no category`)}
        />
      </View>
      <HueChoice of={name} value={hue} onChoose={(to) => store.run(editCategory, { id, hue: to })} />
    </View>
  );
}
