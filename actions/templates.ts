import type { Occurrence } from '@/core/calendar/occurrences';
import { addTemplate } from '@/core/commands/templates';
import type { EventDetails } from '@/core/model/event';
import type { Block } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import type { Template } from '@/core/model/template';
import { layoutOf } from '@/core/plan/layDay';
import { ownLeads } from '@/core/remind/leads';
import { spanOfBlock } from '@/core/tasks/places';
import { lengthOf } from '@/core/time/span';
import { timeOf, type IsoDate } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Keeps something as a template; false, with a notice, where the name is taken. `how` says how it is placed. */
const keep = (template: Omit<Template, 'id' | 'rank'>, how: string): boolean =>
  store.run(addTemplate, { id: newId(), ...template }, `${template.name} is a template: ${how}`);

/** Keeps what a block is like: what its task says of the work and where it belongs, its length, and its hours. */
export function keepBlock(block: Block, { title, listId, category, notes, steps }: Task): boolean {
  const { zone } = here();
  const { from, to } = spanOfBlock(block);
  return keep(
    {
      name: title,
      minutes: block.minutes,
      hours: { from: timeOf(from, zone), to: timeOf(to, zone) },
      listId,
      ...(category === undefined ? {} : { category }),
      ...(notes === '' ? {} : { notes }),
      ...(steps ? { steps: steps.map(({ title: step, estimate }) => ({ title: step, estimate })) } : {}),
    },
    'type its name into the quick line to place it',
  );
}

const WITH_A_DAY = 'type its name into the quick line, with a day';

/** Keeps what a meeting is like: title, length, place, ways to join, people, notes and reminders. */
export function keepMeeting(meeting: Occurrence, details: EventDetails): boolean {
  const { title, location, calls, attendees, notes } = details;
  const leads = ownLeads(details);
  return keep(
    {
      name: title,
      minutes: Math.max(1, Math.round(lengthOf(meeting))),
      hours: null,
      ...(notes === '' ? {} : { notes }),
      meeting: { location, calls, attendees, ...(leads ? { leads } : {}) },
    },
    WITH_A_DAY,
  );
}

/** Keeps what a day is made of under a name. */
export function keepDay(date: IsoDate, name: string): boolean {
  const day = layoutOf(currentWorkspace(), date, here().zone);
  const minutes = day.blocks.reduce((sum, block) => sum + block.minutes, 0);
  return keep({ name, minutes: Math.max(15, minutes), hours: null, day }, WITH_A_DAY);
}
