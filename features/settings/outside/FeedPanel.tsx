import { useState } from 'react';
import { View } from 'react-native';
import { askAt, refresh } from '@/actions/outside/feeds';
import type { Id } from '@/core/model/common';
import { feedAddress, hostOf, intervalOf, type Feed } from '@/core/outside/feed';
import { feedWords } from '@/core/outside/feedWords';
import { MINUTE } from '@/core/time/span';
import { distanceWords } from '@/core/time/words';
import { changeFeed, forgetFeed, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field, type Reading } from '@/ui/Field';
import { closePanel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** What a person may choose of how often a calendar is asked, in minutes. */
const OFTEN = [5, 15, 60, 1440];

/** What an address looks like. */
export const ADDRESS = 'https://calendar.example/office.ics';

export const readAddress = (typed: string): Reading<string> => {
  const value = feedAddress(typed);
  return value === null
    ? { problem: `This is no address of a calendar: it looks like ${ADDRESS}.` }
    : { value };
};

/** A subscribed calendar: how it stands, how often it is asked, and the ways to leave it. */
export function FeedPanel({ calendarId }: Panels['feed']) {
  const feed = useOutside(({ feeds }) => feeds.find((one) => one.calendarId === calendarId));
  const calendar = useWorkspace().calendars.get(calendarId);
  if (!calendar) return <Words tone="soft">This calendar is no longer there.</Words>;
  if (!feed)
    return (
      <View className="gap-4">
        <Words tone="soft">
          This browser does not ask for it: addresses stay where they were typed, and go into no export.
        </Words>
        <AddressField label="Address of the calendar" calendarId={calendarId} />
      </View>
    );
  return <Subscribed feed={feed} name={calendar.name} />;
}

function Subscribed({ feed, name }: { feed: Feed; name: string }) {
  const { zone, now, today } = useMoment();
  const { settings: style } = useWorkspace();
  const [asking, setAsking] = useState(false);
  const { calendarId, every, says, trouble } = feed;
  const usual = intervalOf({ ...feed, every: null });
  const ask = (evenEmpty = false) => {
    // the button stays one that can be pressed, so that the keyboard stays on it
    if (asking) return;
    setAsking(true);
    void refresh(calendarId, evenEmpty).finally(() => setAsking(false));
  };
  const stop = () => {
    forgetFeed(calendarId);
    store.say(`${name} is not asked for any more; its events stay, and its address is forgotten.`);
    closePanel();
  };
  return (
    <View className="gap-4">
      <View aria-live="polite">
        <Words tone={trouble ? 'brick' : 'ink'}>
          {asking ? `Asking ${hostOf(feed.address)}…` : feedWords(feed, { zone, now, today, style })}
        </Words>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Refresh now" kind="primary" onPress={() => ask()} />
        {trouble?.why === 'empty' && (
          <Button
            label={`Take it: remove all events of ${name}`}
            kind="danger"

            onPress={() => ask(true)}
          />
        )}
      </View>
      <Choice
        label="Ask every"
        value={String(every)}
        onChoose={(minutes) =>
          changeFeed(calendarId, (one) => ({ ...one, every: minutes === 'null' ? null : Number(minutes) }))
        }
        options={[
          {
            value: 'null',
            name: `${distanceWords(usual * MINUTE)}${says === null ? '' : ', as it says itself'}`,
          },
          ...OFTEN.filter((minutes) => minutes === every || minutes !== usual).map((minutes) => ({
            value: String(minutes),
            name: distanceWords(minutes * MINUTE),
          })),
        ]}
      />
      <AddressField label="Another address" calendarId={calendarId} />
      <Words tone="soft">
        It is asked by the server that Sprindle came from; nothing of your plan is sent. Its address stays in
        this browser, apart from your data, and goes into no export. What you change of its events stays until
        it says something else of them.
      </Words>
      <View className="flex-row">
        <Button label="Stop asking, keep its events" kind="quiet" onPress={stop} />
      </View>
    </View>
  );
}

const AddressField = ({ label, calendarId }: { label: string; calendarId: Id }) => (
  <Field
    label={label}
    text=""
    adding
    placeholder={ADDRESS}
    read={readAddress}
    onSave={(address) => askAt(calendarId, address)}
  />
);
