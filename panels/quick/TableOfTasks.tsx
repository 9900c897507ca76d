import { useState } from 'react';
import { View } from 'react-native';
import { makeOfRows } from '@/actions/quick';
import { newListsOf } from '@/core/commands/rows';
import type { TaskTable } from '@/core/formats/csvTasks';
import type { TaskRow } from '@/core/formats/taskRows';
import { dueText } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Foot } from '@/ui/Foot';
import { CheckBox } from '@/ui/CheckBox';
import { Words } from '@/ui/Words';

const PAGE = 100;

/** A table of tasks as it is understood, with what could not be read, before it counts. */
export function TableOfTasks({ table, onDone }: { table: TaskTable; onDone: () => void }) {
  const workspace = useWorkspace();
  const { rows, problems } = table;
  const [makesLists, setMakesLists] = useState(true);
  const lists = newListsOf(rows, workspace);
  const facts = (row: TaskRow) =>
    [
      row.done ? 'done' : '',
      row.list,
      row.estimate === null ? '' : durationWords(row.estimate),
      row.due ? `due ${dueText(row.due, workspace.settings)}` : '',
      row.notBefore ? `not before ${dueText(row.notBefore, workspace.settings)}` : '',
      row.priority === 'normal' ? '' : `${row.priority} priority`,
      row.category,
      row.steps.length > 0 ? `${row.steps.length} steps` : '',
    ]
      .filter(Boolean)
      .join(' · ');
  return (
    <View className="gap-3">
      <Words face="strong">
        {rows.length === 1 ? 'One task' : `${rows.length} tasks`} of a table, as they are understood
      </Words>
      {problems.length > 0 && (
        <View role="alert" className="gap-0.5 border-l-4 border-brick pl-3">
          {problems.slice(0, PAGE).map(({ line, what }, i) => (
            <Words key={i} size="xs" tone="brick">
              Line {line} {what}
            </Words>
          ))}
          {problems.length > PAGE && (
            <Words size="xs" tone="brick">
              and {problems.length - PAGE} more
            </Words>
          )}
        </View>
      )}
      <View role="list" aria-label="Rows">
        {rows.slice(0, PAGE).map((row, i) => (
          <View key={i} role="listitem" className="border-b border-line py-1.5">
            <Words>{row.title}</Words>
            <Words size="xs" tone="pine" face="strong">
              {facts(row)}
            </Words>
          </View>
        ))}
        {rows.length > PAGE && <Words tone="soft">and {rows.length - PAGE} more</Words>}
      </View>
      {lists.length > 0 && (
        <CheckBox
          label={`Make the lists that are new: ${lists.slice(0, 6).join(', ')}${lists.length > 6 ? ' …' : ''}`}
          checked={makesLists}
          onToggle={() => setMakesLists(!makesLists)}
        />
      )}
      <Foot>
        <Button
          label={rows.length === 1 ? 'Add the task' : `Add ${rows.length} tasks`}
          kind="primary"
          disabled={rows.length === 0}
          onPress={() => {
            if (makeOfRows(rows, makesLists)) onDone();
          }}
        />
        <Button label="Leave them" kind="quiet" onPress={onDone} />
      </Foot>
    </View>
  );
}
