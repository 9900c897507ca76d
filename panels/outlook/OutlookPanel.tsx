import { useMemo } from 'react';
import { View } from 'react-native';
import type { Outlook, Project } from '@/core/forecast/project';
import {
  doneWords,
  dueOfProjectWords,
  openWords,
  paceOfProjectWords,
  projectWords,
} from '@/core/forecast/words';
import { dayMonthWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import type { Panel, Panels } from '@/ui/panels';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { Subheading, Words } from '@/ui/Words';
import { useSince } from '@/ui/useSince';

const HEIGHT = 64;

/** A list, a goal or a week looked at ahead: what is open, how fast it goes, when it is done. */
function Ahead({ project }: Panels['outlook']) {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const { kind, id } = project;
  const since = useSince();
  const asked = useMemo(() => ({ project: { kind, id }, ...since }), [kind, id, since]);
  const found = useWorkedOut('outlook', `${kind} ${id} ${zone}`, asked);
  if (!('answer' in found)) return <Words aria-busy>Playing it through…</Words>;
  const told = found.answer;
  const done = doneWords(told, workspace);
  const due = dueOfProjectWords(told, workspace, today, zone);
  return (
    <View className="gap-4">
      {done !== '' && (
        <Words size="base" face="strong">
          {done}
        </Words>
      )}
      <Words>{openWords(told)}</Words>
      {due !== '' && told.count > 0 && <Words>{due}</Words>}
      <View className="gap-2">
        <Subheading>Hours done, week by week</Subheading>
        <Words tone="soft">{paceOfProjectWords(told)}</Words>
        <Weeks outlook={told} />
      </View>
      <Words size="xs" tone="soft">
        It was played through 400 times: each open task takes what such tasks took before, and each week is
        one of those above, drawn by lot.
      </Words>
    </View>
  );
}

/** What was done in each of the last weeks. */
function Weeks({ outlook: { weeks } }: { outlook: Outlook }) {
  const { settings } = useWorkspace();
  const most = Math.max(1, ...weeks.map(({ minutes }) => minutes));
  return (
    <View role="list" aria-label="Done week by week" className="flex-row items-end gap-1">
      {weeks.map(({ week, minutes }) => (
        <View
          key={week}
          role="listitem"
          aria-label={`Week of ${dayMonthWords(week, settings)}: ${durationWords(minutes)}`}
          className="flex-1 items-center gap-0.5"
        >
          <Words size="xs" aria-hidden>
            {minutes === 0 ? '–' : Math.round(minutes / 6) / 10}
          </Words>
          <View className="w-full max-w-[28px] bg-pine" style={{ height: (HEIGHT * minutes) / most }} />
          <Words size="xs" tone="soft" aria-hidden>
            {dayMonthWords(week, settings)}
          </Words>
        </View>
      ))}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** A list, a goal or a week as a project, looking ahead. */
    outlook: { readonly project: Project };
  }
}

export const outlook: Panel<Panels['outlook']> = {
  useTitle: ({ project }) => `Looking ahead: ${projectWords(useWorkspace(), project)}`,
  Content: Ahead,
};
