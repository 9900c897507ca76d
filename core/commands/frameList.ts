import type { ToldZone } from '../formats/frameEvents';
import { framesOf } from '../frame/holding';
import { categoryNamed, withCategories } from '../model/categories';
import type { Id } from '../model/common';
import type { Frame, FrameZone } from '../model/frame';
import { plainName } from '../model/names';
import type { Workspace } from '../model/workspace';
import { command, CommandFailed, existing, put } from './command';

/* Which frames there are, and what they are called. */

const nextRank = ({ frames }: Workspace) => Math.max(-1, ...frames.values().map(({ rank }) => rank)) + 1;

const bearing = (workspace: Workspace, name: string): Frame | undefined =>
  framesOf(workspace).find((frame) => plainName(frame.name) === plainName(name));

/** Fails when another frame bears a name. */
function refuseTaken(workspace: Workspace, name: string, id: Id): void {
  const other = bearing(workspace, name);
  if (other && other.id !== id) throw new CommandFailed(`There is a frame ${other.name} already.`);
}

/** A name that no frame bears: `Winter 2`, where there is a Winter. */
function freeName(workspace: Workspace, name: string): string {
  let free = name;
  for (let n = 2; bearing(workspace, free); n += 1) free = `${name} ${n}`;
  return free;
}

/** Adds a frame, with the zones of another when it is a copy. Zones of the copy are its own. Fails for a name that is taken. */
export const addFrame = command(
  'add frame',
  (workspace, { id, name, copyOf }: { id: Id; name: string; copyOf?: Id }) => {
    const copied = copyOf === undefined ? undefined : existing(workspace.frames, copyOf, 'frame');
    const called = copied ? freeName(workspace, name) : name;
    refuseTaken(workspace, called, id);
    const zones = copied?.zones ?? [];
    const own = zones.map((zone, i) => ({ ...zone, id: `${id} ${i}` }));
    return put(workspace, 'frames', {
      id,
      name: called,
      zones: own,
      ...(copied?.hours ? { hours: copied.hours } : {}),
      before: [],
      retired: false,
      rank: nextRank(workspace),
    });
  },
);

/** Adds a frame of zones that a file told; categories that there are not yet are made. */
export const bringFrameIn = command(
  'bring in a frame',
  (workspace, { id, name, zones }: { id: Id; name: string; zones: readonly ToldZone[] }) => {
    const told = withCategories(
      workspace,
      zones.flatMap(({ category }) => category ?? []),
    );
    const own = zones.map(({ zone, category }, i): FrameZone => {
      const known = category === undefined ? undefined : categoryNamed(told, category);
      return { ...zone, id: `${id} ${i}`, ...(known ? { category: known.id } : {}) };
    });
    const added = addFrame.apply(told, { id, name: freeName(told, name) });
    return put(added, 'frames', { ...existing(added.frames, id, 'frame'), zones: own });
  },
);

/** Fails for a name that is taken. */
export const renameFrame = command('rename frame', (workspace, { id, name }: { id: Id; name: string }) => {
  refuseTaken(workspace, name, id);
  return put(workspace, 'frames', { ...existing(workspace.frames, id, 'frame'), name });
});
