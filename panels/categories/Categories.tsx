import { View } from 'react-native';
import { addCategory, deleteCategory, editCategory } from '@/core/commands/categories';
import type { Category } from '@/core/model/category';
import { categoriesOf } from '@/core/model/categories';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { NamedRow } from '../parts/NamedRow';
import type { Panel, Panels } from '@/ui/panels';

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

const CategoryRow = ({ category: { id, name, hue } }: { category: Category }) => (
  <NamedRow
    label={`Category ${name}`}
    hideLabel
    name={name}
    hue={hue}
    onChange={(changes) => store.tryTo(editCategory, { id, ...changes })}
    remove={{
      label: `Delete the category ${name}`,
      press: () => store.run(deleteCategory, { id }, `Deleted ${name}; its tasks are in no category`),
    }}
  />
);

declare module '@/ui/panels' {
  interface Panels {
    categories: object;
  }
}

export const categories: Panel<Panels['categories']> = { useTitle: () => 'Categories', Content: Categories };
