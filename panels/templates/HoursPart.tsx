import { View } from 'react-native';
import { clockOf, minutesOfClock } from '@/core/time/wall';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readLength } from '@/ui/readings';
import { TimeField } from '../parts/TimeField';
import type { Editing } from './editing';

/** The hours that a template gets when some are asked for. */
const MORNING = { from: '09:00', to: '12:00' };

/** How long something is, and where in a day it is best placed. */
export function HoursPart({ template: { name, minutes, hours, inZone = '' }, edit }: Editing) {
  const { frames } = useWorkspace();
  const zones = new Set(
    [...frames.values()].flatMap((frame) =>
      frame.zones.flatMap(({ kind, name: of }) => (kind === 'work' && of ? [of] : [])),
    ),
  );
  return (
    <>
      <Field
        label="Length"
        text={durationWords(minutes)}
        read={readLength}
        onSave={(to) => edit({ minutes: to })}
      />
      {hours ? (
        <View className="flex-row items-end gap-2">
          <View className="flex-1">
            <TimeField
              label="Best from"
              value={minutesOfClock(hours.from)}
              onChange={(from) => edit({ hours: { ...hours, from: clockOf(from) } })}
            />
          </View>
          <View className="flex-1">
            <TimeField
              label="Best until"
              value={minutesOfClock(hours.to)}
              onChange={(to) => edit({ hours: { ...hours, to: clockOf(to) } })}
            />
          </View>
          <Button
            label="Any hours"
            says={`Any hours for ${name}`}
            kind="quiet"
            onPress={() => void edit({ hours: null })}
          />
        </View>
      ) : (
        <View className="flex-row">
          <Button
            label="Give it hours"
            says={`Give it hours: ${name}`}
            kind="quiet"
            onPress={() => void edit({ hours: MORNING })}
          />
        </View>
      )}
      {zones.size > 0 && (
        <Choice
          label="Best in the zone"
          value={zones.has(inZone) ? inZone : ''}
          onChoose={(to) => void edit({ inZone: to === '' ? undefined : to })}
          options={[{ value: '', name: 'Any' }, ...[...zones].map((zone) => ({ value: zone, name: zone }))]}
        />
      )}
    </>
  );
}
