import { useState } from 'react';
import { View } from 'react-native';
import { addCategory, deleteCategory, editCategory, mergeCategories } from '@/core/commands/categories';
import type { Category } from '@/core/model/category';
import { categoriesOf } from '@/core/model/categories';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { IconChoice } from '../parts/IconChoice';
import { NamedRow } from '../parts/NamedRow';
import type { Panel, Panels } from '@/ui/panels';

/** More kinds of work than these are more than most people keep apart. */
const FEW = 8;

/** The kinds of work: rename, give a hue and an icon, merge, add, delete. */
export function Categories() {
  const all = categoriesOf(useWorkspace());
  return (
    <View className="gap-6">
      <Words tone="soft">
        A kind of work, across lists and calendars. A name that is typed at a task or an event becomes one
        too.
      </Words>
      {all.length > FEW && (
        <Words face="strong">
          {all.length} categories. Most people halve their first set: few are told apart at a glance. Merge
          those that you plan alike.
        </Words>
      )}
      {all.map((category) => (
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
}

const CategoryRow = ({ category: { id, name, hue, icon } }: { category: Category }) => (
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
  >
    <IconChoice of={name} value={icon} onChoose={(to) => store.run(editCategory, { id, icon: to })} />
    <Merge id={id} name={name} />
  </NamedRow>
);

/** Makes one category of this and another. */
function Merge({ id, name }: { id: string; name: string }) {
  const others = categoriesOf(useWorkspace()).filter((other) => other.id !== id);
  const [open, setOpen] = useState(false);
  if (others.length === 0) return null;
  if (!open)
    return (
      <View className="flex-row">
        <Button label="Merge…" says={`Merge ${name}…`} kind="quiet" onPress={() => setOpen(true)} />
      </View>
    );
  return (
    <Choice
      label={`Merge ${name} into`}
      value=""
      onChoose={(into) => {
        const goal = others.find((other) => other.id === into)?.name ?? '';
        store.run(mergeCategories, { id, into }, `${name} is part of ${goal} now`);
      }}
      options={others.map((other) => ({ value: other.id, name: other.name }))}
    />
  );
}

declare module '@/ui/panels' {
  interface Panels {
    categories: object;
  }
}

export const categories: Panel<Panels['categories']> = { useTitle: () => 'Categories', Content: Categories };
