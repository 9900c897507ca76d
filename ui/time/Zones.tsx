import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import { aheadWords, cityOf, findCities } from '@/core/time/cities';
import { clockWords } from '@/core/time/words';
import type { Zone } from '@/core/time/zone';
import { rememberTravel, session } from '@/state/session';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { useMinute } from '../useNow';
import { Words } from '../Words';

/** Shows everything in another zone, or at home again: the application starts anew in it. */
export function travelTo(zone: Zone | null): void {
  rememberTravel(zone);
  void store.flush().then(() => location.reload());
}

/** A second time zone beside the hours, and everything shown in another one. */
export function Zones() {
  const { secondZone } = useWorkspace().settings;
  const travelling = session.zone !== session.home;
  return (
    <View className="gap-4">
      <CityField
        label="Second time zone beside the hours"
        zone={secondZone}
        onChoose={(zone) => store.run(changeSettings, { secondZone: zone })}
      />
      <CityField
        label="Show everything in the time of"
        zone={travelling ? session.zone : null}
        onChoose={travelTo}
      />
    </View>
  );
}

type Props = { label: string; zone: Zone | null; onChoose: (zone: Zone | null) => void };

/** Chooses a zone by typing a city; Enter takes the first that is found. */
function CityField({ label, zone, onChoose }: Props) {
  const [typed, setTyped] = useState('');
  const found = findCities(typed);
  const take = (chosen: Zone) => {
    setTyped('');
    onChoose(chosen);
  };
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        {label}
      </Words>
      {zone && (
        <View className="flex-row items-center justify-between">
          <Words face="strong">
            {cityOf(zone)}, {aheadWords(zone, session.home, session.now())}
          </Words>
          <Button label="Leave it" says={`Leave it: ${label}`} kind="quiet" onPress={() => onChoose(null)} />
        </View>
      )}
      <TextInput
        aria-label={label}
        placeholder="Type a city"
        placeholderTextColor="var(--ink-soft)"
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => {
          const [first] = found;
          if (first) take(first.zone);
        }}
        className="min-h-[44px] rounded-lg border border-line bg-surface px-3 font-text text-base text-ink"
      />
      <View aria-live="polite" className="gap-1">
        {found.map(({ name, country, zone: one }) => (
          <Button
            key={`${name} ${one}`}
            label={`${name}, ${country} · ${aheadWords(one, session.home, session.now())}`}
            onPress={() => take(one)}
          />
        ))}
        {typed.trim().length > 1 && found.length === 0 && (
          <Words size="xs" tone="brick">
            No city is found that is called “{typed.trim()}”. Try the next larger one, or the country.
          </Words>
        )}
      </View>
    </View>
  );
}

/** Says that everything is shown in another zone than that of home. */
export function TravelLine() {
  const { clock } = useWorkspace().settings;
  const now = useMinute();
  if (session.zone === session.home) return null;
  return (
    <View role="status" className="flex-row items-center gap-2 border-b border-line bg-surface px-4">
      <View className="flex-1">
        <Words face="strong">
          Shown in the time of {cityOf(session.zone)}; at home it is {clockWords(now, session.home, clock)}
        </Words>
      </View>
      <Button label="Back home" kind="quiet" onPress={() => travelTo(null)} />
    </View>
  );
}
