import type { Subject } from '@/core/model/plan';
import { subjectTitle } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import type { Panel, Panels } from '@/ui/panels';
import { SpentList } from '../parts/SpentList';
import { AddTime } from './AddTime';

declare module '@/ui/panels' {
  interface Panels {
    /** Time entered by hand. */
    time: { readonly subject: Subject; readonly date: string };
    /** The time spent on something that is neither a task nor a meeting any more. */
    spent: { readonly subject: Subject; readonly date: string };
  }
}

export const time: Panel<Panels['time']> = {
  useTitle: ({ subject }) => `Time on ${subjectTitle(subject, useWorkspace())}`,
  Content: AddTime,
};

export const spent: Panel<Panels['spent']> = {
  useTitle: ({ subject }) => subjectTitle(subject, useWorkspace()),
  Content: (opened) => <SpentList {...opened} estimate={null} />,
};
