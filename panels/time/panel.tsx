import type { Subject } from '@/core/model/plan';
import { subjectTitle, taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import type { Panel, Panels } from '@/ui/panels';
import { SpentList } from '../parts/SpentList';
import { AddTime } from './AddTime';

declare module '@/ui/panels' {
  interface Panels {
    /** Time entered by hand. */
    time: { readonly subject: Subject; readonly date: string };
    /** The time spent on something, to correct. */
    spent: { readonly subject: Subject; readonly date: string };
  }
}

export const time: Panel<Panels['time']> = {
  useTitle: ({ subject }) => `Time on ${subjectTitle(subject, useWorkspace())}`,
  Content: AddTime,
};

function Spent({ subject, date }: Panels['spent']) {
  const workspace = useWorkspace();
  const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
  return <SpentList subject={subject} date={date} estimate={task?.estimate ?? null} focusFirst />;
}

export const spent: Panel<Panels['spent']> = {
  useTitle: ({ subject }) => subjectTitle(subject, useWorkspace()),
  Content: Spent,
};
