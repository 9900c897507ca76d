import type { Hue } from '../model/common';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import { asLine, dateWords, timeWords, weekdayNames } from '../time/words';
import { SEVERAL, type Grouping } from './grouping';
import type { Kind } from './kinds';
import type { ReviewLine } from './lines';

const nowhere: Record<Grouping, string> = {
  category: 'No category',
  list: 'No list',
  task: 'No task',
  kind: 'Nothing of these',
  meeting: 'No meeting',
  person: 'With nobody',
  day: 'No day',
  weekday: 'No weekday',
  hour: 'No hour',
  zone: 'Outside all zones',
};

const gone: Partial<Record<Grouping, string>> = {
  category: 'A deleted category',
  list: 'A deleted list',
  task: 'A deleted task',
};

const kindNames: Record<Kind, string> = {
  task: 'Tasks',
  oneToOne: 'Meetings one to one',
  group: 'Meetings in groups',
  meeting: 'Other meetings',
  travel: 'Travel',
  interruption: 'Interruptions',
  unplanned: 'Other time on record',
};

/** What a line of a review is called. */
export function groupName(workspace: Workspace, by: Grouping, { key, name }: ReviewLine): string {
  const { settings, categories, lists } = workspace;
  if (key === SEVERAL) return 'Told for several people';
  if (key === null) return nowhere[by];
  const named: Record<Grouping, () => string | undefined> = {
    category: () => categories.get(key)?.name,
    list: () => lists.get(key)?.name,
    task: () => taskOf(workspace, key)?.title,
    kind: () => kindNames[key as Kind], // the key of a kind
    meeting: () => workspace.events.get(key)?.title ?? name,
    person: () => name,
    day: () => dateWords(key, settings),
    weekday: () => weekdayNames[Number(key) - 1],
    hour: () => asLine(timeWords(`${key}:00`, settings.clock)),
    zone: () => zoneName(workspace, key),
  };
  return named[by]() ?? gone[by] ?? nowhere[by];
}

/** The name of a zone, in a frame or in a sealed week. */
function zoneName({ frames, seals }: Workspace, id: string): string | undefined {
  const all = [...frames.values(), ...seals.values()];
  return all.flatMap(({ zones }) => zones).find((zone) => zone.id === id)?.name;
}

/** The hue of a line: that of its category or list; undefined where it has none of its own. */
export function groupHue(workspace: Workspace, by: Grouping, { key }: ReviewLine): Hue | undefined {
  if (by === 'category') return workspace.categories.get(key ?? '')?.hue;
  if (by === 'list') return workspace.lists.get(key ?? '')?.hue;
  return undefined;
}
