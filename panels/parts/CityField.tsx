import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { nameOfZone, type Zone } from '@/core/time/zone';
import { session } from '@/state/session';
import { Button } from '@/ui/Button';
import { useCities } from '@/ui/cities';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { label: string; zone: Zone | null; onChoose: (zone: Zone | null) => void };

/** Chooses a zone by typing a city; Enter takes the first that is found. */
export function CityField({ label, zone, onChoose }: Props) {
  const { now } = useMoment();
  const [typed, setTyped] = useState('');
  const cities = useCities();
  const found = cities?.findCities(typed) ?? [];
  const ahead = (city: Zone) => cities?.aheadWords(city, session.home, now) ?? '';
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
            {cities?.cityOf(zone) ?? nameOfZone(zone)}, {ahead(zone)}
          </Words>
          <Button label="Leave it" says={`Leave it: ${label}`} kind="quiet" onPress={() => onChoose(null)} />
        </View>
      )}
      <TextInput
        // submitBehavior is not known to React Native for Web
        blurOnSubmit={false}
        aria-label={label}
        placeholder="Type a city"
        placeholderTextColor="var(--ink-soft)"
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => {
          const [first] = found;
          if (first) take(first.zone);
        }}
        className="min-h-[44px] rounded-lg border border-field bg-surface px-3 font-text text-base text-ink"
      />
      <View aria-live="polite" className="gap-1">
        {found.map(({ name, country, zone: city }) => (
          <Button
            key={`${name} ${city}`}
            label={`${name}, ${country} · ${ahead(city)}`}
            onPress={() => take(city)}
          />
        ))}
        {cities && typed.trim().length > 1 && found.length === 0 && (
          <Words size="xs" tone="brick">
            No city is found that is called “{typed.trim()}”. Try the next larger one, or the country.
          </Words>
        )}
      </View>
    </View>
  );
}
