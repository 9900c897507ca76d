import { useState } from 'react';
import { View } from 'react-native';
import { framesOf } from '@/core/frame/holding';
import { calendarsOut } from '@/core/formats/calendarsOut';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { closePanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { colourOfHue } from '@/actions/files/colourNames';
import { calendarText } from '@/actions/files/files';
import { download } from '@/actions/files/download';

/** Chooses what goes out as a calendar file. */
export function ExportCalendar() {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  // frames are asked for, as they fill every week
  const [left, setLeft] = useState<ReadonlySet<string>>(
    () => new Set(framesOf(workspace).map(({ id }) => id)),
  );
  const { calendars, events, tasks, blocks } = workspace;
  const choices = [
    ...calendars.values().map(({ id, name }) => {
      const size = events.parts.get(id)?.size ?? 0;
      return { id, name, count: `${size} ${size === 1 ? 'event' : 'events'}` };
    }),
    { id: 'blocks', name: 'My blocks', count: `${blocks.size}` },
    { id: 'tasks', name: 'My tasks', count: `${tasks.size}` },
    ...framesOf(workspace).map(({ id, name, zones }) => ({
      id,
      name: `Frame ${name}`,
      count: `${zones.length} zones`,
    })),
  ];
  const chosen = new Set(choices.map(({ id }) => id).filter((id) => !left.has(id)));
  const toggle = (id: string) =>
    setLeft(
      (before) => new Set(before.has(id) ? [...before].filter((other) => other !== id) : [...before, id]),
    );
  const save = async () => {
    const out = calendarsOut(workspace, chosen, colourOfHue, { today, zone });
    const name = `sprindle-${session.space}-${today}.ics`;
    download(name, await calendarText(out, { zone, now }), 'text/calendar');
    closePanel();
    store.say(`Exported as ${name}`);
  };
  return (
    <View className="gap-4">
      <Words tone="soft">
        Other calendar programs read this file (.ics). Calendars that came from a file go out with everything
        that stood in it.
      </Words>
      <View>
        {choices.map(({ id, name, count }) => (
          <CheckBox key={id} label={name} note={count} checked={chosen.has(id)} onToggle={() => toggle(id)} />
        ))}
      </View>
      <View className="flex-row gap-2">
        <Button
          label="Save the file"
          kind="primary"
          disabled={chosen.size === 0}
          onPress={() => void save()}
        />
        <Button label="Not now" onPress={closePanel} />
      </View>
    </View>
  );
}
