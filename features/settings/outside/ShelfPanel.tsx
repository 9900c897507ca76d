import { useState } from 'react';
import { View } from 'react-native';
import { changePassword, disconnect, synchroniseCalendar, takeBackLost } from '@/actions/outside/accounts';
import type { Account, BlocksOut, Shelf } from '@/core/outside/account';
import { hostOf } from '@/core/outside/feed';
import { refusedWords, shelfWords } from '@/core/outside/shelfWords';
import { openLists } from '@/core/tasks/lists';
import { changeShelf, shelvesOf, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { closePanel, openPanel, type Panels } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';
import { readSecret } from './readSecret';
import { useUnsent } from './useUnsent';

/** A calendar of an account: how it stands, what goes out into it, and the way to leave it. */
export function ShelfPanel({ calendarId }: Panels['shelf']) {
  const accounts = useOutside((outside) => outside.accounts);
  const calendar = useWorkspace().calendars.get(calendarId);
  const found = shelvesOf({ accounts }).find(({ shelf }) => shelf.calendarId === calendarId);
  if (!calendar) return <Words tone="soft">This calendar is no longer there.</Words>;
  if (found) return <Connected {...found} name={calendar.name} />;
  return (
    <View className="gap-4">
      <Words tone="soft">
        This browser does not know its account: who asks is kept where it was typed, and goes into no export.
        Connect the account here, and choose this calendar for what it holds; or let the calendar be your own.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Connect an account…" kind="primary" onPress={() => openPanel({ kind: 'connect' })} />
      </View>
      <Leaving calendarId={calendarId} name={calendar.name} sendsBlocks={false} />
    </View>
  );
}

type ConnectedProps = { account: Account; shelf: Shelf; name: string };

function Connected({ account, shelf, name }: ConnectedProps) {
  const { zone, now, today } = useMoment();
  const { settings: style } = useWorkspace();
  const [asking, setAsking] = useState(false);
  const waiting = useUnsent(shelf);
  const { calendarId, trouble, tasks } = shelf;
  const ask = (go = () => synchroniseCalendar(calendarId)) => {
    // the button stays one that can be pressed, so that the keyboard stays on it
    if (asking) return;
    setAsking(true);
    void go().finally(() => setAsking(false));
  };
  const refused = refusedWords(shelf);
  return (
    <View className="gap-4">
      <View aria-live="polite" className="gap-1">
        <Words tone={trouble ? 'brick' : 'ink'}>
          {asking
            ? `Asking ${hostOf(shelf.address)}…`
            : shelfWords(shelf, waiting, { zone, now, today, style })}
        </Words>
        {refused !== '' && <Words tone="brick">{refused}</Words>}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Ask and send now" kind="primary" onPress={() => ask()} />
        {trouble?.why === 'lost' && (
          <>
            <Button label="Take it back from there" onPress={() => ask(() => takeBackLost(calendarId))} />
            <Button
              label="Delete it there, too"
              kind="danger"
              onPress={() => ask(() => synchroniseCalendar(calendarId, true))}
            />
          </>
        )}
        {trouble?.why === 'empty' && (
          <Button
            label={`Take it: remove all that ${name} held`}
            kind="danger"

            onPress={() => ask(() => synchroniseCalendar(calendarId, true))}
          />
        )}
      </View>
      {tasks ? <ForTasks shelf={shelf} /> : <ForBlocks shelf={shelf} />}
      <Words tone="soft">
        Known here as {account.username} at {hostOf(account.server)}. Name and password stay in this browser,
        apart from your data, and go into no export.
      </Words>
      <Field
        label="Another password"
        text=""
        adding
        secret
        read={readSecret}
        onSave={(password) => changePassword(account, password)}
      />
      <Leaving calendarId={calendarId} name={name} sendsBlocks={shelf.blocks !== 'no'} />
    </View>
  );
}

/** What is chosen of blocks that go out. */
export const blockChoices: readonly { value: BlocksOut; name: string }[] = [
  { value: 'no', name: 'Stay here' },
  { value: 'busy', name: 'As “Busy”' },
  { value: 'titles', name: 'With their titles' },
];

const ForBlocks = ({ shelf: { calendarId, blocks } }: { shelf: Shelf }) => (
  <View className="gap-1">
    <Choice
      label="Blocks of your plan"
      value={blocks}
      onChoose={(how) => changeShelf(calendarId, (shelf) => ({ ...shelf, blocks: how }))}
      options={blockChoices}
    />
    <Words size="xs" tone="soft">
      They go out as private events, from the present on. One that is moved there moves here; one that is
      removed there is taken out of your plan, and its task stays.
    </Words>
  </View>
);

const ForTasks = ({ shelf: { calendarId, listId } }: { shelf: Shelf }) => (
  <NewTasksGoTo
    listId={listId}
    onChoose={(id) => changeShelf(calendarId, (shelf) => ({ ...shelf, listId: id }))}
  />
);

type ListProps = { listId: string | null; onChoose: (listId: string) => void };

/** Chooses the list that new tasks of a tracker go to. */
export function NewTasksGoTo({ listId, onChoose }: ListProps) {
  const lists = openLists(useWorkspace());
  return (
    <Choice
      label="New tasks go to"
      value={listId ?? ''}
      onChoose={onChoose}
      options={lists.map(({ id, name }) => ({ value: id, name }))}
    />
  );
}

type LeavingProps = { calendarId: string; name: string; sendsBlocks: boolean };

/** The way out of an account: what stays, and what is taken out of it first. */
function Leaving({ calendarId, name, sendsBlocks }: LeavingProps) {
  const [blocksToo, setBlocksToo] = useState(true);
  const leave = (stays: boolean) => {
    closePanel();
    void disconnect(calendarId, stays, sendsBlocks && blocksToo);
  };
  return (
    <View role="group" aria-label="Leave the account" className="gap-2 border-t border-line pt-3">
      <Heading level={2}>Leave the account</Heading>
      <Words tone="soft">
        What {name} holds there stays there; the password is forgotten with the last calendar of its account.
      </Words>
      {sendsBlocks && (
        <CheckBox
          label="Take my blocks out of it there first"
          checked={blocksToo}
          onToggle={() => setBlocksToo(!blocksToo)}
        />
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Leave it, and keep all here as my own" onPress={() => leave(true)} />
        <Button label="Leave it, and remove all of it here" kind="danger" onPress={() => leave(false)} />
      </View>
    </View>
  );
}
