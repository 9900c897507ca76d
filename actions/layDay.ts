import type { Captured } from '@/core/commands/capture';
import { layDay } from '@/core/commands/layDay';
import type { DayLayout, Template } from '@/core/model/template';
import type { LaidDay } from '@/core/plan/layDay';
import { usualList } from '@/core/tasks/lists';
import { newTask } from '@/core/tasks/newTask';
import { dateWords } from '@/core/time/words';
import type { IsoDate } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Brings to a day what was laid out for it, in one step; a block without room goes into the tray. */
export function layOut({ name }: Template, date: IsoDate, laid: LaidDay): boolean {
  const workspace = currentWorkspace();
  const { now } = here();
  const task = (
    { title, listId, category }: DayLayout['blocks'][number] | DayLayout['tray'][number],
    estimate: number | null,
  ) =>
    newTask({
      id: newId(),
      title,
      listId: listId ?? usualList(workspace).id,
      createdAt: now,
      estimate,
      ...(category === undefined ? {} : { category }),
    });
  const placed = (goes: Captured['goes'], of: Captured['task']): Captured => ({
    task: of,
    goes,
    comes: null,
    placeId: newId(),
    repeatId: newId(),
  });
  const tray = { kind: 'tray', date } as const;
  const all = [
    ...laid.blocks.map(({ block, start }) =>
      placed(
        start === null ? tray : { kind: 'hours', start, minutes: block.minutes },
        task(block, block.minutes),
      ),
    ),
    ...laid.tray.map((one) => placed(tray, task(one, one.estimate))),
  ];
  const intentions = laid.intentions.map((text) => ({ id: newId(), text }));
  const checklist = laid.checklist.map((line) => ({ ...line, id: newId() }));
  const words = `${name} is laid out on ${dateWords(date, workspace.settings)}`;
  return store.run(layDay, { date, all, intentions, checklist }, words);
}
