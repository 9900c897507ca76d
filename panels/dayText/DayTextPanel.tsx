import { useState } from 'react';
import { View } from 'react-native';
import { copyText } from '@/actions/copyText';
import { download } from '@/actions/files/download';
import { takeText } from '@/actions/record';
import { changesOfDay } from '@/core/formats/day/changes';
import { readDay, writeDay } from '@/core/formats/day/text';
import { changeWords, problemWords } from '@/core/formats/day/words';
import { dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { Foot } from '@/ui/Foot';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Subheading, Words } from '@/ui/Words';

/** A day as text: to copy and to save, and to be edited and taken back once it is seen what that changes. */
function DayTextPanel({ date }: Panels['dayText']) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const [edited, setEdited] = useState<string | null>(null);
  const text = edited ?? writeDay(workspace, date, zone, now);
  const { changes, problems } =
    edited === null
      ? { changes: [], problems: [] }
      : changesOfDay(workspace, date, zone, now, readDay(edited));
  const take = () => {
    if (takeText(date, changes)) closePanel();
  };
  return (
    <View className="gap-4">
      <Words tone="soft">
        A line with hours and a box is a block, a box without hours lies in the tray, [x] is done, bold is the
        keystone. What you change is listed below before it counts.
      </Words>
      <Field
        label="The day as text"
        multiline
        text={text}
        read={(typed) => ({ value: typed })}
        onSave={(typed) => setEdited(typed)}
      />
      {problems.map((problem) => (
        <Words key={`${problem.line} ${problem.why}`} tone="brick">
          {problemWords(problem)}
        </Words>
      ))}
      {edited !== null && (
        <View role="group" aria-label="What changes" className="gap-1">
          <Subheading>{changes.length === 0 ? 'Nothing changes' : 'What changes'}</Subheading>
          {changes.map((change, i) => (
            <Words key={i}>{changeWords(change, zone, workspace.settings)}</Words>
          ))}
        </View>
      )}
      <Foot>
        {changes.length > 0 && (
          <Button
            label={changes.length === 1 ? 'Take this change' : `Take these ${changes.length} changes`}
            kind="primary"
            onPress={take}
          />
        )}
        {edited !== null && <Button label="As it was" onPress={() => setEdited(null)} />}
        <Button label="Copy" onPress={() => void copyText(text)} />
        <Button label="Save as a file" onPress={() => download(`${date}.md`, text, 'text/markdown')} />
      </Foot>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** A day as Markdown, out and in. */
    dayText: { readonly date: string };
  }
}

export const dayText: Panel<Panels['dayText']> = {
  useTitle: ({ date }) => `${dateWords(date, useWorkspace().settings)} as text`,
  Content: DayTextPanel,
};
