import type { Id } from '../model/common';
import type { EventDetails } from '../model/event';
import type { Task } from '../model/task';
import type { Template } from '../model/template';
import { withLeads } from '../remind/leads';

/** What a template says of the work of its task `id`: notes, and steps that are still to be done. */
export const workOf = ({ notes, steps }: Template, id: Id): Pick<Partial<Task>, 'notes' | 'steps'> => ({
  ...(notes ? { notes } : {}),
  ...(steps ? { steps: steps.map((step, i) => ({ ...step, id: `${id}-step-${i}`, doneAt: null })) } : {}),
});

/** What a template says of its meeting, beside the title and the hours. */
export const meetingOf = ({ notes, meeting }: Template): Partial<EventDetails> => {
  if (!meeting) return {};
  const { leads, ...details } = meeting;
  return { ...details, ...(notes ? { notes } : {}), ...withLeads({ reminders: [] }, leads) };
};
