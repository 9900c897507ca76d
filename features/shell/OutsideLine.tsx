import { useEffect } from 'react';
import { watchOutside } from '@/actions/outside/watch';
import { foremost } from '@/core/outside/news';
import { newsInShort } from '@/core/outside/newsWords';
import { sawNews, unseen, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, usePanels } from '@/ui/panels';
import { TopLine } from './TopLine';

/** What has changed in the calendars of others, in a line, until somebody has looked at it. */
export function OutsideLine() {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  const { news, seen } = useOutside();
  const isOpen = usePanels(({ shown }) => shown?.kind === 'outside');
  useEffect(watchOutside, []);
  const waiting = unseen({ news, seen });
  const first = foremost(waiting);
  if (!first || isOpen) return null;
  const rest = waiting.length - 1;
  const { what, then } = newsInShort(first, { zone, today, style });
  const others = rest === 0 ? '' : ` ${rest} more ${rest === 1 ? 'calendar has' : 'calendars have'} changed.`;
  return (
    <TopLine kind="Changed outside" title={what} line={then + others}>
      <Button
        label="Look…"
        says={`Look… ${first.calendar}`}
        onPress={() => {
          openPanel({ kind: 'outside' });
          sawNews();
        }}
      />
      <Button label="Put away" says={`Put away: ${first.calendar}`} kind="quiet" onPress={sawNews} />
    </TopLine>
  );
}
