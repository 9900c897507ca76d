import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { connect, lookInto, type Choice as Taking } from '@/actions/outside/accounts';
import { ACCOUNT, TRACKER, type Calendar } from '@/core/model/event';
import { hostOf } from '@/core/outside/feed';
import { outcomeWords } from '@/core/outside/feedWords';
import { usualList } from '@/core/tasks/lists';
import { shelvesOf, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { announce } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { closePanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';
import { blockChoices, NewTasksGoTo } from './ShelfPanel';
import { TryIt } from './TryIt';
import { useExamples } from './useExamples';
import { WhoAsks, type Credentials } from './WhoAsks';

type Found = Extract<Awaited<ReturnType<typeof lookInto>>, { kind: 'found' }>['calendars'];
type State =
  | { readonly kind: 'waits' }
  | { readonly kind: 'asks'; readonly host: string }
  | { readonly kind: 'failed'; readonly words: string }
  | { readonly kind: 'found'; readonly calendars: Found };

/** The way to an account: what leaves the browser, who asks and where, which calendars it has, and which are taken. */
export function Connect() {
  const [who, setWho] = useState<Credentials>({ server: '', username: '', password: '' });
  const [state, setState] = useState<State>({ kind: 'waits' });
  const known = useExamples()?.account;
  const set = (change: Partial<Credentials>) => {
    setWho((before) => ({ ...before, ...change }));
    setState({ kind: 'waits' });
  };
  const look = async (asked: Credentials) => {
    if (state.kind === 'asks') return;
    if (asked.server === '' || asked.username === '')
      return setState({ kind: 'failed', words: 'It takes an address and a user name to ask.' });
    const host = hostOf(asked.server);
    setState({ kind: 'asks', host });
    const found = await lookInto(asked);
    if (found.kind === 'failed')
      return setState({ kind: 'failed', words: outcomeWords(host, found.outcome) });
    setState({ kind: 'found', calendars: found.calendars });
  };
  return (
    <View className="gap-4">
      <Words tone="soft">
        Calendars of an account (CalDAV) are kept equal with those here: what you change here is sent there,
        and the other way. What leaves the browser is what those calendars hold, and your blocks if you wish;
        the server that Sprindle came from passes it on, and keeps nothing. Tasks of a tracker come in with
        where they are from. Name and password stay in this browser, apart from your data, and go into no
        export.
      </Words>
      <WhoAsks
        label="Address of the account"
        placeholder="https://calendar.example"
        who={who}
        onSet={set}
        onLook={(asked) => void look(asked)}
      />
      <View className="flex-row">
        <Button
          label="Look what it has"
          kind={state.kind === 'found' ? 'plain' : 'primary'}
          onPress={() => void look(who)}
        />
      </View>
      <TryIt
        what="account"
        known={known}
        onChoose={(one) => {
          setWho(one);
          void look(one);
        }}
      />
      <View aria-live="polite">
        {state.kind === 'asks' && <Words>Asking {state.host}…</Words>}
        {state.kind === 'failed' && <Words tone="brick">{state.words}</Words>}
      </View>
      {state.kind === 'found' && <WhatItHas who={who} calendars={state.calendars} />}
    </View>
  );
}

/** One calendar of the account for one kind of thing that it holds. */
type Row = Taking & { readonly key: string; readonly taken: boolean };

/** The calendars here that one of an account may become the same as: one's own, and those whose account is not known here. */
function useMates(tasks: boolean): readonly Calendar[] {
  const { calendars } = useWorkspace();
  const known = shelvesOf(useOutside()).map(({ shelf }) => shelf.calendarId);
  const kinds = tasks ? [TRACKER] : ['', ACCOUNT];
  return calendars.values().filter(({ id, source }) => kinds.includes(source) && !known.includes(id));
}

function useRows(calendars: Found) {
  const workspace = useWorkspace();
  const known = shelvesOf(useOutside()).map(({ shelf }) => `${shelf.address} ${shelf.tasks}`);
  const mates = [...useMates(true), ...useMates(false)].filter(({ source }) => source !== '');
  return useState<readonly Row[]>(() =>
    calendars
      .flatMap((found) => found.holds.map((holds) => ({ found, tasks: holds === 'tasks' })))
      .map(({ found, tasks }) => ({
        ...{ found, tasks, listId: usualList(workspace).id, blocks: 'no' as const, taken: true },
        key: `${found.address} ${tasks}`,
        // it was connected before, maybe on another device
        into: mates.find(({ name, source }) => name === found.name && (source === TRACKER) === tasks)?.id,
      }))
      .filter(({ key }) => !known.includes(key)),
  );
}

/** The calendars that it has, which of them are taken, and what they go together with. */
function WhatItHas({ who, calendars }: { who: Credentials; calendars: Found }) {
  const [rows, setRows] = useRows(calendars);
  const taken = rows.filter((row) => row.taken);
  const words =
    rows.length === 0
      ? 'It has no calendar that is not connected yet'
      : `${rows.length === 1 ? 'One calendar' : `${rows.length} calendars`} in it`;
  useEffect(() => announce(words), [words]);
  const change = (row: Row) => setRows(rows.map((one) => (one.key === row.key ? row : one)));
  const take = () => {
    void connect(who, taken);
    closePanel();
  };
  return (
    <View className="gap-3">
      <Heading level={2}>{words}</Heading>
      {rows.map((row) => (
        <OneOfIt key={row.key} row={row} onChange={change} />
      ))}
      <View className="flex-row flex-wrap gap-2">
        {taken.length > 0 && <Button label="Connect what is ticked" kind="primary" onPress={take} />}
        <Button label="Leave it" kind="quiet" onPress={closePanel} />
      </View>
    </View>
  );
}

function OneOfIt({ row, onChange }: { row: Row; onChange: (row: Row) => void }) {
  const { found, tasks, taken, into = '', listId, blocks } = row;
  const mates = useMates(tasks);
  return (
    <View role="group" aria-label={found.name} className="gap-2 border-l-4 border-line pl-3">
      <CheckBox
        label={`${found.name}: ${tasks ? 'its tasks' : 'its events'}`}
        checked={taken}
        onToggle={() => onChange({ ...row, taken: !taken })}
      />
      {taken && tasks && <NewTasksGoTo listId={listId} onChoose={(id) => onChange({ ...row, listId: id })} />}
      {taken && mates.length > 0 && (
        <Choice
          label={tasks ? 'Its tasks come into' : 'Its events come into'}
          value={into}
          onChoose={(id) => onChange({ ...row, into: id || undefined })}
          options={[
            { value: '', name: tasks ? 'A new tracker' : 'A new calendar' },
            ...mates.map(({ id, name }) => ({ value: id, name: `${name}, and that goes out too` })),
          ]}
        />
      )}
      {taken && !tasks && (
        <Choice
          label="Blocks of your plan"
          value={blocks}
          onChoose={(how) => onChange({ ...row, blocks: how })}
          options={blockChoices}
        />
      )}
    </View>
  );
}
