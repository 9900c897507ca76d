import { useEffect } from 'react';
import { View } from 'react-native';
import { lengthOf } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { announce } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { answerPanel, closePanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { LineProblems } from '../parts/LineProblems';
import type { ImportResult } from '@/actions/files/calendarFiles';

/** What an import brought, and what could not be read, by line. */
export function ImportReport({ report }: { report: ImportResult }) {
  const { counts, problems, leftOut, freed, tasksTo } = report;
  const minutes =
    counts.changed + counts.removed > 0 ? freed.reduce((sum, span) => sum + lengthOf(span), 0) : 0;
  const { added, changed, unchanged, removed } = counts;
  const late = report.late.reduce((sum, { count }) => sum + count, 0);
  const rows: [number, string, string][] = [
    [added, 'new', ''],
    [changed, 'changed', ''],
    [unchanged, 'as they were', ''],
    [removed, 'removed', 'The file no longer has them.'],
    [leftOut, 'left out', 'They could not be read; the reasons stand below.'],
  ];
  const result = rows.flatMap(([count, name]) => (count > 0 ? [`${count} ${name}`] : [])).join(', ');
  useEffect(() => announce(result), [result]);
  return (
    <View className="gap-4">
      <View className="gap-1">
        {rows.map(([count, name, why]) => (
          <View key={name} className="flex-row items-baseline gap-3">
            <View className="min-w-[40px] items-end">
              <Words face={count > 0 ? 'strong' : 'text'} tone={count > 0 ? 'ink' : 'soft'}>
                {count}
              </Words>
            </View>
            <View className="shrink-0">
              <Words tone={count > 0 ? 'ink' : 'soft'}>{name}</Words>
            </View>
            {count > 0 && why !== '' && (
              <View className="shrink">
                <Words size="xs" tone="soft">
                  {why}
                </Words>
              </View>
            )}
          </View>
        ))}
      </View>
      {tasksTo && <Words tone="soft">New tasks of the file are in the list {tasksTo}.</Words>}
      {late > 0 && (
        <View className="flex-row">
          <Button
            label={`${late === 1 ? 'One meeting waits' : `${late} meetings wait`} for an answer, as the week is sealed`}
            onPress={() => answerPanel('importReport', 'late')}
          />
        </View>
      )}
      {minutes > 0 && (
        <View className="flex-row">
          <Button
            label={`${durationWords(minutes)} became free: see what fits`}
            onPress={() => answerPanel('importReport', 'fill')}
          />
        </View>
      )}
      <LineProblems problems={problems} />
      <View className="flex-row gap-2">
        <Button label="Done" kind="primary" onPress={closePanel} />
        {added + changed + removed > 0 && (
          <Button label="Undo import" icon="undo" onPress={() => answerPanel('importReport', 'undo')} />
        )}
      </View>
    </View>
  );
}
