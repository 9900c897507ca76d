import { openLists } from '@/core/tasks/lists';
import { View } from 'react-native';
import { breakZone, deleteZone, editZone } from '@/core/commands/frames';
import { categoriesOf } from '@/core/model/categories';
import { DAY_MINUTES, ZoneKind, type FrameZone } from '@/core/model/frame';
import { hueOfZone, kindNames } from '@/core/frame/looks';
import { takenFrom } from '@/core/frame/shape';
import { clockOf } from '@/core/time/wall';
import { durationWords, shortWeekday, timeWords, weekdayNames } from '@/core/time/words';
import { weekOf, weekdaysFrom } from '@/core/time/week';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field, type Reading } from '@/ui/Field';
import { HueChoice } from '@/ui/HueChoice';
import { closePanel, type Panels } from '@/ui/panels';
import { readLength, readTitle } from '@/ui/readings';
import { TimeField } from '@/panels/parts/TimeField';
import { Words } from '@/ui/Words';
import { ZoneDoor } from './ZoneDoor';

/** All that a zone of a frame says, each field saving itself. */
export function ZoneFields({ frameId, zoneId }: Panels['zone']) {
  const workspace = useWorkspace();
  const { today } = useMoment();
  const frame = workspace.frames.get(frameId);
  const zone = frame?.zones.find(({ id }) => id === zoneId);
  if (!frame || !zone) return <Words tone="soft">This zone is no longer there.</Words>;
  const at = { frameId, week: weekOf(today, workspace.settings.weekStart) };
  const set = (changes: Partial<Omit<FrameZone, 'id'>>) =>
    store.tryTo(editZone, { ...at, id: zoneId, changes });
  const { minutes, by } = takenFrom(frame.zones, zoneId);
  return (
    <View className="gap-4">
      <Field label="Name" wraps text={zone.name} read={readTitle} onSave={(name) => set({ name })} />
      <Times zone={zone} set={set} />
      {minutes > 0 && (
        <Words tone="soft">
          {durationWords(minutes)} a week of it {by.length === 1 ? 'has' : 'have'} {by.join(', ')}: the
          narrower zone has the time.
        </Words>
      )}
      <Break
        zone={zone}
        onBreak={(after, pause) =>
          store.tryTo(breakZone, { ...at, id: zoneId, newId: newId(), after, pause })
        }
      />
      <Choice
        label="It is"
        value={zone.kind}
        onChoose={(kind) => set({ kind })}
        options={ZoneKind.options.map((value) => ({ value, name: kindNames[value] }))}
      />
      <Choice
        label="Meetings"
        value={zone.openness}
        onChoose={(openness) => set({ openness })}
        options={[
          { value: 'open', name: 'expected' },
          { value: 'guarded', name: 'kept out' },
          { value: 'free', name: 'as they come' },
        ]}
      />
      {zone.openness === 'open' && <ZoneDoor zone={zone} onChange={(door) => set({ door })} />}
      <Choice
        label="Your energy then"
        value={zone.energy}
        onChoose={(energy) => set({ energy })}
        options={[
          { value: 'sharp', name: 'sharp' },
          { value: 'steady', name: 'steady' },
          { value: 'low', name: 'low' },
        ]}
      />
      {zone.category === undefined && (
        <HueChoice of={zone.name} value={hueOfZone(zone, workspace)} onChoose={(hue) => set({ hue })} />
      )}
      <CheckBox
        label="Catch-up: spare room for what was missed"
        checked={zone.catchUp}
        onToggle={() => set({ catchUp: !zone.catchUp })}
      />
      <Field
        label="Left free after it"
        text={zone.buffer === 0 ? '' : durationWords(zone.buffer)}
        placeholder="nothing"
        read={readBuffer}
        onSave={(buffer) => set({ buffer })}
      />
      <Belongs zone={zone} set={set} />
      <View className="flex-row">
        <Button
          label="Delete the zone"
          kind="danger"
          icon="remove"
          onPress={() => {
            closePanel();
            store.run(deleteZone, { ...at, id: zoneId }, `Deleted ${zone.name}`);
          }}
        />
      </View>
    </View>
  );
}

