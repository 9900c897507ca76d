import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { changeSettings, editCalendar } from '@/core/commands/calendar';
import { hidesSomething, priorityHues, stateHues } from '@/core/plan/lens';
import { categoriesOf } from '@/core/model/categories';
import type { Hue } from '@/core/model/common';
import { defaultSettings, type Settings } from '@/core/model/settings';
import type { Workspace } from '@/core/model/workspace';
import { toggleZones } from '@/actions/zones';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { EdgeMark } from '@/board/marks';
import { HourScale } from '@/board/strip/HourScale';
import { Zones } from './Zones';
import { closePanel, openPanel } from '@/ui/panels';
import { Part } from '@/ui/Screen';
import { useDay } from '@/ui/useDay';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';

const toggled = (names: readonly string[], name: string) =>
  names.includes(name) ? names.filter((other) => other !== name) : [...names, name];

type LeftOut = Settings['leftOut'];

/** Changes what is left out, as it stands and not as it is drawn: two quick presses are two changes. */
function leaveOut(change: (leftOut: LeftOut) => Partial<LeftOut>): void {
  const { leftOut } = currentWorkspace().settings;
  store.run(changeSettings, { leftOut: { ...leftOut, ...change(leftOut) } });
}

const glances = [
  ['tasks', 'Tasks'],
  ['events', 'Events'],
  ['notes', 'Notes of the days'],
] as const;

function glance(kind: keyof Settings['glance']): void {
  const { glance: now } = currentWorkspace().settings;
  store.run(changeSettings, { glance: { ...now, [kind]: !now[kind] } });
}

/** Brings everything that is filtered out back into sight. */
export const showAll = () => store.run(changeSettings, { leftOut: defaultSettings.leftOut });

/** What the plan shows, and what gives it its colours. */
export function Lens() {
  const workspace = useWorkspace();
  const { settings, calendars, lists } = workspace;
  const { leftOut, colourBy } = settings;
  const categories = categoriesOf(workspace);
  const wide = useWide();
  const router = useRouter();
  const { date } = useDay();
  const shape = () => {
    closePanel();
    router.navigate('/frame');
  };
  return (
    <View className="gap-5">
      <View className="flex-row">
        {/* always there, so that nothing below moves away under the finger */}
        <Button label="Show all" disabled={!hidesSomething(settings)} onPress={showAll} />
      </View>
      <Part title="Lists">
        <View>
          {lists.values().map(({ id, name }) => (
            <CheckBox
              key={id}
              label={name}
              says={`Show the list ${name}`}
              checked={!leftOut.lists.includes(id)}
              onToggle={() => leaveOut((now) => ({ lists: toggled(now.lists, id) }))}
            />
          ))}
        </View>
      </Part>
      {categories.length > 0 && (
        <Part title="Categories">
          <View>
            {categories.map(({ id, name }) => (
              <CheckBox
                key={id}
                label={name}
                says={`Show the category ${name}`}
                checked={!leftOut.categories.includes(id)}
                onToggle={() => leaveOut((now) => ({ categories: toggled(now.categories, id) }))}
              />
            ))}
            <View className="flex-row">
              <Button
                label="Edit categories…"
                kind="quiet"
                onPress={() => openPanel({ kind: 'categories' })}
              />
            </View>
          </View>
        </Part>
      )}
      <Part title="State">
        <CheckBox
          label="Done"
          says="Show what is done"
          checked={!leftOut.done}
          onToggle={() => leaveOut((now) => ({ done: !now.done }))}
        />
      </Part>
      <Part title="In the month and the agenda">
        <View>
          {glances.map(([kind, name]) => (
            <CheckBox
              key={kind}
              label={name}
              says={`In the month and the agenda: ${name}`}
              checked={settings.glance[kind]}
              onToggle={() => glance(kind)}
            />
          ))}
        </View>
      </Part>
      <Part title="Calendars">
        <View>
          {calendars.values().map(({ id, name, hidden = false }) => (
            <CheckBox
              key={id}
              label={name}
              says={`Show the calendar ${name}`}
              checked={!hidden}
              onToggle={() => store.run(editCalendar, { id, hidden: !hidden })}
            />
          ))}
        </View>
      </Part>
      <Words size="xs" tone="soft">
        Loads and collisions are those of the whole plan, whatever is in sight.
      </Words>
      <Part title="Looks">
        <Choice
          label="Colour by"
          value={colourBy}
          onChoose={(to) => store.run(changeSettings, { colourBy: to })}
          options={[
            { value: 'list', name: 'list' },
            { value: 'category', name: 'category' },
            { value: 'priority', name: 'priority' },
            { value: 'state', name: 'state' },
          ]}
        />
        <Legend entries={legendOf(workspace)} />
      </Part>
      {!wide && (
        <View className="flex-row items-center justify-between">
          <Words>Height of the hours</Words>
          <View className="flex-row">
            <HourScale />
          </View>
        </View>
      )}
      <CheckBox
        label="Zones of the frame behind the days"
        checked={settings.showZones}
        onToggle={toggleZones}
      />
      <View className="flex-row flex-wrap">
        <Button
          label="What is left of the week…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'left', week: date })}
        />
        <Button label="Frame of the week…" kind="quiet" onPress={shape} />
      </View>
      <CheckBox
        label="“Days” leaves out days off"
        checked={settings.skipDaysOff}
        onToggle={() => store.run(changeSettings, { skipDaysOff: !settings.skipDaysOff })}
      />
      <Part title="Time zones">
        <Zones />
      </Part>
    </View>
  );
}

const stateWords: Record<keyof typeof stateHues, string> = {
  done: 'done',
  running: 'running now',
  overdue: 'overdue',
  begun: 'begun',
  open: 'not begun',
};

type Entry = { readonly name: string; readonly hue: Hue };

function legendOf(workspace: Workspace): Entry[] {
  const entries = <K extends string>(hues: Record<K, Hue>, name: (key: K) => string): Entry[] =>
    (Object.keys(hues) as K[]).map((key) => ({ name: name(key), hue: hues[key] })); // Object.keys forgets the key type
  switch (workspace.settings.colourBy) {
    case 'list':
      return workspace.lists.values().map(({ name, hue }) => ({ name, hue }));
    case 'category':
      return [...categoriesOf(workspace), { name: 'no category', hue: 'slate' }];
    case 'priority':
      return entries(priorityHues, (priority) => priority);
    case 'state':
      return entries(stateHues, (state) => stateWords[state]);
  }
}

const Legend = ({ entries }: { entries: readonly Entry[] }) => (
  <View role="list" aria-label="What the colours mean" className="flex-row flex-wrap gap-2">
    {entries.map(({ name, hue }) => (
      <View
        key={name}
        role="listitem"
        className={`hue-${hue} overflow-hidden rounded-r-lg bg-fill py-1 pl-3 pr-2.5`}
      >
        <EdgeMark />
        <Words size="xs">{name}</Words>
      </View>
    ))}
  </View>
);
