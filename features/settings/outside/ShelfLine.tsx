import { View } from 'react-native';
import { ACCOUNT, TRACKER, type Calendar } from '@/core/model/event';
import type { Shelf } from '@/core/outside/account';
import { shelfWords } from '@/core/outside/shelfWords';
import { shelvesOf, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { useUnsent } from './useUnsent';

/** How a calendar of an account stands, and the way to what can be done about it; nothing for others. */
export function ShelfLine({ calendar: { id: calendarId, name, source } }: { calendar: Calendar }) {
  const accounts = useOutside((outside) => outside.accounts);
  const shelf = shelvesOf({ accounts }).find((one) => one.shelf.calendarId === calendarId)?.shelf;
  if (!shelf && source !== ACCOUNT && source !== TRACKER) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <View className="min-w-[12rem] flex-1">
        {shelf ? (
          <Standing shelf={shelf} />
        ) : (
          <Words size="xs" tone="soft">
            This browser does not know its account.
          </Words>
        )}
      </View>
      <Button
        label="Account…"
        says={`Account… ${name}`}
        kind="quiet"
        onPress={() => openPanel({ kind: 'shelf', calendarId })}
      />
    </View>
  );
}

function Standing({ shelf }: { shelf: Shelf }) {
  const { zone, now, today } = useMoment();
  const { settings: style } = useWorkspace();
  const waiting = useUnsent(shelf);
  const isWrong = shelf.trouble !== null || shelf.refused.length > 0;
  return (
    <Words size="xs" tone={isWrong ? 'brick' : 'soft'}>
      {shelfWords(shelf, waiting, { zone, now, today, style })}
    </Words>
  );
}
