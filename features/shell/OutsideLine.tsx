import { useEffect, useMemo } from 'react';
import { watchOutside } from '@/actions/outside/watch';
import { countAsked } from '@/core/outside/countAsked';
import { foremost } from '@/core/outside/news';
import { newsInShort } from '@/core/outside/newsWords';
import { sawNews, unseen, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, usePanels } from '@/ui/panels';
import { TopLine } from './TopLine';

/** What was changed both here and in an account, in a line, until it is answered. */
export function BothSidesLine() {
  const workspace = useWorkspace();
  const isOpen = usePanels(({ shown }) => shown?.kind === 'bothSides');
  const count = useMemo(() => countAsked(workspace), [workspace]);
  if (count === 0 || isOpen) return null;
  const title = `${count === 1 ? 'One thing differs' : `${count} things differ`} here and in your account`;
  return (
    <TopLine
      kind="To answer"
      title={title}
      line="Changed on both sides, or gone there. Each stays as it is until you say what holds."
    >
      <Button label="Answer…" onPress={() => openPanel({ kind: 'bothSides' })} />
    </TopLine>
  );
}

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
