import { View } from 'react-native';
import { DAY_MINUTES, openDoor, type DoorRule, type FrameZone } from '@/core/model/frame';
import { durationWords } from '@/core/time/words';
import { Choice } from '@/ui/Choice';
import { Field, type Reading } from '@/ui/Field';
import { readAddresses, readLength } from '@/ui/readings';
import { Words } from '@/ui/Words';

type Props = { zone: FrameZone; onChange: (door: DoorRule) => void };

const readMost = (typed: string): Reading<number | null> =>
  typed.trim() === '' ? { value: null } : readLength(typed, DAY_MINUTES);

/** Which requests a zone takes that expects meetings: of which length, and from whom. */
export function ZoneDoor({ zone: { door = openDoor }, onChange }: Props) {
  const set = (change: Partial<DoorRule>) => onChange({ ...door, ...change });
  return (
    <View className="gap-3 border-l-4 border-line pl-3">
      <Field
        label="Requests of at most"
        text={door.most === null ? '' : durationWords(door.most)}
        placeholder="any length"
        read={readMost}
        onSave={(most) => set({ most })}
      />
      <Choice
        label="Requests from"
        value={door.who}
        onChoose={(who) => set({ who })}
        options={[
          { value: 'all', name: 'anybody' },
          { value: 'known', name: 'people you know' },
          { value: 'named', name: 'certain people' },
        ]}
      />
      {door.who === 'named' && (
        <Field
          label="Their addresses"
          wraps
          text={door.people.join(', ')}
          placeholder="tomas@trust.example"
          read={readAddresses}
          onSave={(people) => set({ people })}
        />
      )}
      <Words size="xs" tone="soft">
        What breaks this is shown with times to propose instead; you decide.
      </Words>
    </View>
  );
}
