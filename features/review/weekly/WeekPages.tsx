import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { download } from '@/actions/files/download';
import { allWeeksMarkdown } from '@/core/formats/week/markdown';
import { findPages, gistOf } from '@/core/weekly/pages';
import { stretchAround } from '@/core/time/stretch';
import { stretchWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { closePanel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** So many pages are shown before more are asked for: a year of them. */
const SHOWN = 53;

/** All pages about weeks, the latest first: looked through, opened, taken out. */
export function WeekPages({ chosen }: Panels['weekPages']) {
  const workspace = useWorkspace();
  const router = useRouter();
  const { settings } = workspace;
  const [typed, setTyped] = useState('');
  const [shown, setShown] = useState(SHOWN);
  const pages = findPages(workspace, typed);
  const open = (week: string) => {
    closePanel();
    router.navigate({ pathname: '/weekly', params: { day: week } });
  };
  return (
    <View className="gap-3">
      <TextInput
        aria-label="Words of a page"
        placeholder="A word of a page"
        placeholderTextColor="var(--ink-soft)"
        value={typed}
        onChangeText={setTyped}
        className="min-h-[44px] rounded-lg border border-ink-soft bg-surface px-3 font-text text-base text-ink"
      />
      <Words size="xs" tone="soft" aria-live="polite">
        {pages.length === 0
          ? typed.trim() === ''
            ? 'No page is written yet.'
            : 'No page has these words.'
          : pages.length === 1
            ? 'One page'
            : `${pages.length} pages`}
      </Words>
      <View role="list" aria-label="Pages">
        {pages.slice(0, shown).map((page) => (
          <View key={page.id} role="listitem">
            <Pressable
              role="button"
              aria-current={page.id === chosen ? 'page' : undefined}
              onPress={() => open(page.id)}
              className={`min-h-[52px] justify-center border-b border-line py-1 hover:bg-sunken ${page.id === chosen ? 'border-l-4 border-l-pine pl-3' : ''}`}
            >
              <Words face="strong">
                {stretchWords(stretchAround('week', page.id, settings.weekStart), settings)}
              </Words>
              <Words size="xs" tone="soft" numberOfLines={2}>
                {gistOf(page)}
              </Words>
            </Pressable>
          </View>
        ))}
      </View>
      {pages.length > shown && (
        <Button
          label={`Show ${Math.min(SHOWN, pages.length - shown)} more`}
          kind="quiet"
          onPress={() => setShown(shown + SHOWN)}
        />
      )}
      {pages.length > 0 && (
        <View className="flex-row">
          <Button
            label="Save all as Markdown"
            onPress={() => download('weekly pages.md', allWeeksMarkdown(workspace), 'text/markdown')}
          />
        </View>
      )}
    </View>
  );
}
