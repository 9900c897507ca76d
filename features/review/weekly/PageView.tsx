import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { copyText } from '@/actions/copyText';
import { download } from '@/actions/files/download';
import { saveWeek } from '@/actions/weeks';
import { weekMarkdown } from '@/core/formats/week/markdown';
import { pageOf } from '@/core/weekly/pages';
import { dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { Notes } from '@/panels/parts/Notes';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';
import { Done } from './BackStep';

/** A week that was looked back on: what was written, what was done, and the way out of it as Markdown. */
export function PageView({ week, onAgain }: { week: string; onAgain: () => void }) {
  const router = useRouter();
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const page = pageOf(workspace, week);
  const text = () => weekMarkdown(workspace, week, zone, now);
  const ended = page?.endedAt;
  return (
    <View className="gap-5">
      {ended !== undefined && (
        <Words tone="soft">
          Looked back on {dateWords(dateOf(ended, zone), settings)}
          {page?.minutes ? `, in ${durationWords(page.minutes)}` : ''}.
        </Words>
      )}
      <Heading level={2}>What you wrote</Heading>
      <Notes key={week} label="Looking back" text={page?.text ?? ''} onSave={(to) => saveWeek(week, to)} />
      <Done week={week} />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Go through it again" onPress={onAgain} />
        <Button
          label="Its hours"
          onPress={() => router.navigate({ pathname: '/review', params: { span: 'week', day: week } })}
        />
        <Button label="All pages…" onPress={() => openPanel({ kind: 'weekPages', chosen: week })} />
        <Button label="Copy as Markdown" onPress={() => void copyText(text())} />
        <Button
          label="Save as Markdown"
          onPress={() => download(`week of ${week}.md`, text(), 'text/markdown')}
        />
      </View>
    </View>
  );
}
