import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { exportCards } from '@/actions/files/cardFiles';
import { chooseCards } from '@/actions/files/chooseFile';
import type { Known } from '@/core/people/joined';
import { knownPeople } from '@/core/people/known';
import { inOrder, withWords } from '@/core/people/finding';
import { timesWords } from '@/core/people/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Problems } from '../parts/Problems';

/** So many are shown at once. */
const MOST_SHOWN = 60;

/** All whom one knows, those met most often first; ways to bring people in and to take them along. */
function People({ problems = [] }: Panels['people']) {
  const all = inOrder(knownPeople(useWorkspace()).all);
  const [typed, setTyped] = useState('');
  const found = all.filter((person) => withWords(person, typed));
  return (
    <View className="gap-4">
      <Words tone="soft">
        Everybody whom your meetings and messages tell of, by name and address. Two entries of one person are
        joined by opening one of them; Review then tells them as one.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Bring in cards…" says="Bring in cards (vCard)…" onPress={chooseCards} />
        {all.length > 0 && (
          <Button label="Export all as cards" kind="quiet" onPress={() => exportCards(all)} />
        )}
      </View>
      {problems.length > 0 && (
        <Problems
          heading={
            problems.length === 1
              ? 'One card could not be taken'
              : `${problems.length} cards could not be taken`
          }
          problems={problems.map(({ where, what, hint }) => ({ what: `Line ${where}: ${what}`, hint }))}
        />
      )}
      <FindField typed={typed} onType={setTyped} />
      <PeopleList
        people={found.slice(0, MOST_SHOWN)}
        onChoose={({ key }) => openPanel({ kind: 'person', address: key })}
      />
      {found.length > MOST_SHOWN && (
        <Words tone="soft">And {found.length - MOST_SHOWN} more: type part of a name.</Words>
      )}
      {found.length === 0 && (
        <Words tone="soft">
          {all.length === 0
            ? 'Nobody yet. People come with meetings that they are asked to, with messages, and with cards.'
            : 'Nobody goes by that.'}
        </Words>
      )}
    </View>
  );
}

type FindProps = { typed: string; onType: (typed: string) => void };

/** Narrows people down while one types. */
export const FindField = ({ typed, onType }: FindProps) => (
  <TextInput
    aria-label="Find by name or address"
    placeholder="Find by name or address"
    placeholderTextColor="var(--ink-soft)"
    value={typed}
    onChangeText={onType}
    className="min-h-[44px] rounded-lg border border-field bg-surface px-3 font-text text-base text-ink"
  />
);

type ListProps = { people: readonly Known[]; onChoose: (person: Known) => void; verb?: string };

/** People, each with their addresses and how often one hears of them. */
export const PeopleList = ({ people, onChoose, verb = '' }: ListProps) => (
  <View role="list" aria-label="People" className="gap-2">
    {people.map((person) => (
      <View key={person.key} role="listitem" className="gap-0.5 border-l-4 border-line pl-2">
        <View className="flex-row">
          <Button label={`${verb}${person.name}`} kind="quiet" onPress={() => onChoose(person)} />
        </View>
        <View className="px-3.5">
          <Words size="xs" tone="soft">
            {[...person.addresses.filter((address) => address !== person.name), timesWords(person)]
              .filter(Boolean)
              .join(' · ')}
          </Words>
        </View>
      </View>
    ))}
  </View>
);

export const peoplePanel: Panel<Panels['people']> = {
  useTitle: () => 'People',
  Content: People,
};

declare module '@/ui/panels' {
  interface Panels {
    /** All whom one knows; `problems` are what of a file of cards could not be taken. */
    people: { readonly problems?: readonly { where: number; what: string; hint: string }[] };
    /** Somebody whom one knows by an address, or by their name. */
    person: { readonly address: string };
  }
}
