import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { Example } from '@/actions/outside/ask';
import { lookAt, subscribeTo } from '@/actions/outside/feeds';
import { LineProblems } from '@/panels/parts/LineProblems';
import { hostOf } from '@/core/outside/feed';
import { outcomeWords } from '@/core/outside/feedWords';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { announce } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Field } from '@/ui/Field';
import { closePanel } from '@/ui/panels';
import { readTitle } from '@/ui/readings';
import { Heading, Words } from '@/ui/Words';
import { ADDRESS, readAddress } from './FeedPanel';
import { useExamples } from './useExamples';

type Found = Extract<Awaited<ReturnType<typeof lookAt>>, { kind: 'read' }>;
type State =
  | { readonly kind: 'waits' }
  | { readonly kind: 'asks'; readonly host: string }
  | { readonly kind: 'failed'; readonly words: string }
  | { readonly kind: 'found'; readonly found: Found; readonly name: string; readonly around: boolean };

/** The way to a calendar that refreshes itself: what leaves the browser, its address, what stands there, and what to call it. */
export function Subscribe() {
  const [state, setState] = useState<State>({ kind: 'waits' });
  const feeds = useOutside((outside) => outside.feeds);
  const { calendars } = useWorkspace();
  const knownAs = (address: string) => {
    const feed = feeds.find((one) => one.address === address);
    return feed && calendars.get(feed.calendarId)?.name;
  };
  const look = async (address: string, example?: Example) => {
    const host = hostOf(address);
    const known = knownAs(address);
    if (known !== undefined) return setState({ kind: 'failed', words: `You have it already, as ${known}.` });
    setState({ kind: 'asks', host });
    const found = await lookAt(address);
    if (found.kind !== 'read') return setState({ kind: 'failed', words: outcomeWords(host, found) });
    const name = found.reading.name ?? example?.name ?? host;
    setState({ kind: 'found', found, name, around: example?.around ?? false });
  };
  return (
    <View className="gap-4">
      <Words tone="soft">
        A calendar at an address is read, and read again as often as it changes; what has changed is told with
        what it does to your plan. It is asked by the server that Sprindle came from. Nothing of your plan is
        sent, and the address, which may be a secret, stays in this browser and goes into no export.
      </Words>
      <Field
        label="Address of the calendar"
        text=""
        adding
        focusFirst
        placeholder={ADDRESS}
        read={readAddress}
        onSave={(address) => void look(address)}
      />
      <Words size="xs" tone="soft">
        Enter looks at what stands there; nothing is taken over before you subscribe.
      </Words>
      <Examples onChoose={(example) => void look(example.address, example)} />
      <View aria-live="polite">
        {state.kind === 'asks' && <Words>Asking {state.host}…</Words>}
        {state.kind === 'failed' && <Words tone="brick">{state.words}</Words>}
      </View>
      {state.kind === 'found' && <WhatIsThere state={state} onChange={setState} />}
    </View>
  );
}

/** Calendars of simulated services, where there are any. */
function Examples({ onChoose }: { onChoose: (example: Example) => void }) {
  const all = useExamples()?.calendars ?? [];
  if (all.length === 0) return null;
  return (
    <View className="gap-2">
      <Words size="xs" tone="soft">
        To try it, simulated ones:
      </Words>
      <View className="flex-row flex-wrap gap-2">
        {all.map((example) => (
          <Button key={example.address} label={example.name} onPress={() => onChoose(example)} />
        ))}
      </View>
    </View>
  );
}

type FoundProps = { state: Extract<State, { kind: 'found' }>; onChange: (state: State) => void };

/** What stands at the address, what it is to be called, and whether it is one's own. */
function WhatIsThere({ state, onChange }: FoundProps) {
  const { found, name, around } = state;
  const { size, events, problems } = found.reading;
  const titles = [...new Set(events.map(({ title }) => title))];
  const words = `${size} ${size === 1 ? 'event' : 'events'} in it`;
  useEffect(() => announce(words), [words]);
  const take = () => {
    subscribeTo(found, { name, around });
    closePanel();
  };
  return (
    <View className="gap-3">
      <Heading level={2}>{words}</Heading>
      {titles.length > 0 && (
        <Words tone="soft">
          {titles.slice(0, 5).join(' · ')}
          {titles.length > 5 ? ' …' : ''}
        </Words>
      )}
      <LineProblems problems={problems} />
      <Field
        label="Call it"
        text={name}
        read={readTitle}
        onSave={(called) => onChange({ ...state, name: called })}
      />
      <CheckBox
        label="Another person’s: drawn lightly, takes none of my time"
        checked={around}
        onToggle={() => onChange({ ...state, around: !around })}
      />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Subscribe to it" kind="primary" onPress={take} />
        <Button label="Leave it" kind="quiet" onPress={closePanel} />
      </View>
    </View>
  );
}
