import { useState } from 'react';
import { View } from 'react-native';
import { saveWeek } from '@/actions/weeks';
import { isWritten, pageOf } from '@/core/weekly/pages';
import { stretchWords } from '@/core/time/words';
import { stretchAround } from '@/core/time/stretch';
import { addDays } from '@/core/time/zone';
import { Notes, ReadNotes } from '@/panels/parts/Notes';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** The page of a week: what one writes about it, beside what one wrote the week before. */
export function WriteStep({ week }: { week: string }) {
  const workspace = useWorkspace();
  const { settings } = workspace;
  const page = pageOf(workspace, week);
  const before = pageOf(workspace, addDays(week, -7));
  const [looking, setLooking] = useState(false);
  const wordsOf = (first: string) => stretchWords(stretchAround('week', first, settings.weekStart), settings);
  return (
    <View className="gap-4">
      <Notes
        key={week}
        label="Looking back"
        text={isWritten(page) ? (page?.text ?? '') : settings.routines.weekTemplate}
        begun={!isWritten(page)}
        onSave={(text) => saveWeek(week, text)}
      />
      <View className="-ml-3 flex-row flex-wrap">
        {isWritten(before) && (
          <Button
            label={looking ? 'Hide the week before' : 'What I wrote the week before'}
            kind="quiet"
            onPress={() => setLooking(!looking)}
          />
        )}
        <Button label="Template…" kind="quiet" onPress={() => openPanel({ kind: 'weekTemplate' })} />
        <Button
          label="All pages…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'weekPages', chosen: week })}
        />
      </View>
      {looking && before && (
        <View role="group" aria-label={wordsOf(before.id)} className="gap-1 border-l-4 border-line pl-3">
          <Words size="xs" tone="soft">
            {wordsOf(before.id)}
          </Words>
          <ReadNotes text={before.text} onSave={(text) => saveWeek(before.id, text)} />
        </View>
      )}
    </View>
  );
}
