import { categoriesOf } from '../model/categories';
import { Hue } from '../model/common';
import { plainZone, type Frame, type FrameZone } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { hueOfZone } from './looks';
import { minutesOfWeek, shapeOf } from './shape';

/** What a zone is painted as: all that it says but its hours. */
export type Brush = Omit<FrameZone, 'id' | 'days' | 'from' | 'minutes'>;

/** A kind of zone to paint, and how many minutes a week it has in a frame. */
export type Kind = { readonly key: string; readonly brush: Brush; readonly minutes: number };

const keyOf = ({ kind, name }: Pick<FrameZone, 'kind' | 'name'>) => `${kind} ${name}`;

/** Those that any week has, before a person has painted one. */
const usual: readonly Brush[] = [
  { ...plainZone, name: 'Sleep', kind: 'sleep' },
  { ...plainZone, name: 'Meals', kind: 'duty' },
  { ...plainZone, name: 'Travel', kind: 'duty', hue: 'clay' },
  { ...plainZone, name: 'Care', kind: 'duty' },
  { ...plainZone, name: 'Work', kind: 'work' },
  { ...plainZone, name: 'Meetings', kind: 'work', hue: 'brook', openness: 'open' },
  { ...plainZone, name: 'Catch-up', kind: 'work', hue: 'fern', catchUp: true },
  { ...plainZone, name: 'Own time', kind: 'own', hue: 'berry' },
];

/** The kinds that can be painted in a frame: what it has already, those that were `named`, categories, and what any week has. */
export function kindsOf(workspace: Workspace, frame: Frame, named: readonly Brush[] = []): Kind[] {
  const shape = shapeOf(frame.zones);
  const ofCategories = categoriesOf(workspace).map(({ id, name }): Brush => ({
    ...plainZone,
    name,
    kind: 'work',
    category: id,
  }));
  const brushes = new Map<string, Brush>();
  for (const brush of [...frame.zones, ...named, ...ofCategories, ...usual]) {
    const { id: _, days: _d, from: _f, minutes: _m, ...plain } = brush as FrameZone; // a brush has no hours to leave out
    if (!brushes.has(keyOf(brush))) brushes.set(keyOf(brush), plain);
  }
  const order = ['sleep', 'duty', 'work', 'own'];
  return [...brushes]
    .map(([key, brush]) => ({
      key,
      brush,
      minutes: minutesOfWeek(shape.filter(({ zone }) => keyOf(zone) === key)),
    }))
    .sort((a, b) => order.indexOf(a.brush.kind) - order.indexOf(b.brush.kind));
}

/** The hue for one more kind: the one that fewest of those have that can be painted already. */
export function unusedHue(workspace: Workspace, kinds: readonly Kind[]): Hue {
  const used = kinds.map(({ brush }) => hueOfZone(brush, workspace));
  const count = (hue: Hue) => used.filter((each) => each === hue).length;
  return Hue.options.reduce((best, hue) => (count(hue) < count(best) ? hue : best));
}
