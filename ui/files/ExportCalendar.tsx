import { useState } from 'react';
import { View } from 'react-native';
import { writeCalendar, type CalendarOut } from '@/core/formats/writeCalendar';
import type { Workspace } from '@/core/model/workspace';
import { asEvent } from '@/core/tasks/repeating';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { store, useStore } from '@/state/workspaceStore';
import { Button } from '../Button';
import { CheckBox } from '../CheckBox';
import { closeSheet } from '../sheets';
import { Words } from '../Words';
import { colourOfHue } from './colourNames';
import { download } from './download';

const BLOCKS = 'blocks';
const TASKS = 'tasks';

/** The chosen calendars as they go out; blocks and tasks are a calendar of their own. */
function calendarsOut(workspace: Workspace, chosen: ReadonlySet<string>): CalendarOut[] {
  const { calendars, events, tasks, blocks } = workspace;
  const out = calendars
    .values()
    .filter(({ id }) => chosen.has(id))
    .map(({ id, name, hue, kept }) => ({
      name,
      kept,
      color: colourOfHue(hue),
      events: [...(events.parts.get(id)?.values() ?? [])],
      tasks: [],
      blocks: [],
    }));
  if (!chosen.has(BLOCKS) && !chosen.has(TASKS)) return out;
  const plan: CalendarOut = {
    name: 'My plan',
    kept: [],
    color: null,
    // times of repeating tasks to which nothing has happened go out as the rule that gives them
    events: chosen.has(BLOCKS) ? workspace.repeats.values().map(asEvent) : [],
    tasks: chosen.has(TASKS) ? tasks.values() : [],
    blocks: chosen.has(BLOCKS)
      ? blocks.values().map((block) => ({ block, title: tasks.get(block.taskId)?.title ?? 'A deleted task' }))
      : [],
  };
  return [...out, plan];
}

/** Chooses what goes out as a calendar file. */
export function ExportCalendar() {
  const workspace = useStore((state) => state.workspace);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const { calendars, events, tasks, blocks } = workspace;
  const choices = [
    ...calendars.values().map(({ id, name }) => {
      const size = events.parts.get(id)?.size ?? 0;
      return { id, name, count: `${size} ${size === 1 ? 'event' : 'events'}` };
    }),
    { id: BLOCKS, name: 'My blocks', count: `${blocks.size}` },
    { id: TASKS, name: 'My tasks', count: `${tasks.size}` },
  ];
  const chosen = new Set(choices.map(({ id }) => id).filter((id) => !left.has(id)));
  const toggle = (id: string) =>
    setLeft(
      (before) => new Set(before.has(id) ? [...before].filter((other) => other !== id) : [...before, id]),
    );
  const save = () => {
    const out = calendarsOut(workspace, chosen);
    const now = session.now();
    const name = `sprindle-${session.space}-${dateOf(now, session.zone)}.ics`;
    download(name, writeCalendar(out, { zone: session.zone, now }), 'text/calendar');
    closeSheet();
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
        <Button label="Save the file" kind="primary" disabled={chosen.size === 0} onPress={save} />
        <Button label="Not now" onPress={closeSheet} />
      </View>
    </View>
  );
}
