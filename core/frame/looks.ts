import type { Hue } from '../model/common';
import { openDoor, type FrameZone, type ZoneKind } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { durationWords } from '../time/words';

/** The hues of zones that have no category. */
const kindHues: Readonly<Record<ZoneKind, Hue>> = {
  sleep: 'slate',
  duty: 'straw',
  work: 'reed',
  own: 'fern',
};

/** What the kinds of a zone are called. */
export const kindNames: Readonly<Record<ZoneKind, string>> = {
  sleep: 'Sleep',
  duty: 'Obligation',
  work: 'Work',
  own: 'Own time',
};

/** The hue of a zone: its category’s, else its own, else that of its kind. */
export const hueOfZone = (
  { category, hue, kind }: Pick<FrameZone, 'category' | 'hue' | 'kind'>,
  workspace: Workspace,
): Hue => workspace.categories.get(category ?? '')?.hue ?? hue ?? kindHues[kind];

/** Whether a zone says no more than that one works, which the ground of a day shows already. */
export const isPlainWork = ({ kind, name, category, hue, openness, catchUp }: FrameZone): boolean =>
  kind === 'work' && name === 'Work' && !category && !hue && openness === 'free' && !catchUp;

/** Which requests a zone takes, in words. */
const doorTraits = ({ most, who } = openDoor): string[] => [
  ...(most === null ? [] : [`requests up to ${durationWords(most)}`]),
  ...(who === 'all' ? [] : [who === 'known' ? 'from people you know' : 'from certain people']),
];

/** What is particular about a zone, in words: who may enter, what it is spare for. */
export const traitsOf = ({ openness, catchUp, energy, door }: FrameZone): string[] => [
  ...(openness === 'open'
    ? ['open to meetings', ...doorTraits(door)]
    : openness === 'guarded'
      ? ['guarded']
      : []),
  ...(catchUp ? ['catch-up'] : []),
  ...(energy === 'steady' ? [] : [`${energy} hours`]),
];
