import { useEffect, useState } from 'react';
import { createPortal } from 'react-dom';
import { stop } from '@/actions/tasks';
import { titleOfThing } from '@/core/plan/things';
import { nowView } from '@/core/review/nowView';
import { subjectTitle } from '@/core/tasks/places';
import { clockWords, durationWords, stopwatchWords } from '@/core/time/words';
import { runningEntry } from '@/core/track/entries';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment, useSecond } from '@/ui/clock';

/** A small window that stays before those of other programs (Document Picture-in-Picture, WICG); few browsers have it. */
type PictureInPicture = { requestWindow: (size: { width: number; height: number }) => Promise<Window> };

const pictureInPicture = (): PictureInPicture | undefined =>
  // the types of the browser lack it still
  (window as unknown as { documentPictureInPicture?: PictureInPicture }).documentPictureInPicture;

const SIZE = { width: 340, height: 170 };

/** Gives a window the looks of this one: its colours, fonts and classes. */
function dress({ document: page }: Window): void {
  page.documentElement.className = document.documentElement.className;
  const style = page.createElement('style');
  style.textContent = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules].map(({ cssText }) => cssText))
    .join('\n');
  page.head.append(style);
  page.title = 'Sprindle';
}

/** Opens what now in a small window; nothing where the browser has none. */
export function SmallWindow() {
  const [small, setSmall] = useState<Window | null>(null);
  useEffect(() => {
    if (!small) return undefined;
    const gone = () => setSmall(null);
    small.addEventListener('pagehide', gone);
    return () => {
      small.removeEventListener('pagehide', gone);
      small.close();
    };
  }, [small]);
  const opener = pictureInPicture();
  if (!opener) return null;
  const open = async () => {
    try {
      const opened = await opener.requestWindow(SIZE);
      dress(opened);
      setSmall(opened);
    } catch {
      store.say('The browser did not open a small window.', 'problem');
    }
  };
  return (
    <>
      <Button label="Small window" icon="views" kind="quiet" onPress={() => void open()} />
      {small && createPortal(<Glance />, small.document.body)}
    </>
  );
}

/** What now, at a glance. */
function Glance() {
  const { zone, now } = useMoment();
  const second = useSecond();
  const workspace = useWorkspace();
  const entry = runningEntry(workspace.entries);
  const { current, next, minutesToNext = 0 } = nowView(workspace, zone, now);
  const [item] = current;
  return (
    <div className="flex h-screen flex-col justify-between bg-ground p-3 font-text text-ink">
      <div>
        <div className="font-strong text-base">
          {entry ? subjectTitle(entry.subject, workspace) : item ? titleOfThing(item) : 'Free'}
        </div>
        {entry && <div className="font-mono text-xl text-amber">{stopwatchWords(second - entry.from)}</div>}
      </div>
      {next && (
        <div className="text-sm text-ink-soft">
          in {durationWords(minutesToNext)}: {titleOfThing(next)},{' '}
          {clockWords(next.from, zone, workspace.settings.clock)}
        </div>
      )}
      {entry && (
        <button
          type="button"
          className="min-h-[36px] self-start rounded-lg border border-line bg-surface px-3 font-strong text-sm"
          onClick={stop}
        >
          Stop
        </button>
      )}
    </div>
  );
}