type PartProps = { zone: FrameZone; set: (changes: Partial<Omit<FrameZone, 'id'>>) => string | undefined };

const readBuffer = (typed: string): Reading<number> =>
  typed.trim() === '' ? { value: 0 } : readLength(typed, DAY_MINUTES);

/** On which days, from when, and how long. */
function Times({ zone, set }: PartProps) {
  const { clock, weekStart } = useWorkspace().settings;
  const { days, from, minutes } = zone;
  return (
    <View className="gap-2">
      <View role="group" aria-label="Days" className="flex-row flex-wrap gap-x-4">
        {weekdaysFrom(weekStart).map((day) => {
          const on = days.includes(day);
          const name = weekdayNames[day - 1] ?? '';
          return (
            <CheckBox
              key={day}
              label={shortWeekday(day)}
              says={`On ${name}`}
              checked={on}
              // the last day goes by deleting the zone
              onToggle={() => {
                const next = on ? days.filter((other) => other !== day) : [...days, day];
                if (next.length > 0) set({ days: next });
              }}
            />
          );
        })}
      </View>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <TimeField label="From" value={from} onChange={(to) => set({ from: to })} />
        </View>
        <View className="flex-1">
          <Field
            label="Length"
            text={durationWords(minutes)}
            read={(typed) => readLength(typed, DAY_MINUTES)}
            onSave={(to) => set({ minutes: to })}
          />
        </View>
      </View>
      <Words size="xs" tone="soft">
        Until {timeWords(clockOf(from + minutes), clock)}
        {from + minutes > DAY_MINUTES ? ' of the next day' : ''} · {durationWords(minutes * days.length)} a
        week
      </Words>
    </View>
  );
}

/** Two stretches with a break between, by a few typed words; their sum stays. */
function Break({
  zone,
  onBreak,
}: {
  zone: FrameZone;
  onBreak: (after: number, pause: number) => string | undefined;
}) {
  return (
    <Field
      label="Break it in two"
      text=""
      placeholder={`${durationWords(Math.ceil(zone.minutes / 2))}, then 30 min off`}
      read={readBreak}
      onSave={({ after, pause }) => onBreak(after, pause)}
    />
  );
}

function readBreak(typed: string): Reading<{ after: number; pause: number }> {
  const [first = '', second = ''] = typed.split(/,|\bthen\b/).filter((part) => part.trim() !== '');
  const after = readLength(first, DAY_MINUTES);
  const pause = readLength(second.replace(/\b(off|break|pause)\b/g, ''), DAY_MINUTES);
  if ('value' in after && 'value' in pause) return { value: { after: after.value, pause: pause.value } };
  return { problem: 'Say how long the first part is and how long the break: 3h, then 45m off.' };
}

/** What belongs in a zone: a category, lists, and a short written list. */
function Belongs({ zone, set }: PartProps) {
  const workspace = useWorkspace();
  const categories = categoriesOf(workspace);
  return (
    <View className="gap-3 border-t border-line pt-3">
      <Words face="strong">What belongs in it</Words>
      <Choice
        label="Category"
        value={zone.category ?? ''}
        onChoose={(id) => set({ category: id || undefined })}
        options={[{ value: '', name: 'none' }, ...categories.map(({ id, name }) => ({ value: id, name }))]}
      />
      <View role="group" aria-label="Lists that belong in it">
        {openLists(workspace).map(({ id, name }) => {
          const on = zone.lists.includes(id);
          return (
            <CheckBox
              key={id}
              label={name}
              checked={on}
              onToggle={() =>
                set({ lists: on ? zone.lists.filter((other) => other !== id) : [...zone.lists, id] })
              }
            />
          );
        })}
      </View>
      <Field
        label="A short list, a line each"
        multiline
        text={zone.lines.join('\n')}
        read={(typed) => ({ value: typed })}
        onSave={(typed) =>
          set({
            lines: typed
              .split('\n')
              .map((line) => line.trim().slice(0, 200))
              .filter((line) => line !== '')
              .slice(0, 50),
          })
        }
      />
    </View>
  );
}
