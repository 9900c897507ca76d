import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { giveCategory, giveCategoryByRule, ruleWords } from '@/actions/categories';
import { categoriesOf } from '@/core/model/categories';
import { ruleGrounds } from '@/core/review/categoryOf';
import { rangeSoFar } from '@/core/time/stretch';
import { durationWords } from '@/core/time/words';
import { addDays } from '@/core/time/zone';
import { subjectKey } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { closePanel, openPanel, type Panels } from '@/ui/panels';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { useWorkedOut } from '@/ui/useWorkedOut';

/** A rule is tried on so many days before it counts. */
const TRIED = 90;

/** Gives what has no category one: this alone, or by a rule all that is alike, tried before it counts. */
export function GiveCategory({ subject }: Panels['giveCategory']) {
  const workspace = useWorkspace();
  const { zone, today, now } = useMoment();
  const categories = categoriesOf(workspace);
  const grounds = useMemo(() => ruleGrounds(workspace, subject), [workspace, subject]);
  const [chosen, setChosen] = useState('');
  const [ground, setGround] = useState(0);
  const asked = useMemo(() => {
    const range = rangeSoFar({ first: addDays(today, -TRIED), last: today }, zone, now);
    return { range, zone, now, yardstick: 'last' as const, grounds };
  }, [today, zone, now, grounds]);
  const tried = useWorkedOut('rulesTried', subjectKey(subject), asked);
  const category = categories.find(({ id }) => id === chosen);
  const rule = grounds[ground];
  const held = 'answer' in tried ? tried.answer[ground] : undefined;
  if (categories.length === 0)
    return (
      <View className="gap-3">
        <Words tone="soft">
          There is no category yet. A few are enough: most people halve their first set.
        </Words>
        <View className="flex-row">
          <Button label="Edit categories…" kind="primary" onPress={() => openPanel({ kind: 'categories' })} />
        </View>
      </View>
    );
  return (
    <View className="gap-4">
      <Choice
        label="Category"
        value={chosen}
        onChoose={setChosen}
        options={categories.map(({ id, name }) => ({ value: id, name }))}
      />
      <Choice
        label="For what"
        value={`${ground}`}
        onChoose={(place) => setGround(Number(place))}
        options={[
          ...grounds.map((each, i) => ({ value: `${i}`, name: ruleWords(each) })),
          ...(subject.kind === 'other' ? [] : [{ value: '-1', name: 'Only this one' }]),
        ]}
      />
      {/* as high from the start as it becomes, so that nothing moves from under a press */}
      <View style={{ minHeight: forText(64) }}>
        <Words aria-live="polite">
          {rule
            ? held
              ? `In the last ${TRIED} days ${held.count === 1 ? 'one thing' : `${held.count} things`} without a category, ${durationWords(held.minutes)} on record. What comes counts, too; what has a category keeps it.`
              : 'Trying it on what there is…'
            : 'Nothing else changes.'}
        </Words>
      </View>
      <View className="flex-row">
        <Button
          label={category ? `Count it for ${category.name}` : 'Choose a category'}
          kind="primary"
          disabled={!category}
          onPress={() => {
            if (!category) return;
            closePanel();
            if (rule) giveCategoryByRule(rule, category);
            else giveCategory(subject, category);
          }}
        />
      </View>
    </View>
  );
}
