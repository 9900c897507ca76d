import { View } from 'react-native';
import type { Calendar } from '@/core/model/event';
import { SOURCE } from '@/core/outside/feed';
import { feedWords } from '@/core/outside/feedWords';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** How a subscribed calendar stands, and the way to what can be done about it; nothing for others. */
export function FeedLine({ calendar: { id: calendarId, name, source } }: { calendar: Calendar }) {
  const { zone, now, today } = useMoment();
  const { settings: style } = useWorkspace();
  const feed = useOutside(({ feeds }) => feeds.find((one) => one.calendarId === calendarId));
  if (!feed && source !== SOURCE) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <View className="min-w-[12rem] flex-1">
        <Words size="xs" tone={feed?.trouble ? 'brick' : 'soft'}>
          {feed ? feedWords(feed, { zone, now, today, style }) : 'This browser does not ask for it.'}
        </Words>
      </View>
      <Button
        label="Refresh, how often…"
        says={`Refresh, how often… ${name}`}
        kind="quiet"
        onPress={() => openPanel({ kind: 'feed', calendarId })}
      />
    </View>
  );
}
