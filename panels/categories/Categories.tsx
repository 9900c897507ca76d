import { useState } from 'react';
import { View } from 'react-native';
import { addCategory, deleteCategory, editCategory, mergeCategories } from '@/core/commands/categories';
import { deleteCategoryRule } from '@/core/commands/categoryRules';
import { ruleWords } from '@/actions/categories';
import type { Category } from '@/core/model/category';
import { categoriesOf } from '@/core/model/categories';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { LeadsField } from '@/board/LeadsField';
import { Button, IconButton } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Part } from '@/ui/Screen';
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
      <Rules />
    </View>
  );
}

/** The rules by which what has no category of its own counts for one, each to be taken away. */
function Rules() {
  const { categoryRules, categories: all } = useWorkspace();
  const rules = categoryRules.values().sort((a, b) => a.name.localeCompare(b.name));
  if (rules.length === 0) return null;
  return (
    <Part title="Counted by rule">
      <Words tone="soft">
        What has no category of its own counts by these. Review makes them: open “No category” there.
      </Words>
      {rules.map((rule) => (
        <View key={rule.id} className="flex-row items-center justify-between gap-2">
          <View className="flex-1">
            <Words>{ruleWords(rule)}</Words>
            <Words size="xs" tone="soft">
              counts for {all.get(rule.category)?.name}
            </Words>
          </View>
          <IconButton
            label={`Delete the rule: ${ruleWords(rule)}`}
            icon="remove"
            onPress={() =>
              store.run(deleteCategoryRule, { id: rule.id }, `Deleted the rule for “${rule.name}”`)
            }
          />
        </View>
      ))}
    </Part>
  );
}

const CategoryRow = ({
  category: { id, name, hue, icon, leads, private: isPrivate = false },
}: {
  category: Category;
}) => (
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
    <LeadsField
      label={`Remind me before ${name}`}
      leads={leads}
      onSave={(to) => store.run(editCategory, { id, leads: to })}
    />
    <CheckBox
      checked={isPrivate}
      label="Private: Review can leave it out"
      says={`Private: Review can leave it out: ${name}`}
      onToggle={() => store.run(editCategory, { id, private: !isPrivate })}
    />
    <Merge id={id} name={name} />
  </NamedRow>
);

type Bounds = { readonly least: number | null; readonly most: number | null };

const sum = (a: number | null, b: number | null) => (a === null || b === null ? null : a + b);

/** What two targets ask for together; where one has no bound, both have none. */
const bothOf = (a: Bounds, b: Bounds): Bounds => ({
  least: (a.least ?? 0) + (b.least ?? 0) || null,
  most: sum(a.most, b.most),
});

/** A target in words: `at least 4 h, at most 6 h a week`. */
const boundWords = ({ least, most }: Bounds): string =>
  [
    least === null ? '' : `at least ${durationWords(least)}`,
    most === null ? '' : `at most ${durationWords(most)}`,
  ]
    .filter(Boolean)
    .join(', ') + ' a week';

/** Makes one category of this and another. */
function Merge({ id, name }: { id: string; name: string }) {
  const others = categoriesOf(useWorkspace()).filter((other) => other.id !== id);
  const { targets } = useWorkspace();
  const [open, setOpen] = useState(false);
  const [goal, setGoal] = useState<Category>();
  if (others.length === 0) return null;
  if (!open)
    return (
      <View className="flex-row">
        <Button label="Merge…" says={`Merge ${name}…`} kind="quiet" onPress={() => setOpen(true)} />
      </View>
    );
  const merge = (into: Category, target?: Bounds) =>
    store.run(
      mergeCategories,
      { id, into: into.id, ...(target ? { target } : {}) },
      `${name} is part of ${into.name} now`,
    );
  const [own, other] = [targets.get(id), goal && targets.get(goal.id)];
  return (
    <View className="gap-2">
      <Choice
        label={`Merge ${name} into`}
        value={goal?.id ?? ''}
        onChoose={(into) => {
          const chosen = others.find((one) => one.id === into);
          setGoal(chosen);
          if (chosen && !(own && targets.has(chosen.id))) merge(chosen);
        }}
        options={others.map((one) => ({ value: one.id, name: one.name }))}
      />
      {goal && own && other && (
        <View role="group" aria-label="Which target it has then" className="gap-2">
          <Words>Both have a target. Which one holds then?</Words>
          {[other, own, bothOf(own, other)].map((target, i) => (
            <Button
              key={i}
              label={`${[`That of ${goal.name}`, `That of ${name}`, 'Both together'][i]}: ${boundWords(target)}`}
              onPress={() => merge(goal, target)}
            />
          ))}
        </View>
      )}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    categories: object;
  }
}

export const categories: Panel<Panels['categories']> = { useTitle: () => 'Categories', Content: Categories };
