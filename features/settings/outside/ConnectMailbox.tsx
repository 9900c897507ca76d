import { useState } from 'react';
import { View } from 'react-native';
import { connectMailbox, lookIntoMailbox } from '@/actions/outside/mail';
import { hostOf } from '@/core/outside/feed';
import { outcomeWords } from '@/core/outside/feedWords';
import { Button } from '@/ui/Button';
import { closePanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { TryIt } from './TryIt';
import { useExamples } from './useExamples';
import { WhoAsks, type Credentials } from './WhoAsks';

type State = { readonly kind: 'waits' | 'asks' } | { readonly kind: 'failed'; readonly words: string };

/** The way to a mailbox: what leaves the browser, and who asks where. */
export function ConnectMailbox() {
  const [who, setWho] = useState<Credentials>({ server: '', username: '', password: '' });
  const [state, setState] = useState<State>({ kind: 'waits' });
  const known = useExamples()?.mailbox;
  const set = (change: Partial<Credentials>) => {
    setWho((before) => ({ ...before, ...change }));
    setState({ kind: 'waits' });
  };
  const look = async (asked: Credentials) => {
    if (state.kind === 'asks') return;
    if (asked.server === '' || asked.username === '')
      return setState({ kind: 'failed', words: 'It takes an address and a user name to ask.' });
    setState({ kind: 'asks' });
    const found = await lookIntoMailbox(asked);
    if (found.kind === 'failed')
      return setState({ kind: 'failed', words: outcomeWords(hostOf(asked.server), found.outcome) });
    closePanel();
    await connectMailbox(asked, found.own);
  };
  return (
    <View className="gap-4">
      <Words tone="soft">
        Messages of a mailbox (JMAP) that are unread or flagged wait beside your inbox, and become tasks.
        Invitations in it are shown where they would lie, and your answers go out by it. What leaves the
        browser is what you send, and marks on messages; the server that Sprindle came from passes it on, and
        keeps nothing. Name and password stay in this browser, apart from your data, and go into no export.
      </Words>
      <WhoAsks
        label="Address of the mailbox"
        placeholder="https://mail.example/jmap/session"
        who={who}
        onSet={set}
        onLook={(asked) => void look(asked)}
      />
      <View className="flex-row">
        <Button label="Connect it" kind="primary" onPress={() => void look(who)} />
      </View>
      <TryIt
        what="mailbox"
        known={known}
        onChoose={(one) => {
          setWho(one);
          void look(one);
        }}
      />
      <View aria-live="polite">
        {state.kind === 'asks' && <Words>Asking {hostOf(who.server)}…</Words>}
        {state.kind === 'failed' && <Words tone="brick">{state.words}</Words>}
      </View>
    </View>
  );
}
