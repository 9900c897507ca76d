import { useState } from 'react';
import { View } from 'react-native';
import { exportCards } from '@/actions/files/cardFiles';
import { forgetPerson, joinPeople, keepPerson } from '@/core/commands/people';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Person as Stored } from '@/core/model/person';
import { alike, withWords } from '@/core/people/finding';
import type { Known } from '@/core/people/joined';
import { knownPeople } from '@/core/people/known';
import { meetingsWith } from '@/core/people/meetings';
import { timesWords } from '@/core/people/words';
import { whenWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { readAddresses, readTitle } from '@/ui/readings';
import { Heading, Words } from '@/ui/Words';
import { FindField, PeopleList } from './People';

/** So many others are offered as the same person. */
const MOST_OFFERED = 8;
/** So many meetings are named. */
const MOST_MEETINGS = 5;

/** Who goes by an address, or by a name. */
const useKnown = (address: string): Known | undefined => {
  const people = knownPeople(useWorkspace());
  return people.by(address) ?? people.all.find(({ key }) => key === address);
};

/** Somebody as a record of one's own, which they may become by it. */
const asStored = ({ name, addresses, stored }: Known): Stored => ({
  ...(stored ?? { id: newId(), kept: [] }),
  name,
  addresses: [...addresses],
});

/** Somebody: their name and addresses, who else they are, and when one meets them. */
function Person({ address }: Panels['person']) {
  const person = useKnown(address);
  if (!person) return <Words tone="soft">Nobody goes by {address} any more.</Words>;
  return <Details person={person} />;
}

function Details({ person }: { person: Known }) {
  const { name, addresses, stored } = person;
  const keep = (changes: Partial<Stored>) =>
    store.run(keepPerson, { person: { ...asStored(person), ...changes } });
  const forget = () => {
    if (!stored) return;
    closePanel();
    store.run(forgetPerson, { id: stored.id }, `Forgot how you named ${name}; meetings still tell of them`);
  };
  return (
    <View className="gap-4">
      <Words tone="soft">{timesWords(person) || 'Known from a card alone.'}</Words>
      <Field label="Name" text={name} read={readTitle} onSave={(to) => keep({ name: to })} />
      <Field
        label="Addresses"
        text={addresses.join(', ')}
        read={readAddresses}
        wraps
        onSave={(to) => keep({ addresses: to })}
      />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Give free times…" onPress={() => openPanel({ kind: 'freeTimes', who: name })} />
        <Button label="Export as a card" onPress={() => exportCards([person], name)} />
        {stored && <Button label="Forget how I named them" kind="quiet" onPress={forget} />}
      </View>
      <Meetings person={person} />
      <SameAs person={person} />
    </View>
  );
}

/** The meetings with somebody, of four weeks past and to come. */
function Meetings({ person: { addresses } }: { person: Known }) {
  const { zone, now } = useMoment();
  const { coming, past } = meetingsWith(useWorkspace(), addresses, zone, now);
  return (
    <>
      <MeetingList title="To come" meetings={coming} />
      <MeetingList title="Of the last four weeks" meetings={past} />
    </>
  );
}

function MeetingList({ title, meetings }: { title: string; meetings: readonly Occurrence[] }) {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  if (meetings.length === 0) return null;
  return (
    <View className="gap-1">
      <Heading level={2}>{title}</Heading>
      {meetings.slice(0, MOST_MEETINGS).map((meeting) => (
        <View key={meeting.id} className="flex-row">
          <Button
            label={`${meeting.title}, ${whenWords(meeting.from, today, zone, style)}`}
            kind="quiet"
            onPress={() => openPanel({ kind: 'meeting', meeting })}
          />
        </View>
      ))}
      {meetings.length > MOST_MEETINGS && (
        <Words tone="soft">And {meetings.length - MOST_MEETINGS} more.</Words>
      )}
    </View>
  );
}

/** Makes one person of two: those whose names are alike are offered, others are found by typing. */
function SameAs({ person }: { person: Known }) {
  const [typed, setTyped] = useState('');
  const others = knownPeople(useWorkspace()).all.filter(({ key }) => key !== person.key);
  const offered =
    typed.trim() === ''
      ? others.filter((other) => alike(person, other))
      : others.filter((other) => withWords(other, typed));
  const join = (other: Known) => {
    const one = asStored(person);
    const both = { ...one, addresses: [...one.addresses, ...other.addresses] };
    const gone = other.stored ? [other.stored.id] : [];
    const went = store.run(
      joinPeople,
      { person: both, others: gone },
      `${other.name} is ${person.name} from now on`,
    );
    if (went) setTyped('');
  };
  if (others.length === 0) return null;
  return (
    <View role="group" aria-label="The same person" className="gap-2 border-t border-line pt-3">
      <Heading level={2}>Known by another name, too?</Heading>
      <FindField typed={typed} onType={setTyped} />
      <PeopleList people={offered.slice(0, MOST_OFFERED)} verb="Join with " onChoose={join} />
    </View>
  );
}

export const personPanel: Panel<Panels['person']> = {
  useTitle: ({ address }) => useKnown(address)?.name ?? address,
  Content: Person,
};
